<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/** Whether a condition is true of a cell, as a formula: for formats, and programs, that go by formulas alone. */
final class AsFormula
{
    /**
     * A formula seen from the first cell of where it holds.
     *
     * @param  non-empty-list<Range>  $ranges
     * @return string|null null where there is none
     */
    public static function of(Condition $condition, array $ranges): ?string
    {
        [$row, $column] = Condition::first($ranges);
        $cell = Address::columnName($column).$row;
        $test = $condition->test;
        $of = $test->of;
        $all = count($ranges) === 1 ? self::fixed($ranges[0]) : null;
        $sign = ['below' => '<', 'atMost' => '<=', 'equal' => '=', 'unequal' => '<>', 'above' => '>',
            'atLeast' => '>='][$test->is->value] ?? null;
        if ($sign !== null) {
            return "$cell$sign$of[0]";
        }
        if ($test->is->needsAll() && $all === null) {
            return null;
        }
        $place = $test->percent ? "MAX(1,INT(COUNT($all)*$test->count/100))" : "MIN($test->count,COUNT($all))";
        $from = $test->deviations > 0
            ? "AVERAGE($all)".($test->is === Is::AboveMean ? '+' : '-')."$test->deviations*STDEV($all)"
            : "SUMIF($all,\"<1E+300\")/COUNT($all)";
        $orEqual = $test->orEqual ? '=' : '';
        // A blank cell counts as nought to a function that counts, and a text that begins with a sign as a comparison.
        $often = "COUNTIF($all,IF(ISNUMBER($cell),$cell,\"=\"&$cell))";

        return match ($test->is) {
            Is::Between => "AND($cell>=MIN($of[0],$of[1]),$cell<=MAX($of[0],$of[1]))",
            Is::Outside => "OR($cell<MIN($of[0],$of[1]),$cell>MAX($of[0],$of[1]))",
            Is::Greatest => "AND(ISNUMBER($cell),$cell>=LARGE($all,$place))",
            Is::Least => "AND(ISNUMBER($cell),$cell<=SMALL($all,$place))",
            Is::AboveMean => "AND(ISNUMBER($cell),$cell>$orEqual$from)",
            Is::BelowMean => "AND(ISNUMBER($cell),$cell<$orEqual$from)",
            Is::Repeated => "AND($cell<>\"\",$often>1)",
            Is::Single => "AND($cell<>\"\",$often=1)",
            default => self::ofCell($test, $cell),
        };
    }

    /**
     * What is true of a cell by itself.
     *
     * @param  string  $cell  its address
     */
    public static function ofCell(Test $test, string $cell): ?string
    {
        $text = $test->of[0] ?? '';

        return match ($test->is) {
            Is::OneOf => self::any($cell, $test->of),
            Is::Holds => "NOT(ISERROR(SEARCH($text,$cell)))",
            Is::Lacks => "ISERROR(SEARCH($text,$cell))",
            Is::Begins => "LEFT($cell,LEN($text))=$text",
            Is::Ends => "RIGHT($cell,LEN($text))=$text",
            Is::Blank => "LEN(TRIM($cell))=0",
            Is::Filled => "LEN(TRIM($cell))>0",
            Is::Error => "ISERROR($cell)",
            Is::Sound => "NOT(ISERROR($cell))",
            Is::Period => self::period($test->period ?? Period::Today, $cell),
            Is::Formula => $text === '' ? 'FALSE' : $text,
            default => null,
        };
    }

    private static function fixed(Range $range): string
    {
        return '$'.Address::columnName($range->left).'$'.$range->top.':$'.Address::columnName($range->right).'$'.$range->bottom;
    }

    /** @param  list<string>  $of */
    private static function any(string $cell, array $of): string
    {
        $each = array_map(fn (string $value) => "$cell=$value", $of);
        $any = count($each) === 1 ? $each[0] : 'OR('.implode(',', $each).')';
        // A blank cell is nought, and a text without letters, to a formula; it is none of the values here.
        $mayBeBlank = array_filter($of, fn (string $value) => ! is_numeric($value) && $value[0] !== '"' || $value === '""'
            || is_numeric($value) && $value == 0) !== [];

        return $mayBeBlank ? "AND(NOT(ISBLANK($cell)),$any)" : $any;
    }

    /** What a stretch of days is as a formula: of serials, weeks from Sunday on (common practice). */
    private static function period(Period $period, string $cell): string
    {
        $month = fn (string $on) => "AND(MONTH($cell)=MONTH(EDATE(TODAY(),$on)),YEAR($cell)=YEAR(EDATE(TODAY(),$on)))";
        $week = fn (string $from, string $to) => "AND(INT($cell)>=TODAY()-WEEKDAY(TODAY())+$from,INT($cell)<=TODAY()-WEEKDAY(TODAY())+$to)";

        return match ($period) {
            Period::Today => "INT($cell)=TODAY()",
            Period::Yesterday => "INT($cell)=TODAY()-1",
            Period::Tomorrow => "INT($cell)=TODAY()+1",
            Period::Last7Days => "AND(TODAY()-INT($cell)<=6,INT($cell)<=TODAY())",
            Period::ThisMonth => $month('0'),
            Period::LastMonth => $month('-1'),
            Period::NextMonth => $month('1'),
            Period::ThisWeek => $week('1', '7'),
            Period::LastWeek => $week('-6', '0'),
            Period::NextWeek => $week('8', '14'),
        };
    }
}
