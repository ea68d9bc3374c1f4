<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;

/**
 * Conditions that say the same on neighbouring or scattered ranges, gathered into one. Two are one where they say the same
 * from each of their cells, and where no other that stands between them would be seen otherwise by it: so no cell changes.
 */
final class Gathering
{
    private const BAND = 64;

    /** @var array<string, array<int, list<array{int, Range}>>> place in the order and range, by what is said, then by band of rows */
    private array $bands = [];

    /** @var array<string, list<array{int, Range}>> */
    private array $wide = [];

    /** @var array<string, bool> whether two that say different things can be seen on one cell in more than one way, by both */
    private array $meets = [];

    /** @var array<int, int> the place that each is gathered to, by its own */
    private array $final = [];

    /** @var array<string, Condition> one that says it, by what is said */
    private array $says = [];

    /**
     * @param  list<Condition>  $conditions  in their order
     * @return list<Condition> as few as they mean; the first of each keeps its name
     */
    public static function of(array $conditions): array
    {
        do {
            $before = count($conditions);
            $conditions = (new self)->gathered($conditions);
        } while (count($conditions) < $before);

        return $conditions;
    }

    /**
     * @param  list<Condition>  $conditions
     * @return list<Condition>
     */
    private function gathered(array $conditions): array
    {
        $keys = [];
        foreach ($conditions as $place => $condition) {
            $key = self::meaning($condition);
            $keys[$place] = $key;
            $this->says[$key] ??= $condition;
            foreach ($condition->isOn ? $condition->where->cells : [] as $range) {
                [$first, $last] = [intdiv($range->top, self::BAND), intdiv($range->bottom, self::BAND)];
                if ($last - $first > 40) {
                    $this->wide[$key][] = [$place, $range];
                } else {
                    for ($band = $first; $band <= $last; $band++) {
                        $this->bands[$key][$band][] = [$place, $range];
                    }
                }
            }
        }
        $groups = $last = [];
        foreach ($conditions as $place => $condition) {
            $key = $keys[$place];
            $group = $last[$key] ?? null;
            if ($group !== null && ($this->isCovered($condition, $key, $group, $place)
                || ! $this->isBetween($condition, $key, $group, $place))) {
                $groups[$group][] = $condition;
                $this->final[$place] = $group;
            } else {
                $groups[$place] = [$condition];
                $last[$key] = $place;
                $this->final[$place] = $place;
            }
        }

        return array_map(self::one(...), array_values($groups));
    }

    /** @param  non-empty-list<Condition>  $same */
    private static function one(array $same): Condition
    {
        if (count($same) === 1) {
            return $same[0];
        }
        $ranges = Union::of(array_merge(...array_map(fn (Condition $each) => $each->where->cells, $same)));
        [$row, $column] = Condition::first($same[0]->where->cells === [] ? [Range::of(1, 1, 1, 1)] : $same[0]->where->cells);
        [$top, $left] = $ranges === [] ? [$row, $column] : Condition::first($ranges);
        // Said from the first cell of them all. Where that goes beyond the sheet, it is said from the one that can.
        $said = $same[0]->translated($top - $row, $left - $column);
        foreach ($same as $each) {
            if (! $said->isLost() || $each->where->cells === []) {
                break;
            }
            [$row, $column] = Condition::first($each->where->cells);
            $said = $each->translated($top - $row, $left - $column);
        }

        return $said->at(Where::cells($ranges));
    }

    /**
     * What a condition says, the same for those that say the same from each of their cells. What looks at all of its cells
     * together means something else on others.
     */
    public static function meaning(Condition $condition): string
    {
        $isPlain = $condition->where->isCells() && ! $condition->test->is->needsAll() && $condition->test->is !== Is::Always
            && $condition->test->is !== Is::Unknown;
        if (! $isPlain) {
            $where = $condition->where->isCells() ? implode(' ', $condition->where->cells) : json_encode($condition->where->toArray());

            return $condition->key()."|$where";
        }
        [$row, $column] = $condition->where->cells === [] ? [1, 1] : Condition::first($condition->where->cells);

        return $condition->saying(fn (string $formula) => self::relative($formula, $row, $column))->key();
    }

    /** A formula with its references as they are seen from a cell: "R[-1]C[2]" for one row up and two columns to the right. */
    public static function relative(string $formula, int $row, int $column): string
    {
        $line = fn (string $letter, string $end, int $from, int $number) => str_starts_with($end, '$') ? "$letter$number"
            : "{$letter}[".($number - $from).']';

        return (string) preg_replace_callback(References::PIECES, function (array $piece) use ($line, $row, $column) {
            $r = fn (string $end) => $line('R', $end, $row, (int) ltrim($end, '$'));
            $c = fn (string $end) => $line('C', $end, $column, Address::columnNumber(strtoupper(ltrim($end, '$'))));
            $sheet = mb_strtolower((string) ($piece['sheet'] ?? ''));

            return match (true) {
                isset($piece['c1'], $piece['r1']) => $sheet.$r($piece['r1']).$c($piece['c1'])
                    .(isset($piece['c2'], $piece['r2']) ? ':'.$r($piece['r2']).$c($piece['c2']) : ''),
                isset($piece['left'], $piece['right']) => $sheet.$c($piece['left']).':'.$c($piece['right']),
                isset($piece['top'], $piece['bottom']) => $sheet.$r($piece['top']).':'.$r($piece['bottom']),
                default => (string) $piece[0],
            };
        }, $formula, flags: PREG_UNMATCHED_AS_NULL);
    }

    /** Whether the same is said of all of its cells already: once more changes nothing. */
    private function isCovered(Condition $condition, string $key, int $group, int $to): bool
    {
        foreach ($condition->where->cells as $range) {
            $inside = false;
            foreach ($this->near($key, $range) as [$place, $its]) {
                $inside = $inside || ($place < $to && $this->final[$place] === $group && $its->contains($range->top, $range->left)
                    && $its->contains($range->bottom, $range->right));
            }
            if (! $inside) {
                return false;
            }
        }

        return $condition->where->cells !== [];
    }

    /** Whether something that goes before a condition on its cells would come after it, and be seen otherwise. */
    private function isBetween(Condition $condition, string $key, int $from, int $to): bool
    {
        foreach (array_keys($this->says) as $other) {
            $other = (string) $other;
            if ($other === $key || ! $this->canMeet($key, $other)) {
                continue;
            }
            foreach ($condition->where->cells as $range) {
                foreach ($this->near($other, $range) as [$place, $its]) {
                    if ($place < $to && $this->final[$place] > $from && $its->meets($range)) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @return iterable<array{int, Range}> */
    private function near(string $key, Range $range): iterable
    {
        yield from $this->wide[$key] ?? [];
        [$first, $last] = [intdiv($range->top, self::BAND), intdiv($range->bottom, self::BAND)];
        if ($last - $first > 40) {
            foreach ($this->bands[$key] ?? [] as $band => $found) {
                if ($band >= $first && $band <= $last) {
                    yield from $found;
                }
            }

            return;
        }
        for ($band = $first; $band <= $last; $band++) {
            yield from $this->bands[$key][$band] ?? [];
        }
    }

    private function canMeet(string $one, string $other): bool
    {
        return $this->meets[strcmp($one, $other) < 0 ? "$one\n$other" : "$other\n$one"] ??= self::clash($this->says[$one],
            $this->says[$other]);
    }

    /** Whether it matters which of two comes first. */
    private static function clash(Condition $one, Condition $other): bool
    {
        if ($one->stops || $other->stops) {
            return true;
        }
        if ($one->scale !== null && $other->scale !== null) {
            return true;
        }
        $isFilled = fn (Condition $each) => $each->look->get(Attribute::Fill) !== null;

        return $one->look->differsIn($other->look) || ($one->scale !== null && $isFilled($other)) || ($other->scale !== null
            && $isFilled($one))
            || ($one->bar !== null && $other->bar !== null) || ($one->marks !== null && $other->marks !== null);
    }
}
