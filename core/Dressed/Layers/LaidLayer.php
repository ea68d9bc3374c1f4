<?php

declare(strict_types=1);

namespace Rilvet\Dressed\Layers;

use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\LayerSource;
use Rilvet\Dressed\Place;

/** Stripes that were laid by hand. */
final readonly class LaidLayer implements LayerSource
{
    public function layer(): Layer
    {
        return Layer::Stripes;
    }

    public function entries(Place $place): array
    {
        return $place->laid === null || $place->laid->isEmpty() ? [] : [new LayerEntry(Layer::Stripes, $place->laid)];
    }
}
