<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/**
 * Which row block holds which rows. Blocks are never moved: rows that are put in, taken out or sorted give other blocks in
 * the place of a few, and another index; so a row put in costs the same in a sheet of any size, and going back is to take
 * the index of before.
 *
 * Kept as runs of blocks with following numbers and as many rows each: a sheet as it came is one run.
 *
 * A run: number of the first block, how many blocks, rows of each.
 *
 * @phpstan-type BlockRun array{int, int, int}
 */
final readonly class BlockIndex
{
    /** @param  non-empty-list<BlockRun>  $runs from the top of the sheet down; they cover a whole worksheet */
    private function __construct(public array $runs)
    {
    }

    /** The index of a sheet as it came: block 0 holds rows 1 to Block::ROWS, and so on. */
    public static function even(): self
    {
        /** @var self|null $even */
        static $even = null;

        return $even ??= new self([[0, intdiv(Address::ROWS, Block::ROWS), Block::ROWS]]);
    }

    /** @param  list<BlockRun>|null  $runs */
    public static function fromArray(?array $runs): self
    {
        return $runs === null || $runs === [] ? self::even() : new self($runs);
    }

    /** @return non-empty-list<BlockRun>|null null for a sheet as it came */
    public function toArray(): ?array
    {
        return $this->runs === self::even()->runs ? null : $this->runs;
    }

    /**
     * The blocks that hold some rows.
     *
     * @return iterable<int, array{int, int, int}> number, first row, count of rows
     */
    public function blocks(int $first, int $last): iterable
    {
        $top = 1;
        foreach ($this->runs as [$number, $count, $rows]) {
            if ($top > $last) {
                return;
            }
            $skipped = min($count, max(0, intdiv($first - $top, $rows)));
            $end = $top + $count * $rows;
            for ($index = $skipped, $row = $top + $skipped * $rows; $index < $count && $row <= $last; $index++, $row += $rows) {
                yield [$number + $index, $row, $rows];
            }
            $top = $end;
        }
    }

    /**
     * The index with other blocks in the place of those that hold some rows; both ends are ends of blocks.
     *
     * @param  int  $first  first row of the first block that goes
     * @param  int  $end  row after the last row of the last block that goes
     * @param  list<array{int, int}>  $blocks  number and rows of those that come
     * @param  int  $spare  a number from which on none is taken, for blank rows that come up at the end
     */
    public function with(int $first, int $end, array $blocks, int $spare): self
    {
        $runs = [];
        $top = 1;
        $isIn = false;
        foreach ($this->runs as [$number, $count, $rows]) {
            $next = $top + $count * $rows;
            if ($top < $first) {
                self::push($runs, $number, min($count, intdiv($first - $top, $rows)), $rows);
            }
            if (! $isIn && $next > $first) {
                $isIn = true;
                foreach ($blocks as [$new, $size]) {
                    self::push($runs, $new, 1, $size);
                }
            }
            if ($next > $end) {
                $gone = max(0, intdiv($end - $top, $rows));
                self::push($runs, $number + $gone, $count - $gone, $rows);
            }
            $top = $next;
        }
        $covered = array_sum(array_map(fn (array $run) => $run[1] * $run[2], $runs));
        if ($covered < Address::ROWS) {
            self::push($runs, $spare, intdiv(Address::ROWS - $covered - 1, Block::ROWS) + 1, Block::ROWS);
        }
        assert($runs !== []);

        return new self($runs);
    }

    /** @param  list<BlockRun>  $runs */
    private static function push(array &$runs, int $number, int $count, int $rows): void
    {
        if ($count < 1 || $rows < 1) {
            return;
        }
        $last = array_key_last($runs);
        if ($last !== null && $runs[$last][2] === $rows && $runs[$last][0] + $runs[$last][1] === $number) {
            $runs[$last][1] += $count;
        } else {
            $runs[] = [$number, $count, $rows];
        }
    }
}
