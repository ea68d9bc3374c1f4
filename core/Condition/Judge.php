<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Calendar;
use Rilvet\Formula\Expression\Constant;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\NotKnown;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Formula\Expression\Scalars;
use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;

/** Says of cells whether one condition holds, and what they show by it. Formulas are read once, and looked at from each cell. */
final class Judge
{
    private ?Asks $asks = null;

    /** @var list<float|null>|null values of the points of a scale, a bar or marks */
    private ?array $points = null;

    private readonly At $at;

    /** Why it is not evaluated here; null where it is. */
    public ?string $why = null;

    /** @param  non-empty-list<Range>  $ranges  where it holds */
    public function __construct(
        public readonly Condition $condition,
        public readonly array $ranges,
        private readonly Facts $facts,
        private readonly Around $around,
        Values $values,
    ) {
        [$row, $column] = Condition::first($ranges);
        $this->at = new At($values, $around->number, $row, $column, $around->now, $around->from1904, $facts);
    }

    /** Whether the condition holds for a cell of its ranges. */
    public function holds(int $row, int $column, Cell $cell): bool
    {
        return isset($this->among($column, [$row => $cell])[$row]);
    }

    /**
     * In which of some cells of a column it holds.
     *
     * @param  array<int, Cell>  $cells  by row
     * @return array<int, true> rows, as keys
     */
    public function among(int $column, array $cells): array
    {
        if ($this->why !== null) {
            return [];
        }
        try {
            $this->asks ??= $this->made();

            return $this->asks->among($cells, $column);
        } catch (NotKnown $fault) {
            $this->why = $fault->getMessage();

            return [];
        }
    }

    public function colour(Cell $cell): ?string
    {
        $value = $cell->number();
        $points = $value === null ? null : $this->points();
        if ($value === null || $points === null || $this->condition->scale === null || in_array(null, $points, true)) {
            return null;
        }

        /** @var non-empty-list<float> $points */
        return $this->condition->scale->colour($value, $points);
    }

    public function bar(Cell $cell): ?DrawnBar
    {
        $value = $cell->number();
        $points = $value === null ? null : $this->points();

        return $value === null || $points === null || ! isset($points[0], $points[1]) ? null
            : $this->condition->bar?->drawn($value, $points[0], $points[1]);
    }

    /** @return array{Shape, string}|null */
    public function mark(Cell $cell): ?array
    {
        $value = $cell->number();
        $points = $value === null ? null : $this->points();

        return $value === null || $points === null ? null : $this->condition->marks?->mark($value, $points);
    }

    /** Reads its formulas, so that it is known whether they can be. */
    public function tried(): ?string
    {
        try {
            $this->condition->test->is === Is::Always ? $this->points() : $this->asks ??= $this->made();
        } catch (NotKnown $fault) {
            $this->why = $fault->getMessage();
        }

        return $this->why;
    }

    private function node(string $formula): Node
    {
        // Most values are written out.
        if (is_numeric($formula)) {
            return Constant::of($formula + 0);
        }
        if (preg_match('/^"[^"]*"$/', $formula) === 1) {
            return Constant::of(substr($formula, 1, -1));
        }

        return Parser::read($formula, $this->around->scope, $this->around->number, $this->at->row, $this->at->column);
    }

    private function made(): Asks
    {
        $test = $this->condition->test;
        $is = $test->is;
        $at = $this->at;

        return match ($is) {
            Is::Below, Is::AtMost, Is::Equal, Is::Unequal, Is::Above, Is::AtLeast => new AsksOrder($is, $this->node($test->of[0]), $at),
            Is::Between, Is::Outside => new AsksBetween($is === Is::Between, $this->node($test->of[0]), $this->node($test->of[1]), $at),
            Is::OneOf => new AsksOneOf(array_map($this->node(...), $test->of), $at),
            Is::Holds, Is::Lacks, Is::Begins, Is::Ends => new AsksTexts($is, $this->node($test->of[0]), $at),
            // Blanks at the ends of a text leave it blank (ISO/IEC 29500-1 18.18.12, containsBlanks).
            Is::Blank => new AsksCells(fn (Cell $cell) => $cell->error === null && trim($cell->text()) === ''),
            Is::Filled => new AsksCells(fn (Cell $cell) => $cell->error !== null || trim($cell->text()) !== ''),
            Is::Error => new AsksCells(fn (Cell $cell) => $cell->error !== null),
            Is::Sound => new AsksCells(fn (Cell $cell) => $cell->error === null),
            Is::Period => $this->period($test->period ?? Period::Today),
            Is::Greatest, Is::Least => $this->ranked($test),
            Is::AboveMean, Is::BelowMean => $this->besideMean($test),
            Is::Repeated, Is::Single => new AsksCells(fn (Cell $cell) => $cell->error === null && $cell->value !== null
                && $cell->value !== '' && $this->facts->repeats($this->ranges, $cell->value) === ($is === Is::Repeated)),
            Is::Formula => new AsksFormula($this->node($test->of[0]), $at),
            Is::Always => new AsksCells(fn () => true),
            Is::Unknown => throw NotKnown::because('Its kind is not known here.'),
        };
    }

    private function ranked(Test $test): Asks
    {
        $isLeast = $test->is === Is::Least;
        /** @var list<float>|null $from one for all cells */
        $from = null;

        return AsksCells::numbers(function (int|float $number) use ($test, $isLeast, &$from) {
            $from ??= $this->facts->rank($this->ranges, $test->count, $test->percent, $isLeast);

            return $from !== [] && ($isLeast ? $number <= $from[0] : $number >= $from[0]);
        });
    }

    private function besideMean(Test $test): Asks
    {
        $sign = $test->is === Is::AboveMean ? 1 : -1;
        /** @var float|null $from one for all cells */
        $from = null;

        return AsksCells::numbers(function (int|float $number) use ($test, $sign, &$from) {
            if ($from === null) {
                [$mean, $spread, $count] = $this->facts->mean($this->ranges);
                // One number alone has no deviation: none is beyond it.
                $from = $test->deviations > 0 && $count < 2 ? $sign * INF : $mean + $sign * $test->deviations * $spread;
            }
            $order = ($number <=> $from) * $sign;

            return $order > 0 || ($order === 0 && $test->orEqual);
        });
    }

    private function period(Period $period): Asks
    {
        [$first, $last] = $period->days((int) floor($this->around->now), Calendar::of($this->around->from1904));

        return AsksCells::numbers(fn (int|float $number) => floor($number) >= $first && floor($number) <= $last);
    }

    /** @return list<float|null>|null null where they cannot be told */
    private function points(): ?array
    {
        if ($this->why !== null) {
            return null;
        }
        $condition = $this->condition;
        $points = $condition->scale === null
            ? ($condition->bar === null ? $condition->marks->points ?? []
            : [$condition->bar->from, $condition->bar->to]) : array_map(fn (array $one) => $one[0], $condition->scale->points);
        try {
            return $this->points ??= array_map(fn (Point $point, int $index) => $this->place($point, $index === count($points) - 1),
                $points,
                array_keys($points));
        } catch (NotKnown $fault) {
            $this->why = $fault->getMessage();

            return null;
        }
    }

    private function place(Point $point, bool $isLast): ?float
    {
        $ends = $this->facts->ends($this->ranges);
        if ($ends === []) {
            return null;
        }
        [$least, $greatest] = $ends;
        if (in_array($point->at, ['least', 'greatest', 'auto'], true)) {
            return match ($point->at) {
                'least' => $least,
                'greatest' => $greatest,
                default => $isLast ? max(0.0, $greatest) : min(0.0, $least),
            };
        }
        $number = Scalars::number($this->node($point->value)->value($this->at->go($this->at->row, $this->at->column)));
        if ($number instanceof Fault) {
            return null;
        }

        return match ($point->at) {
            'percent' => $least + ($greatest - $least) * $number / 100,
            'percentile' => $this->facts->percentile($this->ranges, $number / 100),
            default => (float) $number,
        };
    }
}
