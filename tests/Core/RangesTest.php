<?php

declare(strict_types=1);

namespace Tests\Core;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Address;
use Rilvet\Grid\Growth;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\RowOrder;
use Rilvet\Refusal;

/**
 * Addresses and ranges are read, written and taken apart in the browser too, since a selection follows the pointer: both are
 * held to the same cases (see ranges.test.ts).
 *
 * @phpstan-type Sides array{int, int, int, int}
 */
final class RangesTest extends TestCase
{
    /**
     * @return array{read: list<array{string, Sides|null}>, written: list<array{Sides, string}>,
     *     apart: list<array{list<Sides>, Sides, list<Sides>}>}
     */
    private static function cases(): array
    {
        return json_decode((string) file_get_contents(__DIR__.'/../shared/ranges.json'), true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return iterable<string, array{string, Sides|null}> */
    public static function texts(): iterable
    {
        foreach (self::cases()['read'] as $index => [$text, $sides]) {
            yield "$index: $text" => [$text, $sides];
        }
    }

    /** @param  Sides|null  $sides */
    #[DataProvider('texts')]
    public function test_a_text_is_read_as_a_range_or_refused(string $text, ?array $sides): void
    {
        try {
            $read = self::sides(Range::parse($text));
        } catch (Refusal) {
            $read = null;
        }
        self::assertSame($sides, $read);
    }

    public function test_a_range_is_written_as_the_text_that_is_read_as_it(): void
    {
        foreach (self::cases()['written'] as [$sides, $text]) {
            self::assertSame($text, (string) Range::of(...$sides));
            self::assertSame($sides, self::sides(Range::parse($text)));
        }
    }

    public function test_what_is_taken_away_leaves_the_same_pieces(): void
    {
        foreach (self::cases()['apart'] as [$ranges, $hole, $left]) {
            $pieces = [];
            foreach ($ranges as $sides) {
                array_push($pieces, ...RangeSet::of(Range::of(...$sides))->without(Range::of(...$hole))->all());
            }
            self::assertSame($left, array_map(self::sides(...), $pieces));
        }
    }

    /** The names of columns, beside the general-purpose spreadsheet library. */
    public function test_columns_are_called_as_the_library_calls_them(): void
    {
        for ($column = 1; $column <= 16_384; $column += $column < 800 ? 1 : 37) {
            $name = Coordinate::stringFromColumnIndex($column);
            self::assertSame($name, Address::columnName($column));
            self::assertSame($column, Address::columnNumber($name));
            self::assertSame($column, Address::columnNumber(strtolower($name)));
        }
        self::assertSame(['XFD', 16_384], [Address::columnName(16_384), Address::columnNumber('XFD')]);
    }

    /** Random ranges, fixed seed: what is cut, joined and counted is what their cells say. */
    public function test_ranges_meet_hold_and_clip_as_their_cells_do(): void
    {
        mt_srand(181);
        $range = function () {
            [$a, $b, $c, $d] = [mt_rand(1, 7), mt_rand(1, 7), mt_rand(1, 7), mt_rand(1, 7)];

            return Range::of(min($a, $b), min($c, $d), max($a, $b), max($c, $d));
        };
        for ($round = 0; $round < 200; $round++) {
            [$one, $other] = [$range(), $range()];
            $both = $only = [];
            for ($row = 1; $row <= 7; $row++) {
                for ($column = 1; $column <= 7; $column++) {
                    $one->contains($row, $column) && $other->contains($row, $column) && $both[] = "$column.$row";
                    $one->contains($row, $column) && $only[] = "$column.$row";
                }
            }
            self::assertSame([count($only), $both !== []], [$one->cells(), $one->meets($other)], "$one and $other");
            $clip = $one->clip($other);
            self::assertSame(count($both), $clip?->cells() ?? 0, "$one and $other");
            self::assertSame($one->rows() * $one->columns(), $one->cells());
            // The least that holds both: it ends on each side where one of them does.
            $sides = array_map(null, self::sides($one), self::sides($other));
            self::assertSame([min($sides[0]), min($sides[1]), max($sides[2]), max($sides[3])], self::sides($one->around($other)));
            self::assertSame((string) $one === (string) $other, $one->equals($other));
        }
    }

    /** Rows and columns apart: what is asked of a range is what its rows and columns say, at the edges and one beside them. */
    public function test_rows_and_columns_of_a_range_are_asked_one_by_one(): void
    {
        $range = Range::of(3, 5, 4, 7);
        self::assertSame([3, 4], array_values(array_filter(range(1, 9), $range->hasRow(...))));
        self::assertSame([5, 6, 7], array_values(array_filter(range(1, 9), $range->hasColumn(...))));
        for ($first = 1; $first <= 9; $first++) {
            for ($last = $first; $last <= 9; $last++) {
                $some = range($first, $last);
                self::assertSame(array_intersect($some, [3, 4]) !== [], $range->meetsRows($first, $last), "rows $first to $last");
                self::assertSame(array_diff($some, [3, 4]) === [], $range->holdsRows($first, $last), "rows $first to $last");
                self::assertSame(array_intersect($some, [5, 6, 7]) !== [], $range->meetsColumns($first, $last), "columns $first to $last");
            }
        }
        // Rows in another order, and rows of a table that grows, are of some columns too.
        $order = new RowOrder(5, 7, [3 => 4, 4 => 3]);
        $growth = new Growth(5, 7, 3, 4);
        self::assertSame([5, 6, 7], array_values(array_filter(range(1, 9), $order->hasColumn(...))));
        self::assertSame([5, 6, 7], array_values(array_filter(range(1, 9), $growth->hasColumn(...))));
        self::assertSame([4, 3, 3], [$order->row(3, 5), $order->row(4, 7), $order->row(3, 8)]);
    }

    /** @return Sides */
    private static function sides(Range $range): array
    {
        return [$range->top, $range->left, $range->bottom, $range->right];
    }
}
