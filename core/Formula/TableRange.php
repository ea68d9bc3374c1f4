<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;

/** A table of the file (ISO/IEC 29500-1 18.5.1.2), as far as formulas name its cells by its columns. */
final readonly class TableRange
{
    /**
     * @param  int  $sheet  number of the sheet
     * @param  int  $heads  rows of headings, 0 or 1
     * @param  int  $totals  rows of totals, 0 or 1
     * @param  list<string>  $columns  headings from the left
     */
    public function __construct(public int $sheet, public Range $range, public int $heads, public int $totals, public array $columns)
    {
    }

    /** The table after rows or columns were put in or taken out; null where its columns no longer are those that it names. */
    public function moved(Shift $shift): ?self
    {
        $range = $shift->range($this->range);

        return $range === null || $range->columns() !== count($this->columns)
            ? null
            : new self($this->sheet, $range, $this->heads, $this->totals, $this->columns);
    }

    /**
     * The cells that stand in brackets behind the table's name (18.17.2.7).
     *
     * @param  string  $said  with the outer brackets: "[Amount]", "[[#Totals],[Amount]]", "[[#This Row],[Count]:[Price]]", "[]"
     * @param  int  $row  of the formula
     * @return array{Range, bool}|null the cells, and whether they go along with the formula's row; null where it cannot be told
     */
    public function cells(string $said, int $row): ?array
    {
        $inner = trim(substr($said, 1, -1));
        $items = [];
        $columns = [];
        $rest = $inner;
        if ($inner !== '' && $inner[0] !== '[') {
            $thisRow = str_starts_with($inner, '@');
            $items = $thisRow ? ['#this row']
                : (str_starts_with($inner, '#') ? [mb_strtolower($inner)] : []);
            $columns = $thisRow
                ? array_filter([trim(substr($inner, 1), ' []')], fn (string $name) => $name !== '')
                : ($items === []
                    ? [$inner]
                    : []);
            $rest = '';
        }
        while (
            $rest !== '' &&
            preg_match("/^\\[((?:'.|[^\\[\\]'])*)\\](?::\\[((?:'.|[^\\[\\]'])*)\\])?\\s*,?\\s*/u", $rest, $found) === 1
        ) {
            $rest = substr($rest, strlen($found[0]));
            if (str_starts_with($found[1], '#')) {
                $items[] = mb_strtolower($found[1]);
            } else {
                array_push($columns, ...array_filter([$found[1], $found[2] ?? ''], fn (string $name) => $name !== ''));
            }
        }
        if ($rest !== '') {
            return null;
        }
        $places = array_map(fn (string $name) => $this->column((string) preg_replace("/'(.)/u", '$1', $name)), $columns);
        if (in_array(null, $places, true)) {
            return null;
        }
        $left = $places === [] ? $this->range->left : min($places);
        $right = $places === [] ? $this->range->right : max($places);
        if (in_array('#this row', $items, true)) {
            return $row < $this->range->top + $this->heads || $row > $this->range->bottom - $this->totals
                ? null
                : [Range::of($row, $left, $row, $right), true];
        }
        [$top, $bottom] = $this->rows($items);

        return $top > $bottom ? null : [Range::of($top, $left, $bottom, $right), false];
    }

    /**
     * @param  list<string>  $items
     * @return array{int, int} crossed where there are none
     */
    private function rows(array $items): array
    {
        $data = [$this->range->top + $this->heads, $this->range->bottom - $this->totals];
        $spans = array_map(fn (string $item) => match ($item) {
            '#all' => [$this->range->top, $this->range->bottom],
            '#data' => $data,
            '#headers' => [$this->range->top, $this->range->top + $this->heads - 1],
            '#totals' => [$this->range->bottom - $this->totals + 1, $this->range->bottom],
            default => [1, 0],
        }, $items === [] ? ['#data'] : $items);

        return [min(array_column($spans, 0)), max(array_column($spans, 1))];
    }

    private function column(string $name): ?int
    {
        foreach ($this->columns as $index => $heading) {
            if (mb_strtolower($heading) === mb_strtolower($name)) {
                return $this->range->left + $index;
            }
        }

        return null;
    }

    /** @return array{sheet: int, range: string, heads: int, totals: int, columns: list<string>} */
    public function toArray(): array
    {
        return [
            'sheet' => $this->sheet,
            'range' => (string) $this->range,
            'heads' => $this->heads,
            'totals' => $this->totals,
            'columns' => $this->columns,
        ];
    }

    /** @param  array{sheet: int, range: string, heads: int, totals: int, columns: list<string>}  $data */
    public static function fromArray(array $data): self
    {
        return new self($data['sheet'], Range::parse($data['range']), $data['heads'], $data['totals'], $data['columns']);
    }
}
