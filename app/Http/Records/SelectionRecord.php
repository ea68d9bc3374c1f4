<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Sheet;
use App\Models\Workbook as WorkbookRow;
use Rilvet\Grid\Address;
use Rilvet\Grid\RangeSet;
use Rilvet\Window\Inspection;
use Rilvet\Window\Inspector;
use Rilvet\Work\Workbook;

/** What the tray shows of a selection, and what is at hand for it. */
final readonly class SelectionRecord
{
    /**
     * @param  int  $sheets  that wear the stylebook of this one
     * @param  list<string>  $looks  names of the looks that can be laid here
     */
    public function __construct(
        public Inspection $inspection,
        public int $sheets,
        public int $workbooks,
        public PaletteRecord $palette,
        public array $looks,
    ) {
    }

    public static function of(WorkbookRow $row, Workbook $workbook, int $number, RangeSet $ranges, Address $active): self
    {
        $sheet = $workbook->sheet($number);
        $wears = $sheet->reference?->stylebook;

        return new self(
            (new Inspector($sheet, $workbook->looks, $workbook->around($number)))->inspect($ranges, $active->row, $active->column),
            $wears === null ? 0 : Sheet::wearing($wears)->count(),
            $wears === null ? 0 : Sheet::wearing($wears)->distinct()->count('workbook_id'),
            PaletteRecord::list($row, $sheet, $workbook->looks),
            array_map(strval(...), array_keys($sheet->namedLooks())),
        );
    }
}
