<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Closure;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Calendar;
use Rilvet\Formula\Expression\Constant;
use Rilvet\Formula\Expression\Criterion;
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
    /** @var (Closure(int, int, Cell): bool)|null */
    private ?Closure $test = null;

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
        if ($this->why !== null) {
            return false;
        }
        try {
            $this->test ??= $this->made();

            return ($this->test)($row, $column, $cell);
        } catch (NotKnown $fault) {
            $this->why = $fault->getMessage();

            return false;
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
            $this->condition->test->is === Is::Always ? $this->points() : $this->test ??= $this->made();
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

        return Parser::read($formula, $this->around->scope, $this->around->number, $this->at->row, $this->at->column);
    }

    /** @return Closure(int, int, Cell): bool */
    private function made(): Closure
    {
        $test = $this->condition->test;
        $facts = $this->facts;
        $ranges = $this->ranges;
        $is = $test->is;

        return match ($is) {
            Is::Below, Is::AtMost, Is::Equal, Is::Unequal, Is::Above, Is::AtLeast => $this->compared($is, $this->node($test->of[0])),
            Is::Between, Is::Outside => $this->between($is === Is::Between, $this->node($test->of[0]), $this->node($test->of[1])),
            Is::OneOf => $this->oneOf(array_map($this->node(...), $test->of)),
            Is::Holds, Is::Lacks, Is::Begins, Is::Ends => $this->texts($is, $this->node($test->of[0])),
            // Blanks at the ends of a text leave it blank (ISO/IEC 29500-1 18.18.12, containsBlanks).
            Is::Blank => fn (int $row, int $column, Cell $cell) => $cell->error === null && trim($cell->text()) === '',
            Is::Filled => fn (int $row, int $column, Cell $cell) => $cell->error !== null || trim($cell->text()) !== '',
            Is::Error => fn (int $row, int $column, Cell $cell) => $cell->error !== null,
            Is::Sound => fn (int $row, int $column, Cell $cell) => $cell->error === null,
            Is::Period => $this->period($test->period ?? Period::Today),
            Is::Greatest, Is::Least => $this->ranked($test),
            Is::AboveMean, Is::BelowMean => $this->besideMean($test),
            Is::Repeated, Is::Single => fn (int $row, int $column, Cell $cell) => $cell->error === null && $cell->value !== null
                && $cell->value !== '' && ($facts->times($ranges, $cell->value) > 1) === ($is === Is::Repeated),
            Is::Formula => $this->formula($this->node($test->of[0])),
            Is::Always => fn () => true,
            Is::Unknown => throw NotKnown::because('Its kind is not known here.'),
        };
    }

    /** @return Closure(int, int, Cell): bool */
    private function ranked(Test $test): Closure
    {
        $isLeast = $test->is === Is::Least;
        /** @var list<float>|null $from one for all cells */
        $from = null;

        return function (int $row, int $column, Cell $cell) use ($test, $isLeast, &$from) {
            $number = $cell->error === null ? $cell->number() : null;
            if ($number === null) {
                return false;
            }
            $from ??= $this->facts->rank($this->ranges, $test->count, $test->percent, $isLeast);

            return $from !== [] && ($isLeast ? $number <= $from[0] : $number >= $from[0]);
        };
    }

    /** @return Closure(int, int, Cell): bool */
    private function besideMean(Test $test): Closure
    {
        $sign = $test->is === Is::AboveMean ? 1 : -1;
        /** @var float|null $from one for all cells */
        $from = null;

        return function (int $row, int $column, Cell $cell) use ($test, $sign, &$from) {
            $number = $cell->error === null ? $cell->number() : null;
            if ($number === null) {
                return false;
            }
            if ($from === null) {
                [$mean, $spread] = $this->facts->mean($this->ranges);
                $from = $mean + $sign * $test->deviations * $spread;
            }
            $order = ($number <=> $from) * $sign;

            return $order > 0 || ($order === 0 && $test->orEqual);
        };
    }

    /** @return Closure(int, int, Cell): bool */
    private function compared(Is $is, Node $node): Closure
    {
        $at = $this->at;
        $fixed = $node instanceof Constant ? $node->value($at) : null;

        return function (int $row, int $column, Cell $cell) use ($is, $node, $at, $fixed) {
            $value = $fixed ?? $node->value($at->go($row, $column));
            if ($cell->error !== null || $value instanceof Fault) {
                return false;
            }
            $order = Scalars::compare($cell->value, $value);

            return match ($is) {
                Is::Below => $order < 0,
                Is::AtMost => $order <= 0,
                Is::Equal => $order === 0,
                Is::Unequal => $order !== 0,
                Is::Above => $order > 0,
                default => $order >= 0,
            };
        };
    }

    /** @return Closure(int, int, Cell): bool */
    private function between(bool $within, Node $from, Node $to): Closure
    {
        $at = $this->at;

        return function (int $row, int $column, Cell $cell) use ($within, $from, $to, $at) {
            [$one, $other] = [$from->value($at->go($row, $column)), $to->value($at)];
            if ($cell->error !== null || $one instanceof Fault || $other instanceof Fault) {
                return false;
            }
            // Ends may stand either way round (common practice).
            if (Scalars::compare($one, $other) > 0) {
                [$one, $other] = [$other, $one];
            }
            $is = Scalars::compare($cell->value, $one) >= 0 && Scalars::compare($cell->value, $other) <= 0;

            return $is === $within;
        };
    }

    /**
     * @param  list<Node>  $nodes
     * @return Closure(int, int, Cell): bool
     */
    private function oneOf(array $nodes): Closure
    {
        $at = $this->at;
        $fixed = array_map(fn (Node $node) => $node instanceof Constant ? $node->value($at) : null, $nodes);

        return function (int $row, int $column, Cell $cell) use ($nodes, $at, $fixed) {
            $at->go($row, $column);
            foreach ($cell->error === null && $cell->value !== null ? $nodes : [] as $index => $node) {
                $value = $fixed[$index] ?? $node->value($at);
                if (! $value instanceof Fault && Scalars::compare($cell->value, $value) === 0) {
                    return true;
                }
            }

            return false;
        };
    }

    /** @return Closure(int, int, Cell): bool */
    private function texts(Is $is, Node $node): Closure
    {
        $at = $this->at;
        // The text that was wanted last, without its capitals and as a pattern: most conditions want one.
        [$last, $start, $pattern] = [null, '', ''];

        return function (int $row, int $column, Cell $cell) use ($is, $node, $at, &$last, &$start, &$pattern) {
            $wanted = Scalars::text($node->value($at->go($row, $column)));
            if ($wanted instanceof Fault || $cell->error !== null) {
                return $is === Is::Lacks;
            }
            if ($last !== $wanted) {
                // What is searched for may hold "*" and "?" (18.17.7.291).
                [$last, $start, $pattern] = [$wanted, Scalars::plain($wanted), '/'.Criterion::pattern($wanted).'/siu'];
            }
            $text = Scalars::text($cell->value);
            $plain = Scalars::plain(is_string($text) ? $text : '');

            return match ($is) {
                Is::Begins => str_starts_with($plain, $start),
                Is::Ends => str_ends_with($plain, $start),
                default => (preg_match($pattern, $plain) === 1) === ($is === Is::Holds),
            };
        };
    }

    /** @return Closure(int, int, Cell): bool */
    private function period(Period $period): Closure
    {
        [$first, $last] = $period->days((int) floor($this->around->now), Calendar::of($this->around->from1904));

        return function (int $row, int $column, Cell $cell) use ($first, $last) {
            $number = $cell->error === null ? $cell->number() : null;

            return $number !== null && floor($number) >= $first && floor($number) <= $last;
        };
    }

    /** @return Closure(int, int, Cell): bool */
    private function formula(Node $node): Closure
    {
        $at = $this->at;

        return function (int $row, int $column, Cell $cell) use ($node, $at) {
            $value = $node->value($at->go($row, $column));

            return is_bool($value) ? $value : (is_int($value) || is_float($value) ? $value != 0 : $value === 'TRUE');
        };
    }

    /** @return list<float|null>|null null where they cannot be told */
    private function points(): ?array
    {
        if ($this->why !== null) {
            return null;
        }
        $condition = $this->condition;
        $points = $condition->scale === null ? ($condition->bar === null ? $condition->marks->points ?? []
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
