<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Act\MoveCells;
use Rilvet\Act\Together;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;

/** Rows of nothing between the rows of a table. */
final readonly class BlankRows implements SheetCheck
{
    public function about(): About
    {
        return new About('blank-rows', 'Blank rows in a table',
            'Sorting, filtering and counting stop at them.', Severity::Look, Subject::Reading);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->tables() as $table) {
            $blank = [];
            foreach ($table->runs as $at => $run) {
                $isWithin = ($table->runs[$at - 1] ?? null)?->part === Part::Body && ($table->runs[$at + 1] ?? null)?->part === Part::Body;
                // A long run of them is a form to be filled in.
                $run->part === null && $isWithin && $run->last - $run->first < 3 && $blank[] = $run;
            }
            $count = array_sum(array_map(fn (RowRun $run) => $run->last - $run->first + 1, $blank));
            // Between groups that each end in one they are white space: what keeps a rhythm is meant.
            $isList = $table->lastHeadRow() !== null && count($table->columns) > 1 && $table->range->rows() > 6;
            if ($blank === [] || count($blank) > 3 || ! $isList || $count * 4 > $table->range->rows()) {
                continue;
            }
            $at = fn (RowRun $run) => (string) Range::of($run->first, $table->range->left, $run->last, $table->range->right);
            $acts = array_map(fn (RowRun $run) => new MoveCells($sheet->number, new Shift(true, $run->first,
                $run->last - $run->first + 1, false)),
                array_reverse($blank));
            yield $sheet->finding($this, implode(', ', array_map($at, $blank)), $count, number_format($count).
                ($count === 1 ? ' blank row stands' : ' blank rows stand')." among the data of $table->range.", [],
                self::holdsOthers($sheet, $blank) ? null : Mend::values(new Together($acts), 0,
                    'takes '.number_format($count).($count === 1 ? ' row out' : ' rows out')));
        }
    }

    /**
     * Whether something else stands in those rows, beside the table.
     *
     * @param  list<RowRun>  $blank
     */
    private static function holdsOthers(Checked $sheet, array $blank): bool
    {
        foreach ($blank as $run) {
            foreach ($sheet->sheet->cells->read($run->first, $run->last) as $cells) {
                foreach ($cells as $cell) {
                    if (! $cell->isBlank()) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
