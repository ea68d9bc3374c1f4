<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;
use Rilvet\Number\FormatClass;

/** A sign of money in each cell of a column. */
final readonly class SignInEveryCell implements ColumnCheck
{
    public function about(): About
    {
        return new About('sign-in-every-cell', 'The same sign in every cell',
            'Said once in the heading it leaves the figures alone to be compared.', Severity::Note, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        if ($sheet->sheet->stylebook !== null) {
            return;
        }
        foreach ($sheet->columns() as [$table, $column, $range, $facts]) {
            $signs = array_keys($sheet->survey()->by($table, $column->column,
                fn (ResolvedLook $look) => FormatClass::currency($look->look->text(Attribute::Number)) ?? ''));
            $sign = (string) ($signs[0] ?? '');
            if ($facts->numbers >= 10 && count($signs) === 1 && $sign !== '' && ! str_contains((string) $column->heading, $sign)) {
                yield $sheet->finding($this, $range, $facts->numbers, Checked::called($column).': all '.number_format($facts->numbers).
                    " figures show $sign.");
            }
        }
    }
}
