<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use App\Files\Writing\Proof;
use App\Files\Writing\RowMarks;
use Rilvet\Grid\Cell;
use Rilvet\Grid\PlainRows;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\BookSheet;
use Rilvet\Xlsx\RowReader;
use Rilvet\Xlsx\SheetStream;
use RuntimeException;

/**
 * Reads a written package back, as anybody's would be read, and compares every cell with the workbook.
 *
 * @phpstan-import-type Stored from Cell
 */
final class XlsxProof
{
    /**
     * @param  (callable(int): void)|null  $progress  told the number of rows compared
     * @param  array<string, RowMarks>  $marks  of what was meant, where it was taken while writing, by the name of the sheet
     */
    public static function of(Workbook $workbook, string $path, ?callable $progress = null, array $marks = []): Proof
    {
        $stream = fopen($path, 'rb') ?: throw new RuntimeException('The written file is not there.');
        try {
            return self::compare($workbook, new Book($stream), $progress ?? fn (int $row) => null, $marks);
        } finally {
            fclose($stream);
        }
    }

    /**
     * @param  callable(int): void  $progress
     * @param  array<string, RowMarks>  $marks
     */
    private static function compare(Workbook $workbook, Book $book, callable $progress, array $marks): Proof
    {
        $proof = new Proof;
        $written = [];
        foreach ($book->sheets as $sheet) {
            $written[$sheet->name] = $sheet;
        }
        foreach ($workbook->sheets as $sheet) {
            $from = $written[$sheet->name] ?? throw new RuntimeException("The written file has no sheet {$sheet->name}.");
            $rows = self::rows($book, $from);
            isset($marks[$sheet->name])
                ? self::marked($proof, $sheet, $rows, $marks[$sheet->name], $progress)
                : self::each($proof, $sheet, $rows, $progress);
        }

        return $proof;
    }

    /** @return iterable<int, list<Stored>> */
    private static function rows(Book $book, BookSheet $from): iterable
    {
        $reader = new RowReader($book->texts(), [], $from->part, from1904: $book->from1904());
        $stream = new SheetStream($book->package, $from->part);
        $begun = false;
        foreach ($stream->rows() as $row => [, $xml]) {
            $begun || $reader->within($stream->head);
            $begun = true;
            yield $row => $reader->values($row, $xml);
        }
    }

    /**
     * By the hashes of its rows; a row that has another one is looked at cell by cell.
     *
     * @param  iterable<int, list<Stored>>  $rows
     * @param  callable(int): void  $progress
     */
    private static function marked(Proof $proof, Worksheet $sheet, iterable $rows, RowMarks $marks, callable $progress): void
    {
        $next = 1;
        $odd = [];
        foreach ($rows as $row => $found) {
            for (; $next < $row; $next++) {
                $marks->holds($next, []) || $odd[$next] = [];
            }
            $next = $row + 1;
            if ($marks->holds($row, $found)) {
                $proof->cells += count(array_filter($found, fn ($value) => $value !== null));
            } else {
                $odd[$row] = $found;
            }
            $row % 64 === 0 && $progress($row);
            if (count($odd) >= 256) {
                self::odd($proof, $sheet, $odd);
                $odd = [];
            }
        }
        for ($last = $marks->rows(); $next <= $last; $next++) {
            $marks->holds($next, []) || $odd[$next] = [];
        }
        self::odd($proof, $sheet, $odd);
    }

    /** @param  array<int, list<Stored>>  $odd  by row, in order */
    private static function odd(Proof $proof, Worksheet $sheet, array $odd): void
    {
        if ($odd === []) {
            return;
        }
        $next = array_key_first($odd);
        foreach ($odd as $row => $found) {
            // Rows near each other stand in one block, and are read in one go.
            if ($row < $next) {
                continue;
            }
            $last = min($row + 255, array_key_last($odd));
            foreach ($sheet->cells->read($row, $last) as $at => $cells) {
                isset($odd[$at]) && self::row($proof, $sheet->name, $at, array_map(self::plain(...), $cells), $odd[$at]);
            }
            for ($beyond = max($row, $sheet->cells->rows() + 1); $beyond <= $last; $beyond++) {
                isset($odd[$beyond]) && self::row($proof, $sheet->name, $beyond, [], $odd[$beyond]);
            }
            $next = $last + 1;
        }
    }

    /**
     * What a cell holds, as a file has it: without the text that it was read from.
     *
     * @return Stored
     */
    private static function plain(Cell $cell): null|bool|int|float|string|array
    {
        return $cell->formula === null && $cell->error === null ? $cell->value : $cell->stored();
    }

    /**
     * @param  iterable<int, list<Stored>>  $rows
     * @param  callable(int): void  $progress
     */
    private static function each(Proof $proof, Worksheet $sheet, iterable $rows, callable $progress): void
    {
        $rows = (fn () => yield from $rows)();
        foreach (PlainRows::of($sheet->cells) as $row => $meant) {
            $row % 64 === 0 && $progress($row);
            while ($rows->valid() && $rows->key() < $row) {
                self::row($proof, $sheet->name, $rows->key(), [], $rows->current());
                $rows->next();
            }
            $found = [];
            if ($rows->valid() && $rows->key() === $row) {
                $found = $rows->current();
                $rows->next();
            }
            self::row($proof, $sheet->name, $row, $meant, $found);
        }
        for (; $rows->valid(); $rows->next()) {
            self::row($proof, $sheet->name, $rows->key(), [], $rows->current());
        }
    }

    /**
     * @param  list<Stored>  $meant
     * @param  list<Stored>  $found
     */
    private static function row(Proof $proof, string $sheet, int $row, array $meant, array $found): void
    {
        if ($meant === $found) {
            $proof->cells += count($meant) - count(array_keys($meant, null, true));

            return;
        }
        for ($index = 0; $index < max(count($meant), count($found)); $index++) {
            $proof->compare($sheet, $row, $index + 1, Cell::fromStored($meant[$index] ?? null), Cell::fromStored($found[$index] ?? null));
        }
    }
}
