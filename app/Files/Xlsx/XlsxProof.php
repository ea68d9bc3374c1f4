<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use App\Files\Writing\Proof;
use Rilvet\Grid\Cell;
use Rilvet\Grid\PlainRows;
use Rilvet\Work\Workbook;
use Rilvet\Xlsx\Book;
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
    /** @param  (callable(int): void)|null  $progress  told the number of rows compared */
    public static function of(Workbook $workbook, string $path, ?callable $progress = null): Proof
    {
        $stream = fopen($path, 'rb') ?: throw new RuntimeException('The written file is not there.');
        try {
            return self::compare($workbook, new Book($stream), $progress);
        } finally {
            fclose($stream);
        }
    }

    /** @param  (callable(int): void)|null  $progress */
    private static function compare(Workbook $workbook, Book $book, ?callable $progress): Proof
    {
        $proof = new Proof;
        $written = [];
        foreach ($book->sheets as $sheet) {
            $written[$sheet->name] = $sheet;
        }
        foreach ($workbook->sheets as $sheet) {
            $from = $written[$sheet->name] ?? throw new RuntimeException("The written file has no sheet {$sheet->name}.");
            $reader = new RowReader($book->texts(), [], $from->part);
            $rows = (function () use ($book, $from, $reader) {
                $stream = new SheetStream($book->package, $from->part);
                $begun = false;
                foreach ($stream->rows() as $row => [, $xml]) {
                    $begun || $reader->within($stream->head);
                    $begun = true;
                    yield $row => $reader->cells($row, $xml)[0];
                }
            })();
            foreach (PlainRows::of($sheet->cells) as $row => $meant) {
                if ($progress !== null && $row % 64 === 0) {
                    $progress($row);
                }
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

        return $proof;
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
