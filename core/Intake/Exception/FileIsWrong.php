<?php

declare(strict_types=1);

namespace Rilvet\Intake\Exception;

use Rilvet\Grid\Address;
use Rilvet\Refusal;

/** A file that cannot be brought in: what is wrong in it, where, and what to do. */
final class FileIsWrong extends Refusal
{
    public static function empty(): self
    {
        return new self('The file is empty. Nothing was brought in.');
    }

    public static function notText(int $offset): self
    {
        return new self(
            "This is no text file: byte $offset is part of no text encoding that is known here. Bring in csv, tsv, xlsx or ods.",
        );
    }

    public static function badEncoding(string $encoding, int $line): self
    {
        return new self("Line $line is not valid $encoding. Choose another encoding, or save the file again as UTF-8.");
    }

    public static function openQuote(int $line): self
    {
        return new self("The quotation mark that opens in line $line is never closed. Close it, or choose another quote sign.");
    }

    public static function cellTooLong(int $row, int $column, int $length, int $limit): self
    {
        return new self(sprintf(
            'Cell %s%d holds %s characters; a cell takes at most %s. Shorten it and bring the file in again.',
            Address::columnName($column), $row, number_format($length), number_format($limit),
        ));
    }

    public static function tooManyColumns(int $row, int $columns): self
    {
        return new self(
            sprintf(
                'Row %s has %s columns; a worksheet holds 16,384. Split the table and bring the parts in.',
                number_format($row),
                number_format($columns),
            ),
        );
    }

    public static function tooManyRows(): self
    {
        return new self('The table has more than 1,048,576 rows, and a worksheet holds no more. Split it and bring the parts in.');
    }

    public static function unknownKind(string $name): self
    {
        return new self('"'.$name.'" is of no kind that can be brought in. Bring in csv, tsv, txt, xlsx or ods.');
    }

    public static function package(string $why): self
    {
        return new self($why);
    }
}
