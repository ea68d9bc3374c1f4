<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Condition\Around;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\FilledRows;
use Rilvet\Grid\PlainRows;
use Rilvet\Look\LookBook;
use Rilvet\Work\Extent;
use Rilvet\Work\Worksheet;

/**
 * The rows of a sheet with the looks that their cells wear, for writers; flattened here and nowhere else.
 *
 * @phpstan-import-type Stored from Cell
 */
final readonly class DressedRows
{
    private const USUAL = 60;

    public DressedSheet $dressed;

    /** @var array{int, int} */
    private array $reach;

    /** @var array{int, int} last row and column to which somebody gave a look */
    private array $touched;

    /** A few cells far apart: what is written goes by what is filled, not by how far it reaches. */
    public bool $isSparse;

    /** @var array<int, int> rows that somebody sized here, as keys */
    private array $held;

    /** @param  Around|null  $around  what conditions look at beside the sheet, where they are seen in what is written */
    public function __construct(public Worksheet $sheet, LookBook $looks, ?Around $around = null)
    {
        $this->held = array_flip($sheet->setup->sizes->heldRows);
        $this->dressed = new DressedSheet($sheet, $looks, $around);
        $this->reach = Extent::of($sheet);
        $this->touched = $sheet->hand->reach();
        $this->isSparse = FilledRows::isSparse($sheet->cells);
    }

    /** The last row and column that are written. */
    public function rows(): int
    {
        return $this->reach[0];
    }

    public function columns(): int
    {
        return $this->reach[1];
    }

    /** Whether a row is as high as what it holds wants: nobody has sized it, neither here nor in the file that it came in. */
    public function isAutomatic(int $row): bool
    {
        return $this->sheet->fitted === null && ! isset($this->held[$row]) && ! $this->sheet->setup->sizes->isFixed($row);
    }

    /**
     * Whether a row is left out: it holds nothing, and nobody gave it a look.
     *
     * @param  list<Stored>  $stored
     */
    public function isBare(int $row, array $stored): bool
    {
        return $stored === [] && $row > $this->touched[0] && $this->isSparse;
    }

    /** Columns of a row that are written: of a sparse sheet those that hold something, as far as looks and tables usually reach. */
    public function columnsOf(int $filled, int $columns): int
    {
        return $this->isSparse ? max($filled, min($columns, max(self::USUAL, $this->touched[1]))) : $columns;
    }

    /** @return iterable<int, list<Stored>> every row from 1 to rows(), at least one, as plain values */
    public function stored(): iterable
    {
        $next = 1;
        foreach (PlainRows::of($this->sheet->cells) as $row => $stored) {
            for (; $next < $row; $next++) {
                yield $next => [];
            }
            $next = $row + 1;
            yield $row => $stored;
        }
        for ($last = max(1, $this->rows()); $next <= $last; $next++) {
            yield $next => [];
        }
    }

    /** @return iterable<int, list<Cell>> every row from 1 to rows() */
    public function read(): iterable
    {
        $next = 1;
        $sheet = $this->sheet->cells;
        foreach ($this->isSparse ? FilledRows::of($sheet) : $sheet->read(1, $sheet->rows()) as $row => $cells) {
            for (; $next < $row; $next++) {
                yield $next => [];
            }
            $next = $row + 1;
            yield $row => $cells;
        }
        for ($row = $next, $last = $this->rows(); $row <= $last; $row++) {
            yield $row => [];
        }
    }
}
