<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Act\Format;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Facts\ColumnFacts;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Number\FormatClass;
use Rilvet\Reading\ColumnKind;

/** A column whose figures have their decimal signs at different places. */
final readonly class MixedDecimals implements ColumnCheck
{
    public function about(): About
    {
        return new About('mixed-decimals', 'Mixed decimals in one column',
            'Figures can only be compared at a glance when their decimal signs stand below each other.', Severity::Look, Subject::Numbers);
    }

    /** Decimals that are worth showing to all because some have them. */
    private const MOST = 4;

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns() as [$table, $column, $range, $facts]) {
            if ($facts->numbers < 3 || $facts->texts > 0 || $column->kind === ColumnKind::Code || $column->kind->isTemporal()) {
                continue;
            }
            $shown = [];
            foreach ($sheet->survey()->column($table, $column->column) as $wear) {
                $code = $wear->look->look->text(Attribute::Number);
                $class = FormatClass::of($code);
                if ($class->isTemporal() || $class === FormatClass::Text || ! $sheet->survey()->isFilled($wear->places, $column->column)) {
                    continue;
                }
                foreach ($class === FormatClass::General ? self::shares($facts, $wear->places->count) : [[self::places($code),
                    $wear->places->count]] as [$places, $count]) {
                    $shown[$places] = ($shown[$places] ?? 0) + $count;
                    $codes[$places] = $code;
                }
            }
            ksort($shown);
            if (count($shown) < 2 || max(array_keys($shown)) > 12) {
                continue;
            }
            $said = [];
            foreach ($shown as $places => $count) {
                $said[] = number_format($count).($said === [] ? ' show ' : ' ')
                    .($places === 0 ? 'none' : $places);
            }
            $most = min(self::MOST, max(array_keys($shown)));
            $as = FormatClass::of($codes[$most] ?? null) === FormatClass::General || ! isset($codes[$most])
                ? ($facts->greatest >= 1000 && $column->grouped ? '#,##0' : '0')
                    .($most > 0 ? '.'.str_repeat('0', $most) : '')
                : $codes[$most];
            yield $sheet->finding($this, $range, array_sum($shown) - max($shown), Checked::called($column).
                ', places after the decimal sign: '.
                implode(', ', $said).'.', [], Mend::looks(new Format($sheet->targets($range), Look::of(['number' => $as]))));
        }
    }

    /**
     * Figures without a format, by the places that they have themselves. What arithmetic left behind is cut by the column and
     * is no habit of somebody who wrote figures.
     *
     * @return list<array{int, int}> places, figures
     */
    private static function shares(ColumnFacts $facts, int $count): array
    {
        if ($facts->decimals === [] || max(array_keys($facts->decimals)) > 6) {
            return [];
        }
        $all = array_sum($facts->decimals);

        return array_map(fn (int $places, int $of) => [$places, max(1, (int) round($count * $of / $all))], array_keys($facts->decimals),
            $facts->decimals);
    }

    private static function places(string $code): int
    {
        return preg_match('/\\.([0#?]+)/', explode(';', $code)[0], $found) === 1 ? strlen($found[1]) : 0;
    }
}
