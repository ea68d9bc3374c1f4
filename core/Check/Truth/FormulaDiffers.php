<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Formula\References;

/** A formula that reads otherwise than those above and below it. */
final readonly class FormulaDiffers implements ColumnCheck
{
    public function about(): About
    {
        return new About('formula-differs', 'Formulas unlike their neighbours',
            'One row is worked out otherwise than all others, and nothing on the sheet says so.', Severity::Wrong, Subject::Truth);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns(totals: true) as [$table, $column, , $facts]) {
            if ($facts->formulas === null || count($facts->formulas) < 2) {
                continue;
            }
            $kinds = $facts->formulas;
            uasort($kinds, fn (Places $one, Places $other) => $other->count <=> $one->count);
            $all = array_sum(array_map(fn (Places $places) => $places->count, $kinds));
            $usual = (string) array_key_first($kinds);
            $odd = array_slice($kinds, 1);
            $count = $all - $kinds[$usual]->count;
            // A few among many; the first row may begin what the others go on with.
            $first = $table->firstBodyRow();
            $odd = array_filter($odd, fn (Places $places) => $places->count > 1 || $places->stretches()[0][0] !== $first);
            $count = array_sum(array_map(fn (Places $places) => $places->count, $odd));
            if ($count === 0 || $kinds[$usual]->count < 4 || $count * 5 > $all) {
                continue;
            }
            $places = Places::together(...array_values($odd));
            $row = $places->stretches()[0][0];
            $is = References::filled($facts->templates[(string) array_key_first($odd)], $row);
            $usualThere = References::filled($facts->templates[$usual], $row);
            yield $sheet->finding($this, $places->text(), $count, Checked::called($column).': '.number_format($count).' of '.
                number_format($all).
                ($count === 1 ? ' formulas reads' : ' formulas read').' otherwise than the others: ='.mb_substr($is, 0, 80).
                    ', where they would read ='.
                mb_substr($usualThere, 0, 80).'.', ['formula' => $is, 'others' => $usualThere],
                FormulaPut::mend($sheet, $column->column, $facts->templates[$usual], $places));
        }
    }
}
