<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Grid\Cell;
use Rilvet\Intake\DateText;
use Rilvet\Intake\NumberText;
use Rilvet\Number\SerialDate;
use Rilvet\Reading\ColumnKind;

/** Values of conditions as people write them, and as formulas say them. */
final class Written
{
    /**
     * A value that a person wrote, as a formula without "=".
     *
     * @param  ColumnKind|null  $kind  of the column; in columns of texts figures are texts
     */
    public static function formula(string $text, Is $is, ?ColumnKind $kind, bool $from1904 = false): string
    {
        $trimmed = trim($text);
        if (str_starts_with($trimmed, '=')) {
            return trim(substr($trimmed, 1));
        }
        if ($is === Is::Formula) {
            return $trimmed;
        }
        $isText = in_array($is, [Is::Holds, Is::Lacks, Is::Begins, Is::Ends], true)
            || in_array($kind, [ColumnKind::Text, ColumnKind::LongText, ColumnKind::Code, ColumnKind::Category], true);
        if (! $isText) {
            if (preg_match('/^today\s*(?:([+-])\s*(\d{1,5}))?$/i', $trimmed, $found) === 1) {
                return 'TODAY()'.($found[1] ?? '').($found[2] ?? '');
            }
            if (in_array(strtoupper($trimmed), ['TRUE', 'FALSE'], true)) {
                return strtoupper($trimmed);
            }
            $number = NumberText::parse($trimmed, '.');
            $day = $number === null ? DateText::time($trimmed) ?? DateText::parse($trimmed, 'dmy') : null;
            if ($day !== null && $from1904 && $day >= 1) {
                $day -= SerialDate::BETWEEN;
            }
            if ($number !== null || $day !== null) {
                return Cell::of($number ?? $day)->text();
            }
        }

        return '"'.str_replace('"', '""', $trimmed).'"';
    }

    /** The inverse: what a formula says, as a person would write it. */
    public static function shown(string $formula, ?ColumnKind $kind = null, bool $from1904 = false): string
    {
        if (preg_match('/^"((?:[^"]|"")*)"$/s', $formula, $found) === 1) {
            return str_replace('""', '"', $found[1]);
        }
        if (preg_match('/^TODAY\(\)\s*(?:([+-])\s*(\d+))?$/i', $formula, $found) === 1) {
            return 'today'.(isset($found[2]) ? " $found[1] $found[2]" : '');
        }
        if (is_numeric($formula)) {
            $number = (float) $formula;
            if ($kind === ColumnKind::Percent) {
                return Cell::of(round($number * 100, 10))->text().'%';
            }
            if ($kind !== null && $kind->isTemporal() && $number >= 1 && $number <= SerialDate::LAST && $kind !== ColumnKind::Time) {
                [$year, $month, $day] = SerialDate::day((int) $number, $from1904);

                return sprintf('%04d-%02d-%02d', $year, $month, $day);
            }

            return $formula;
        }

        return in_array(strtoupper($formula), ['TRUE', 'FALSE'], true) ? strtoupper($formula) : "=$formula";
    }
}
