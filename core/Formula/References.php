<?php

declare(strict_types=1);

namespace Rilvet\Formula;

use Rilvet\Grid\Address;
use Rilvet\Grid\Shift;

/**
 * Moves the references of formulas along when rows or columns are put in or taken out (grammar: ISO/IEC 29500-1 18.17.2).
 * What is no reference stays as it is: texts, numbers, functions such as LOG10, structured and foreign references.
 */
final class References
{
    /** What a formula is made of, as far as telling references from the rest needs. */
    public const PIECES = '~
        "(?:[^"]|"")*"
        | \#[A-Z0-9/]+[!?]?
        | (?<sheet> \'(?:[^\']|\'\')+\'! | (?:\[[^\]]*\])?[\p{L}_][\p{L}\p{N}_.]*(?::[\p{L}_][\p{L}\p{N}_.]*)?! )?
          (?: (?<c1>\$?[A-Z]{1,3})(?<r1>\$?\d{1,7})(?: : (?<c2>\$?[A-Z]{1,3})(?<r2>\$?\d{1,7}) )?
            | (?<left>\$?[A-Z]{1,3}):(?<right>\$?[A-Z]{1,3})
            | (?<top>\$?\d{1,7}):(?<bottom>\$?\d{1,7}) )
          (?![\p{L}\p{N}_.(\[!])
        | (?<word> [\p{L}_\\\\][\p{L}\p{N}_.\\\\?]* )
        | \d+(?:\.\d+)?(?:E[+-]?\d+)?
        | (?<bracket> \[ (?: [^\[\]]++ | (?&bracket) )* \] )
    ~xiu';

    /**
     * @param  string  $sheet  the name of the sheet in which rows or columns move
     * @param  bool  $isWithin  of formulas that stand in rows of a table that grows: what goes along with its row looks at no more than
     *     before, as a running total does
     */
    public function __construct(private readonly Shift $shift, private readonly string $sheet, private readonly bool $isWithin = false)
    {
    }

    public function within(): self
    {
        return new self($this->shift, $this->sheet, true);
    }

    /** Something that was moved looks at more cells than it did, or at fewer. */
    private bool $isResized = false;

    /**
     * Whether a formula looks at more or fewer cells after the move.
     *
     * @param  bool  $own  the formula stands on the sheet that moves
     */
    public function resizes(string $formula, bool $own): bool
    {
        $this->isResized = false;
        $this->moved($formula, $own);

        return $this->isResized;
    }

    /**
     * @param  string  $formula  without "="
     * @param  bool  $own  the formula stands on the sheet that moves, so that references without a sheet's name are to it
     */
    public function moved(string $formula, bool $own): string
    {
        return (string) preg_replace_callback(
            self::PIECES,
            fn (array $piece) => $this->piece($piece, $own),
            $formula,
            flags: PREG_UNMATCHED_AS_NULL,
        );
    }

    /**
     * A formula that goes to another row together with the cells beside it: what it says of its own row it says of the new
     * one. Rows of which all or none are looked at mean the same in any order.
     *
     * @param  string  $sheet  the name of its own sheet, which it may say
     * @param  int  $first  of the rows that change places
     * @param  int  $last  of them
     * @return string|null null where it looks at single other rows that change places as well
     */
    public static function inRow(string $formula, string $sheet, int $from, int $to, int $first, int $last): ?string
    {
        $lost = false;
        $moved = preg_replace_callback(self::PIECES, function (array $piece) use ($sheet, $from, $to, $first, $last, &$lost) {
            $whole = (string) $piece[0];
            $top = $piece['r1'] ?? $piece['top'] ?? null;
            $named = $piece['sheet'] ?? null;
            if ($top === null || ($named !== null && mb_strtolower(self::plain($named)) !== mb_strtolower($sheet))) {
                return $whole;
            }
            $bottom = $piece['r2'] ?? $piece['bottom'] ?? $top;
            [$a, $b] = [(int) ltrim($top, '$'), (int) ltrim($bottom, '$')];
            if (max($a, $b) < $first || min($a, $b) > $last || (min($a, $b) <= $first && max($a, $b) >= $last)) {
                return $whole;
            }
            if ($a !== $from || $b !== $from || str_starts_with($top, '$')) {
                $lost = true;

                return $whole;
            }

            return $named.(isset($piece['c1'])
                ? $piece['c1'].$to.(isset($piece['c2']) ? ":{$piece['c2']}$to" : '')
                : "$to:$to");
        }, $formula, flags: PREG_UNMATCHED_AS_NULL);

        return $lost ? null : (string) $moved;
    }

    /** A formula as it reads some rows and columns further on: what is relative goes along (shared formulas, 18.3.1.40). */
    public static function translated(string $formula, int $rows, int $columns): string
    {
        $column = function (string $end) use ($columns): ?string {
            $to = str_starts_with($end, '$') ? null : Address::columnNumber($end) + $columns;

            return $to === null ? $end
                : ($to < 1 || $to > Address::COLUMNS ? null : Address::columnName($to));
        };
        $row = function (string $end) use ($rows): ?string {
            $to = str_starts_with($end, '$') ? null : (int) $end + $rows;

            return $to === null ? $end
                : ($to < 1 || $to > Address::ROWS ? null : (string) $to);
        };

        return (string) preg_replace_callback(
            self::PIECES,
            function (array $piece) use ($column, $row) {
                $named = (string) ($piece['sheet'] ?? '');
                $parts = match (true) {
                    isset($piece['c1'], $piece['r1']) => [
                        $column($piece['c1']),
                        $row($piece['r1']),
                        ...isset($piece['c2'], $piece['r2']) ? [':', $column($piece['c2']), $row($piece['r2'])] : [],
                    ],
                    isset($piece['left'], $piece['right']) => [$column($piece['left']), ':', $column($piece['right'])],
                    isset($piece['top'], $piece['bottom']) => [$row($piece['top']), ':', $row($piece['bottom'])],
                    default => [(string) $piece[0]],
                };

                if (in_array(null, $parts, true)) {
                    return $named.'#REF!';
                }

                return count($parts) === 1 ? (string) $piece[0] : $named.implode('', $parts);
            }, $formula, flags: PREG_UNMATCHED_AS_NULL);
    }

    /**
     * A formula that is filled down, taken apart where it names rows that go along: its text, and how far each of them is
     * from its own row, in turn. Put together for a row, it reads as {@see translated()} gives it.
     *
     * @return list<string|int>
     */
    public static function template(string $formula, int $row): array
    {
        $parts = [''];
        $end = 0;
        preg_match_all(self::PIECES, $formula, $pieces, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($pieces as $piece) {
            foreach (['r1', 'r2', 'top', 'bottom'] as $name) {
                [$digits, $at] = $piece[$name] ?? [null, -1];
                if ($digits !== null && ! str_starts_with($digits, '$')) {
                    $parts[count($parts) - 1] .= substr($formula, $end, $at - $end);
                    array_push($parts, (int) $digits - $row, '');
                    $end = $at + strlen($digits);
                }
            }
        }
        $parts[count($parts) - 1] .= substr($formula, $end);

        return $parts;
    }

    /**
     * @param  list<string|int>  $template
     */
    public static function filled(array $template, int $row): string
    {
        $text = '';
        foreach ($template as $part) {
            $text .= is_int($part) ? $part + $row : $part;
        }

        return $text;
    }

    /** A formula whose references to one sheet say its new name. */
    public static function toSheet(string $formula, string $from, string $to): string
    {
        return self::toSheets($formula, [$from => $to]);
    }

    /**
     * A formula whose references to sheets say their new names, all at once, so that two can change theirs.
     *
     * @param  array<string, string>  $names  new by old
     */
    public static function toSheets(string $formula, array $names): string
    {
        $now = [];
        foreach ($names as $from => $to) {
            $now[mb_strtolower((string) $from)] = self::prefix($to);
        }

        return (string) preg_replace_callback(self::PIECES, function (array $piece) use ($now) {
            $named = $piece['sheet'] ?? null;
            $to = $named === null ? null : $now[mb_strtolower(self::plain($named))] ?? null;

            return $to === null ? (string) $piece[0] : $to.substr((string) $piece[0], strlen((string) $named));
        }, $formula, flags: PREG_UNMATCHED_AS_NULL);
    }

    /** @param  array<array-key, string|null>  $piece */
    private function piece(array $piece, bool $own): string
    {
        $whole = (string) $piece[0];
        $named = $piece['sheet'] ?? null;
        if ($named === null ? ! $own : mb_strtolower(self::plain($named)) !== mb_strtolower($this->sheet)) {
            return $whole;
        }
        $moved = match (true) {
            isset($piece['c1'], $piece['r1']) => $this->cells($piece['c1'], $piece['r1'], $piece['c2'] ?? null, $piece['r2'] ?? null),
            isset($piece['left'], $piece['right']) => $this->line($piece['left'], $piece['right'], false),
            isset($piece['top'], $piece['bottom']) => $this->line($piece['top'], $piece['bottom'], true),
            default => $whole,
        };

        return $moved === $whole ? $whole : $named.$moved;
    }

    /** A cell or a range; a place beyond a worksheet makes it a name, which stays. */
    private function cells(string $column, string $row, ?string $endColumn, ?string $endRow): string
    {
        $known = fn (string $letters, string $digits) => Address::columnNumber(ltrim($letters, '$')) <= Address::COLUMNS &&
            (int) ltrim($digits, '$') >= 1 &&
            (int) ltrim($digits, '$') <= Address::ROWS;
        if (! $known($column, $row) || ($endColumn !== null && ! $known($endColumn, (string) $endRow))) {
            return $column.$row.($endColumn === null ? '' : ":$endColumn$endRow");
        }
        $columns = $this->line($column, $endColumn ?? $column, false);
        $rows = $this->grown($column, $row, $endColumn, $endRow) ?? $this->line($row, $endRow ?? $row, true);
        if (str_starts_with($columns, '#') || str_starts_with($rows, '#')) {
            return '#REF!';
        }
        [$left, $right] = explode(':', $columns);
        [$top, $bottom] = explode(':', $rows);

        return $left.$top.($endColumn === null ? '' : ":$right$bottom");
    }

    /** The rows of a range over a table that grows; null where it does not grow along. */
    private function grown(string $column, string $row, ?string $endColumn, ?string $endRow): ?string
    {
        $growth = $this->shift->growth;
        if ($growth === null || $endColumn === null || $endRow === null) {
            return null;
        }
        [$top, $bottom] = [(int) ltrim($row, '$'), (int) ltrim($endRow, '$')];
        [$left, $right] = [Address::columnNumber(ltrim($column, '$')), Address::columnNumber(ltrim($endColumn, '$'))];
        $goesAlong = $this->isWithin && ! (str_starts_with($row, '$') && str_starts_with($endRow, '$'));
        if ($top > $bottom || $goesAlong || ! $growth->holds($top, $bottom, min($left, $right), max($left, $right), true)) {
            return null;
        }
        $this->isResized = true;

        return $row.':'.(str_starts_with($endRow, '$') ? '$' : '').min(Address::ROWS, $bottom + $this->shift->count);
    }

    /** Two ends along one axis, as "first:last", in the order in which they stood; "#REF!" where all of it is taken out. */
    private function line(string $first, string $last, bool $rows): string
    {
        $number = fn (string $end) => $rows ? (int) ltrim($end, '$') : Address::columnNumber(ltrim($end, '$'));
        [$a, $b] = [$number($first), $number($last)];
        $limit = $rows ? Address::ROWS : Address::COLUMNS;
        if ($rows !== $this->shift->rows || min($a, $b) < 1 || max($a, $b) > $limit) {
            return "$first:$last";
        }
        $stretch = $this->shift->stretch(min($a, $b), max($a, $b));
        if ($stretch === null || $stretch[0] > $limit) {
            $this->isResized = true;

            return '#REF!';
        }
        $ends = [$stretch[0], min($limit, $stretch[1])];
        $this->isResized = $this->isResized || abs($a - $b) !== $ends[1] - $ends[0];
        [$a, $b] = $a <= $b ? $ends : array_reverse($ends);
        $write = fn (string $old, int $to) => (str_starts_with($old, '$') ? '$' : '')
            .($rows ? $to : Address::columnName($to));

        return $write($first, $a).':'.$write($last, $b);
    }

    /**
     * Whether a formula may look at another sheet: it names one, or a name that may mean cells anywhere.
     *
     * @param  array<string, string>  $names  defined names
     */
    public static function mayLookAway(string $formula, array $names): bool
    {
        $plain = (string) preg_replace('/"[^"]*"/', '', $formula);
        // Words that are neither the address of a cell or a column, nor called, nor true or false.
        $word = '/(?<![\p{L}\p{N}_.$])(?!(?:[A-Z]{1,3}\$?\d{1,7}|[A-Z]{1,3}(?=:)|(?<=:)[A-Z]{1,3}|TRUE|FALSE)(?![\p{L}\p{N}_.]))'
            .'[\p{L}_][\p{L}\p{N}_.]*(?![\p{L}\p{N}_.(])/iu';

        return str_contains($plain, '!') || ($names !== [] && preg_match($word, $plain) === 1);
    }

    /** The name of a sheet as it stands before a reference: with "!", and in quotes where it needs them. */
    public static function prefix(string $sheet): string
    {
        return (preg_match('/^[\p{L}_][\p{L}\p{N}_.]*$/u', $sheet) === 1 && preg_match('/^[A-Za-z]{1,3}\d+$/', $sheet) !== 1
            ? $sheet
            : "'".str_replace("'", "''", $sheet)."'").'!';
    }

    /** The name of a sheet as it is, from its prefix with "!" and perhaps quotes. */
    public static function plain(string $prefix): string
    {
        $name = substr($prefix, 0, -1);

        return str_starts_with($name, "'") ? str_replace("''", "'", substr($name, 1, -1)) : $name;
    }
}
