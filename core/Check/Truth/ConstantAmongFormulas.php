<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Act\EditCells;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;

/** A value that was typed where its whole column is worked out. */
final readonly class ConstantAmongFormulas implements ColumnCheck
{
    public function about(): About
    {
        return new About('constant-among-formulas', 'Values among formulas',
            'It does not follow when what the other rows are worked out from changes.', Severity::Look, Subject::Truth);
    }

    public function find(Checked $sheet): iterable
    {
        [$count, $first] = $sheet->parts()->constants(Places::NAMED);
        $starts = count($first);
        $first = array_values(array_filter($first, fn (Range $one) => ! self::starts($sheet, $one)));
        $count -= $starts - count($first);
        if ($count > 0) {
            yield $sheet->finding($this, implode(', ', array_map(strval(...), $first)), $count, number_format($count).
                ($count === 1 ? ' cell holds a value' : ' cells hold values').' where the column is formulas.', [],
                $count === count($first) ? self::mend($sheet, $first) : null);
        }
    }

    /**
     * The formula of the column in each of them, where it has but one.
     *
     * @param  list<Range>  $constants  single cells
     */
    private static function mend(Checked $sheet, array $constants): ?Mend
    {
        $cells = [];
        foreach ($sheet->columns(totals: true) as [, $column, , $facts]) {
            foreach ($constants as $one) {
                if ($one->left === $column->column && count($facts->templates) === 1) {
                    $cells[$one->top][$one->left] = Cell::formula(References::filled(reset($facts->templates), $one->top), null);
                }
            }
        }
        $count = array_sum(array_map(count(...), $cells));

        return $count === 0 || $count < count($constants) ? null : Mend::values(new EditCells($sheet->number, $cells), $count);
    }

    /** A value above all formulas, from which the next goes on: a number that is counted up, a balance that is carried. */
    private static function starts(Checked $sheet, Range $cell): bool
    {
        foreach ($sheet->tables() as $table) {
            if ($table->range->contains($cell->top, $cell->left)) {
                if ($table->firstBodyRow() !== $cell->top) {
                    return false;
                }
                $name = Address::columnName($cell->left);
                foreach ($sheet->sheet->cells->read($cell->top + 1, $cell->top + 1, $cell->left, $cell->left) as $cells) {
                    $formula = ($cells[$cell->left - 1] ?? null)->formula ?? '';

                    return preg_match("/(?<![A-Z!$])\\$?$name\\$?$cell->top(?!\\d)/i", $formula) === 1;
                }
            }
        }

        return false;
    }
}
