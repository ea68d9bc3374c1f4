<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/**
 * Formulas of a sheet whose last value may no longer be what they give: those that wait to be calculated, and those that
 * cannot be calculated here and keep the value that they came with.
 */
final readonly class Unsettled implements Aspect
{
    /**
     * @param  list<Range>  $waiting  disjoint
     * @param  list<Range>  $kept  disjoint
     * @param  list<Range>  $circles  those of the kept that look at themselves, by way of others or not
     */
    public function __construct(public array $waiting = [], public array $kept = [], public array $circles = [])
    {
    }

    public function isEmpty(): bool
    {
        return $this->waiting === [] && $this->kept === [];
    }

    /** How many formulas cannot be calculated here. */
    public function countKept(): int
    {
        return array_sum(array_map(fn (Range $range) => $range->cells(), $this->kept));
    }

    /** How many formulas wait to be calculated. */
    public function countWaiting(): int
    {
        return array_sum(array_map(fn (Range $range) => $range->cells(), $this->waiting));
    }

    public function holds(int $row, int $column): bool
    {
        foreach ([...$this->waiting, ...$this->kept] as $range) {
            if ($range->contains($row, $column)) {
                return true;
            }
        }

        return false;
    }

    public function keeps(int $row, int $column): bool
    {
        return (new self([], $this->kept))->holds($row, $column);
    }

    /** What waited is not waited for any longer. */
    public function givenUp(): self
    {
        return new self([], [...$this->kept, ...$this->waiting], $this->circles);
    }

    /** Whether any of it lies in some rows of some columns. */
    public function meets(int $first, int $last, int $left, int $right): bool
    {
        foreach ([...$this->waiting, ...$this->kept] as $range) {
            if ($range->meetsRows($first, $last) && $range->meetsColumns($left, $right)) {
                return true;
            }
        }

        return false;
    }

    public static function name(): string
    {
        return 'results';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array{waiting: list<string>, kept: list<string>, circles?: list<string>}|null $data */
        return self::fromArray($data);
    }

    /** @return array{waiting: list<string>, kept: list<string>, circles?: list<string>}|null */
    public function toJson(): ?array
    {
        return $this->toArray();
    }

    public function moved(Shift|RowOrder $move): static
    {
        return new self(self::all($this->waiting, $move), self::all($this->kept, $move), self::all($this->circles, $move));
    }

    /**
     * @param  list<Range>  $ranges
     * @return list<Range>
     */
    private static function all(array $ranges, Shift|RowOrder $move): array
    {
        return array_merge(
            ...array_map(fn (Range $range) => self::places($range, $move), $ranges),
        );
    }

    /** @return list<Range> */
    private static function places(Range $range, Shift|RowOrder $move): array
    {
        if ($move instanceof RowOrder) {
            return $move->ranges($range);
        }
        $there = $move->range($range);

        return $there === null ? [] : [$there];
    }

    /** @return array{waiting: list<string>, kept: list<string>, circles?: list<string>}|null null where there are none */
    public function toArray(): ?array
    {
        if ($this->isEmpty()) {
            return null;
        }
        $data = ['waiting' => array_map(strval(...), $this->waiting), 'kept' => array_map(strval(...), $this->kept)];

        return $this->circles === [] ? $data : $data + ['circles' => array_map(strval(...), $this->circles)];
    }

    /** @param  array{waiting: list<string>, kept: list<string>, circles?: list<string>}|null  $data */
    public static function fromArray(?array $data): self
    {
        return $data === null
            ? new self()
            : new self(self::parsed($data['waiting']), self::parsed($data['kept']), self::parsed($data['circles'] ?? []));
    }

    /**
     * @param  list<string>  $texts
     * @return list<Range>
     */
    private static function parsed(array $texts): array
    {
        return array_map(Range::parse(...), $texts);
    }
}
