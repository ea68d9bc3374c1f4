<?php

declare(strict_types=1);

namespace Rilvet\Dressed\Layers;

use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\LayerSource;
use Rilvet\Dressed\Place;
use Rilvet\Look\LookBook;

/** What a person said of single cells. */
final readonly class HandLayer implements LayerSource
{
    public function __construct(private LookBook $looks)
    {
    }

    public function layer(): Layer
    {
        return Layer::Hand;
    }

    public function entries(Place $place): array
    {
        return $place->hand === 0 ? [] : [new LayerEntry(Layer::Hand, $this->looks->look($place->hand))];
    }
}
