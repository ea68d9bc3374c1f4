<?php

declare(strict_types=1);

namespace Rilvet\Renew;

use Rilvet\Refusal;

/** New data that cannot be brought into a table. */
final class RenewIsWrong extends Refusal
{
    public static function noTable(): self
    {
        return new self('No table with rows was read there. Choose a cell of the table that the new data is for, or '
            .'correct the reading first.');
    }

    public static function noData(string $sheet): self
    {
        return new self("No table with rows was read in the new data, sheet \"$sheet\". Correct its reading, or choose another sheet.");
    }

    public static function turned(): self
    {
        return new self('The headings of one of the two tables stand at the left. Data is brought in anew below '
            .'headings that stand above.');
    }

    public static function alike(): self
    {
        return new self('No column of the new data has the heading of a column of this table, or holds the same. Pair '
            .'the columns by hand.');
    }

    public static function noHeading(string $heading): self
    {
        return new self("There is no column \"$heading\" in both tables, by which rows could be told apart.");
    }

    public static function formulaKey(string $heading): self
    {
        return new self("\"$heading\" is worked out by formulas here. Rows are told apart by what was typed: choose another column.");
    }

    /** @param  bool  $new  it repeats in the new data; else on the sheet */
    public static function repeats(string $heading, string $value, int $first, int $second, bool $new): self
    {
        return new self("\"$heading\" does not tell rows apart: ".($value === '' ? 'the same value' : "\"$value\"").
            " stands in rows $first and "
            ."$second of ".($new ? 'the new data' : 'the sheet').
                '. Choose another column, several columns, or bring the rows in as a whole.');
    }

    public static function column(int $column): self
    {
        return new self("Column $column is no column of the table.");
    }

    public static function twice(string $heading): self
    {
        return new self("Two columns of the new data would go into \"$heading\". Pair each column with one only.");
    }

    public static function parted(): self
    {
        return new self('The rows of this table stand in groups. Choose a column that tells rows apart: as a whole '
            .'they would lose their groups.');
    }

    public static function scattered(int $places, int $limit): self
    {
        return new self('Rows would come and go at '.number_format($places).' places of a table whose rows stand in groups; '
            .number_format($limit).' is the most. Take the groups out, or bring the rows in as a whole.');
    }

    public static function tooLong(int $rows, int $limit): self
    {
        return new self('The table would have '.number_format($rows).' rows, and a worksheet ends at '.number_format($limit).'.');
    }
}
