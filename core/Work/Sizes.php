<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Shift;

/**
 * Widths of columns and heights of rows in px at 96 dpi; what is hidden, and who has sized what.
 *
 * @phpstan-type SizesData array{widths: array<int, int>, heights: array<int, int>, hiddenColumns: list<int>, hiddenRows: list<int>,
 *     width: int, height: int, heldColumns?: list<int>, heldRows?: list<int>, autoColumns?: list<int>, autoRows?: list<int>,
 *     fixedRows?: list<array{int, int}>, grown?: array<int, int>}
 */
final readonly class Sizes
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
     * @param  int  $width  of columns without their own
     * @param  int  $height  of rows without their own
     * @param  list<int>  $heldColumns  sized by hand: no fit changes them
     * @param  list<int>  $heldRows
     * @param  list<int>  $autoColumns  fitted by a person where no stylebook fits: they follow what they hold
     * @param  list<int>  $autoRows
     * @param  list<array{int, int}>  $fixedRows  first and last of stretches of rows whose height the file says to be their own; others
     *     only remember theirs (18.3.1.73)
     * @param  array<int, int>  $grown  by row: what rows want of which the file says no height, as whoever opens it sees them. The file
     *     goes on saying nothing of them.
     */
    public function __construct(
        public array $widths = [],
        public array $heights = [],
        public array $hiddenColumns = [],
        public array $hiddenRows = [],
        public int $width = 64,
        public int $height = 20,
        public array $heldColumns = [],
        public array $heldRows = [],
        public array $autoColumns = [],
        public array $autoRows = [],
        public array $fixedRows = [],
        public array $grown = [],
    ) {
        $this->columnsHidden = array_flip($hiddenColumns);
        $this->rowsHidden = array_flip($hiddenRows);
    }

    /** @return array<int, int> rows that are as high as what they hold wants and are to stay so, as keys */
    public function followingRows(): array
    {
        return array_diff_key(array_flip($this->autoRows), array_flip($this->heldRows));
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
        return $this->hidesRow($row) ? 0 : $this->ownHeight($row) ?? $this->height;
    }

    /** Where it is not the usual one. */
    public function ownHeight(int $row): ?int
    {
        return $this->heights[$row] ?? $this->grown[$row] ?? null;
    }

    /**
     * Fitted sizes; what was sized by hand stays as it is.
     *
     * @param  array<int, int>  $widths
     * @param  array<int, int>  $heights
     */
    public function fitted(array $widths, array $heights, int $height): self
    {
        return $this->with([
            'widths' => array_diff_key($widths, array_flip($this->heldColumns)) + $this->widths,
            'heights' => array_intersect_key($this->heights, array_flip($this->heldRows)) + $heights,
            'height' => $height,
            'grown' => [],
        ]);
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
        [$size, $hold, $auto] = $columns ? ['widths', 'heldColumns', 'autoColumns'] : ['heights', 'heldRows', 'autoRows'];
        $parts = [
            $size => $sizes + array_diff_key($this->$size, array_flip($indexes)),
            $hold => [...array_values(array_diff($this->$hold, $indexes)), ...($held ? $indexes : [])],
            $auto => [...array_values(array_diff($this->$auto, $indexes)), ...($held ? [] : $indexes)],
        ];

        return $this->with($columns ? $parts : $parts + [
            'fixedRows' => $this->fixedRows === [] ? [] : Stretches::without($this->fixedRows, $indexes),
            'grown' => array_diff_key($this->grown, array_flip($indexes)),
        ]);
    }

    /** @param  array<int, int>  $heights  px by row, of all that are grown then */
    public function grown(array $heights): self
    {
        return $this->with(['grown' => $heights]);
    }

    /** @param  list<int>  $hidden  all that are hidden then */
    public function hiding(bool $columns, array $hidden): self
    {
        return $this->with([$columns ? 'hiddenColumns' : 'hiddenRows' => $hidden]);
    }

    /**
     * Heights and hidden rows after rows changed places.
     *
     * @param  array<int, int>  $rows  where each row comes from, by the row it goes to
     */
    public function ordered(array $rows): self
    {
        $to = array_flip($rows);
        $place = fn (int $row) => $to[$row] ?? $row;

        return $this->with([
            'heights' => array_combine(array_map($place, array_keys($this->heights)), $this->heights),
            'grown' => array_combine(array_map($place, array_keys($this->grown)), $this->grown),
            'hiddenRows' => array_map($place, $this->hiddenRows),
            'heldRows' => array_map($place, $this->heldRows),
            'autoRows' => array_map($place, $this->autoRows),
            'fixedRows' => Stretches::of(array_flip(array_map($place, array_keys(Stretches::rows($this->fixedRows))))),
        ]);
    }

    public function moved(Shift $shift): self
    {
        return $this->with($shift->rows ? [
            'heights' => self::movedSizes($this->heights, $shift),
            'grown' => self::movedSizes($this->grown, $shift),
            'hiddenRows' => self::movedList($this->hiddenRows, $shift),
            'heldRows' => self::movedList($this->heldRows, $shift),
            'autoRows' => self::movedList($this->autoRows, $shift),
            'fixedRows' => Stretches::moved($this->fixedRows, $shift),
        ] : [
            'widths' => self::movedSizes($this->widths, $shift),
            'hiddenColumns' => self::movedList($this->hiddenColumns, $shift),
            'heldColumns' => self::movedList($this->heldColumns, $shift),
            'autoColumns' => self::movedList($this->autoColumns, $shift),
        ]);
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
     * @param  list<int>  $indexes
     * @return list<int>
     */
    private static function movedList(array $indexes, Shift $shift): array
    {
        $places = array_map(fn (int $index) => $shift->place($index), $indexes);

        return array_values(array_filter($places, fn (?int $index) => $index !== null));
    }

    /** @param  SizesData  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['widths'],
            $data['heights'],
            $data['hiddenColumns'],
            $data['hiddenRows'],
            $data['width'],
            $data['height'],
            $data['heldColumns'] ?? [],
            $data['heldRows'] ?? [],
            $data['autoColumns'] ?? [],
            $data['autoRows'] ?? [],
            $data['fixedRows'] ?? [],
            $data['grown'] ?? [],
        );
    }

    /** @param  array<string, mixed>  $parts by the names of the constructor's arguments */
    private function with(array $parts): self
    {
        $now = get_object_vars($this);
        unset($now['columnsHidden'], $now['rowsHidden']);

        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + $now));
    }
}
