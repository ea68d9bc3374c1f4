<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Formula\Spans;
use Rilvet\Grid\Shift;
use Rilvet\Work\Stretches;

/** Law: stretches of rows say what their rows say, whatever is taken out of them, put in or moved. Fixed seed. */
final class StretchesTest extends TestCase
{
    /** @return list<int> */
    private static function some(): array
    {
        return array_values(array_filter(range(1, 14), fn (int $row) => mt_rand(0, 2) > 0));
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<int>
     */
    private static function rows(array $stretches): array
    {
        $rows = array_keys(Stretches::rows($stretches));
        $last = 0;
        foreach ($stretches as [$first, $end]) {
            self::assertGreaterThan($last, $first, 'in order, none over another');
            self::assertGreaterThanOrEqual($first, $end);
            $last = $end;
        }

        return $rows;
    }

    public function test_rows_are_put_together_and_taken_out(): void
    {
        mt_srand(409);
        for ($round = 0; $round < 400; $round++) {
            [$rows, $out] = [self::some(), self::some()];
            $shuffled = $rows;
            shuffle($shuffled);
            $stretches = Stretches::of(array_fill_keys($shuffled, true));
            self::assertSame($rows, self::rows($stretches));
            // As few stretches as can be: a row stands between two of them.
            for ($at = 1; $at < count($stretches); $at++) {
                self::assertGreaterThan($stretches[$at - 1][1] + 1, $stretches[$at][0]);
            }
            shuffle($out);
            self::assertSame(array_values(array_diff($rows, $out)), self::rows(Stretches::without($stretches, $out)));
        }
        self::assertSame([], Stretches::of([]));
        self::assertSame([[4, 5], [7, 7]], Stretches::of([5 => true, 7 => true, 4 => true]));
    }

    public function test_they_follow_rows_that_come_and_go(): void
    {
        mt_srand(410);
        for ($round = 0; $round < 400; $round++) {
            $rows = self::some();
            $shift = new Shift(true, mt_rand(1, 15), mt_rand(1, 4), mt_rand(0, 1) === 1);
            $wanted = [];
            foreach ($rows as $row) {
                if ($shift->in) {
                    $wanted[] = $row >= $shift->at ? $row + $shift->count : $row;
                } elseif ($row < $shift->at || $row >= $shift->at + $shift->count) {
                    $wanted[] = $row < $shift->at ? $row : $row - $shift->count;
                }
            }
            self::assertSame($wanted, self::rows(Stretches::moved(Stretches::of(array_fill_keys($rows, true)), $shift)));
        }
    }

    public function test_spans_say_what_was_new_and_hold_what_was_added(): void
    {
        mt_srand(411);
        for ($round = 0; $round < 300; $round++) {
            $spans = new Spans;
            $has = [];
            for ($step = 0; $step < 6; $step++) {
                $first = mt_rand(1, 20);
                $last = $first + mt_rand(0, 6);
                $new = array_values(array_diff(range($first, $last), $has));
                self::assertSame($new, self::rows($spans->add($first, $last)));
                $has = array_values(array_unique([...$has, ...range($first, $last)]));
                sort($has);
                self::assertSame($has, self::rows($spans->list));
                self::assertSame(count($has), $spans->count());
            }
            self::assertSame($has, array_values(array_filter(range(0, 30), $spans->has(...))));
            [$from, $to] = [mt_rand(0, 15), mt_rand(10, 30)];
            self::assertSame(array_values(array_filter($has, fn (int $row) => $row >= $from && $row <= $to)),
                [...$spans->within($from, $to)]);
            for ($at = 1; $at < count($spans->list); $at++) {
                self::assertGreaterThan($spans->list[$at - 1][1] + 1, $spans->list[$at][0]);
            }
        }
    }
}
