<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

use Rilvet\Formula\Values;
use Rilvet\Grid\Address;
use WeakMap;

/** The cell from which a formula is looked at, and what it needs to know there. */
final class At
{
    /** Cells that the formulas of one condition may look at, all in all, before they are given up as too costly. */
    private const STEPS = 40_000_000;

    /** How far the cell is from the one that the formula is written for. */
    public int $down = 0;

    public int $across = 0;

    private int $steps = 0;

    /** @var WeakMap<object, array<string, mixed>> what was worked out of what is the same from every cell */
    private readonly WeakMap $known;

    /**
     * @param  int  $sheet  number of the sheet that the formula stands on, as {@see Values} knows it
     * @param  int  $row  of the cell that the formula is written for
     * @param  Memory|null  $memory  of the cells of that sheet
     * @param  float  $now  as a serial of the workbook's date system
     * @param  int  $most  cells that may be looked at
     */
    public function __construct(
        public readonly Values $values,
        public readonly int $sheet,
        public readonly int $row,
        public readonly int $column,
        public readonly float $now,
        public readonly bool $from1904 = false,
        public readonly ?Memory $memory = null,
        private readonly int $most = self::STEPS,
    ) {
        $this->known = new WeakMap;
    }

    public function go(int $row, int $column): self
    {
        $this->down = $row - $this->row;
        $this->across = $column - $this->column;

        return $this;
    }

    /** Another row of the column that it stands in. */
    public function down(int $row): self
    {
        $this->down = $row - $this->row;

        return $this;
    }

    /**
     * What something gives from many cells of a column.
     *
     * @param  list<int>  $rows
     * @return array<int, null|bool|int|float|string|Fault> by row
     */
    public function along(Node $node, array $rows, int $column): array
    {
        return $rows === [] ? [] : $node->along($this->go($rows[0], $column), $rows);
    }

    /**
     * The same from the column that it stands in, one cell after the other.
     *
     * @param  list<int>  $rows
     * @return array<int, null|bool|int|float|string|Fault> by row
     */
    public function each(Node $node, array $rows): array
    {
        $values = [];
        foreach ($rows as $row) {
            $values[$row] = $node->value($this->down($row));
        }

        return $values;
    }

    /** Rows and columns that go along run on at the other edge of the sheet (common practice). */
    public static function wrapped(int $index, int $most): int
    {
        return $index < 1 ? $index + $most
            : ($index > $most ? $index - $most : $index);
    }

    public function rowOf(int $row, bool $isFixed): int
    {
        return $isFixed ? $row : self::wrapped($row + $this->down, Address::ROWS);
    }

    public function columnOf(int $column, bool $isFixed): int
    {
        return $isFixed ? $column : self::wrapped($column + $this->across, Address::COLUMNS);
    }

    /** @throws NotKnown where a formula looks at more than it can be given */
    public function looked(int $cells): void
    {
        $this->steps += $cells;
        if ($this->steps > $this->most) {
            throw NotKnown::because('It looks at too many cells from each cell; what it gives is not worked out here.');
        }
    }

    /**
     * What is worked out of something that is the same from every cell, once.
     *
     * @template T
     *
     * @param  object|string  $of  what it is worked out of; it is forgotten with it
     * @param  callable(): T  $make
     * @return T
     */
    public function once(object|string $of, string $what, callable $make): mixed
    {
        if (is_string($of)) {
            $what = "$of|$what";
            $of = $this;
        }
        $known = $this->known[$of] ?? [];
        if (! array_key_exists($what, $known)) {
            $known = count($known) > 2_000 ? [] : $known;
            $known[$what] = $make();
            $this->known[$of] = $known;
        }

        /** @var T */
        return $known[$what];
    }
}
