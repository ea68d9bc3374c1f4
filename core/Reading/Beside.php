<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;

/** Lines of text at the right of a table, with a blank column between: they say something of it, and are none of its columns. */
final class Beside
{
    /** Rows of a table that are looked through. */
    private const ROWS = 2_000;

    /** Lines, at the most, or as many as this share of the rows. */
    private const LINES = 3;

    private const SHARE = 0.2;

    /** @return list<Range> of neighbouring lines, from the top; empty where there are none */
    public static function notes(Region $region): array
    {
        $range = $region->range;
        if ($range->columns() < 4 || $range->rows() < 3 || $range->rows() > self::ROWS || $region->said() !== null) {
            return [];
        }
        $rows = [];
        $isFirst = true;
        for ($row = $range->top; $row <= $range->bottom; $row++) {
            $letters = $region->letters($row);
            $isLine = in_array($letters[-1], ['t', 'w'], true);
            // The first full row holds the headings: a column with one is a column of the table. A line below it all is no line beside.
            if ($letters[-2] !== '.' || ($letters[-1] !== '.' && ! $isLine) || ($isLine && ($isFirst || $region->filled($row) < 2))) {
                return [];
            }
            $isFirst = $isFirst && $region->filled($row) < 2;
            $isLine && $rows[] = $row;
        }
        if ($rows === [] || count($rows) > max(self::LINES, self::SHARE * $range->rows())) {
            return [];
        }
        $notes = [];
        foreach ($rows as $row) {
            $last = array_key_last($notes);
            $first = $last !== null && $notes[$last]->bottom === $row - 1 ? array_pop($notes)->top : $row;
            $notes[] = Range::of($first, $range->right, $row, $range->right);
        }

        return $notes;
    }
}
