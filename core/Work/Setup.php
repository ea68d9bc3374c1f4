<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;

/**
 * Sizes and the way a sheet opens. Widths and heights in px at 96 dpi, zoom in percent.
 *
 * @phpstan-type SetupData array{widths: array<int, int>, heights: array<int, int>, hiddenColumns: list<int>, hiddenRows: list<int>, merges: list<string>, width: int, height: int, freezeRow: int, freezeColumn: int, gridlines: bool, zoom: int, colour: string|null, state: string, protected: bool, heldColumns?: list<int>, heldRows?: list<int>, autoColumns?: list<int>, autoRows?: list<int>, firstRow?: int, firstColumn?: int, fixedRows?: list<array{int, int}>, rightToLeft?: bool}
 */
final readonly class Setup
{
    /** @var array<int, int> by column; files hide thousands of them, and every width is asked for */
    private array $columnsHidden;

    /** @var array<int, int> by row */
    private array $rowsHidden;

    /**
     * @param  array<int, int>  $widths  by column
     * @param  array<int, int>  $heights  by row
     * @param  list<int>  $hiddenColumns
     * @param  list<int>  $hiddenRows
     * @param  list<Range>  $merges
     * @param  int  $width  of columns without their own
     * @param  int  $height  of rows without their own
     * @param  int  $freezeRow  rows that stay in sight; 0 for none
     * @param  list<int>  $heldColumns  sized by hand: no fit changes them
     * @param  list<int>  $heldRows
     * @param  list<int>  $autoColumns  fitted by a person where no stylebook fits: they follow what they hold
     * @param  list<int>  $autoRows
     * @param  list<array{int, int}>  $fixedRows  first and last of stretches of rows whose height the file says to be their own; others only remember theirs (18.3.1.73)
     * @param  bool  $rightToLeft  column A stands at the right (18.3.1.87)
     * @param  int  $firstRow  of the first cell that is shown when the sheet opens, beside what stays in sight
     * @param  string  $state  visible, hidden or veryHidden (18.18.68)
     */
    public function __construct(
        public array $widths = [],
        public array $heights = [],
        public array $hiddenColumns = [],
        public array $hiddenRows = [],
        public array $merges = [],
        public int $width = 64,
        public int $height = 20,
        public int $freezeRow = 0,
        public int $freezeColumn = 0,
        public bool $gridlines = true,
        public int $zoom = 100,
        public ?string $tab = null,
        public string $state = 'visible',
        public bool $protected = false,
        public array $heldColumns = [],
        public array $heldRows = [],
        public array $autoColumns = [],
        public array $autoRows = [],
        public int $firstRow = 1,
        public int $firstColumn = 1,
        public array $fixedRows = [],
        public bool $rightToLeft = false,
    ) {
        $this->columnsHidden = array_flip($hiddenColumns);
        $this->rowsHidden = array_flip($hiddenRows);
    }

    public function hidesColumn(int $column): bool
    {
        return isset($this->columnsHidden[$column]);
    }

    public function hidesRow(int $row): bool
    {
        return isset($this->rowsHidden[$row]);
    }

    /** Whether the file says that the height of a row is the row's own. */
    public function isFixed(int $row): bool
    {
        $low = 0;
        $high = count($this->fixedRows);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->fixedRows[$middle][1] < $row ? $low = $middle + 1 : $high = $middle;
        }

        return $low < count($this->fixedRows) && $this->fixedRows[$low][0] <= $row;
    }

    public function widthOf(int $column): int
    {
        return $this->hidesColumn($column) ? 0 : $this->widths[$column] ?? $this->width;
    }

    public function heightOf(int $row): int
    {
        return $this->hidesRow($row) ? 0 : $this->heights[$row] ?? $this->height;
    }

    /**
     * @param  array<int, int>  $widths
     * @param  array<int, int>  $heights
     */
    public function withSizes(array $widths, array $heights, int $height): self
    {
        // What was sized by hand stays as it is.
        return self::fromArray([
            'widths' => array_diff_key($widths, array_flip($this->heldColumns)) + $this->widths,
            'heights' => array_intersect_key($this->heights, array_flip($this->heldRows)) + $heights,
            'height' => $height,
        ] + $this->toArray());
    }

    public function withOpening(int $freezeRow, int $freezeColumn, bool $gridlines, ?int $zoom = null): self
    {
        return self::fromArray(['freezeRow' => $freezeRow, 'freezeColumn' => $freezeColumn, 'gridlines' => $gridlines, 'zoom' => $zoom ?? $this->zoom] + $this->toArray());
    }

    public function openingAt(int $row, int $column): self
    {
        return self::fromArray(['firstRow' => $row, 'firstColumn' => $column] + $this->toArray());
    }

    /**
     * Other sizes for some columns or rows; those that are given none go back to the usual one.
     *
     * @param  array<int, int>  $sizes  in px
     * @param  list<int>  $indexes
     * @param  bool  $held  they are sized by hand from now on; else they follow what they hold
     */
    public function sized(bool $columns, array $sizes, array $indexes, bool $held): self
    {
        $data = $this->toArray();
        [$size, $hold, $auto] = $columns ? ['widths', 'heldColumns', 'autoColumns'] : ['heights', 'heldRows', 'autoRows'];
        $data[$size] = $sizes + array_diff_key($data[$size], array_flip($indexes));
        $data[$hold] = [...array_values(array_diff($data[$hold] ?? [], $indexes)), ...($held ? $indexes : [])];
        $data[$auto] = [...array_values(array_diff($data[$auto] ?? [], $indexes)), ...($held ? [] : $indexes)];
        if (! $columns && $this->fixedRows !== []) {
            $data['fixedRows'] = self::without($this->fixedRows, $indexes);
        }

        return self::fromArray($data);
    }

    /**
     * Heights and hidden rows after rows changed places.
     *
     * @param  array<int, int>  $rows  where each row comes from, by the row it goes to
     */
    public function ordered(array $rows): self
    {
        $data = $this->toArray();
        $to = array_flip($rows);
        $place = fn (int $row) => $to[$row] ?? $row;
        $data['heights'] = array_combine(array_map($place, array_keys($this->heights)), $this->heights);
        $data['hiddenRows'] = array_map($place, $this->hiddenRows);
        $data['heldRows'] = array_map($place, $this->heldRows);
        $data['autoRows'] = array_map($place, $this->autoRows);
        if ($this->fixedRows !== []) {
            $data['fixedRows'] = self::stretches(array_flip(array_map($place, array_keys(self::rowsOf($this->fixedRows)))));
        }

        return self::fromArray($data);
    }

    public function shown(string $state, ?string $tab): self
    {
        return self::fromArray(['state' => $state, 'colour' => $tab] + $this->toArray());
    }

    /** @param  list<int>  $hidden  all that are hidden then */
    public function hiding(bool $columns, array $hidden): self
    {
        return self::fromArray([$columns ? 'hiddenColumns' : 'hiddenRows' => $hidden] + $this->toArray());
    }

    /** @param  list<Range>  $merges */
    public function withMerges(array $merges): self
    {
        return self::fromArray(['merges' => array_map(strval(...), $merges)] + $this->toArray());
    }

    public function moved(Shift $shift): self
    {
        $frozen = $shift->rows ? $this->freezeRow : $this->freezeColumn;
        $frozen = $frozen >= $shift->at ? ($shift->in ? $frozen + $shift->count : max($shift->at - 1, $frozen - $shift->count)) : $frozen;
        $merges = array_values(array_filter(array_map($shift->range(...), $this->merges), fn (?Range $merge) => $merge !== null && $merge->cells() > 1));

        return new self(
            $shift->rows ? $this->widths : self::movedSizes($this->widths, $shift),
            $shift->rows ? self::movedSizes($this->heights, $shift) : $this->heights,
            $shift->rows ? $this->hiddenColumns : self::movedList($this->hiddenColumns, $shift),
            $shift->rows ? self::movedList($this->hiddenRows, $shift) : $this->hiddenRows,
            $merges, $this->width, $this->height,
            $shift->rows ? $frozen : $this->freezeRow,
            $shift->rows ? $this->freezeColumn : $frozen,
            $this->gridlines, $this->zoom, $this->tab, $this->state, $this->protected,
            $shift->rows ? $this->heldColumns : self::movedList($this->heldColumns, $shift),
            $shift->rows ? self::movedList($this->heldRows, $shift) : $this->heldRows,
            $shift->rows ? $this->autoColumns : self::movedList($this->autoColumns, $shift),
            $shift->rows ? self::movedList($this->autoRows, $shift) : $this->autoRows,
            $this->firstRow, $this->firstColumn,
            $shift->rows ? self::movedStretches($this->fixedRows, $shift) : $this->fixedRows,
            $this->rightToLeft,
        );
    }

    /**
     * @param  array<int, mixed>  $rows  as keys
     * @return list<array{int, int}>
     */
    public static function stretches(array $rows): array
    {
        $rows = array_keys($rows);
        sort($rows);
        $stretches = [];
        $at = -1;
        foreach ($rows as $row) {
            if ($at >= 0 && $stretches[$at][1] === $row - 1) {
                $stretches[$at][1] = $row;
            } else {
                $stretches[++$at] = [$row, $row];
            }
        }

        return array_values($stretches);
    }

    /**
     * @param  list<array{int, int}>  $stretches  in order
     * @param  list<int>  $rows
     * @return list<array{int, int}>
     */
    private static function without(array $stretches, array $rows): array
    {
        sort($rows);
        $left = [];
        $at = 0;
        foreach ($stretches as [$first, $last]) {
            for (; isset($rows[$at]) && $rows[$at] <= $last; $at++) {
                if ($rows[$at] > $first) {
                    $left[] = [$first, $rows[$at] - 1];
                }
                $first = max($first, $rows[$at] + 1);
            }
            if ($first <= $last) {
                $left[] = [$first, $last];
            }
        }

        return $left;
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return array<int, true> rows as keys
     */
    private static function rowsOf(array $stretches): array
    {
        $rows = [];
        foreach ($stretches as [$first, $last]) {
            for ($row = $first; $row <= $last; $row++) {
                $rows[$row] = true;
            }
        }

        return $rows;
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<array{int, int}>
     */
    private static function movedStretches(array $stretches, Shift $shift): array
    {
        $moved = [];
        foreach ($stretches as [$first, $last]) {
            // Rows that are put in inside a stretch have no height of their own.
            $isParted = $shift->in && $shift->at > $first && $shift->at <= $last;
            foreach ($isParted ? [[$first, $shift->at - 1], [$shift->at, $last]] : [[$first, $last]] as [$from, $to]) {
                $there = $shift->range(Range::of($from, 1, $to, 1));
                if ($there !== null) {
                    $moved[] = [$there->top, $there->bottom];
                }
            }
        }

        return $moved;
    }

    /**
     * @param  array<int, int>  $sizes
     * @return array<int, int>
     */
    private static function movedSizes(array $sizes, Shift $shift): array
    {
        $moved = [];
        foreach ($sizes as $index => $size) {
            $to = $shift->place($index);
            if ($to !== null) {
                $moved[$to] = $size;
            }
        }

        return $moved;
    }

    /**
     * @param  list<int>  $hidden
     * @return list<int>
     */
    private static function movedList(array $hidden, Shift $shift): array
    {
        return array_values(array_filter(array_map(fn (int $index) => $shift->place($index), $hidden), fn (?int $index) => $index !== null));
    }

    /** @return SetupData */
    public function toArray(): array
    {
        return [
            'widths' => $this->widths, 'heights' => $this->heights, 'hiddenColumns' => $this->hiddenColumns, 'hiddenRows' => $this->hiddenRows,
            'merges' => array_map(strval(...), $this->merges), 'width' => $this->width, 'height' => $this->height,
            'freezeRow' => $this->freezeRow, 'freezeColumn' => $this->freezeColumn, 'gridlines' => $this->gridlines, 'zoom' => $this->zoom,
            'colour' => $this->tab, 'state' => $this->state, 'protected' => $this->protected,
            'heldColumns' => $this->heldColumns, 'heldRows' => $this->heldRows, 'autoColumns' => $this->autoColumns, 'autoRows' => $this->autoRows,
            'firstRow' => $this->firstRow, 'firstColumn' => $this->firstColumn,
            // Left out where there is nothing to say, as older workbooks have it: what came is known by its fingerprint.
        ] + array_filter(['fixedRows' => $this->fixedRows, 'rightToLeft' => $this->rightToLeft]);
    }

    /** @param  SetupData  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['widths'], $data['heights'], $data['hiddenColumns'], $data['hiddenRows'], array_map(Range::parse(...), $data['merges']),
            $data['width'], $data['height'], $data['freezeRow'], $data['freezeColumn'], $data['gridlines'], $data['zoom'], $data['colour'], $data['state'], $data['protected'],
            $data['heldColumns'] ?? [], $data['heldRows'] ?? [], $data['autoColumns'] ?? [], $data['autoRows'] ?? [],
            $data['firstRow'] ?? 1, $data['firstColumn'] ?? 1, $data['fixedRows'] ?? [], $data['rightToLeft'] ?? false,
        );
    }
}
