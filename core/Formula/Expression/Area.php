<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/** One cell, or a range of them; what is not fixed goes along with the cell that looks. */
final readonly class Area implements Node
{
    /**
     * @param  int|null  $sheet  null for the sheet of the formula
     * @param  array{bool, bool, bool, bool}  $fixed  top, left, bottom, right
     */
    public function __construct(public ?int $sheet, public Range $range, public array $fixed)
    {
    }

    public function isCell(): bool
    {
        return $this->range->cells() === 1 && $this->fixed[0] === $this->fixed[2] && $this->fixed[1] === $this->fixed[3];
    }

    public function sheet(At $at): int
    {
        return $this->sheet ?? $at->sheet;
    }

    public function at(At $at): Range
    {
        [$top, $left, $bottom, $right] = [
            $at->rowOf($this->range->top, $this->fixed[0]), $at->columnOf($this->range->left, $this->fixed[1]),
            $at->rowOf($this->range->bottom, $this->fixed[2]), $at->columnOf($this->range->right, $this->fixed[3]),
        ];

        return Range::of(min($top, $bottom), min($left, $right), max($top, $bottom), max($left, $right));
    }

    /** Of several cells it is the one in the row or the column of the cell that looks (implicit intersection, 18.17.2.5). */
    public function value(At $at): null|bool|int|float|string|Fault
    {
        if ($this->isCell()) {
            return $this->cell($at, $at->rowOf($this->range->top, $this->fixed[0]), $at->columnOf($this->range->left, $this->fixed[1]));
        }
        $range = $this->at($at);
        [$row, $column] = [$at->row + $at->down, $at->column + $at->across];
        $row = $range->rows() === 1 ? $range->top : $row;
        $column = $range->columns() === 1 ? $range->left : $column;

        return $range->contains($row, $column) ? $this->cell($at, $row, $column) : Fault::value();
    }

    public function along(At $at, array $rows): array
    {
        if (! $this->isCell()) {
            return $at->each($this, $rows);
        }
        if ($this->fixed[0] || $rows === []) {
            return $rows === [] ? [] : array_fill_keys($rows, $this->value($at->down($rows[0])));
        }
        $column = $at->columnOf($this->range->left, $this->fixed[1]);
        $sheet = $this->sheet($at);
        $down = $this->range->top - $at->row;
        $values = [];
        foreach ($rows as $row) {
            $cell = $at->values->at($sheet, At::wrapped($row + $down, Address::ROWS), $column);
            $values[$row] = $cell->error === null ? $cell->value : Fault::of($cell->error);
        }

        return $values;
    }

    public function grid(At $at): array
    {
        if ($this->isCell()) {
            return [[$this->value($at)]];
        }
        $range = $this->at($at);
        $sheet = $this->sheet($at);
        if ($this->isFixed()) {
            return $at->once("grid|$sheet", (string) $range, fn () => self::read($at, $sheet, $range));
        }

        return self::read($at, $sheet, $range);
    }

    public function isOne(): bool
    {
        return $this->isCell();
    }

    public function isFixed(): bool
    {
        return $this->fixed[0] && $this->fixed[1] && $this->fixed[2] && $this->fixed[3];
    }

    private function cell(At $at, int $row, int $column): null|bool|int|float|string|Fault
    {
        $cell = $at->values->at($this->sheet($at), $row, $column);

        return $cell->error === null ? $cell->value : Fault::of($cell->error);
    }

    /** @return list<list<null|bool|int|float|string|Fault>> */
    private static function read(At $at, int $sheet, Range $range): array
    {
        $rows = $at->values->range($sheet, $range);
        $at->looked($rows === [] ? 1 : count($rows) * max(1, count($rows[0])));
        foreach ($rows as $row => $values) {
            foreach ($values as $column => $value) {
                if (is_string($value) && ($value[0] ?? '') === '#' && in_array($value, Fault::CODES, true)) {
                    $rows[$row][$column] = Fault::of($value);
                }
            }
        }

        return $rows;
    }
}
