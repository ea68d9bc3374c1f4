<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/** A value that was typed where its whole column is worked out. */
final readonly class ConstantAmongFormulas implements SheetCheck
{
    public function about(): About
    {
        return new About('constant-among-formulas', 'Values among formulas',
            'It does not follow when what the other rows are worked out from changes.', Severity::Look);
    }

    public function find(Checked $sheet): iterable
    {
        [$count, $first] = $sheet->parts()->constants(Places::NAMED);
        $starts = count($first);
        $first = array_values(array_filter($first, fn (Range $one) => ! self::starts($sheet, $one)));
        $count -= $starts - count($first);
        if ($count > 0) {
            yield $sheet->finding($this, implode(', ', array_map(strval(...), $first)), $count, number_format($count).
                ($count === 1 ? ' cell holds a value' : ' cells hold values').' where the column is formulas.');
        }
    }

    /** A value above all formulas, from which the next goes on: a number that is counted up, a balance that is carried. */
    private static function starts(Checked $sheet, Range $cell): bool
    {
        foreach ($sheet->sheet->reading->tables as $table) {
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
