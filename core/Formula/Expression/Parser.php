<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

use Rilvet\Formula\Meaning;
use Rilvet\Formula\Scope;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/**
 * Reads a formula (grammar: ISO/IEC 29500-1 18.17.2) as a tree of what it gives. Names and tables are resolved before.
 */
final class Parser
{
    /** Characters of a formula (common practice). */
    public const LONGEST = 8_192;

    /** How deep brackets may stand in each other. */
    private const DEPTH = 100;

    /** What stands where, by the marks of its kinds: a match of many groups costs more than all the rest of the reading. */
    private const TOKEN = '~\G(?:
        \s+(*MARK:blank)
        | "(?:[^"]|"")*"(*MARK:text)
        | \#(?:NULL!|DIV/0!|VALUE!|REF!|NAME\?|NUM!|N/A)(*MARK:error)
        | (?:S\d+!)?(?:
            \$?[A-Z]{1,3}\$?\d{1,7}(?:\s?:\s?\$?[A-Z]{1,3}\$?\d{1,7})?
            | \$?[A-Z]{1,3}:\$?[A-Z]{1,3}
            | \$?\d{1,7}:\$?\d{1,7})(?![\p{L}\p{N}_.(])(*MARK:area)
        | (?:\d+\.?\d*|\.\d+)(?:E[+-]?\d+)?(*MARK:number)
        | [\p{L}_][\p{L}\p{N}_.]*(*MARK:word)
        | (?:<=|>=|<>|[=<>+\-*/^&%(),;{}])(*MARK:sign)
    )~xiu';

    private const AREA = '~^(?<sheet>S\d+!)?(?:
        (?<c1>\$?[A-Z]{1,3})(?<r1>\$?\d{1,7})(?:\s?:\s?(?<c2>\$?[A-Z]{1,3})(?<r2>\$?\d{1,7}))?
        | (?<left>\$?[A-Z]{1,3}):(?<right>\$?[A-Z]{1,3})
        | (?<top>\$?\d{1,7}):(?<bottom>\$?\d{1,7}))$~xiu';

    private const STRENGTH = ['=' => 1, '<>' => 1, '<' => 1, '>' => 1, '<=' => 1, '>=' => 1, '&' => 2, '+' => 3, '-' => 3, '*' => 4,
        '/' => 4, '^' => 5];

    /** @var list<array{string, string, int}> kind, text, place */
    private array $tokens = [];

    private int $next = 0;

    private int $depth = 0;

    private function __construct(private readonly string $formula)
    {
    }

    /**
     * @param  int  $sheet  number of the sheet that it stands on
     *
     * @throws NotKnown
     */
    public static function read(string $formula, Scope $scope, int $sheet, int $row, int $column): Node
    {
        if (strlen($formula) > self::LONGEST) {
            throw NotKnown::because('It has more than '.number_format(self::LONGEST).' characters.');
        }
        if (strpbrk($formula, "!['#@") === false && ($plain = self::plain($formula)) !== null) {
            return $plain->tree();
        }
        $meaning = Meaning::of($formula, $scope, $sheet, $row, $column);
        $parser = new self($meaning->text);
        $isNamed = preg_match("/'[^']+'!|\\[/", $formula) === 1;
        // Errors are values; what names nothing is none.
        $isLost = $meaning->isForeign && ! str_contains(strtoupper($meaning->text), '#REF!');
        $isLost && $isNamed || $parser->split();
        if ($isLost) {
            throw NotKnown::because('It names something that is not in the workbook, or not known here.');
        }

        return $parser->tree();
    }

    /** The parser of a formula that names no sheet, no table and nothing else that has to be resolved: most are such. */
    private static function plain(string $formula): ?self
    {
        $parser = new self($formula);
        try {
            $parser->split();
        } catch (NotKnown) {
            return null;
        }
        foreach ($parser->tokens as [$kind, $text, $at]) {
            if ($kind === 'word' && ($formula[$at + strlen($text)] ?? '') !== '('
                && ! in_array(strtoupper($text), ['TRUE', 'FALSE'], true)) {
                return null;
            }
        }

        return $parser;
    }

    private function tree(): Node
    {
        $tree = $this->expression(0);
        $this->next < count($this->tokens) && throw NotKnown::unreadable($this->formula, $this->tokens[$this->next][2]);

        return $tree;
    }

    private function split(): void
    {
        for ($at = 0; $at < strlen($this->formula);) {
            if (preg_match(self::TOKEN, $this->formula, $found, 0, $at) !== 1) {
                throw NotKnown::unreadable($this->formula, $at);
            }
            $kind = (string) ($found['MARK'] ?? '');
            $kind === 'blank' || $this->tokens[] = [$kind, $found[0], $at];
            $at += strlen($found[0]);
        }
    }

    private function sign(): ?string
    {
        [$kind, $text] = $this->tokens[$this->next] ?? ['', ''];

        return $kind === 'sign' ? $text : null;
    }

    private function take(string $sign): void
    {
        $this->sign() === $sign || $this->fail();
        $this->next++;
    }

    private function fail(): never
    {
        throw NotKnown::unreadable($this->formula, $this->tokens[$this->next][2] ?? strlen($this->formula));
    }

    private function expression(int $least): Node
    {
        if (++$this->depth > self::DEPTH) {
            throw NotKnown::because('Its brackets stand too deep in each other.');
        }
        $left = $this->signed();
        while (($sign = $this->sign()) !== null && (self::STRENGTH[$sign] ?? 0) > $least) {
            $this->next++;
            $left = new Operation($sign, $left, $this->expression(self::STRENGTH[$sign]));
        }
        $this->depth--;

        return $left;
    }

    /** A sign in front binds closer than a power (18.17.2.2). */
    private function signed(): Node
    {
        $sign = $this->sign();
        if ($sign === '-' || $sign === '+') {
            $this->next++;
            if (++$this->depth > self::DEPTH) {
                throw NotKnown::because('It has too many signs in a row.');
            }
            $of = $this->signed();
            $this->depth--;

            return $sign === '+' ? $of : new Operation('-', Constant::of(0), $of);
        }
        $node = $this->single();
        while ($this->sign() === '%') {
            $this->next++;
            $node = new Operation('/', $node, Constant::of(100));
        }

        return $node;
    }

    private function single(): Node
    {
        [$kind, $whole] = $this->tokens[$this->next] ?? $this->fail();
        if ($kind === 'sign' && $whole === '(') {
            $this->next++;
            $inner = $this->expression(0);
            $this->take(')');

            return $inner;
        }
        if ($kind === 'sign' && $whole === '{') {
            return $this->rows();
        }
        if ($kind === 'area') {
            $this->next++;

            return self::area($whole);
        }
        if ($kind === 'word' && ($this->tokens[$this->next + 1][1] ?? '') === '(') {
            return $this->call(strtoupper($whole));
        }

        return Constant::of($this->constant());
    }

    private function constant(): bool|int|float|string|Fault
    {
        $minus = $this->sign() === '-';
        $minus && $this->next++;
        [$kind, $whole] = $this->tokens[$this->next] ?? $this->fail();
        $value = match (true) {
            $kind === 'number' => self::number($whole),
            $kind === 'text' => str_replace('""', '"', substr($whole, 1, -1)),
            $kind === 'error' => Fault::of(strtoupper($whole)),
            $kind === 'word' && strtoupper($whole) === 'TRUE' => true,
            $kind === 'word' && strtoupper($whole) === 'FALSE' => false,
            default => $this->fail(),
        };
        $this->next++;

        return $minus && (is_int($value) || is_float($value)) ? -$value : $value;
    }

    private static function number(string $digits): int|float
    {
        return is_numeric($digits) ? $digits + 0 : 0;
    }

    private function rows(): Constant
    {
        $this->take('{');
        $rows = [[]];
        for (; ;) {
            $rows[count($rows) - 1][] = $this->constant();
            $sign = $this->sign();
            $this->next++;
            if ($sign === '}') {
                /** @var non-empty-list<non-empty-list<bool|int|float|string|Fault>> $rows */
                return new Constant($rows);
            }
            if ($sign === ';') {
                $rows[] = [];
            } elseif ($sign !== ',') {
                $this->next--;
                $this->fail();
            }
        }
    }

    private function call(string $name): Node
    {
        $start = $this->tokens[$this->next][2];
        $this->next += 2;
        $arguments = [];
        while ($this->sign() !== ')') {
            // An argument that is left out is a blank.
            if ($this->sign() === ',') {
                $arguments[] = Constant::of(null);
                $this->next++;

                continue;
            }
            $arguments[] = $this->expression(0);
            if ($this->sign() === ',') {
                $this->next++;
                $this->sign() === ')' && $arguments[] = Constant::of(null);
            } elseif ($this->sign() !== ')') {
                $this->fail();
            }
        }
        $end = ($this->tokens[$this->next][2] ?? $start) + 1;
        $this->next++;

        return Library::call($name, $arguments, substr($this->formula, $start, $end - $start));
    }

    private static function area(string $text): Area
    {
        preg_match(self::AREA, $text, $parts, PREG_UNMATCHED_AS_NULL);
        [$left, $right, $top, $bottom] = [
            $parts['c1'] ?? $parts['left'] ?? '$A', $parts['c2'] ?? $parts['right'] ?? $parts['c1'] ?? '$XFD',
            $parts['r1'] ?? $parts['top'] ?? '$1', $parts['r2'] ?? $parts['bottom'] ?? $parts['r1'] ?? '$'.Address::ROWS,
        ];
        $isFixed = fn (string $end) => str_starts_with($end, '$');
        $columns = [[Address::columnNumber(strtoupper(ltrim($left, '$'))), $isFixed($left)],
            [Address::columnNumber(strtoupper(ltrim($right, '$'))), $isFixed($right)]];
        $rows = [[(int) ltrim($top, '$'), $isFixed($top)], [(int) ltrim($bottom, '$'), $isFixed($bottom)]];
        sort($columns);
        sort($rows);
        if ($rows[0][0] < 1 || $rows[1][0] > Address::ROWS || $columns[1][0] > Address::COLUMNS) {
            throw NotKnown::because('It names a cell beyond the sheet.');
        }
        $sheet = $parts['sheet'] ?? null;

        return new Area(
            $sheet === null ? null : (int) substr($sheet, 1, -1), Range::of($rows[0][0], $columns[0][0], $rows[1][0], $columns[1][0]),
            [$rows[0][1], $columns[0][1], $rows[1][1], $columns[1][1]],
        );
    }
}
