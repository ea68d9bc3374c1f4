<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;

/** A unit that is written into every cell beside its figure. */
final readonly class UnitInCells implements ColumnCheck
{
    public function about(): About
    {
        return new About('unit-in-cells', 'Units written into cells',
            'What holds a unit is a text: it does not add up, and sorts by its letters.', Severity::Wrong, Subject::Numbers);
    }

    /** "12.5 kg" */
    private const FIGURE = '/^[-+]?\\d+(?:[.,]\\d+)?\\s?('
        .'kg|g|mg|t|lb|oz|km|m|cm|mm|mi|ft|in|l|ml|cl|h|hrs?|min|s|days?|pcs|m²|m2|ha|°C|%|€|£|\\$)$/u';

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns(true) as [, $column, $range, $facts]) {
            if ($facts->texts < 3 || $facts->texts * 10 < $facts->filled * 8 || $facts->words === null) {
                continue;
            }
            $units = [];
            foreach ($facts->words as $text => $places) {
                // "12.5 kg"; a street number, a size of three figures or a code is none.
                if (preg_match(self::FIGURE,
                    trim((string) $text), $found) === 1) {
                    $units[$found[1]] = ($units[$found[1]] ?? 0) + $places->count;
                }
            }
            $count = array_sum($units);
            if ($count * 10 >= $facts->texts * 8) {
                yield $sheet->finding($this, $range, $count, Checked::called($column).': '.number_format($count).' figures are texts with '.
                    implode(' or ', array_map(fn (string $unit) => "\"$unit\"", array_map(strval(...), array_keys($units)))).
                        ' behind them.');
            }
        }
    }
}
