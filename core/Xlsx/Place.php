<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Grid\Address;
use Rilvet\Intake\Exception\FileIsWrong;

/** Addresses as sheet xml writes them, told apart quickly: a sheet repeats a few column names a million times. */
final class Place
{
    /** @var array<string, int> */
    private static array $columns = [];

    /** @var array<int, string> */
    private static array $letters = [];

    /** The column of an address or of its letters, from 1. */
    public static function column(string $address): int
    {
        $letters = rtrim($address, '0123456789');
        if (! isset(self::$columns[$letters])) {
            $known = preg_match('/^[A-Za-z]{1,3}$/', $letters) === 1 ? Address::columnNumber(strtoupper($letters)) : 0;
            if ($known < 1 || $known > Address::COLUMNS) {
                throw FileIsWrong::package(
                    'The workbook has a cell "'.
                        mb_strimwidth(mb_scrub($address), 0, 20, '…').
                        '"; a worksheet ends at column XFD, the 16,384th.',
                );
            }
            self::$columns[$letters] = $known;
        }

        return self::$columns[$letters];
    }

    public static function letters(int $column): string
    {
        return self::$letters[$column] ??= Address::columnName($column);
    }

    public static function address(int $row, int $column): string
    {
        return self::letters($column).$row;
    }
}
