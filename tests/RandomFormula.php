<?php

declare(strict_types=1);

namespace Tests;

/**
 * Formulas by chance over a table whose columns hold numbers (A), texts (B), days (C), numbers and truths (D) and texts (E), 30
 * rows deep: of the generator that PHP seeds with mt_srand().
 */
final class RandomFormula
{
    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private static function pick(array $of): mixed
    {
        return $of[mt_rand(0, count($of) - 1)];
    }

    public static function number(int $depth): string
    {
        if ($depth === 0) {
            return self::pick(['A1', '$A1', 'A2', 'C1', (string) mt_rand(-9, 99), '0.5', 'ROW()', 'COLUMN()', '$A$4']);
        }
        $number = fn () => self::number($depth - 1);
        $range = fn () => self::pick(['$A$1:$A$30', 'A1:A4', '$A$3:$A9', 'A$1:A1', '$C$2:$C$20']);

        return match (mt_rand(1, 16)) {
            1, 2 => "({$number()}".self::pick(['+', '-', '*']).$number().')',
            3 => "{$number()}/".self::pick(['2', '4', '0.5']),
            4 => self::pick(['ABS', 'INT', 'SIGN', 'TRUNC', 'N'])."({$number()})",
            5 => "ROUND({$number()},".mt_rand(-1, 2).')',
            6 => "MOD({$number()},".self::pick(['3', '-4', '7']).')',
            7 => self::pick(['SUM', 'AVERAGE', 'MIN', 'MAX', 'COUNT', 'MEDIAN', 'COUNTA'])."({$range()})",
            8 => self::pick(['MIN', 'MAX', 'SUM'])."({$number()},{$number()})",
            9 => self::pick(['LARGE', 'SMALL']).'($A$1:$A$30,'.mt_rand(1, 5).')',
            10 => 'IF('.self::truth($depth - 1).",{$number()},{$number()})",
            11 => 'LEN('.self::text($depth - 1).')',
            12 => self::pick(['YEAR', 'MONTH', 'DAY']).'(C1)',
            13 => 'COUNTIF('.self::pick(['$B$1:$B$30,B1', '$A$1:$A$30,">3"', 'B$1:B1,B1', '$B$1:$B$30,"<>late"',
                '$E$1:$E$30,"text ?"']).')',
            14 => 'SUMIF($B$1:$B$30,'.self::pick(['B1', '"late"', '"p*"']).',$A$1:$A$30)',
            15 => '-'.$number(),
            default => "CHOOSE(1+MOD(ROW(),2),{$number()},{$number()})",
        };
    }

    public static function text(int $depth): string
    {
        if ($depth === 0) {
            return self::pick(['B1', '$E1', 'E2', '"late"', '"a ""b"""', '""']);
        }
        $text = fn () => self::text($depth - 1);

        return match (mt_rand(1, 7)) {
            1 => self::pick(['UPPER', 'LOWER', 'TRIM', 'PROPER'])."({$text()})",
            2 => self::pick(['LEFT', 'RIGHT'])."({$text()},".mt_rand(0, 3).')',
            3 => "MID({$text()},".mt_rand(1, 3).','.mt_rand(0, 3).')',
            4 => "{$text()}&{$text()}",
            5 => "SUBSTITUTE({$text()},\"t\",\"x\")",
            6 => 'IF('.self::truth($depth - 1).",{$text()},{$text()})",
            default => "REPT({$text()},".mt_rand(0, 2).')',
        };
    }

    public static function truth(int $depth): string
    {
        $sign = self::pick(['=', '<>', '<', '>', '<=', '>=']);
        if ($depth === 0) {
            return self::pick(['ISBLANK(A1)', 'ISNUMBER(D1)', 'ISTEXT(B1)', 'TRUE', 'A1>0', 'B1="late"', 'D1=TRUE']);
        }

        return match (mt_rand(1, 6)) {
            1, 2 => self::number($depth - 1).$sign.self::number($depth - 1),
            3 => self::text($depth - 1).$sign.self::text($depth - 1),
            4 => self::pick(['AND', 'OR']).'('.self::truth($depth - 1).','.self::truth($depth - 1).')',
            5 => 'NOT('.self::truth($depth - 1).')',
            default => 'ISERROR('.self::number($depth - 1).'/A1)',
        };
    }
}
