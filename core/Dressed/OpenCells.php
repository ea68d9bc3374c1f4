<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Grid\Address;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Work\Worksheet;

/** Cells that are not locked: where a person goes on a protected sheet, along the rows and around. */
final class OpenCells
{
    /** Cells and rows that are looked at on the way to the next; rows that wear what a closed one wears count once. */
    private const WALK = 300_000;

    private readonly DressedSheet $dressed;

    private int $rows;

    private int $columns;

    /** @var array<string, true> what rows without an open cell have in common */
    private array $closed = [];

    public function __construct(Worksheet $sheet, LookBook $looks)
    {
        $this->dressed = new DressedSheet($sheet, $looks);
        [$this->rows, $this->columns] = [max(1, $sheet->cells->rows()), max(1, $sheet->cells->columns())];
        foreach ($sheet->reading->tables as $table) {
            $this->rows = max($this->rows, $table->range->bottom);
            $this->columns = max($this->columns, $table->range->right);
        }
    }

    /** The open cell after or before one, of the filled part of the sheet; null where there is none, or none that is near. */
    public function next(int $row, int $column, bool $isBack): ?Address
    {
        $step = $isBack ? -1 : 1;
        // Who stands beyond what is filled begins at its end.
        if ($row > $this->rows) {
            [$row, $column] = $isBack ? [$this->rows, $this->columns + 1] : [1, 0];
        }
        $looked = 0;
        // The row that is begun in comes again at the end, for the cells on the other side.
        for ($at = 0; $at <= $this->rows && $looked < self::WALK; $at++) {
            $open = $this->openIn($row, $looked);
            $ahead = array_filter($open, fn (int $one) => $at > 0 || ($isBack ? $one < $column : $one > $column));
            if ($ahead !== []) {
                return Address::of($row, $isBack ? max($ahead) : min($ahead));
            }
            $row = ($row - 1 + $step + $this->rows) % $this->rows + 1;
        }

        return null;
    }

    /** @return list<int> columns */
    private function openIn(int $row, int &$looked): array
    {
        $looked++;
        $key = $this->dressed->key($row);
        if ($key !== null && isset($this->closed[$key])) {
            return [];
        }
        $open = [];
        foreach ($this->dressed->stretch($row, 1, $this->columns)[1] as $column => $look) {
            $look->look->get(Attribute::Locked) === false && $open[] = $column;
        }
        $looked += $this->columns;
        $open === [] && $key !== null && $this->closed[$key] = true;

        return $open;
    }
}
