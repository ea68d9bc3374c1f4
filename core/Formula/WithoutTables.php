<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/** Formulas for a format that knows no tables: what they say of a table's columns, said as ranges of cells. */
final class WithoutTables
{
    /**
     * @param  int  $sheet  number of the sheet that the formula stands on
     * @return string|null null where it looks into another workbook, or names what is not there
     */
    public static function of(string $formula, Scope $scope, int $sheet, int $row, int $column): ?string
    {
        if (! str_contains($formula, '[')) {
            return $formula;
        }
        $text = '';
        $end = 0;
        $table = null;
        preg_match_all(References::PIECES, $formula, $pieces, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($pieces as $piece) {
            [$whole, $at] = $piece[0];
            $whole = (string) $whole;
            $isBracket = isset($piece['bracket'][0]);
            if (($table !== null && ! $isBracket) || str_contains((string) ($piece['sheet'][0] ?? ''), '[')) {
                return null;
            }
            $text .= substr($formula, $end, $at - $end);
            $end = $at + strlen($whole);
            if (! $isBracket) {
                $isNamed = isset($piece['word'][0]) && ($formula[$end] ?? '') === '[';
                $table = $isNamed ? $scope->table($whole) : null;
                if ($isNamed && $table === null) {
                    return null;
                }
                $text .= $table === null ? $whole : '';

                continue;
            }
            $table ??= $scope->tableAt($sheet, $row, $column);
            $found = $table?->cells($whole, $row);
            if ($found === null) {
                return null;
            }
            $text .= self::written($scope->nameOf($table->sheet), ...$found);
            $table = null;
        }

        return $text.substr($formula, $end);
    }

    private static function written(string $sheet, Range $range, bool $goesAlong): string
    {
        $cell = fn (int $row, int $column) => '$'.Address::columnName($column).($goesAlong ? '' : '$').$row;
        $first = $cell($range->top, $range->left);

        return References::prefix($sheet).($range->cells() === 1 ? $first : "$first:".$cell($range->bottom, $range->right));
    }
}
