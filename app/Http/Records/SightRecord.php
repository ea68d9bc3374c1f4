<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Window\Figures;
use Rilvet\Window\NumberView;
use Rilvet\Window\Window;

/** What a person has in sight of a sheet, as it is after an act: the answer brings it along, so that nothing has to be asked for. */
final readonly class SightRecord
{
    /** @param  list<Window>  $windows  in the order in which they were asked for */
    public function __construct(
        public array $windows,
        public ?SelectionRecord $selection,
        public ?NumberView $number,
        public ?Figures $figures,
    ) {
    }
}
