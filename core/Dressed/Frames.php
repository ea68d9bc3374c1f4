<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Attribute;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

/** The outer sides of tables: titles, units lines and notes stand outside of them. */
final class Frames
{
    public const SIDES = ['t' => Attribute::Top, 'l' => Attribute::Left, 'b' => Attribute::Bottom, 'r' => Attribute::Right];

    private const OUTSIDE = [Part::Title, Part::Units, Part::Note];

    /** @var array<string, array{int, int}> first and last row inside, by the place of a table */
    private array $rows = [];

    /**
     * @param  int  $column  0 asks for the sides that a whole row stands at
     * @return string some of "tlbr"
     */
    public function at(TableReading $table, int $row, int $column): string
    {
        [$first, $last] = $this->rows[Bands::place($table)] ??= self::inside($table);
        if ($row < $first || $row > $last) {
            return '';
        }

        return ($row === $first ? 't' : '')
            .($column === $table->range->left ? 'l' : '')
            .($row === $last ? 'b' : '')
            .($column === $table->range->right ? 'r' : '');
    }

    /** @return array{int, int} */
    private static function inside(TableReading $table): array
    {
        [$first, $last] = [PHP_INT_MAX, 0];
        foreach ($table->runs as $run) {
            if ($run->part !== null && ! in_array($run->part, self::OUTSIDE, true)) {
                [$first, $last] = [min($first, $run->first), max($last, $run->last)];
            }
        }

        return [$first, $last];
    }
}
