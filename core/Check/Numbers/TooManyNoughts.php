<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;

/** Figures that all end in three noughts. */
final readonly class TooManyNoughts implements ColumnCheck
{
    public function about(): About
    {
        return new About('too-many-noughts', 'Noughts that say nothing',
            'A scale said once in the heading leaves the digits that differ.', Severity::Note, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns() as [, $column, $range, $facts]) {
            $figures = $facts->numbers - $facts->noughts;
            $isGreat = max($facts->greatest, -$facts->least) >= 100_000;
            if ($figures >= 5 && $facts->thousands === $figures && $isGreat && $column->kind->isNumeric() && $column->grouped) {
                yield $sheet->finding($this, $range, $figures, Checked::called($column).': all '.number_format($figures).
                    ' figures are whole thousands.');
            }
        }
    }
}
