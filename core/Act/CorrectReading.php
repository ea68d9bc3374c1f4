<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Grid\Cell;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Correction\RowsAreEach;
use Rilvet\Reading\Part;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Lays a correction over the reading of a sheet; a sheet that is dressed is fitted again, in the same act. */
final readonly class CorrectReading implements Act
{
    public function __construct(private int $sheet, private Correction $correction)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $before = $workbook->sheet($this->sheet);
        $correction = match (true) {
            $this->correction instanceof RowsAre => self::labelled($before, $this->correction),
            $this->correction instanceof RowsAreEach => new RowsAreEach(
                array_map(fn (RowsAre $rows) => self::labelled($before, $rows), $this->correction->each),
            ),
            default => $this->correction,
        };
        $sheet = ReadAnew::columns($before->corrected($correction), $workbook, $this->sheet);
        if ($sheet->reading->toArray() === $before->reading->toArray()) {
            throw NothingToChange::becauseReadSo();
        }
        $workbook = $workbook->withSheet($this->sheet, $sheet);

        return Dress::again($workbook, $this->sheet);
    }

    /** A code that labels the rows stays one, whatever the rows are read as; a name is read like text (common practice). */
    private static function labelled(Worksheet $sheet, RowsAre $rows): RowsAre
    {
        $isSum = $rows->part === Part::Total || $rows->part === Part::Subtotal;
        $columns = $isSum ? $sheet->reading->tableAt($rows->row, $rows->column)->columns ?? [] : [];
        foreach ($columns as $column) {
            if ($column->role !== ColumnRole::Label || $column->kind !== ColumnKind::Code) {
                continue;
            }
            foreach ($sheet->cells->read($rows->first, $rows->first, $column->column, $column->column) as $cells) {
                $text = ($cells[$column->column - 1] ?? Cell::blank())->text();

                return preg_match('/^(?=.*\d)\S+$/u', $text) === 1 ? $rows->ofCodes() : $rows;
            }
        }

        return $rows;
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        return $this->correction->words().', '.$workbook->sheet($this->sheet)->name;
    }
}
