<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Act\Format;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;

/** More decimals than anybody can mean. */
final readonly class FalsePrecision implements ColumnCheck
{
    public function about(): About
    {
        return new About('false-precision', 'More decimals than are meant',
            'Long tails of digits hide what differs, and promise what nobody measured.', Severity::Look, Subject::Numbers);
    }

    private const MANY = 6;

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns() as [$table, $column, $range, $facts]) {
            $long = array_sum(array_filter($facts->decimals, fn (int $places) => $places >= self::MANY, ARRAY_FILTER_USE_KEY));
            if ($facts->numbers < 3 || $long * 2 < $facts->numbers || $facts->greatest < 0.01) {
                continue;
            }
            $groups = $sheet->survey()->by($table, $column->column,
                fn (ResolvedLook $look) => FormatClass::of($look->look->text(Attribute::Number)) === FormatClass::General ? 'plain'
                : 'other');
            if (array_keys($groups) === ['plain']) {
                $code = $facts->greatest >= 1000 ? '#,##0.00' : '0.00';
                yield $sheet->finding($this, $range, $long, Checked::called($column).': '.number_format($long).' of '.
                    number_format($facts->numbers).' figures show six decimals or more.', [],
                    Mend::looks(new Format($sheet->targets($range), Look::of(['number' => $code]))));
            }
        }
    }
}
