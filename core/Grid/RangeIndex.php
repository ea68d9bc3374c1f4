<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** Many ranges, asked which of them hold a cell: each is kept by the bands of rows and the columns that it reaches into. */
final class RangeIndex
{
    /** Rows of a band. */
    private const BAND = 64;

    /** Bands or columns up to which a range is kept in each of them. */
    private const FEW = 40;

    /** @var array<int, list<array{int, Range}>> by band */
    private array $bands = [];

    /** @var array<int, list<array{int, Range}>> that reach over many bands, by column */
    private array $tall = [];

    /** @var list<array{int, Range}> that reach over many bands and many columns */
    private array $wide = [];

    public function add(int $number, Range $range): void
    {
        [$first, $last] = [intdiv($range->top, self::BAND), intdiv($range->bottom, self::BAND)];
        if ($last - $first < self::FEW) {
            for ($band = $first; $band <= $last; $band++) {
                $this->bands[$band][] = [$number, $range];
            }
        } elseif ($range->columns() <= self::FEW) {
            for ($column = $range->left; $column <= $range->right; $column++) {
                $this->tall[$column][] = [$number, $range];
            }
        } else {
            $this->wide[] = [$number, $range];
        }
    }

    /** The least of the numbers whose ranges hold a cell; null where none does. */
    public function first(int $row, int $column): ?int
    {
        $least = null;
        foreach ([$this->bands[intdiv($row, self::BAND)] ?? [], $this->tall[$column] ?? [], $this->wide] as $list) {
            foreach ($list as [$number, $range]) {
                if (($least === null || $number < $least) && $row >= $range->top && $row <= $range->bottom && $column >= $range->left
                    && $column <= $range->right) {
                    $least = $number;
                }
            }
        }

        return $least;
    }
}
