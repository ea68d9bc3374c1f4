<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

/** A value that is written in the formula, or a grid of them: {1,2;3,4}. */
final readonly class Constant implements Node
{
    /** @param  non-empty-list<non-empty-list<bool|int|float|string|Fault|null>>  $rows */
    public function __construct(public array $rows)
    {
    }

    public static function of(null|bool|int|float|string|Fault $value): self
    {
        return new self([[$value]]);
    }

    public function value(At $at): null|bool|int|float|string|Fault
    {
        return $this->rows[0][0];
    }

    public function along(At $at, array $rows): array
    {
        return array_fill_keys($rows, $this->rows[0][0]);
    }

    public function grid(At $at): array
    {
        return $this->rows;
    }

    public function isOne(): bool
    {
        return count($this->rows) === 1 && count($this->rows[0]) === 1;
    }

    public function isFixed(): bool
    {
        return true;
    }
}
