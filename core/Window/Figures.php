<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\KeepsFigures;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Typing;
use Rilvet\Number\NumberFormat;

/**
 * Count, sum, mean, least and greatest of a selection. What a whole row block adds to them is kept beside the block.
 *
 * @phpstan-import-type Stored from Cell
 *
 * A tally: filled cells, numbers, their sum, the least, the greatest.
 *
 * @phpstan-type Tally array{int, int, float, float, float}
 */
final readonly class Figures
{
    private const NONE = [0, 0, 0.0, INF, -INF];

    /** Blocks that are gone through while somebody waits for something else. */
    private const FEW = 8;

    public function __construct(
        public int $cells,
        public int $filled,
        public int $numbers,
        public ?string $sum,
        public ?string $mean,
        public ?string $least,
        public ?string $greatest,
    ) {
    }

    public static function of(Sheet $sheet, RangeSet $set): self
    {
        if ($sheet->rows() === 0 || $sheet->columns() === 0) {
            return new self($set->cells(), 0, 0, null, null, null, null);
        }
        [$blocks, $edits] = self::beneath($sheet);
        $all = self::NONE;
        foreach ($set->clip(Range::of(1, 1, $sheet->rows(), $sheet->columns())) as $range) {
            $tallies = $blocks instanceof BlockSheet ? self::ofBlocks($blocks, $range, $edits) : self::ofCells($sheet, $range);
            foreach ($tallies as $tally) {
                $all = self::added($all, $tally);
            }
        }
        [$filled, $count, $sum, $least, $greatest] = $all;
        $show = fn (float $number) => NumberFormat::of(floor($number) === $number ? '#,##0' : '#,##0.00')->number($number)->text;

        return $count === 0
            ? new self($set->cells(), $filled, 0, null, null, null, null)
            : new self($set->cells(), $filled, $count, $show($sum), $show($sum / $count), $show($least), $show($greatest));
    }

    /** The figures where few blocks have to be gone through for them; null where it would take a while. */
    public static function atHand(Sheet $sheet, RangeSet $set): ?self
    {
        [$blocks] = self::beneath($sheet);
        if (! $blocks instanceof BlockSheet) {
            return self::of($sheet, $set);
        }
        $count = 0;
        foreach ($set as $range) {
            foreach ($blocks->index()->blocks($range->top, min($range->bottom, $blocks->rows())) as $_) {
                if (++$count > self::FEW) {
                    return null;
                }
            }
        }

        return self::of($sheet, $set);
    }

    /** Works out the figures of all blocks of a sheet, so that they are there when somebody asks. */
    public static function keep(BlockSheet $sheet): void
    {
        if ($sheet->rows() > 0 && $sheet->columns() > 0) {
            self::of($sheet, RangeSet::of(Range::of(1, 1, $sheet->rows(), $sheet->columns())));
        }
    }

    /** @return array{Sheet, array<int, array<int, Cell>>} a sheet without what was typed over it, and that */
    private static function beneath(Sheet $sheet): array
    {
        $edits = [];
        for (; $sheet instanceof EditedSheet; $sheet = $sheet->beneath) {
            foreach ($sheet->edits as $row => $cells) {
                $edits[$row] = ($edits[$row] ?? []) + $cells;
            }
        }

        return [$sheet, $edits];
    }

    /**
     * @param  array<int, array<int, Cell>>  $edits  what was typed over cells since they were put into blocks
     * @return iterable<Tally>
     */
    private static function ofBlocks(BlockSheet $sheet, Range $range, array $edits): iterable
    {
        $isWithin = $range->hasColumn(...);
        $store = $sheet->store();
        $key = $store instanceof KeepsFigures ? hash('xxh64', serialize($sheet->typing())) : '';
        foreach ($sheet->index()->blocks($range->top, $range->bottom) as [$number, $start, $size]) {
            $typed = array_filter($edits, fn (int $row) => $row >= $start && $row < $start + $size, ARRAY_FILTER_USE_KEY);
            $edits = array_diff_key($edits, $typed);
            $isWhole =
                $store instanceof KeepsFigures &&
                $typed === [] &&
                $range->holdsRows($start, min($start + $size - 1, $sheet->rows()));
            $kept = $isWhole ? $store->figures($number, $key) : null;
            if ($kept !== null) {
                /** @var array<int, array{int, int, float, float|null, float|null}> $tallies */
                $tallies = json_decode($kept, true, 4, JSON_THROW_ON_ERROR);
                $tallies = array_map(fn (array $tally) => [$tally[0], $tally[1], $tally[2], $tally[3] ?? INF, $tally[4] ?? -INF], $tallies);
            } else {
                $data = $store->block($number);
                $rows = self::typedOver($data === null ? [] : array_slice(Block::decode($data), 0, $size), $start, $typed);
                $tallies = self::tallied(
                    $isWhole ? $rows : array_slice($rows, max(0, $range->top - $start), $range->bottom - max($range->top, $start) + 1),
                    $sheet->typing(),
                );
                if ($isWhole) {
                    $store->keepFigures(
                        $number,
                        $key,
                        json_encode(
                            array_map(fn (array $tally) => $tally[1] === 0 ? [$tally[0], 0, 0.0, null, null] : $tally, $tallies),
                            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
                        ),
                    );
                }
            }
            yield from array_filter($tallies, $isWithin, ARRAY_FILTER_USE_KEY);
        }
        // Rows that were typed below the last one.
        $within = array_filter($edits, $range->hasRow(...), ARRAY_FILTER_USE_KEY);
        foreach ($within as $row => $cells) {
            $tallies = self::tallied(self::typedOver([], $row, [$row => $cells]), $sheet->typing());
            yield from array_filter($tallies, $isWithin, ARRAY_FILTER_USE_KEY);
        }
    }

    /**
     * @param  list<list<Stored>>  $rows
     * @param  int  $start  the row that the first of them is
     * @param  array<int, array<int, Cell>>  $typed
     * @return list<list<Stored>>
     */
    private static function typedOver(array $rows, int $start, array $typed): array
    {
        foreach ($typed as $row => $cells) {
            $rows = array_pad($rows, $row - $start + 1, []);
            $line = $rows[$row - $start];
            foreach ($cells as $column => $cell) {
                $line = array_pad($line, $column, null);
                $line[$column - 1] = $cell->stored();
            }
            $rows[$row - $start] = array_values($line);
        }

        return $rows;
    }

    /**
     * @param  list<list<Stored>>  $rows
     * @return array<int, Tally> by column
     */
    private static function tallied(array $rows, ?Typing $typing): array
    {
        $columns = [];
        foreach ($rows as $at => $line) {
            foreach ($line as $index => $stored) {
                if ($stored !== null && $stored !== '') {
                    $columns[$index + 1][$at] = $stored;
                }
            }
        }
        $tallies = [];
        foreach ($columns as $column => $filled) {
            $numbers = array_filter($filled, fn (mixed $value) => is_int($value) || is_float($value));
            foreach ($typing?->values($column, array_filter($filled, is_string(...))) ?? [] as $value) {
                is_int($value) || is_float($value) ? $numbers[] = $value : null;
            }
            foreach (array_filter($filled, is_array(...)) as $formula) {
                $number = Cell::fromStored($formula)->number();
                $number === null ?: $numbers[] = $number;
            }
            $tallies[$column] =
                $numbers === []
                    ? [count($filled), 0, 0.0, INF, -INF]
                    : [count($filled), count($numbers), (float) array_sum($numbers), (float) min($numbers), (float) max($numbers)];
        }

        return $tallies;
    }

    /** @return iterable<Tally> */
    private static function ofCells(Sheet $sheet, Range $range): iterable
    {
        foreach ($sheet->read($range->top, $range->bottom, $range->left, $range->right) as $cells) {
            $line = array_map(fn (Cell $cell) => $cell->stored(), array_slice($cells, $range->left - 1, $range->columns()));
            yield from self::tallied([$line], null);
        }
    }

    /**
     * @param  Tally  $one
     * @param  Tally  $other
     * @return Tally
     */
    private static function added(array $one, array $other): array
    {
        return [$one[0] + $other[0], $one[1] + $other[1], $one[2] + $other[2], min($one[3], $other[3]), max($one[4], $other[4])];
    }
}
