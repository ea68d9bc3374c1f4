<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use Generator;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use RuntimeException;
use XMLReader;

/** Reads values and formulas of a worksheet part that {@see XlsxWriter} wrote, as a stream: the proof of a hand-over. */
final readonly class SheetValues
{
    public function __construct(private string $path, private string $part)
    {
    }

    /** @return Generator<int, array<int, Cell>> by row, then by column */
    public function rows(): Generator
    {
        $reader = new XMLReader;
        if (! $reader->open('zip://'.$this->path.'#'.$this->part, null, LIBXML_NONET | LIBXML_PARSEHUGE)) {
            throw new RuntimeException("The written file has no part {$this->part}.");
        }
        $row = 0;
        $cells = [];
        $address = '';
        $type = 'n';
        $value = null;
        $formula = null;
        $inside = '';
        while ($reader->read()) {
            if ($reader->nodeType === XMLReader::ELEMENT) {
                switch ($reader->localName) {
                    case 'row':
                        $row = (int) $reader->getAttribute('r');
                        $cells = [];
                        if ($reader->isEmptyElement) {
                            yield $row => [];
                        }
                        break;
                    case 'c':
                        $address = (string) $reader->getAttribute('r');
                        $type = $reader->getAttribute('t') ?? 'n';
                        $value = $formula = null;
                        break;
                    case 'v':
                    case 't':
                    case 'f':
                        $inside = $reader->localName;
                        $inside === 'f' ? $formula = '' : $value = '';
                        break;
                }
            } elseif ($reader->nodeType === XMLReader::TEXT || $reader->nodeType === XMLReader::SIGNIFICANT_WHITESPACE || $reader->nodeType === XMLReader::WHITESPACE) {
                if ($inside === 'f') {
                    $formula .= $reader->value;
                } elseif ($inside !== '') {
                    $value .= $reader->value;
                }
            } elseif ($reader->nodeType === XMLReader::END_ELEMENT) {
                if ($reader->localName === 'c') {
                    $cells[Address::parse($address)->column] = self::cell($type, $value, $formula);
                } elseif ($reader->localName === 'row') {
                    yield $row => $cells;
                }
                $inside = '';
            }
        }
        $reader->close();
    }

    private static function cell(string $type, ?string $value, ?string $formula): Cell
    {
        $error = $type === 'e' ? Xml::plain((string) $value) : null;
        $data = match (true) {
            $error !== null, $value === null => null,
            $type === 'b' => $value === '1',
            $type === 'inlineStr', $type === 'str' => Xml::plain($value),
            default => preg_match('/^-?\d{1,18}$/', $value) === 1 ? (int) $value : (float) $value,
        };
        if ($formula !== null) {
            return Cell::formula(Xml::plain($formula), $data, $error);
        }

        return $error !== null ? Cell::error($error) : Cell::of($data);
    }
}
