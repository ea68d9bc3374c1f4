<?php

declare(strict_types=1);

namespace Rilvet\Dressed\Layers;

use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\LayerSource;
use Rilvet\Dressed\Place;
use Rilvet\Look\Look;
use Rilvet\Work\Worksheet;

/** Named looks that were laid over cells. */
final readonly class NamedLayer implements LayerSource
{
    public function __construct(private Worksheet $sheet)
    {
    }

    public function layer(): Layer
    {
        return Layer::Named;
    }

    public function entries(Place $place): array
    {
        $name = $this->sheet->wears[$place->named - 1] ?? null;

        return $name === null ? [] : [new LayerEntry(Layer::Named, $this->sheet->lookNamed($name) ?? Look::none())];
    }
}
