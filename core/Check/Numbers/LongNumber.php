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

/** Long numbers that are shown, or kept, cut. */
final readonly class LongNumber implements ColumnCheck
{
    public function about(): About
    {
        return new About('long-number', 'Long numbers cut short',
            'Without a format they turn into 1.2E+15, and beyond fifteen digits the last ones are lost.', Severity::Wrong,
            Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns(true) as [$table, $column, $range, $facts]) {
            $isWhole = $facts->numbers > 0 && array_keys($facts->decimals) === [0];
            if (! $isWhole || $facts->greatest < 1e11) {
                continue;
            }
            $isPlain = array_key_exists('plain', $sheet->survey()->by($table, $column->column,
                fn (ResolvedLook $look) => FormatClass::of($look->look->text(Attribute::Number)) === FormatClass::General ? 'plain'
                : 'other'));
            if ($facts->greatest >= 1e15 && $isPlain) {
                yield $sheet->finding($this, $range, 1, Checked::called($column).
                    ': its greatest number has more than fifteen digits, and the last cannot be right: keep such numbers as texts.');
            } elseif ($isPlain) {
                yield $sheet->finding($this, $range, $facts->numbers, Checked::called($column).
                    ': long whole numbers without a format are shown with an exponent.', [],
                    Mend::looks(new Format($sheet->targets($range), Look::of(['number' => '0']))));
            }
        }
    }
}
