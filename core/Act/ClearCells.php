<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\CellIsWrong;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Work\Workbook;

/** Takes the contents out of cells; their looks stay. An act on data, named as such. */
final readonly class ClearCells implements Act
{
    /** Filled cells that one act clears at most: each is kept in the history, so that it comes back. */
    private const MOST = 200_000;

    public function __construct(private Targets $targets)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook, null) as $number => [$sheet, $ranges]) {
            $edits = [];
            $count = 0;
            $used =
                $sheet->cells->rows() === 0 || $sheet->cells->columns() === 0
                    ? null
                    : Range::of(1, 1, $sheet->cells->rows(), $sheet->cells->columns());
            foreach ($ranges as $range) {
                $range = $used === null ? null : $range->clip($used);
                if ($range === null) {
                    continue;
                }
                foreach ($sheet->cells->read($range->top, $range->bottom, $range->left, $range->right) as $row => $cells) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        if (! $cells[$column - 1]->isBlank() && ! isset($edits[$row][$column])) {
                            $edits[$row][$column] = Cell::blank();
                            $count++;
                        }
                    }
                }
                if ($count > self::MOST) {
                    throw CellIsWrong::tooMany($count, self::MOST);
                }
            }
            $workbook = $edits === [] ? $workbook : (new EditCells($number, $edits))->on($workbook);
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets)->typing($this->targets->ranges)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return 'Data: cleared '.$this->targets->words();
    }
}
