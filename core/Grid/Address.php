<?php

declare(strict_types=1);

namespace Rilvet\Grid;

use Rilvet\Grid\Exception\AddressIsWrong;

/**
 * The place of one cell: row and column, both counted from 1 (A1 is row 1, column 1).
 *
 * The limits are those of ISO/IEC 29500-1 (18.3.1.73 row, 18.3.1.4 c; figures by common practice):
 * 1,048,576 rows and 16,384 columns.
 */
final readonly class Address
{
    public const ROWS = 1_048_576;

    public const COLUMNS = 16_384;

    private function __construct(public int $row, public int $column)
    {
    }

    /** @throws AddressIsWrong when the place lies outside a worksheet */
    public static function of(int $row, int $column): self
    {
        if ($row < 1 || $row > self::ROWS || $column < 1 || $column > self::COLUMNS) {
            throw AddressIsWrong::outside($row, $column);
        }

        return new self($row, $column);
    }

    /** @throws AddressIsWrong when the text is no cell address such as "B12" */
    public static function parse(string $text): self
    {
        if (preg_match('/^\$?([A-Za-z]{1,3})\$?([1-9][0-9]{0,6})$/', trim($text), $found) !== 1) {
            throw AddressIsWrong::text($text);
        }

        return self::of((int) $found[2], self::columnNumber($found[1]));
    }

    /** "A" for 1, "AA" for 27. */
    public static function columnName(int $column): string
    {
        $name = '';
        while ($column > 0) {
            $name = chr(65 + ($column - 1) % 26).$name;
            $column = intdiv($column - 1, 26);
        }

        return $name;
    }

    /** 1 for "A", 27 for "AA"; the letters are not checked against the sheet's limit. */
    public static function columnNumber(string $name): int
    {
        $number = 0;
        $letters = strtoupper($name);
        for ($index = 0, $count = strlen($letters); $index < $count; $index++) {
            $number = $number * 26 + ord($letters[$index]) - 64;
        }

        return $number;
    }

    public function __toString(): string
    {
        return self::columnName($this->column).$this->row;
    }
}
