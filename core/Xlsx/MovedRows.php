<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Closure;
use Rilvet\Grid\Address;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use RuntimeException;

/**
 * The rows of a part where they stand now, after rows and columns were put in, taken out and sorted: cells go along as the
 * bytes that they are, with all that Rilvet does not know of them (parts of texts with looks of their own, array formulas).
 */
final class MovedRows
{
    /** @param  Closure(): string  $root  start tag of the worksheet, for cells in rare shapes; known from the first row on */
    public function __construct(private readonly Moves $moves, private readonly string $part, private readonly Closure $root)
    {
    }

    /**
     * @param  iterable<int, array{string, string}>  $rows  attributes and xml of the cells, by row
     * @return iterable<int, array{string, string}>
     */
    public function of(iterable $rows): iterable
    {
        $shifts = [];
        foreach ($this->moves->shifts as $move) {
            if ($move instanceof Shift) {
                $shifts[] = $move;

                continue;
            }
            $rows = $this->ordered($this->shifted($rows, $shifts), $move);
            $shifts = [];
        }

        return $this->shifted($rows, $shifts);
    }

    /**
     * @param  iterable<int, array{string, string}>  $rows
     * @param  list<Shift>  $shifts
     * @return iterable<int, array{string, string}>
     */
    private function shifted(iterable $rows, array $shifts): iterable
    {
        $columns = array_filter($shifts, fn (Shift $shift) => ! $shift->rows) !== [];
        $letters = [];
        foreach ($rows as $row => [$attributes, $xml]) {
            $to = $row;
            foreach ($shifts as $shift) {
                $to = $to === null || ! $shift->rows ? $to : $shift->place($to);
            }
            if ($to === null || $to > Address::ROWS) {
                continue;
            }
            if (! $columns && $to === $row) {
                yield $row => [$attributes, $this->reaching($xml)];

                continue;
            }
            if (! $columns) {
                yield $to => [
                    self::numbered($attributes, $to),
                    $this->reaching(
                        implode('', array_map(fn (array $cell) => self::addressed($cell[1], $cell[0].$to), $this->cells($row, $xml))),
                    ),
                ];

                continue;
            }
            $moved = '';
            foreach ($this->cells($row, $xml) as [$name, $cell]) {
                $letters[$name] ??= $this->column($name, $shifts);
                $moved .= $letters[$name] === '' ? '' : self::addressed($cell, $letters[$name].$to);
            }
            yield $to => [(string) preg_replace('~\sspans="[^"]*"~', '', self::numbered($attributes, $to)), $this->reaching($moved)];
        }
    }

    /**
     * Rows in another order; those that change places wait in a stream of their own until all are there.
     *
     * @param  iterable<int, array{string, string}>  $rows
     * @return iterable<int, array{string, string}>
     */
    private function ordered(iterable $rows, RowOrder $order): iterable
    {
        $waiting = fopen('php://temp/maxmemory:16777216', 'w+b') ?: throw new RuntimeException('No room to sort in.');
        $attributes = $places = $stays = [];
        [$first, $last] = [$order->first(), $order->last()];
        try {
            foreach ($rows as $row => [$own, $xml]) {
                if ($row < $first) {
                    yield $row => [$own, $xml];

                    continue;
                }
                if ($row > $last) {
                    if ($places !== null) {
                        yield from $this->placed($waiting, $order, $attributes, $places, $stays);
                        $places = null;
                    }
                    yield $row => [$own, $xml];

                    continue;
                }
                $attributes[$row] = $own;
                $moving = '';
                foreach ($this->cells($row, $xml) as [$name, $cell]) {
                    $column = Place::column($name);
                    if ($order->hasColumn($column)) {
                        $moving .= $cell;
                    } else {
                        $stays[$row][$column] = $cell;
                    }
                }
                $places[$row] = [(int) ftell($waiting), strlen($moving)];
                fwrite($waiting, $moving);
            }
            if ($places !== null) {
                yield from $this->placed($waiting, $order, $attributes, $places, $stays);
            }
        } finally {
            fclose($waiting);
        }
    }

    /**
     * @param  resource  $waiting
     * @param  array<int, string>  $attributes  by row
     * @param  array<int, array{int, int}>  $places  where the moving cells of a row wait, and how many bytes
     * @param  array<int, array<int, string>>  $stays  cells outside of the sorted columns, by row and column
     * @return iterable<int, array{string, string}>
     */
    private function placed($waiting, RowOrder $order, array $attributes, array $places, array $stays): iterable
    {
        for ($row = $order->first(), $last = $order->last(); $row <= $last; $row++) {
            $from = $order->from[$row] ?? $row;
            [$at, $length] = $places[$from] ?? [0, 0];
            fseek($waiting, $at);
            $xml = $length < 1 ? '' : (string) fread($waiting, $length);
            $cells = $stays[$row] ?? [];
            if ($xml === '' && $cells === [] && ! isset($attributes[$row])) {
                continue;
            }
            if ($from !== $row) {
                $xml = (string) preg_replace('~(<c r="[A-Z]{1,3})\d{1,7}"~', '${1}'.$row.'"', $xml);
            }
            if ($cells !== []) {
                foreach ($this->cells($row, $xml) as [$name, $cell]) {
                    $cells[Place::column($name)] = $cell;
                }
                ksort($cells);
                $xml = implode('', $cells);
            }
            yield $row => [$attributes[$row] ?? " r=\"$row\"", $xml];
        }
    }

    /**
     * The cells of a row, each with its address first.
     *
     * @return list<array{string, string}> letters of the column, and the whole cell
     */
    private function cells(int $row, string $xml): array
    {
        if ($xml === '') {
            return [];
        }
        $count = preg_match_all(RowReader::WHOLE, $xml, $found);
        if ($count !== false && strlen(implode('', $found[0])) === strlen($xml)) {
            return array_map(fn (string $letters, string $cell) => [$letters, $cell], $found[1], $found[0]);
        }

        return array_map(fn (array $cell) => [Place::letters($cell[0]), $cell[2]],
            RowCells::odd($row, $xml, ($this->root)(), $this->part));
    }

    /** Cells that fill a range say where it is now. */
    private function reaching(string $xml): string
    {
        if (! str_contains($xml, ' ref="') && ! str_contains($xml, ' r1="')) {
            return $xml;
        }

        return (string) preg_replace_callback('~(<f\s[^>]*>)~', fn (array $tag) => (string) preg_replace_callback(
            '~(\s(?:ref|r1|r2)=")([^"]+)"~', fn (array $place) => $place[1].($this->moves->ranges($place[2]) ?: $place[2]).'"', $tag[1],
        ), $xml);
    }

    /** @param  list<Shift>  $shifts */
    private function column(string $letters, array $shifts): string
    {
        $column = Place::column($letters);
        foreach ($shifts as $shift) {
            $column = $column === null || $shift->rows ? $column : $shift->place($column);
        }

        return $column === null || $column > Address::COLUMNS ? '' : Place::letters($column);
    }

    private static function addressed(string $cell, string $address): string
    {
        return '<c r="'.$address.substr($cell, (int) strpos($cell, '"', 6));
    }

    private static function numbered(string $attributes, int $row): string
    {
        return (string) preg_replace('~(\sr=")\d+"~', '${1}'.$row.'"', $attributes);
    }
}
