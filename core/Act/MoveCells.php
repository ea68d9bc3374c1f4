<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\MoveIsWrong;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\References;
use Rilvet\Formula\TableRange;
use Rilvet\Grid\Address;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Work\Workbook;

/**
 * Puts rows or columns in, or takes them out. Looks, merges, sizes, the reading and its corrections go along; a new row
 * inside the body is body; formulas keep meaning the same cells.
 */
final readonly class MoveCells implements Act, MovesPlaces
{
    private const MOST = 10_000;

    public function __construct(private int $sheet, private Shift $shift)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet);
        $limit = $this->shift->rows ? Address::ROWS : Address::COLUMNS;
        $size = $this->shift->rows ? $sheet->cells->rows() : $sheet->cells->columns();
        if ($this->shift->count < 1 || $this->shift->count > self::MOST || $this->shift->at < 1 || $this->shift->at > $limit) {
            throw MoveIsWrong::count(self::MOST);
        }
        if ($this->shift->in && $size + $this->shift->count > $limit) {
            throw MoveIsWrong::full($limit, $this->shift->rows);
        }
        $references = new References($this->shift, $sheet->name);
        $workbook = $workbook->withSheet($this->sheet, $sheet->moved($this->shift, BlockChange::shifted($sheet->cells, $this->shift)));
        foreach ($workbook->sheets as $number => $other) {
            $edits = self::formulas($other->cells, $references, $number === $this->sheet);
            if ($edits !== []) {
                $workbook = $workbook->withSheet($number, $other->readAs($other->found, new EditedSheet($other->cells, $edits), $other->typing));
            }
        }

        $tables = array_map(fn (TableRange $table) => $table->sheet === $this->sheet ? $table->moved($this->shift) : $table, $workbook->tables);

        return $workbook->tabled(array_filter($tables))->naming(array_map(fn (string $refers) => $references->moved($refers, false), $workbook->names));
    }

    public function movesPlacesOn(): array
    {
        return [$this->sheet];
    }

    public function shift(): Shift
    {
        return $this->shift;
    }

    public function changedCells(Workbook $before): array
    {
        return [];
    }

    public function words(Workbook $workbook): string
    {
        $what = $this->shift->count === 1 ? ($this->shift->rows ? 'Row' : 'Column') : "{$this->shift->count} ".($this->shift->rows ? 'rows' : 'columns');
        $where = $this->shift->rows ? (string) $this->shift->at : Address::columnName($this->shift->at);

        return "$what ".($this->shift->in ? 'put in' : 'taken out')." at $where, {$workbook->sheet($this->sheet)->name}";
    }

    /** @return array<int, array<int, Cell>> formulas that must be written anew, at their new places */
    private static function formulas(Sheet $sheet, References $references, bool $own): array
    {
        $edits = [];
        // Nearly all sheets hold none, and the runs that are kept tell so without opening a block.
        foreach (FormulaRuns::of($sheet) === [] ? [] : $sheet->formulas() as $row => $cells) {
            foreach ($cells as $column => $cell) {
                $moved = $references->moved((string) $cell->formula, $own);
                // An array formula goes along with the cells that it fills.
                $array = $cell->array === null || ! $own ? $cell->array : $references->moved($cell->array, true);
                if ($moved !== $cell->formula || $array !== $cell->array) {
                    $edits[$row][$column] = $cell->saying($moved)->filling($array);
                }
            }
        }

        return $edits;
    }
}
