<?php

declare(strict_types=1);

namespace Bench\Reading;

use Rilvet\Reading\Part;

/**
 * Takes away from a table what tells its parts apart, as hasty hands do. What is left can often not be known for sure: on such tables
 * it shows whether a reading knows how sure it is. The truth stays what it was.
 */
final class Rough
{
    private const STRAY = ['?', 'n.a.', 'about 40', '12–15', 'see below', 'not yet', 'x', '3 or 4'];

    private const LEVELS = ['low', 'middle', 'high', 'none'];

    private const UNKNOWN = ['Nursery', 'Whole place', 'All that stands', 'Both hands', 'In the end', 'Reckoned', 'Everything here'];

    /** One or two things are taken away, by the random numbers that come next. */
    public static function of(Layout $from): Layout
    {
        $layout = clone $from;
        for ($count = mt_rand(1, 2); $count > 0; $count--) {
            match (mt_rand(0, 7)) {
                0 => self::each($layout, [Part::Body], 0.05 + mt_rand(0, 40) / 100, fn () => null),
                1 => self::each($layout, [Part::Body], 0.05 + mt_rand(0, 15) / 100, fn () => self::STRAY[mt_rand(0, 7)]),
                2 => self::each($layout, [Part::Heading, Part::ColumnGroup], 0.3, fn () => null),
                3 => self::without($layout, fn (Part $part) => $part === Part::Heading || $part === Part::ColumnGroup),
                4 => self::each($layout, [Part::Total, Part::Subtotal], 0.4, fn (bool|float|int|string|null $cell) => is_string($cell)
                    ? $cell
                    : (int) round((float) $cell * mt_rand(70, 140) / 100)),
                5 => self::each($layout, [Part::Total, Part::Subtotal], 1.0, fn (bool|float|int|string|null $cell) => is_string($cell)
                    ? self::UNKNOWN[mt_rand(0, 6)]
                    : $cell),
                6 => self::ofWords($layout),
                default => self::without($layout, fn (Part $part) => $part === Part::Body && mt_rand(0, 9) < 7),
            };
        }

        return $layout;
    }

    /** Words in place of all figures; what would sum them is gone. */
    private static function ofWords(Layout $layout): void
    {
        self::without($layout, fn (Part $part) => $part === Part::Total || $part === Part::Subtotal);
        self::each($layout, [Part::Body], 1.0, fn (bool|float|int|string|null $cell) => is_string($cell)
            ? $cell
            : self::LEVELS[mt_rand(0, 3)]);
    }

    /**
     * @param  list<Part>  $parts
     * @param  callable(bool|float|int|string|null): (bool|float|int|string|null)  $change
     */
    private static function each(Layout $layout, array $parts, float $share, callable $change): void
    {
        foreach ($layout->truth as $row => $columns) {
            foreach ($columns as $column => $part) {
                if (in_array($part, $parts, true) && mt_rand(0, 9_999) < 10_000 * $share) {
                    $cell = $change($layout->rows[$row - 1][$column - 1]);
                    array_splice($layout->rows[$row - 1], $column - 1, 1, [$cell]);
                    if ($cell === null) {
                        unset($layout->truth[$row][$column]);
                    }
                }
            }
        }
    }

    /** @param  callable(Part): bool  $isGone  of the part of a row's last cell */
    private static function without(Layout $layout, callable $isGone): void
    {
        $rows = $truth = [];
        foreach ($layout->rows as $at => $cells) {
            $parts = $layout->truth[$at + 1] ?? [];
            $part = $parts === [] ? null : $parts[array_key_last($parts)];
            if ($part === null || ! $isGone($part)) {
                $rows[] = $cells;
                $truth[count($rows)] = $parts;
            }
        }
        [$layout->rows, $layout->truth] = [$rows, array_filter($truth)];
    }
}
