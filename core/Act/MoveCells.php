<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\MoveIsWrong;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\MovedRun;
use Rilvet\Formula\References;
use Rilvet\Formula\TableRange;
use Rilvet\Grid\Address;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Allowance;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Puts rows or columns in, or takes them out. Looks, merges, sizes, the reading and its corrections go along; a new row
 * inside the body is body; formulas keep meaning the same cells.
 */
final readonly class MoveCells implements Act
{
    private const MOST = 10_000;

    /** Formulas said anew up to which each is an edit of its cell; of more, whole blocks are written. */
    private const FEW = 400;

    public function __construct(private int $sheet, private Shift $shift)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet, match (true) {
            $this->shift->in => $this->shift->rows ? Allowance::PutRows : Allowance::PutColumns,
            default => $this->shift->rows ? Allowance::TakeRows : Allowance::TakeColumns,
        });
        $limit = $this->shift->rows ? Address::ROWS : Address::COLUMNS;
        $size = $this->shift->rows ? $sheet->cells->rows() : $sheet->cells->columns();
        if ($this->shift->count < 1 || $this->shift->count > self::MOST || $this->shift->at < 1 || $this->shift->at > $limit) {
            throw MoveIsWrong::count(self::MOST);
        }
        if ($this->shift->in && $size + $this->shift->count > $limit) {
            throw MoveIsWrong::full($limit, $this->shift->rows);
        }

        return self::shifted($workbook, $this->sheet, $this->shift);
    }

    /** Rows or columns put in or taken out, with all that goes along; nobody is asked whether that is allowed. */
    public static function shifted(Workbook $workbook, int $moving, Shift $shift): Workbook
    {
        $sheet = $workbook->sheet($moving);
        $references = new References($shift, $sheet->name);
        $runs = array_map(fn (Worksheet $each) => FormulaRuns::of($each->cells), $workbook->sheets);
        $workbook = $workbook->withSheet($moving, $sheet->moved($shift, BlockChange::shifted($sheet->cells, $shift)));
        foreach ($runs as $number => $own) {
            $moved = MovedRun::of($own, $references, $shift, $number === $moving);
            $other = $workbook->sheet($number);
            $cells = self::said($other->cells, array_values(array_filter($moved, fn (MovedRun $run) => $run->isSaidAnew)));
            if ($cells !== $other->cells) {
                $other = $other->readAs($other->found, $cells, $other->typing);
            }
            $workbook = $workbook->withSheet($number, $other->following(fn (string $formula) => $references->moved($formula, false)));
        }
        $tables = array_map(
            fn (TableRange $table) => $table->sheet === $moving ? $table->moved($shift) : $table,
            $workbook->tables,
        );

        return $workbook
            ->tabled(array_filter($tables))
            ->naming(array_map(fn (string $refers) => $references->moved($refers, false), $workbook->names));
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet)->moving($this->shift);
    }

    public function words(Workbook $workbook): string
    {
        $what =
            $this->shift->count === 1
                ? ($this->shift->rows
                    ? 'Row'
                    : 'Column')
                : "{$this->shift->count} ".($this->shift->rows ? 'rows' : 'columns');
        $where = $this->shift->rows ? (string) $this->shift->at : Address::columnName($this->shift->at);

        return "$what ".($this->shift->in ? 'put in' : 'taken out')." at $where, {$workbook->sheet($this->sheet)->name}";
    }

    /** @param  list<MovedRun>  $moved */
    private static function said(Sheet $cells, array $moved): Sheet
    {
        $count = array_sum(array_map(fn (MovedRun $each) => $each->run->last - $each->run->first + 1, $moved));
        $blocks = $count > self::FEW ? BlockChange::flat($cells) : null;
        if ($blocks !== null) {
            $says = [];
            foreach ($moved as $each) {
                $template = References::template($each->run->formula, $each->run->first);
                $says[$each->run->column][] = [
                    $each->run->first,
                    $each->run->last,
                    fn (int $row) => References::filled($template, $row),
                    $each->run->array,
                ];
            }

            return BlockChange::restated($blocks, $says);
        }
        $edits = [];
        foreach ($moved as $each) {
            $column = $each->run->column;
            foreach ($cells->read($each->run->first, $each->run->last, $column, $column) as $row => $line) {
                $edits[$row][$column] = $line[$column - 1]->saying($each->run->at($row))->filling($each->run->array);
            }
        }

        return $edits === [] ? $cells : new EditedSheet($cells, $edits);
    }
}
