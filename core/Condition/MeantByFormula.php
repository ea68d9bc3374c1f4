<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;

/**
 * What a formula means in the words of conditions, where it is one of those that {@see AsFormula} writes: formats
 * that know nothing but formulas give the sentence back that a person wrote.
 */
final class MeantByFormula
{
    /** A number, a text, or a cell. */
    private const VALUE = '-?\d+(?:\.\d+)?(?:E[+-]?\d+)?|"(?:[^"]|"")*"|\$?[A-Z]{1,3}\$?\d{1,7}';

    /**
     * @param  non-empty-list<Range>  $ranges  all that it holds on
     * @return Test|null null for a formula that is nothing else
     */
    public static function of(string $formula, array $ranges): ?Test
    {
        [$row, $column] = Condition::first($ranges);
        $cell = Address::columnName($column).$row;
        // Only what would be written like that is taken for it.
        foreach ([self::oneOf($formula, $cell), ...self::candidates($formula, preg_quote($cell, '~'))] as $test) {
            $written = $test === null ? null
                : AsFormula::of(new Condition('meant', $test, Where::cells($ranges), Look::none()), $ranges);
            if ($written === $formula) {
                return $test;
            }
        }

        return null;
    }

    /** A formula that says nothing but that its cell is one of some values. */
    public static function oneOf(string $formula, string $cell): ?Test
    {
        $isFilled = preg_match("/^AND\\(NOT\\(ISBLANK\\($cell\\)\\),(.+)\\)$/s", $formula, $found) === 1;
        $formula = $found[1] ?? $formula;
        $value = '(?:"(?:[^"]|"")*"|-?\\d+(?:\\.\\d+)?'.($isFilled ? '|\\$?[A-Z]{1,3}\\$?\\d{1,7}' : '').')';
        if (preg_match("/^(?:OR\\($cell=$value(?:,$cell=$value)+\\)|$cell=$value)$/s", $formula) !== 1) {
            return null;
        }
        preg_match_all("/(?:^|[(,])$cell=($value)/s", $formula, $found);
        // To a formula a blank cell is nought, and a text without letters; one of some values it is not.
        if (! $isFilled && array_filter($found[1], fn (string $one) => $one === '""' || is_numeric($one) && $one == 0) !== []) {
            return null;
        }

        return count($found[1]) > Test::VALUES ? null : new Test(Is::OneOf, $found[1]);
    }

    /** @return iterable<Test> that it may be */
    private static function candidates(string $formula, string $cell): iterable
    {
        $value = '('.self::VALUE.')';
        $texts = [
            [Is::Between, "AND\\($cell>=MIN\\($value,$value\\),.*"], [Is::Outside, "OR\\($cell<MIN\\($value,$value\\),.*"],
            [Is::Holds, "NOT\\(ISERROR\\(SEARCH\\($value,.*"], [Is::Lacks, "ISERROR\\(SEARCH\\($value,.*"],
            [Is::Begins, "LEFT\\($cell,LEN\\($value\\).*"], [Is::Ends, "RIGHT\\($cell,LEN\\($value\\).*"],
        ];
        foreach ($texts as [$is, $pattern]) {
            if (preg_match("~^$pattern$~s", $formula, $found) === 1) {
                yield new Test($is, array_values(array_slice($found, 1)));
            }
        }
        $words = ['LEN(TRIM(' => [Is::Blank, Is::Filled], 'ISERROR(' => [Is::Error, Is::Sound], 'COUNTIF(' => [Is::Repeated, Is::Single]];
        foreach ($words as $word => $kinds) {
            foreach (str_contains($formula, $word) ? $kinds : [] as $is) {
                yield new Test($is);
            }
        }
        foreach (str_contains($formula, 'TODAY()') ? Period::cases() : [] as $period) {
            yield new Test(Is::Period, period: $period);
        }
        if (preg_match('~(LARGE|SMALL)\(.*(?:\*(\d{1,3})/100|MIN\((\d{1,4}),)~', $formula, $found) === 1) {
            $is = $found[1] === 'LARGE' ? Is::Greatest : Is::Least;
            $isPercent = ! isset($found[3]);
            yield new Test($is, count: (int) ($found[3] ?? $found[2] ?? 0), percent: $isPercent);
        }
        if (preg_match("~^AND\\(ISNUMBER\\($cell\\),$cell([<>])(=?).*?(?:([0-3])\\*STDEV.*)?$~", $formula, $found) === 1) {
            $is = $found[1] === '>' ? Is::AboveMean : Is::BelowMean;
            yield new Test($is, deviations: (int) ($found[3] ?? 0), orEqual: $found[2] === '=');
        }
    }
}
