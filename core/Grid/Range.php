<?php

declare(strict_types=1);

namespace Rilvet\Grid;

use Rilvet\Grid\Exception\AddressIsWrong;

/** A rectangle of cells, both corners included, rows and columns counted from 1. */
final readonly class Range
{
    private function __construct(
        public int $top,
        public int $left,
        public int $bottom,
        public int $right,
    ) {
    }

    /** @throws AddressIsWrong when a corner lies outside a worksheet or the corners are crossed */
    public static function of(int $top, int $left, int $bottom, int $right): self
    {
        Address::of($top, $left);
        Address::of($bottom, $right);
        if ($bottom < $top || $right < $left) {
            throw AddressIsWrong::text("rows $top to $bottom, columns $left to $right");
        }

        return new self($top, $left, $bottom, $right);
    }

    /**
     * Reads "B4", "B4:F20", "C:D" and "2:7"; corners may come in any order.
     *
     * @throws AddressIsWrong
     */
    public static function parse(string $text): self
    {
        $text = str_replace('$', '', trim($text));
        // Most are such.
        if (preg_match('/^([A-Z]{1,3})([1-9]\d{0,6}):([A-Z]{1,3})([1-9]\d{0,6})$/', $text, $found) === 1) {
            [$left, $right] = [Address::columnNumber($found[1]), Address::columnNumber($found[3])];
            [$top, $bottom] = [(int) $found[2], (int) $found[4]];

            return self::of(min($top, $bottom), min($left, $right), max($top, $bottom), max($left, $right));
        }
        if (preg_match('/^([A-Za-z]{1,3}):([A-Za-z]{1,3})$/', $text, $found) === 1) {
            $a = Address::columnNumber($found[1]);
            $b = Address::columnNumber($found[2]);

            return self::of(1, min($a, $b), Address::ROWS, max($a, $b));
        }
        if (preg_match('/^([1-9][0-9]{0,6}):([1-9][0-9]{0,6})$/', $text, $found) === 1) {
            $a = (int) $found[1];
            $b = (int) $found[2];

            return self::of(min($a, $b), 1, max($a, $b), Address::COLUMNS);
        }
        $corners = explode(':', $text);
        if (count($corners) > 2) {
            throw AddressIsWrong::text($text);
        }
        $a = Address::parse($corners[0]);
        $b = isset($corners[1]) ? Address::parse($corners[1]) : $a;

        return new self(min($a->row, $b->row), min($a->column, $b->column), max($a->row, $b->row), max($a->column, $b->column));
    }

    public function rows(): int
    {
        return $this->bottom - $this->top + 1;
    }

    public function columns(): int
    {
        return $this->right - $this->left + 1;
    }

    public function cells(): int
    {
        return $this->rows() * $this->columns();
    }

    public function contains(int $row, int $column): bool
    {
        return $this->hasRow($row) && $this->hasColumn($column);
    }

    public function hasRow(int $row): bool
    {
        return $row >= $this->top && $row <= $this->bottom;
    }

    public function hasColumn(int $column): bool
    {
        return $column >= $this->left && $column <= $this->right;
    }

    public function meets(self $other): bool
    {
        return $this->meetsRows($other->top, $other->bottom) && $this->meetsColumns($other->left, $other->right);
    }

    /** Whether it has any of some rows, the last one included. */
    public function meetsRows(int $first, int $last): bool
    {
        return $this->top <= $last && $first <= $this->bottom;
    }

    /** Whether it has any of some columns, the last one included. */
    public function meetsColumns(int $first, int $last): bool
    {
        return $this->left <= $last && $first <= $this->right;
    }

    /** Whether it has all of some rows, the last one included. */
    public function holdsRows(int $first, int $last): bool
    {
        return $this->hasRow($first) && $this->hasRow($last);
    }

    public function clip(self $to): ?self
    {
        return $this->meets($to) ? new self(
            max($this->top, $to->top), max($this->left, $to->left),
            min($this->bottom, $to->bottom), min($this->right, $to->right),
        ) : null;
    }

    /** The smallest rectangle that holds both. */
    public function around(self $other): self
    {
        return new self(
            min($this->top, $other->top), min($this->left, $other->left),
            max($this->bottom, $other->bottom), max($this->right, $other->right),
        );
    }

    public function equals(self $other): bool
    {
        return [$this->top, $this->left, $this->bottom, $this->right] === [$other->top, $other->left, $other->bottom, $other->right];
    }

    public function __toString(): string
    {
        $first = Address::columnName($this->left).$this->top;
        $last = Address::columnName($this->right).$this->bottom;

        return $first === $last ? $first : "$first:$last";
    }
}
