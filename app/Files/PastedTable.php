<?php

declare(strict_types=1);

namespace App\Files;

use DOMDocument;
use DOMElement;
use DOMXPath;
use Rilvet\Grid\Address;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Encoding;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;

/** A table from the clipboard: tab-separated text where there is any, else the first table of the html. */
final class PastedTable
{
    /** Cells of a table that is pasted as html. */
    private const MOST = 1_000_000;

    /** @throws FileIsWrong when neither holds a table */
    public static function toTabs(string $text, string $html): string
    {
        if (str_contains($text, "\t") || ($html === '' && trim($text) !== '')) {
            return $text;
        }
        $rows = self::htmlRows($html);
        if ($rows === []) {
            return trim($text) !== ''
                ? $text
                : throw FileIsWrong::package('There is no table on the clipboard. Copy cells or a table, and paste again.');
        }

        return implode("\n", array_map(fn (array $row) => implode("\t", array_map(
            fn (string $cell) => strpbrk($cell, "\t\n\"") === false ? $cell : '"'.str_replace('"', '""', $cell).'"', $row)), $rows));
    }

    /**
     * The fields of a table from the clipboard, row by row.
     *
     * @return list<list<string>>
     *
     * @throws FileIsWrong
     */
    public static function rows(string $text, string $html): array
    {
        $tabs = self::toTabs($text, $html);
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $tabs);
        rewind($stream);
        try {
            return array_values(iterator_to_array(Tokeniser::ofStream($stream, new Dialect(Encoding::Utf8, "\t", '"'))->rows()));
        } finally {
            fclose($stream);
        }
    }

    /** @return list<list<string>> */
    private static function htmlRows(string $html): array
    {
        if (! str_contains(strtolower($html), '<table')) {
            return [];
        }
        $document = new DOMDocument;
        $previous = libxml_use_internal_errors(true);
        $document->loadHTML('<?xml encoding="UTF-8"?>'.$html, LIBXML_NONET | LIBXML_NOERROR);
        libxml_clear_errors();
        libxml_use_internal_errors($previous);
        $rows = [];
        $fields = 0;
        $found = (new DOMXPath($document))->query('(//table)[1]//tr');
        foreach ($found === false ? [] : $found as $tr) {
            if (! $tr instanceof DOMElement) {
                continue;
            }
            $row = [];
            foreach ($tr->childNodes as $cell) {
                if ($cell instanceof DOMElement && in_array($cell->tagName, ['td', 'th'], true)) {
                    $row[] = trim((string) preg_replace('/[ \t\r\n]+/', ' ', $cell->textContent));
                    $span = min(Address::COLUMNS, max(1, (int) $cell->getAttribute('colspan')));
                    for ($extra = 1; $extra < $span && count($row) < Address::COLUMNS; $extra++) {
                        $row[] = '';
                    }
                }
            }
            $rows[] = $row;
            $fields += count($row);
            if ($fields > self::MOST) {
                throw FileIsWrong::package(
                    sprintf('The table on the clipboard has more than %s cells. Copy a part of it.', number_format(self::MOST)),
                );
            }
        }

        return $rows;
    }
}
