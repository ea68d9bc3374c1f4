<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Generator;
use Rilvet\Grid\Cell;
use Rilvet\Work\Merges;
use Rilvet\Work\Workbook;
use RuntimeException;
use XMLReader;

/** Reads a page back that was written, and compares what its cells hold with what was meant. */
final class HtmlProof
{
    /** @param  (callable(int): void)|null  $progress  told the number of rows done */
    public static function of(Workbook $workbook, string $path, ?callable $progress): Proof
    {
        $proof = new Proof;
        $found = self::cells($path);
        foreach ($workbook->sheets as $sheet) {
            if ($sheet->setup->tab->state !== 'visible' && count($workbook->sheets) > 1) {
                continue;
            }
            $merges = new Merges($sheet->setup->merges);
            foreach ((new DressedRows($sheet, $workbook->looks))->read() as $row => $cells) {
                if ($progress !== null && $row % 64 === 0) {
                    $progress($row);
                }
                $there = $found->current();
                $found->next();
                foreach ($cells as $index => $cell) {
                    if ($merges->hides($row, $index + 1)) {
                        continue;
                    }
                    // Html has no formulas: what a formula gave is compared.
                    $meant = Cell::of(
                        $cell->error ??
                            ($cell->isNumber() ? $cell->value
                                : self::plain(is_bool($cell->value) ? $cell->text() : (string) $cell->value)),
                    );
                    $proof->compare($sheet->name, $row, $index + 1, $meant, $there[$index + 1] ?? Cell::blank());
                }
            }
        }

        return $proof;
    }

    /** @return Generator<int, array<int, Cell>> the cells of each table row, by column */
    private static function cells(string $path): Generator
    {
        $reader = new XMLReader;
        if (! $reader->open($path, 'UTF-8', LIBXML_NONET | LIBXML_PARSEHUGE)) {
            throw new RuntimeException('The written file cannot be read back.');
        }
        $cells = [];
        $column = 0;
        $text = $value = $kept = null;
        while ($reader->read()) {
            if ($reader->nodeType === XMLReader::ELEMENT) {
                if ($reader->localName === 'tr') {
                    $cells = [];
                    if ($reader->isEmptyElement) {
                        yield [];
                    }
                } elseif ($reader->localName === 'td' || $reader->localName === 'th') {
                    $column = (int) $reader->getAttribute('data-c');
                    $text = '';
                    $value = $kept = null;
                    $cells[$column] = Cell::blank();
                } elseif ($reader->localName === 'data') {
                    [$isText, $said] = [$reader->getAttribute('class') === 't', (string) $reader->getAttribute('value')];
                    $value = $isText ? null : $said;
                    $kept = $isText ? $said : null;
                }
            } elseif (
                ($reader->nodeType === XMLReader::TEXT ||
                    $reader->nodeType === XMLReader::SIGNIFICANT_WHITESPACE ||
                    $reader->nodeType === XMLReader::WHITESPACE) &&
                $text !== null
            ) {
                $text .= $reader->value;
            } elseif ($reader->nodeType === XMLReader::END_ELEMENT) {
                if ($reader->localName === 'td' || $reader->localName === 'th') {
                    $cells[$column] = Cell::of(
                        $value === null ? $kept ?? $text
                            : (preg_match('/^-?\d{1,18}$/', $value) === 1 ? (int) $value : (float) $value),
                    );
                    $text = null;
                } elseif ($reader->localName === 'tr') {
                    yield $cells;
                }
            }
        }
        $reader->close();
    }

    /** A text as a page can carry it: what xml cannot hold has no place there either. */
    public static function plain(string $text): string
    {
        return (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x{FFFE}\x{FFFF}]/u', "\u{FFFD}", str_replace("\r\n", "\n", $text));
    }
}
