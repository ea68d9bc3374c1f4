<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Page\PageRules;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Refusal;
use Rilvet\Stylebook\Exception\StylebookIsWrong;

/** Reads what a stylebook's file says, and names the place where it is wrong. */
final class Reader
{
    public static function lookName(string $name): string
    {
        if (
            preg_match('/^[\p{L}\p{N}][\p{L}\p{N} _\-.,&()]{0,59}$/u', $name) !== 1 ||
            preg_match('/^\$?[A-Za-z]{1,3}\$?\d{1,7}$/', $name) === 1
        ) {
            throw StylebookIsWrong::because(
                "looks.$name",
                'a name of 1 to 60 letters and figures is wanted, and none that reads like a cell address.',
            );
        }

        return $name;
    }

    public static function lookOf(Palette $palette, mixed $values, string $where): Look
    {
        if (! is_array($values)) {
            throw StylebookIsWrong::because($where, 'a look is wanted.');
        }
        try {
            return Look::of($palette->resolve($values, $where));
        } catch (StylebookIsWrong $refusal) {
            throw $refusal;
        } catch (Refusal $refusal) {
            throw StylebookIsWrong::because($where, $refusal->getMessage());
        }
    }

    /**
     * @param  array<array-key, mixed>  $marks
     * @return list<Part> entry, choice and formula cells whose looks are seen
     */
    public static function marksOf(array $marks): array
    {
        $parts = [];
        foreach (array_keys($marks) as $name) {
            $part = Part::tryFrom((string) $name);
            $part?->isOfCells() === true || throw StylebookIsWrong::because("marks.$name",
                'entry_cell, choice_cell or formula_cell is wanted.');
            self::flag($marks, (string) $name, 'marks', false) && $parts[] = $part;
        }

        return $parts;
    }

    /**
     * @param  array<array-key, mixed>  $heads
     * @return array<string, string>
     */
    public static function headsOf(array $heads): array
    {
        $says = [];
        foreach ($heads as $name => $words) {
            Part::tryFrom((string) $name)?->isOfCells() === true
                || throw StylebookIsWrong::because("heads.$name", 'entry_cell, choice_cell or formula_cell is wanted.');
            is_string($words) && trim($words) !== '' && mb_strlen($words) <= 40 && strpbrk($words, "\"\\\n") === false
                || throw StylebookIsWrong::because("heads.$name", 'up to 40 characters are wanted, without quotes and line breaks.');
            $says[(string) $name] = trim($words);
        }

        return $says;
    }

    /**
     * @param  array<array-key, mixed>  $cases
     * @return array<string, LetterCase>
     */
    public static function casesOf(array $cases): array
    {
        $says = [];
        foreach ($cases as $name => $case) {
            in_array($name, [Part::Heading->value, Part::ColumnGroup->value], true)
                || throw StylebookIsWrong::because("cases.$name", 'heading or column_group is wanted.');
            $says[$name] = LetterCase::tryFrom(is_string($case) ? $case : '')
                ?? throw StylebookIsWrong::because("cases.$name", 'capitals or sentence is wanted.');
        }

        return $says;
    }

    /**
     * @param  array<array-key, mixed>  $roles
     * @return array<string, RoleRule>
     */
    public static function rolesOf(array $roles, Palette $palette): array
    {
        $rules = [];
        foreach ($roles as $name => $rule) {
            $role = Role::tryFrom((string) $name) ?? throw StylebookIsWrong::because("roles.$name", 'no such role.');
            $rules[$role->value] = RoleRule::of($role, $rule, $palette);
        }

        return $rules;
    }

    /** @param  array<array-key, mixed>  $page */
    public static function pageOf(array $page, Palette $palette): PageRules
    {
        foreach (PageSchema::OF_SHEETS as $rule) {
            isset($page[$rule]) && throw StylebookIsWrong::because("page.$rule", 'cells belong to a sheet, and are said there.');
        }
        try {
            return PageRules::of($page, fn (string $name) => self::lookOf($palette, ['fill' => $name], 'page')->text(Attribute::Fill));
        } catch (PageIsWrong $refusal) {
            throw StylebookIsWrong::because("page.$refusal->rule", $refusal->why);
        }
    }

    /** The line around a table. */
    public static function frameOf(Palette $palette, mixed $edge): Look
    {
        if ($edge === null) {
            return Look::none();
        }
        $sides = ['top', 'right', 'bottom', 'left'];

        return self::lookOf($palette, array_fill_keys($sides, is_string($edge) ? $edge : throw StylebookIsWrong::because('frame',
            'a line is wanted.')), 'frame');
    }

    public static function ruleOf(Palette $palette, mixed $rule, string $where): KindRule
    {
        if (! is_array($rule)) {
            throw StylebookIsWrong::because($where, 'a rule is wanted.');
        }
        $pattern = $rule['number'] ?? null;
        $sign = $rule['sign'] ?? 'first';
        $scale = $rule['scale'] ?? 0;
        $accounting = $rule['accounting'] ?? false;
        if (
            ($pattern !== null && ! is_string($pattern)) ||
            ! in_array($sign, KindRule::SIGNS, true) ||
            ! in_array($scale, [0, 3, 6], true) ||
            ! is_bool($accounting)
        ) {
            throw StylebookIsWrong::because(
                $where,
                'number takes a format code, sign takes every, first, heading or none, scale takes 0, 3 or 6, accounting takes true '
                .'or false.',
            );
        }
        if ($pattern !== null && preg_match('/[{}]/', str_replace('{places}', '', $pattern)) === 1) {
            throw StylebookIsWrong::because("$where.number", 'what stands in braces is {places}, and nothing else.');
        }
        if ($pattern !== null) {
            self::lookOf($palette, ['number' => str_replace('{places}', '', $pattern)], $where);
        }

        return new KindRule(
            self::lookOf(
                $palette,
                array_diff_key($rule, array_flip(['number', 'sign', 'least', 'most', 'scale', 'accounting', 'totals'])),
                $where,
            ),
            $pattern,
            $sign,
            self::whole($rule, 'least', $where, 0, 10, 0),
            self::whole($rule, 'most', $where, 0, 10, 4),
            $scale,
            $accounting,
            self::whole($rule, 'totals', $where, 0, 6, 0),
        );
    }

    /** @param  array<array-key, mixed>  $values */
    public static function fitOf(array $values): FitRules
    {
        self::known($values, [...array_keys(FitRules::LIMITS), 'widths'], 'fit');
        $widths = [];
        [$narrowest, $widest] = FitRules::WIDTHS;
        foreach (self::map($values, 'widths') as $heading => $width) {
            $widths[ColumnReading::plain((string) $heading)] =
                is_int($width) && $width >= $narrowest && $width <= $widest
                    ? $width
                    : throw StylebookIsWrong::because("fit.widths.$heading", "a whole number from $narrowest to $widest (px) is wanted.");
        }
        $default = new FitRules;
        $says = [];
        foreach (FitRules::LIMITS as $name => [$least, $most]) {
            $says[$name] = self::whole($values, $name, 'fit', $least, $most, $default->$name);
        }
        if (($says['least'] ?? 0) > ($says['greatest'] ?? 0)) {
            throw StylebookIsWrong::because('fit.least', 'it is more than the greatest width.');
        }

        return new FitRules(...$says, widths: $widths);
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @param  list<string>  $names
     */
    public static function known(array $values, array $names, string $where): void
    {
        foreach (array_keys($values) as $name) {
            in_array($name, $names, true) || throw StylebookIsWrong::because("$where.$name", 'no such rule.');
        }
    }

    /** @param  array<array-key, mixed>  $values */
    public static function flag(array $values, string $name, string $where, bool $else): bool
    {
        $value = $values[$name] ?? $else;

        return is_bool($value) ? $value : throw StylebookIsWrong::because("$where.$name", 'true or false is wanted.');
    }

    /** @param  array<array-key, mixed>  $values */
    public static function whole(array $values, string $key, string $where, int $least, int $most, int $else): int
    {
        $value = $values[$key] ?? $else;

        return is_int($value) && $value >= $least && $value <= $most
            ? $value
            : throw StylebookIsWrong::because("$where.$key", "a whole number from $least to $most is wanted.");
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    public static function map(array $data, string $key): array
    {
        $value = $data[$key] ?? [];

        return is_array($value) && ($value === [] || ! array_is_list($value))
            ? $value : throw StylebookIsWrong::because($key, 'an object is wanted.');
    }
}
