<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression\Functions;

use Closure;
use Rilvet\Formula\Expression\Area;
use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Criterion;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\NotKnown;
use Rilvet\Formula\Expression\Scalars;

/** Functions of places, and those that look values up (ISO/IEC 29500-1 18.17.7). */
final class Places
{
    /** @return array<string, array{int, int, Closure}> */
    public static function all(): array
    {
        $place = fn (string $side) => [0, 1, function (At $at, ?Node $of = null) use ($side) {
            $of === null || $of instanceof Area || throw NotKnown::because('It asks for the place of what is no cell.');

            return $of?->at($at)->$side ?? ($side === 'top' ? $at->row + $at->down : $at->column + $at->across);
        }];
        $size = fn (string $side) => [1, 1, function (At $at, Node $of) use ($side) {
            $of instanceof Area || throw NotKnown::because('It asks for the size of what is no range.');
            $range = $of->at($at);

            return $side === 'rows' ? $range->rows() : $range->columns();
        }];

        return [
            'ROW' => $place('top'), 'COLUMN' => $place('left'), 'ROWS' => $size('rows'), 'COLUMNS' => $size('columns'),
            'CHOOSE' => [2, 255, function (At $at, Node $which, Node ...$of) {
                $number = Scalars::number($which->value($at));

                $chosen = $number instanceof Fault ? null : $of[(int) $number - 1] ?? null;

                return $number instanceof Fault ? $number
                    : ($chosen === null ? Fault::value() : $chosen->value($at));
            }],
            'MATCH' => [2, 3, self::match(...)],
            'INDEX' => [2, 3, self::index(...)],
            'VLOOKUP' => [3, 4, self::lookup(...)],
        ];
    }

    private static function match(At $at, Node $what, Node $in, ?Node $way = null): int|Fault
    {
        $value = $what->value($at);
        $number = $way === null ? 1 : Scalars::number($way->value($at));
        if ($value instanceof Fault || $number instanceof Fault) {
            return $value instanceof Fault ? $value : Fault::value();
        }
        $list = self::line($at, $in);

        return self::found($at, $value ?? 0, $in, $list, (int) ($number <=> 0));
    }

    /** @return list<null|bool|int|float|string|Fault> */
    private static function line(At $at, Node $of): array
    {
        $grid = $of->grid($at);

        return count($grid) === 1 ? $grid[0] : array_map(fn (array $line) => $line[0] ?? null, $grid);
    }

    /**
     * @param  list<null|bool|int|float|string|Fault>  $list
     * @param  int  $way  0 for the very value, 1 for the greatest that is not above it in a list that rises, -1 for one that falls
     */
    private static function found(At $at, bool|int|float|string $value, Node $in, array $list, int $way): int|Fault
    {
        if ($way === 0) {
            if (is_string($value) && preg_match('/[*?~]/', $value) === 1) {
                $criterion = Criterion::of("=$value");
                foreach ($list as $index => $one) {
                    if ($criterion->fits($one)) {
                        return $index + 1;
                    }
                }

                return Fault::notFound();
            }
            $key = fn (bool|int|float|string $one) => match (true) {
                is_bool($one) => 'b'.(int) $one,
                is_string($one) => 't'.Scalars::plain($one),
                default => 'n'.sprintf('%.14e', (float) $one),
            };
            $make = function () use ($list, $key) {
                $places = [];
                foreach ($list as $index => $one) {
                    $one === null || $one instanceof Fault ?: $places[$key($one)] ??= $index + 1;
                }

                return $places;
            };
            $places = $in->isFixed() ? $at->once($in, 'match', $make) : $make();

            return $places[$key($value)] ?? Fault::notFound();
        }
        $last = null;
        $kind = fn (mixed $one) => is_bool($one) ? 2
            : (is_string($one) ? 1 : 0);
        foreach ($list as $index => $one) {
            if ($one === null || $one instanceof Fault || $kind($one) !== $kind($value)) {
                continue;
            }
            $order = Scalars::compare($one, $value) * $way;
            if ($order > 0) {
                break;
            }
            $last = $index + 1;
            if ($order === 0 && $way < 0) {
                break;
            }
        }

        return $last ?? Fault::notFound();
    }

    private static function index(At $at, Node $of, Node $row, ?Node $column = null): null|bool|int|float|string|Fault
    {
        $r = Scalars::number($row->value($at));
        $c = $column === null ? null : Scalars::number($column->value($at));
        if ($r instanceof Fault || $c instanceof Fault) {
            return $r instanceof Fault ? $r : Fault::value();
        }
        $grid = $of->grid($at);
        if ($c === null && count($grid) === 1) {
            [$r, $c] = [1, $r];
        }
        $c ??= 1;
        if ($r < 1 || $c < 1) {
            throw NotKnown::because('It asks for whole rows or columns of a range.');
        }
        if ($of instanceof Area && ($r > $of->at($at)->rows() || $c > $of->at($at)->columns())) {
            return Fault::of('#REF!');
        }

        return $grid[(int) $r - 1][(int) $c - 1] ?? null;
    }

    private static function lookup(At $at, Node $what, Node $in, Node $column, ?Node $near = null): null|bool|int|float|string|Fault
    {
        $value = $what->value($at);
        $number = Scalars::number($column->value($at));
        $isNear = $near === null ? true : Scalars::truth($near->value($at));
        if ($value instanceof Fault || $number instanceof Fault || $isNear instanceof Fault) {
            return $value instanceof Fault ? $value : Fault::value();
        }
        $grid = $in->grid($at);
        $first = array_map(fn (array $line) => $line[0] ?? null, $grid);
        $row = self::found($at, $value ?? 0, $in, $first, $isNear ? 1 : 0);
        if ($row instanceof Fault) {
            return $row;
        }
        if ($number < 1 || ($in instanceof Area && $number > $in->at($at)->columns())) {
            return $number < 1 ? Fault::value() : Fault::of('#REF!');
        }

        return $grid[$row - 1][(int) $number - 1] ?? null;
    }
}
