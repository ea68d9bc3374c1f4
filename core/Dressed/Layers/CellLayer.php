<?php

declare(strict_types=1);

namespace Rilvet\Dressed\Layers;

use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\LayerSource;
use Rilvet\Dressed\Place;
use Rilvet\Look\Facet;
use Rilvet\Reading\Part;
use Rilvet\Work\Worksheet;

/** What is said of single cells by what is done with them: seen where it is wished, while what guards them always holds. */
final readonly class CellLayer implements LayerSource
{
    /** Parts that are told by a look of their own: a total is one, and a formula by the way. */
    private const KNOWN = [Part::Title, Part::Units, Part::ColumnGroup, Part::Heading, Part::RowGroup, Part::Subtotal, Part::Total];

    public function __construct(private Worksheet $sheet)
    {
    }

    /** They are parts, and lie over the stripes that run through the body. */
    public function layer(): Layer
    {
        return Layer::Stripes;
    }

    public function entries(Place $place): array
    {
        if ($place->cell === null) {
            return [];
        }
        $look = $this->sheet->cellLook($place->cell);
        $isSeen = $this->sheet->isMarked($place->cell) && ($place->isAcross || ! in_array($place->part, self::KNOWN, true));
        $look = $isSeen ? $look : $look->facet(Facet::Guard);

        return $look->isEmpty() ? [] : [new LayerEntry(Layer::Part, $look, $place->cell->words())];
    }
}
