<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/**
 * What a formula looks at and what it calls, with its names and tables resolved: as references, and as a text in which no
 * name is left, for whoever calculates it.
 */
final class Meaning
{
    /** Functions whose arguments do not tell which cells they look at. */
    private const ANYWHERE = ['INDIRECT', 'OFFSET', 'GETPIVOTDATA'];

    /** Names of names that are followed. */
    private const DEPTH = 8;

    /** Bytes of a formula with all names resolved. */
    private const LONGEST = 65_536;

    /** @var list<Reference> */
    public array $references = [];

    /** @var array<string, true> functions in upper case, without the prefix that newer ones are stored with */
    public array $calls = [];

    /** Something in it is beyond a calculation here: another workbook, sheets from one to another, what cannot be resolved. */
    public bool $isForeign = false;

    /** What it looks at cannot be told from its text: it may depend on any cell. */
    public bool $isVague = false;

    /** The formula with sheets as S1!, S2! ... by their numbers, and with references in the place of names and tables. */
    public readonly string $text;

    private function __construct(
        string $formula,
        private readonly Scope $scope,
        private readonly int $sheet,
        private readonly int $row,
        private readonly int $column,
    ) {
        $this->text = $this->resolved($formula, 0);
    }

    /** @param  int  $sheet  number of the sheet that the formula stands on */
    public static function of(string $formula, Scope $scope, int $sheet, int $row, int $column): self
    {
        return new self($formula, $scope, $sheet, $row, $column);
    }

    private function resolved(string $formula, int $depth): string
    {
        if (preg_match('/[A-Za-z0-9)]#(?![A-Z])/', $formula) === 1) {
            // What a formula spills into (A1#) is not known here.
            $this->isForeign = $this->isVague = true;
        }
        $table = null;
        $end = 0;
        $text = '';
        preg_match_all(References::PIECES, $formula, $pieces, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($pieces as $piece) {
            [$whole, $at] = $piece[0];
            assert(is_string($whole));
            $text .= substr($formula, $end, $at - $end);
            $end = $at + strlen($whole);
            if ($table instanceof TableRange) {
                $isOwn = isset($piece['bracket'][0]);
                $text .= $this->columns($table, $isOwn ? $whole : '[]');
                $table = null;
                if ($isOwn) {
                    continue;
                }
            }
            if (isset($piece['bracket'][0])) {
                $own = $this->scope->tableAt($this->sheet, $this->row, $this->column);
                $text .= $own === null ? $this->foreign($whole) : $this->columns($own, $whole);
            } elseif (isset($piece['word'][0])) {
                $isCall = ($formula[$end] ?? '') === '(';
                $table = $isCall ? null : $this->scope->table($whole);
                $text .= $table === null ? $this->word($whole, $isCall, ($formula[$end] ?? '') === '!', $depth) : '';
            } elseif (isset($piece['c1'][0]) || isset($piece['left'][0]) || isset($piece['top'][0])) {
                $text .= $this->reference($piece, $whole);
            } else {
                $text .= $whole;
            }
            if (strlen($text) > self::LONGEST) {
                $this->isForeign = true;

                return $text;
            }
        }
        if ($table instanceof TableRange) {
            $text .= $this->columns($table, '[]');
        }

        return $text.substr($formula, $end);
    }

    private function word(string $word, bool $isCall, bool $isSheet, int $depth): string
    {
        if ($isCall) {
            $name = (string) preg_replace('/^(?:_xlfn\.|_xlws\.|_xludf\.)+/i', '', $word);
            $this->calls[strtoupper($name)] = true;
            $this->isVague = $this->isVague || in_array(strtoupper($name), self::ANYWHERE, true);

            return $name;
        }
        if ($isSheet || in_array(strtoupper($word), ['TRUE', 'FALSE'], true)) {
            return $word;
        }
        if (str_starts_with(strtolower($word), '_xlpm.')) {
            // A parameter of the formula's own: it names no cell.
            return $this->foreign($word);
        }
        $refers = $this->scope->name($word);
        if (
            $refers === null ||
            $depth >= self::DEPTH ||
            preg_match(
                '/(?<![$A-Z0-9])[A-Z]{1,3}\d|(?<=\$)[A-Z]{1,3}\d|(?<![$A-Z0-9])[A-Z]{1,3}\$\d/',
                (string) preg_replace('/"[^"]*"|\'[^\']*\'!/', '', $refers),
            ) === 1
        ) {
            // A name that is not known here, or one that means other cells from each cell.
            $this->isVague = true;

            return $this->foreign($word);
        }

        return '('.$this->resolved($refers, $depth + 1).')';
    }

    private function columns(TableRange $table, string $said): string
    {
        $found = $table->cells($said, $this->row);
        if ($found === null) {
            $this->isVague = true;

            return $this->foreign('#REF!');
        }
        [$range, $goesAlong] = $found;
        $this->references[] = new Reference($table->sheet, $range, ! $goesAlong, ! $goesAlong);

        return "S{$table->sheet}!".self::written($range, ! $goesAlong);
    }

    /** @param  array<array-key, array{string|null, int}>  $piece */
    private function reference(array $piece, string $whole): string
    {
        $part = fn (string $name) => $piece[$name][0] ?? null;
        $named = $part('sheet');
        $name = $named === null ? null : References::plain($named);
        if ($name !== null && str_contains($name, '[')) {
            return $this->foreign($whole);
        }
        $sheets = match (true) {
            $name === null => [$this->sheet],
            $this->scope->sheet($name) !== null => [(int) $this->scope->sheet($name)],
            str_contains($name, ':') => $this->scope->between(...explode(':', $name, 2)),
            default => [],
        };
        [$left, $right, $top, $bottom] = [
            $part('c1') ?? ($part('left') ?? 'A'),
            $part('c2') ?? ($part('right') ?? ($part('c1') ?? 'XFD')),
            $part('r1') ?? ($part('top') ?? '1'),
            $part('r2') ?? ($part('bottom') ?? ($part('r1') ?? (string) Address::ROWS)),
        ];
        $columns = [Address::columnNumber(ltrim($left, '$')), Address::columnNumber(ltrim($right, '$'))];
        $rows = [(int) ltrim($top, '$'), (int) ltrim($bottom, '$')];
        if (max($columns) > Address::COLUMNS || max($rows) > Address::ROWS || min($rows) < 1) {
            return $this->word($whole, false, false, 0);
        }
        if ($sheets === []) {
            return $this->foreign($whole);
        }
        // Whole columns are the same rows from everywhere.
        $isWhole = $part('left') !== null;
        $fixed = [$isWhole || str_starts_with($top, '$'), $isWhole || str_starts_with($bottom, '$')];
        $fixed = $rows[0] <= $rows[1] ? $fixed : array_reverse($fixed);
        $range = Range::of(min($rows), min($columns), max($rows), max($columns));
        foreach ($sheets as $sheet) {
            $this->references[] = new Reference($sheet, $range, $fixed[0], $fixed[1]);
        }
        if (count($sheets) > 1) {
            return $this->foreign($whole);
        }

        return ($named === null ? '' : "S{$sheets[0]}!").substr($whole, strlen((string) $named));
    }

    private function foreign(string $text): string
    {
        $this->isForeign = true;

        return $text;
    }

    private static function written(Range $range, bool $rowsFixed): string
    {
        $cell = fn (int $row, int $column) => '$'.Address::columnName($column).($rowsFixed ? '$' : '').$row;
        $first = $cell($range->top, $range->left);

        return $range->cells() === 1 ? $first : "$first:".$cell($range->bottom, $range->right);
    }
}
