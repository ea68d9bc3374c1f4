<?php

declare(strict_types=1);

namespace App\Bench;

use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet as LibrarySheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Throwable;

/** What formulas give after data was changed, by the calculation engine of the general-purpose spreadsheet library. */
final class Recalculation
{
    /** Beyond this many cells a workbook is not calculated here; formulas keep the value they had. */
    private const MOST = 60_000;

    /** Gives a workbook whose formulas show what they give now; untouched where no cell was changed. */
    public static function settle(Workbook $before, Workbook $after): Workbook
    {
        $changed = array_filter($after->sheets, fn (Worksheet $sheet, int $number) => $sheet->cells !== $before->sheets[$number]->cells, ARRAY_FILTER_USE_BOTH);
        $cells = array_sum(array_map(fn (Worksheet $sheet) => $sheet->cells->rows() * $sheet->cells->columns(), $after->sheets));
        if ($changed === [] || $cells > self::MOST) {
            return $after;
        }
        $book = new Spreadsheet;
        $book->removeSheetByIndex(0);
        $formulas = [];
        foreach ($after->sheets as $number => $sheet) {
            $formulas[$number] = self::fill($book->addSheet(new LibrarySheet($book, mb_substr($sheet->name, 0, 31))), $sheet);
        }
        foreach ($formulas as $number => $found) {
            $edits = [];
            $library = $book->getSheet((int) array_search($number, array_keys($after->sheets), true));
            foreach ($found as [$row, $column, $cell]) {
                $new = self::result($library, $row, $column, $cell);
                if (! $new->sameDataAs($cell)) {
                    $edits[$row][$column] = $new;
                }
            }
            if ($edits !== []) {
                $sheet = $after->sheet($number);
                $after = $after->withSheet($number, $sheet->readAs($sheet->found, new EditedSheet($sheet->cells, $edits), $sheet->typing));
            }
        }
        $book->disconnectWorksheets();

        return $after;
    }

    /** @return list<array{int, int, Cell}> the cells with formulas */
    private static function fill(LibrarySheet $library, Worksheet $sheet): array
    {
        $formulas = [];
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
            foreach ($cells as $index => $cell) {
                if ($cell->isBlank()) {
                    continue;
                }
                if ($cell->formula !== null) {
                    $formulas[] = [$row, $index + 1, $cell];
                    $library->setCellValueExplicit([$index + 1, $row], "={$cell->formula}", DataType::TYPE_FORMULA);
                } elseif ($cell->error !== null) {
                    $library->setCellValueExplicit([$index + 1, $row], $cell->error, DataType::TYPE_ERROR);
                } else {
                    $library->setCellValueExplicit([$index + 1, $row], $cell->value, match (true) {
                        is_bool($cell->value) => DataType::TYPE_BOOL,
                        $cell->isNumber() => DataType::TYPE_NUMERIC,
                        default => DataType::TYPE_STRING,
                    });
                }
            }
        }

        return $formulas;
    }

    private static function result(LibrarySheet $library, int $row, int $column, Cell $cell): Cell
    {
        $formula = (string) $cell->formula;
        try {
            $value = $library->getCell([$column, $row])->getCalculatedValue();
        } catch (Throwable) {
            return Cell::formula($formula, null, '#NAME?');
        }
        if (is_string($value) && preg_match('/^#[A-Z0-9\/!?]+$/', $value) === 1) {
            return Cell::formula($formula, null, $value);
        }
        if (is_float($value) && ! is_finite($value)) {
            return Cell::formula($formula, null, '#NUM!');
        }

        return Cell::formula($formula, is_scalar($value) ? $value : null);
    }
}
