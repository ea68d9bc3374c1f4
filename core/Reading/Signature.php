<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Cell;
use Rilvet\Grid\Sheet;
use Rilvet\Intake\Lexeme;
use Rilvet\Number\FormatClass;

/**
 * A row as a string of letters, one a cell: the cheap view of a sheet that its structure is read from.
 *
 * "." blank, "-" placeholder, "t" text, "w" text with a total word, "n" number, "d" date, "h" time, "b" boolean, "e" error;
 * capital letters for formulas, "S" for one that sums or averages.
 */
final class Signature
{
    public const NUMERIC = 'nNS';

    public const TYPED = 'nNSdDhHbBeE';

    /**
     * Signatures of all rows of a sheet whose cells are typed already.
     *
     * @return list<string>
     */
    public static function all(Sheet $sheet, FormatHints $hints): array
    {
        $memo = [];
        $signatures = [];
        foreach ($sheet->read(1, $sheet->rows()) as $row => $cells) {
            $signatures[] = self::of($cells, $row, $hints, $memo);
        }

        return $signatures;
    }

    /**
     * @param  list<Cell>  $cells  of one row
     * @param  array<string, string>  $memo
     */
    public static function of(array $cells, int $row, FormatHints $hints, array &$memo): string
    {
        $signature = '';
        foreach ($cells as $index => $cell) {
            // Most cells of a sparse sheet are blank, and one look at each is all that they may cost.
            $signature .= $cell->isBlank() ? '.' : self::letter($cell, fn () => $hints->numberFormat($row, $index + 1), $memo);
        }

        return rtrim($signature, '.');
    }

    /**
     * @param  callable(): ?string  $format
     * @param  array<string, string>  $memo
     */
    public static function letter(Cell $cell, callable $format, array &$memo): string
    {
        if ($cell->isBlank()) {
            return '.';
        }
        if (
            $cell->formula !== null &&
            preg_match('/^\s*(?:ROUND\()?(?:SUM|SUBTOTAL|AGGREGATE|AVERAGE|MIN|MAX|MEDIAN)\s*\(/i', $cell->formula) === 1
        ) {
            return 'S';
        }
        $letter = match (true) {
            $cell->error !== null => 'e',
            is_bool($cell->value) => 'b',
            $cell->isNumber() => match (FormatClass::of($format())) {
                FormatClass::Date, FormatClass::DateTime => 'd',
                FormatClass::Time, FormatClass::Duration => 'h',
                default => 'n',
            },
            default => self::word((string) $cell->value, $memo),
        };

        return $cell->formula === null ? $letter : strtoupper($letter);
    }

    /**
     * The letter of a text, by its shape: texts that differ in their figures alone are one shape.
     *
     * @param  array<string, string>  $memo
     */
    public static function word(string $text, array &$memo): string
    {
        $shape = strtr($text, '012345678', '999999999');

        return $memo[$shape] ??= match ($lexeme = Lexeme::of($shape)) {
            Lexeme::Number, Lexeme::Date, Lexeme::Time, Lexeme::Boolean => 't',
            default => $lexeme->value,
        };
    }
}
