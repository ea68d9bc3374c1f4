<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Shift;

/**
 * How a sheet opens.
 *
 * @phpstan-type OpeningData array{freezeRow: int, freezeColumn: int, gridlines: bool, zoom: int, firstRow?: int, firstColumn?: int,
 *     rightToLeft?: bool}
 */
final readonly class Opening
{
    /**
     * @param  int  $freezeRow  rows that stay in sight; 0 for none
     * @param  int  $zoom  in percent
     * @param  int  $firstRow  of the first cell that is shown, beside what stays in sight
     * @param  bool  $rightToLeft  column A stands at the right (18.3.1.87)
     */
    public function __construct(
        public int $freezeRow = 0,
        public int $freezeColumn = 0,
        public bool $gridlines = true,
        public int $zoom = 100,
        public int $firstRow = 1,
        public int $firstColumn = 1,
        public bool $rightToLeft = false,
    ) {
    }

    /** What stays in sight grows with what is put in there. */
    public function moved(Shift $shift): self
    {
        return $shift->rows
            ? $this->freezing(self::movedEdge($this->freezeRow, $shift), $this->freezeColumn)
            : $this->freezing($this->freezeRow, self::movedEdge($this->freezeColumn, $shift));
    }

    public function freezing(int $row, int $column): self
    {
        return new self($row, $column, $this->gridlines, $this->zoom, $this->firstRow, $this->firstColumn, $this->rightToLeft);
    }

    public function withGridlines(bool $gridlines): self
    {
        return new self($this->freezeRow, $this->freezeColumn, $gridlines, $this->zoom, $this->firstRow, $this->firstColumn,
            $this->rightToLeft);
    }

    /** @param  int  $zoom  in percent */
    public function zoomed(int $zoom): self
    {
        return new self($this->freezeRow, $this->freezeColumn, $this->gridlines, $zoom, $this->firstRow, $this->firstColumn,
            $this->rightToLeft);
    }

    private static function movedEdge(int $frozen, Shift $shift): int
    {
        if ($frozen < $shift->at) {
            return $frozen;
        }

        return $shift->in ? $frozen + $shift->count : max($shift->at - 1, $frozen - $shift->count);
    }

    /** @param  OpeningData  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['freezeRow'], $data['freezeColumn'], $data['gridlines'], $data['zoom'],
            $data['firstRow'] ?? 1, $data['firstColumn'] ?? 1, $data['rightToLeft'] ?? false,
        );
    }
}
