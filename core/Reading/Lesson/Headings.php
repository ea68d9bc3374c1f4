<?php

declare(strict_types=1);

namespace Rilvet\Reading\Lesson;

use Rilvet\Grid\Sheet;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\TableReading;

/** The words of a row, by which a table is known again. */
final class Headings
{
    /** Rows from the top of a table that may be the ones. */
    private const ROWS = 12;

    /** Words that tell a table from others, at the least. */
    private const FEW = 2;

    /**
     * The fingerprints of the first rows of a table that hold enough words.
     *
     * @return array<int, string> by the row
     */
    public static function prints(Sheet $cells, TableReading $table): array
    {
        $range = $table->range;
        $prints = [];
        $last = min($range->bottom, $range->top + self::ROWS - 1);
        foreach ($cells->read($range->top, $last, $range->left, $range->right) as $row => $line) {
            $texts = [];
            for ($column = $range->left; $column <= $range->right; $column++) {
                $texts[$column] = ($line[$column - 1] ?? null)?->text() ?? '';
            }
            $print = self::print($texts);
            if ($print !== null) {
                $prints[$row] = $print;
            }
        }

        return $prints;
    }

    /**
     * @param  array<int, string>  $texts  from the left
     * @return string|null 32 hexadecimal digits; null where there are too few words
     */
    public static function print(array $texts): ?string
    {
        $plain = array_map(ColumnReading::plain(...), array_values($texts));
        $words = array_filter($plain, fn (string $text) => preg_match('/\p{L}/u', $text) === 1);

        return count($words) < self::FEW ? null : hash('xxh128', implode("\t", $plain));
    }
}
