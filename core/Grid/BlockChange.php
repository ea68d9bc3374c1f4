<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/**
 * Changes of a sheet that go to many of its rows, as new blocks beside the old ones: nothing is written over, so that all
 * of it can be made before anybody waits for it, and taken back at once.
 *
 * @phpstan-import-type Stored from Cell
 */
final class BlockChange
{
    private readonly FreshBlocks $store;

    private function __construct(private readonly BlockSheet $sheet)
    {
        $this->store = FreshBlocks::over($sheet->store());
    }

    /**
     * The sheet with the edits that lie over it made, as far as its cells stand in blocks.
     *
     * @return BlockSheet|null null where they stand elsewhere
     */
    public static function flat(Sheet $sheet): ?BlockSheet
    {
        if ($sheet instanceof EditedSheet) {
            $beneath = self::flat($sheet->beneath);

            return $beneath === null ? null : self::edited($beneath, $sheet->edits, $sheet->rows(), $sheet->columns());
        }

        return $sheet instanceof BlockSheet ? $sheet : null;
    }

    /** Rows or columns put in or taken out. */
    public static function shifted(Sheet $sheet, Shift $shift): Sheet
    {
        $beneath = self::flat($sheet);
        if ($beneath === null) {
            return new ShiftedSheet($sheet, $shift);
        }
        $sheet = $beneath;
        $size = new ShiftedSheet($sheet, $shift);
        $change = new self($sheet);
        $index = $shift->rows ? $change->shiftRows($shift) : $change->shiftColumns($shift);

        return $sheet->over($change->store, $index, $size->rows(), $size->columns());
    }

    /**
     * Cells replaced.
     *
     * @param  array<int, array<int, Cell>>  $edits  by row, then by column
     */
    public static function edited(BlockSheet $sheet, array $edits, int $rows, int $columns): BlockSheet
    {
        $change = new self($sheet);
        ksort($edits);
        if ($edits === []) {
            return $sheet->over($change->store, $sheet->index(), $rows, $columns);
        }
        $blocks = [];
        $places = array_keys($edits);
        [$top, $end, $at] = [0, 0, 0];
        foreach ($sheet->index()->blocks($places[0], $places[count($places) - 1]) as [$block, $start, $size]) {
            $top = $top === 0 ? $start : $top;
            $end = $start + $size;
            $lines = null;
            for (; $at < count($places) && $places[$at] < $end; $at++) {
                $row = $places[$at];
                $lines ??= $change->lines($block, $size);
                $line = $lines[$row - $start];
                foreach ($edits[$row] as $column => $cell) {
                    $line = array_pad($line, $column, null);
                    $line[$column - 1] = $cell->stored();
                }
                $lines[$row - $start] = array_values($line);
            }
            $blocks[] = [$lines === null ? $block : $change->add($lines), $size];
        }

        return $sheet->over($change->store, $sheet->index()->with($top, $end, $blocks, $change->store->spare()), $rows, $columns);
    }

    /**
     * Rows in another order.
     *
     * @param  callable(string, int, int, int): string  $formula  what a formula says in its new row: the formula, its column, from, to
     */
    public static function ordered(BlockSheet $sheet, RowOrder $order, callable $formula): BlockSheet
    {
        $change = new self($sheet);
        [$first, $last, $left, $right, $rows] = [$order->first(), $order->last(), $order->left, $order->right, $order->from];
        $whole = $left === 1 && $right >= $sheet->columns();
        // A row as its JSON takes a tenth of the room that its values do.
        $texts = [];
        foreach ($sheet->stored($first, $last) as $row => $line) {
            $texts[$row] = Block::row($whole ? $line : array_slice($line, $left - 1, $right - $left + 1));
        }
        $blocks = [];
        [$top, $end] = [0, 0];
        foreach ($sheet->index()->blocks($first, $last) as [$block, $start, $size]) {
            $top = $top === 0 ? $start : $top;
            $end = $start + $size;
            $lines = $whole && $start >= $first && $start + $size - 1 <= $last ? array_fill(0, $size, []) : $change->lines($block, $size);
            $new = [];
            for ($at = 0; $at < $size; $at++) {
                $to = $start + $at;
                $from = $rows[$to] ?? $to;
                if ($from === $to && ! ($whole && isset($texts[$to]))) {
                    $new[] = Block::row($lines[$at]);

                    continue;
                }
                $text = $texts[$from] ?? '[]';
                if ($whole && ! str_contains($text, '{"f":')) {
                    $new[] = $text;

                    continue;
                }
                $line = array_pad($lines[$at], $left - 1, null);
                $came = array_pad(Block::line($text), min($right, $sheet->columns()) - $left + 1, null);
                foreach ($came as $along => $stored) {
                    if (is_array($stored) && isset($stored['f']) && $from !== $to) {
                        $stored['f'] = $formula($stored['f'], $left + $along, $from, $to);
                    }
                    $came[$along] = $stored;
                }
                array_splice($line, $left - 1, count($came), $came);
                $new[] = Block::row(Block::trimmed([$line])[0]);
            }
            $blocks[] = [$change->store->add(Block::ofRows($new)), $size];
        }

        return $sheet->over(
            $change->store,
            $sheet->index()->with($top, $end, $blocks, $change->store->spare()),
            $sheet->rows(),
            $sheet->columns(),
        );
    }

    /**
     * Formulas said otherwise; what they gave stays.
     *
     * @param  array<int, list<array{int, int, callable(int): string, string|null}>>  $says  by column: first and last row, what a
     *     formula says in a row, the range that an array fills
     */
    public static function restated(BlockSheet $sheet, array $says): BlockSheet
    {
        $change = new self($sheet);
        $ends = array_merge(...array_values($says));
        if ($ends === []) {
            return $sheet;
        }
        // In the order of rows, so that each block looks at its own stretches alone.
        foreach ($says as &$stretches) {
            usort($stretches, fn (array $a, array $b) => $a[0] <=> $b[0]);
        }
        unset($stretches);
        $done = array_fill_keys(array_keys($says), 0);
        $blocks = [];
        [$top, $end] = [0, 0];
        foreach ($sheet->index()->blocks(min(array_column($ends, 0)), max(array_column($ends, 1))) as [$block, $start, $size]) {
            $top = $top === 0 ? $start : $top;
            $end = $start + $size;
            $lines = null;
            foreach ($says as $column => $stretches) {
                for (; isset($stretches[$done[$column]]) && $stretches[$done[$column]][1] < $start; $done[$column]++);
                for ($at = $done[$column]; isset($stretches[$at]) && $stretches[$at][0] < $end; $at++) {
                    [$first, $last, $formula, $array] = $stretches[$at];
                    for ($row = max($first, $start), $until = min($last, $end - 1); $row <= $until; $row++) {
                        $lines ??= $change->lines($block, $size);
                        $stored = $lines[$row - $start][$column - 1] ?? null;
                        if (is_array($stored) && isset($stored['f'])) {
                            $stored['f'] = $formula($row);
                            if (isset($stored['a'])) {
                                $stored['a'] = $array ?? $stored['a'];
                            }
                            $lines[$row - $start][$column - 1] = $stored;
                        }
                    }
                }
            }
            $blocks[] = [$lines === null ? $block : $change->store->add(Block::encode(array_map(array_values(...), $lines))), $size];
        }

        return $sheet->over(
            $change->store,
            $sheet->index()->with($top, $end, $blocks, $change->store->spare()),
            $sheet->rows(),
            $sheet->columns(),
        );
    }

    private function shiftRows(Shift $shift): BlockIndex
    {
        $index = $this->sheet->index();
        if ($shift->at > $this->sheet->rows()) {
            return $index;
        }
        $last = $shift->in ? $shift->at : min(Address::ROWS, $shift->at + $shift->count - 1);
        $from = $end = $shift->at;
        $lines = [];
        $begun = false;
        foreach ($index->blocks($shift->at, $last) as [$block, $start, $size]) {
            $own = $start <= $shift->at || $start + $size > $last ? $this->lines($block, $size) : [];
            if (! $begun) {
                $from = $start;
                $lines = array_slice($own, 0, $shift->at - $start);
                $begun = true;
                if ($shift->in) {
                    $lines = [...$lines, ...array_fill(0, $shift->count, [])];
                }
            }
            array_push($lines, ...array_slice($own, ($shift->in ? $shift->at : $last + 1) - $start));
            $end = $start + $size;
        }
        $blocks = [];
        foreach (array_chunk($lines, count($lines) > 2 * Block::ROWS ? Block::ROWS : 2 * Block::ROWS) as $chunk) {
            $blocks[] = [$this->add($chunk), count($chunk)];
        }

        return $index->with($from, $end, $blocks, $this->store->spare());
    }

    private function shiftColumns(Shift $shift): BlockIndex
    {
        $index = $this->sheet->index();
        if ($shift->at > $this->sheet->columns()) {
            return $index;
        }
        $blocks = [];
        $end = 1;
        foreach ($index->blocks(1, $this->sheet->rows()) as [$block, $start, $size]) {
            $end = $start + $size;
            $lines = $this->lines($block, $size);
            foreach ($lines as $at => $line) {
                if (count($line) < $shift->at) {
                    continue;
                }
                array_splice($line, $shift->at - 1, $shift->in ? 0 : $shift->count,
                    $shift->in ? array_fill(0, $shift->count, null) : []);
                $lines[$at] = $line;
            }
            $blocks[] = [$this->add($lines), $size];
        }

        return $index->with(1, $end, $blocks, $this->store->spare());
    }

    /** @param  list<list<Stored>>  $lines */
    private function add(array $lines): int
    {
        return $this->store->add(Block::encode(Block::trimmed($lines)));
    }

    /** @return list<list<Stored>> one for each row of a block */
    private function lines(int $block, int $size): array
    {
        $data = $this->sheet->store()->block($block);

        return array_pad(array_slice($data === null ? [] : Block::decode($data), 0, $size), $size, []);
    }
}
