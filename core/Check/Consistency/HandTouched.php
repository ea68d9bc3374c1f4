<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Check\Checked;
use Rilvet\Check\Places;
use Rilvet\Dressed\Layer;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;

/** Cells that were formatted by hand on a sheet that wears a stylebook, by whether that says the same. */
final class HandTouched
{
    /** Stretches of one look in one column that are looked at. */
    private const RUNS = 2_000;

    /** @return array{string, int} ranges, and how many cells of tables */
    public static function of(Checked $sheet, bool $repeating): array
    {
        if ($sheet->sheet->stylebook === null || $sheet->sheet->hand->isEmpty()) {
            return ['', 0];
        }
        $seen = $count = 0;
        $ranges = [];
        foreach ($sheet->sheet->hand->runs() as $column => $runs) {
            foreach ($runs as [$first, $last]) {
                $last = min($last, $sheet->sheet->cells->rows());
                if ($last < $first || ++$seen > self::RUNS || $sheet->sheet->reading->tableAt($first, $column) === null) {
                    continue;
                }
                if (self::says($sheet, $first, $column) === ($repeating ? 'repeats' : 'contradicts')) {
                    $count += $last - $first + 1;
                    count($ranges) < Places::NAMED && $ranges[] = Range::of($first, $column, $last, $column);
                }
            }
        }

        return [implode(', ', array_map(strval(...), iterator_to_array(RangeSet::of(...$ranges)))), $count];
    }

    /** @return 'repeats'|'contradicts'|'' of a cell: all that the hand says is said below it, some of it is said otherwise, or neither */
    private static function says(Checked $sheet, int $row, int $column): string
    {
        $below = Look::none();
        $said = Look::none();
        $hand = null;
        foreach ($sheet->dressed()->at($row, $column)->entries as $entry) {
            if ($entry->layer === Layer::Hand) {
                $hand = $entry->look;
            } elseif ($entry->layer->value < Layer::Hand->value) {
                $below = $below->under($entry->look);
                $said = $entry->layer === Layer::File ? $said : $said->under($entry->look);
            }
        }
        if ($hand === null) {
            return '';
        }
        $isSame = true;
        foreach ($hand->attributes() as $attribute) {
            if ($said->get($attribute) !== null && $said->get($attribute) !== $hand->get($attribute)) {
                return 'contradicts';
            }
            $isSame = $isSame && $below->get($attribute) === $hand->get($attribute);
        }

        return $isSame ? 'repeats' : '';
    }
}
