<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\FilledRows;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Encoding;
use Rilvet\Intake\Tokeniser;
use Rilvet\Look\Attribute;
use Rilvet\Number\FormatClass;
use Rilvet\Number\NumberFormat;
use Rilvet\Refusal;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Delimited text by RFC 4180: values, no looks. Text that came as text goes out as it came; dates that came as numbers go
 * out by ISO 8601. One sheet a file: the first, or the one that is named.
 */
final readonly class CsvWriter implements WorkbookWriter
{
    /**
     * @param  bool  $defuse  puts an apostrophe before text that begins with = + - @ or a tab, so that no program runs it
     *                        as a formula
     */
    public function __construct(private string $delimiter = ',', private bool $defuse = false, private ?int $sheet = null)
    {
    }

    public function write(Workbook $workbook, string $path, ?callable $progress = null): void
    {
        Safely::to($path, function (string $unfinished) use ($workbook, $progress) {
            $out = fopen($unfinished, 'wb');
            assert($out !== false);
            foreach ($this->texts($workbook) as $row => $texts) {
                fwrite($out, implode($this->delimiter, array_map($this->quoted(...), $texts))."\r\n");
                if ($progress !== null && $row % 64 === 0) {
                    $progress($row);
                }
            }
            fclose($out);
        });
    }

    public function prove(Workbook $workbook, string $path, ?callable $progress = null): Proof
    {
        $proof = new Proof;
        $stream = fopen($path, 'rb');
        assert($stream !== false);
        $found = Tokeniser::ofStream($stream, new Dialect(Encoding::Utf8, $this->delimiter))->rows();
        $there = (fn () => yield from $found)();
        $sheet = $this->chosen($workbook);
        foreach ($this->texts($workbook) as $row => $texts) {
            if ($progress !== null && $row % 64 === 0) {
                $progress($row);
            }
            $fields = $there->valid() ? $there->current() : [];
            $there->valid() && $there->next();
            foreach ($texts as $index => $text) {
                $proof->compare(
                    $sheet->name,
                    $row,
                    $index + 1,
                    Cell::of(str_replace("\r\n", "\n", $text)),
                    Cell::of($fields[$index] ?? ''),
                );
            }
        }
        fclose($stream);

        return $proof;
    }

    /** How many cells begin like a formula, so that a person can be asked. */
    public function risky(Workbook $workbook): int
    {
        $count = 0;
        foreach ($this->texts($workbook, false) as $texts) {
            foreach ($texts as $text) {
                $count += self::isRisky($text) ? 1 : 0;
            }
        }

        return $count;
    }

    private function chosen(Workbook $workbook): Worksheet
    {
        return $workbook->sheet($this->sheet ?? array_key_first($workbook->sheets) ?? 0);
    }

    /** @return iterable<int, list<string>> */
    private function texts(Workbook $workbook, ?bool $defuse = null): iterable
    {
        $sheet = $this->chosen($workbook);
        $dressed = new DressedSheet($sheet, $workbook->looks);
        // A few cells far apart: a line for each row, with as many fields as it needs.
        foreach (
            FilledRows::isSparse($sheet->cells)
                ? (new DressedRows($sheet, $workbook->looks))->read()
                : $sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells
        ) {
            $texts = [];
            foreach ($cells as $index => $cell) {
                $text = self::text($cell, fn () => $dressed->at($row, $index + 1)->look->text(Attribute::Number), $workbook->from1904);
                $texts[] = ($defuse ?? $this->defuse) && self::isRisky($text) ? "'$text" : $text;
            }
            yield $row => $texts;
        }
    }

    /** @param  callable(): string  $format */
    private static function text(Cell $cell, callable $format, bool $from1904): string
    {
        if ($cell->raw !== null || ! $cell->isNumber()) {
            return $cell->text();
        }
        $code = match (FormatClass::of($format())) {
            FormatClass::Date => 'yyyy-mm-dd',
            FormatClass::DateTime => 'yyyy-mm-dd"T"hh:mm:ss',
            FormatClass::Time => 'hh:mm:ss',
            FormatClass::Duration => '[h]:mm:ss',
            default => null,
        };
        if ($code === null) {
            return $cell->text();
        }
        try {
            $shown = NumberFormat::of($code)->show($cell, $from1904);
        } catch (Refusal) {
            return $cell->text();
        }

        return $shown->fits ? $shown->text : $cell->text();
    }

    private static function isRisky(string $text): bool
    {
        return $text !== '' && str_contains("=+-@\t\r", $text[0]) && ! is_numeric($text);
    }

    private function quoted(string $text): string
    {
        return strpbrk($text, "\"\r\n".$this->delimiter) === false && trim($text) === $text ? $text : '"'.str_replace('"', '""', $text).'"';
    }
}
