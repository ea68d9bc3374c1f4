<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

/** What values are asked for by functions that count and sum by criteria (ISO/IEC 29500-1 18.17.7.63, 18.17.7.322). */
final readonly class Criterion
{
    private function __construct(private string $operator, private null|bool|int|float|string $value, private ?string $pattern)
    {
    }

    public static function of(null|bool|int|float|string $says): self
    {
        if (! is_string($says)) {
            return new self('=', $says ?? 0, null);
        }
        preg_match('/^(<=|>=|<>|=|<|>)?(.*)$/s', $says, $found);
        [$operator, $text] = [($found[1] ?? '') ?: '=', $found[2] ?? ''];
        $number = $text === '' ? null : Scalars::number($text);
        if ($number !== null && ! $number instanceof Fault) {
            return new self($operator, $number, null);
        }
        $truth = ['TRUE' => true, 'FALSE' => false][strtoupper($text)] ?? null;
        if ($truth !== null) {
            return new self($operator, $truth, null);
        }
        $wild = preg_match('/[*?]/', $text) === 1 && in_array($operator, ['=', '<>'], true);

        return new self($operator, $text === '' && ($found[1] ?? '') !== '' ? null : $text,
            $wild ? self::pattern($text) : null);
    }

    /** "*" stands for any text, "?" for one character, "~" takes either as itself (18.17.7.63). */
    public static function pattern(string $text): string
    {
        $pattern = '';
        preg_match_all('/~[*?~]|\*|\?|[^~*?]+|~/su', $text, $pieces);
        foreach ($pieces[0] as $piece) {
            $pattern .= match (true) {
                $piece === '*' => '.*',
                $piece === '?' => '.',
                strlen($piece) === 2 && $piece[0] === '~' => preg_quote($piece[1], '/'),
                default => preg_quote($piece, '/'),
            };
        }

        return $pattern;
    }

    public function fits(null|bool|int|float|string|Fault $value): bool
    {
        if ($value instanceof Fault) {
            return false;
        }
        if ($this->pattern !== null) {
            $fits = is_string($value) && preg_match("/^{$this->pattern}$/siu", $value) === 1;

            return $this->operator === '=' ? $fits : ! $fits;
        }
        if ($this->value === null) {
            return $this->operator === '=' ? $value === null
                : ($this->operator === '<>' ? $value !== null : false);
        }
        if ($this->operator === '=' || $this->operator === '<>') {
            $same = $this->isSame($value);

            return $this->operator === '=' ? $same : ! $same;
        }
        if ($value === null || is_string($value) !== is_string($this->value) || is_bool($value) !== is_bool($this->value)) {
            return false;
        }
        $order = Scalars::compare($value, $this->value);

        return match ($this->operator) {
            '<' => $order < 0,
            '>' => $order > 0,
            '<=' => $order <= 0,
            default => $order >= 0,
        };
    }

    private function isSame(null|bool|int|float|string $value): bool
    {
        if ($value === null) {
            return $this->value === '';
        }
        if (is_string($value) && ! is_string($this->value) && ! is_bool($this->value)) {
            // A text of figures is counted with the numbers (common practice).
            return is_numeric($value) && Scalars::compare($value + 0, $this->value) === 0;
        }

        return is_string($value) === is_string($this->value) && is_bool($value) === is_bool($this->value)
            && Scalars::compare($value, $this->value) === 0;
    }

    public static function count(At $at, Node ...$of): int
    {
        $of = array_values($of);
        if (count($of) === 2 && $of[0] instanceof Area && $of[0]->isFixed()) {
            $says = $of[1]->value($at);
            if ($says instanceof Fault) {
                return 0;
            }
            $criterion = self::of($says);

            if ($criterion->operator === '=' && $criterion->pattern === null && $criterion->value !== null && $criterion->value !== '') {
                return $at->memory !== null && $of[0]->sheet($at) === $at->sheet ? $at->memory->count($of[0]->range, $criterion->value)
                    : self::counted($at, $of[0])[self::key($criterion->value)] ?? 0;
            }

            return $at->once($of[0], 'count|'.gettype($says).'|'.$says, fn () => self::fitting($at, $of[0], $criterion));
        }

        return count(self::matching($at, ...$of));
    }

    /** @return array<string, int> how often each value stands in a range, counted once */
    private static function counted(At $at, Area $area): array
    {
        return $at->once($area, 'counted', function () use ($at, $area) {
            $counted = [];
            foreach ($area->grid($at) as $line) {
                foreach ($line as $value) {
                    if ($value !== null && ! $value instanceof Fault) {
                        $key = self::key($value);
                        $counted[$key] = ($counted[$key] ?? 0) + 1;
                    }
                }
            }

            return $counted;
        });
    }

    private static function key(bool|int|float|string $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'b1' : 'b0',
            is_string($value) && ! is_numeric($value) => 't'.Scalars::plain($value),
            default => 'n'.sprintf('%.14e', (float) $value),
        };
    }

    private static function fitting(At $at, Area $area, self $criterion): int
    {
        $count = 0;
        $grid = $area->grid($at);
        foreach ($grid as $line) {
            foreach ($line as $value) {
                $count += $criterion->fits($value) ? 1 : 0;
            }
        }
        // What is beyond the last filled cell is blank.
        $read = array_sum(array_map(count(...), $grid));

        return $count + ($criterion->fits(null) ? $area->at($at)->cells() - $read : 0);
    }

    /** @return list<int|float> numbers of a range whose neighbours fit */
    public static function picked(At $at, Node $of, Node ...$criteria): array
    {
        $grid = $of->grid($at);
        $picked = [];
        foreach (self::matching($at, ...$criteria) as [$row, $column]) {
            $value = $grid[$row][$column] ?? null;
            is_int($value) || is_float($value) ? $picked[] = $value : null;
        }

        return $picked;
    }

    /** @return list<array{int, int}> rows and columns, from 0, at which all criteria fit */
    private static function matching(At $at, Node ...$of): array
    {
        $of = array_values($of);
        count($of) % 2 === 0 || throw NotKnown::because('Ranges and what they are asked for have to come in pairs.');
        $found = null;
        for ($pair = 0; $pair < count($of); $pair += 2) {
            $says = $of[$pair + 1]->value($at);
            if ($says instanceof Fault) {
                return [];
            }
            $criterion = self::of($says);
            $grid = $of[$pair]->grid($at);
            $at->looked($grid === [] ? 0 : count($grid) * count($grid[0]));
            if ($found === null) {
                $found = [];
                foreach ($grid as $row => $line) {
                    foreach ($line as $column => $value) {
                        $criterion->fits($value) && $found[] = [$row, $column];
                    }
                }
            } else {
                $found = self::kept($found, $grid, $criterion);
            }
        }

        return $found ?? [];
    }

    /**
     * @param  list<array{int, int}>  $found
     * @param  list<list<null|bool|int|float|string|Fault>>  $grid
     * @return list<array{int, int}>
     */
    private static function kept(array $found, array $grid, self $criterion): array
    {
        return array_values(array_filter($found, fn (array $place) => $criterion->fits($grid[$place[0]][$place[1]] ?? null)));
    }
}
