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

/** Durations of more than a day that are shown as a time of day. */
final readonly class DurationCut implements ColumnCheck
{
    public function about(): About
    {
        return new About('duration-cut', 'Durations shown without their days',
            'Thirty hours shown as a time of day read as six.', Severity::Wrong, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns() as [$table, $column, $range, $facts]) {
            if ($facts->numbers < 1 || $facts->greatest < 1 || $facts->greatest >= 1_000 || $facts->least < 0) {
                continue;
            }
            $times = $sheet->survey()->by($table, $column->column,
                fn (ResolvedLook $look) => FormatClass::of($look->look->text(Attribute::Number)) === FormatClass::Time ? 'time' : 'other');
            if (isset($times['time']) && $sheet->survey()->isFilled($times['time']->places, $column->column)) {
                $hours = number_format(24 * $facts->greatest, 1);
                yield $sheet->finding($this, $range, 1, Checked::called($column).": up to $hours hours are shown as a time of day.", [],
                    Mend::looks(new Format($sheet->targets($range), Look::of(['number' => '[h]:mm']))));
            }
        }
    }
}
