<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Act\Format;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Facts\Wear;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;

/** A column whose figures or days are shown in several ways. */
final readonly class MixedFormats implements ColumnCheck
{
    public function about(): About
    {
        return new About('mixed-formats', 'Mixed formats in one column',
            'The eye takes what is written otherwise for something else.', Severity::Look, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns() as [$table, $column, $range, $facts]) {
            if ($facts->numbers < 3 || $facts->texts > $facts->numbers) {
                continue;
            }
            $groups = $sheet->survey()->by($table, $column->column,
                fn (ResolvedLook $look) => self::kind($look->look->text(Attribute::Number)));
            if (count($groups) < 2) {
                continue;
            }
            $groups = array_filter($groups, fn (Wear $wear) => $sheet->survey()->isFilled($wear->places, $column->column));
            if (count($groups) < 2 || count($groups) > 12) {
                continue;
            }
            $said = [];
            foreach ($groups as $kind => $wear) {
                $said[] = number_format($wear->places->count).' '.$kind;
            }
            $others = array_slice($groups, 1);
            $count = array_sum(array_map(fn (Wear $wear) => $wear->places->count, $others));
            $code = reset($groups)->look->look->text(Attribute::Number, 'General');
            yield $sheet->finding($this, Places::together(...array_map(fn (Wear $wear) => $wear->places,
                array_values($others)))->text(), $count,
                Checked::called($column).' shows '.implode(', ', $said).'.', [],
                Mend::looks(new Format($sheet->targets($range), Look::of(['number' => $code]))));
        }
    }

    /** What a reader tells codes apart by, but for decimals, which are another matter. */
    private static function kind(string $code): string
    {
        $class = FormatClass::of($code);
        $sign = FormatClass::currency($code);

        return match (true) {
            $sign !== null => "with $sign",
            $class->isTemporal() => 'as '.self::day($code),
            $class === FormatClass::Percent => 'in percent',
            $class === FormatClass::Text => 'as texts',
            $class === FormatClass::General, preg_match('/^[#0,.?]+$/', $code) === 1 => 'plain',
            default => "as $code",
        };
    }

    /** "yyyy-mm-dd" of "[$-809]yyyy\-mm\-dd;@". */
    private static function day(string $code): string
    {
        return strtolower((string) preg_replace(['/;.*$/s', '/\\[[^\\]]*\\]/', '/[\\\\"]/'], ['', '', ''], $code));
    }
}
