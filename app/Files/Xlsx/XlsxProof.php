<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use App\Files\Writing\Proof;
use Rilvet\Grid\Cell;
use Rilvet\Work\Workbook;
use Rilvet\Xlsx\Book;
use Rilvet\Xlsx\RowReader;
use Rilvet\Xlsx\SheetStream;
use RuntimeException;

/** Reads a written package back, as anybody's would be read, and compares every cell with the workbook. */
final class XlsxProof
{
    public static function of(Workbook $workbook, string $path): Proof
    {
        $stream = fopen($path, 'rb') ?: throw new RuntimeException('The written file is not there.');
        try {
            return self::compare($workbook, new Book($stream));
        } finally {
            fclose($stream);
        }
    }

    private static function compare(Workbook $workbook, Book $book): Proof
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
            foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
                while ($rows->valid() && $rows->key() < $row) {
                    $rows->next();
                }
                $stored = $rows->valid() && $rows->key() === $row ? $rows->current() : [];
                for ($index = 0; $index < max(count($cells), count($stored)); $index++) {
                    $proof->compare($sheet->name, $row, $index + 1, $cells[$index] ?? Cell::blank(), Cell::fromStored($stored[$index] ?? null));
                }
            }
        }

        return $proof;
    }
}
