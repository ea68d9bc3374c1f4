<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\CellIsWrong;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Work\Workbook;

/**
 * Puts a block of values over cells, from one corner on: with the looks that they wore, or without. An act on data.
 * Formulas are pasted as the values that they gave.
 */
final readonly class PasteCells implements Act
{
    private const MOST = 100_000;

    private int $columns;

    /**
     * @param  list<list<string|Cell>>  $rows  texts as typed, or cells as they were copied
     * @param  non-empty-list<non-empty-list<Look>>|null  $looks  of the same cells; null leaves the looks as they are
     */
    public function __construct(private int $sheet, private Address $corner, private array $rows, private ?array $looks)
    {
        $this->columns = max([0, ...array_map(count(...), $rows)]);
        if ($corner->row + count($rows) - 1 > Address::ROWS || $corner->column + $this->columns - 1 > Address::COLUMNS) {
            throw CellIsWrong::outside(count($rows), $this->columns);
        }
    }

    public function on(Workbook $workbook): Workbook
    {
        $count = count($this->rows) * $this->columns;
        if ($count > self::MOST) {
            throw CellIsWrong::tooMany($count, self::MOST);
        }
        $edits = [];
        foreach ($this->rows as $down => $cells) {
            foreach ($cells as $along => $cell) {
                $edits[$this->corner->row + $down][$this->corner->column + $along] = $cell;
            }
        }
        // Looks first: what is typed then is read by the format that it will have.
        if ($this->looks !== null) {
            $workbook = (new Lay(new Targets([$this->sheet], RangeSet::of($this->range())), $this->looks))->on($workbook);
        }

        return $edits === [] ? $workbook : (new EditCells($this->sheet, $edits))->on($workbook);
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet)->typing(RangeSet::of($this->range()))->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return 'Data: '.$this->range().' pasted'.($this->looks === null ? '' : ' with looks');
    }

    private function range(): Range
    {
        return Range::of(
            $this->corner->row,
            $this->corner->column,
            $this->corner->row + max(1, count($this->rows)) - 1,
            $this->corner->column + max(1, $this->columns) - 1,
        );
    }
}
