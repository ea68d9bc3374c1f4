<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Condition\Exception\ConditionIsWrong;

/**
 * Marks beside values, by how great they are (ISO/IEC 29500-1 18.3.1.49).
 *
 * @phpstan-import-type PointData from Point
 *
 * @phpstan-type MarksData array{set: string, points: list<PointData>, reversed?: bool, hidesText?: bool,
 *     own?: list<array{string, int}|null>}
 */
final readonly class Marks
{
    /**
     * @param  list<Point>  $points  from which on each step holds; the first is below all
     * @param  list<array{string, int}|null>  $own  of each step another set's mark, or none
     */
    public function __construct(
        public string $set,
        public array $points,
        public bool $isReversed = false,
        public bool $hidesText = false,
        public array $own = [],
    ) {
    }

    public static function of(mixed $data): self
    {
        $set = is_array($data) ? $data['set'] ?? null : null;
        $steps = is_string($set) ? count(MarkSet::named($set)) : 0;
        if (! is_array($data) || ! is_string($set) || $steps === 0) {
            throw ConditionIsWrong::because('marks.set', 'one of '.implode(', ', MarkSet::NAMES).' is wanted.');
        }
        $points = $data['points'] ?? array_map(fn (int $step) => ['at' => 'percent', 'value' => (string) (int) round(100 * $step / $steps)],
            range(0, $steps - 1));
        if (! is_array($points) || ! array_is_list($points) || count($points) !== $steps) {
            throw ConditionIsWrong::because('marks.points', "$steps points are wanted.");
        }
        $own = $data['own'] ?? [];
        if (! is_array($own) || ! array_is_list($own) || ($own !== [] && count($own) !== $steps)) {
            throw ConditionIsWrong::because('marks.own', "$steps marks are wanted.");
        }
        foreach ($own as $one) {
            $isMark = is_array($one) && is_string($one[0] ?? null) && is_int($one[1] ?? null) && isset(MarkSet::named($one[0])[$one[1]]);
            $one === null || $isMark || throw ConditionIsWrong::because('marks.own', 'a set and a place in it are wanted, or null.');
        }
        /** @var list<array{string, int}|null> $own */
        $flag = fn (string $name) => ($data[$name] ?? false) === true;

        return new self($set, array_map(fn (mixed $point) => Point::of($point, 'marks.points'), $points), $flag('reversed'),
            $flag('hidesText'),
            $own);
    }

    /** @return MarksData */
    public function toArray(): array
    {
        return ['set' => $this->set, 'points' => array_map(fn (Point $point) => $point->toArray(), $this->points)]
            + ($this->isReversed ? ['reversed' => true] : [])
            + ($this->hidesText ? ['hidesText' => true] : [])
            + ($this->own === [] ? [] : ['own' => $this->own]);
    }

    /** @param  list<Point>  $points */
    public function stepping(array $points): self
    {
        return new self($this->set, $points, $this->isReversed, $this->hidesText, $this->own);
    }

    /**
     * The mark of a value.
     *
     * @param  list<float|null>  $at  values of the points
     * @return array{Shape, string}|null
     */
    public function mark(float $value, array $at): ?array
    {
        $step = 0;
        foreach ($this->points as $index => $point) {
            $from = $at[$index] ?? null;
            if ($index > 0 && $from !== null && ($point->isAbove ? $value > $from : $value >= $from)) {
                $step = $index;
            }
        }
        if ($this->own !== []) {
            $own = $this->own[$step] ?? null;

            return $own === null ? null : MarkSet::named($own[0])[$own[1]] ?? null;
        }
        $marks = MarkSet::named($this->set);

        return $marks[$this->isReversed ? count($marks) - 1 - $step : $step] ?? null;
    }
}
