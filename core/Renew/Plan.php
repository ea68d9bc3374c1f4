<?php

declare(strict_types=1);

namespace Rilvet\Renew;

/**
 * What new data would do to a table. Rows of the table are given as they are now.
 *
 * @phpstan-type Value null|bool|int|float|string
 */
final readonly class Plan
{
    /** Changes that are described one by one. */
    public const DESCRIBED = 500;

    /**
     * @param  list<Pair>  $pairs
     * @param  list<Pair>  $key  the columns that tell rows apart; none where rows are brought in as a whole
     * @param  array<int, int>  $same  rows of the new data by the rows of the table that they are, in the order of the table
     * @param  array<int, list<int>>  $changed  columns of the table in which a row of it gets something else
     * @param  array<int, list<int>>  $put  rows of the new data that are new, by the row of the table that they stand below; 0 for the top
     * @param  list<int>  $gone  rows of the table that are taken out
     * @param  int  $missing  rows that the new data does not have, taken out or not
     * @param  int  $differing  rows that both have and that differ, changed or not
     * @param  int  $unkeyed  rows of the new data left out because nothing tells them apart
     * @param  int  $formulas  formulas in columns of values that values come in the place of
     * @param  list<array{key: string, row: int, column: int, heading: string, was: Value, is: Value}>  $changes  the first of them
     * @param  list<array{row: int, key: string}>  $news  the first rows that are new
     * @param  list<array{row: int, key: string}>  $lost  the first rows that are gone
     * @param  bool  $isReordered  rows that both have stand in another order here, which stays
     * @param  string|null  $why  why no column tells rows apart, where one was looked for
     */
    public function __construct(
        public array $pairs,
        public array $key,
        public array $same,
        public array $changed,
        public array $put,
        public array $gone,
        public int $missing,
        public int $differing,
        public int $unkeyed,
        public int $formulas,
        public array $changes,
        public array $news,
        public array $lost,
        public bool $isReordered,
        public ?string $why = null,
    ) {
    }

    public function countNew(): int
    {
        return array_sum(array_map(count(...), $this->put));
    }

    /** @return list<Pair> columns that are put in */
    public function newColumns(): array
    {
        return array_values(array_filter($this->pairs, fn (Pair $pair) => $pair->isNew()));
    }

    /** @return list<int> columns that are taken out */
    public function goneColumns(): array
    {
        $gone = [];
        foreach ($this->pairs as $pair) {
            $pair->isGone && $pair->to !== null && $gone[] = $pair->to;
        }

        return $gone;
    }

    public function isNothing(): bool
    {
        return $this->put === [] && $this->gone === [] && $this->changed === [] && $this->newColumns() === []
            && $this->goneColumns() === [];
    }

    /** "3 new rows, 2 gone, 14 changed, 1 new column". */
    public function words(): string
    {
        $count = fn (int $number, string $one, string $many) => $number === 0 ? null : number_format($number).' '.($number === 1
            ? $one : $many);
        $words = array_filter([
            $count($this->countNew(), 'new row', 'new rows'), $count(count($this->gone), 'row gone', 'rows gone'),
            $count(count($this->changed), 'row changed', 'rows changed'), $count(count($this->newColumns()), 'new column', 'new columns'),
            $count(count($this->goneColumns()), 'column gone', 'columns gone'),
        ]);

        return $words === [] ? 'nothing changed' : implode(', ', $words);
    }
}
