<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Window\FirstScreen;

/** One sheet as the Bench shows it. Sizes in px. */
final readonly class SheetDetail
{
    /**
     * @param  list<TableRecord>  $tables
     * @param  list<int>  $widths  of the columns from A on
     * @param  list<list<int>>  $heights  rows that differ from the usual height: first, last, px
     * @param  list<TypingRecord>  $typings
     * @param  list<int>  $heldColumns  sized by hand
     * @param  list<int>  $heldRows
     * @param  list<int>  $autoColumns  fitted, and following what they hold
     * @param  list<FirstScreen>  $screens
     * @param  int  $waiting  formulas that are being calculated
     * @param  string  $circles  where formulas look at themselves, such as "B2, C4"; empty for nowhere
     * @param  string|null  $design  of its own that it came with, in words
     * @param  bool  $rightToLeft  column A stands at the right
     * @param  list<string>  $choices  ranges whose cells offer choices
     * @param  list<string>  $checked  ranges whose cells are checked or say what is wanted
     * @param  string|null  $summary  what the sheet sums up, in words
     * @param  int  $notCalculated  formulas that cannot be calculated here and keep their last value
     */
    public function __construct(
        public int $number,
        public string $name,
        public int $rows,
        public int $columns,
        public ?string $wears,
        public bool $clean,
        public array $tables,
        public array $widths,
        public int $width,
        public array $heights,
        public int $height,
        public int $freezeRow,
        public int $freezeColumn,
        public bool $gridlines,
        public int $zoom,
        public array $typings,
        public array $heldColumns,
        public array $heldRows,
        public array $autoColumns,
        public int $firstRow,
        public int $firstColumn,
        public array $screens,
        public ?FitRulesRecord $rules,
        public int $waiting,
        public int $notCalculated,
        public string $circles,
        public bool $rightToLeft,
        public ?string $design,
        public array $choices,
        public array $checked,
        public ?string $summary,
    ) {
    }
}
