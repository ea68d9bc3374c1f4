<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Repeats;

/** How often values stand, beside what PHP itself counts. */
final class RepeatsTest extends TestCase
{
    /** @param  array{string, string}  $counts */
    private static function times(array $counts, bool|int|float|string $value): int
    {
        [$often, $once] = [Repeats::times($counts[0], $value), Repeats::times($counts[1], $value)];
        self::assertTrue($often !== 1 && $once < 2 && ($often === 0 || $once === 0), 'A value stands once or more often.');

        return $often + $once;
    }

    public function test_thousands_of_values_are_counted_as_an_array_counts_them(): void
    {
        mt_srand(61);
        $values = [];
        for ($row = 1; $row <= 20_000; $row++) {
            $values[$row] = 'L-'.mt_rand(1, 6_000);
        }
        $counts = Repeats::counted([$values]);
        foreach (array_count_values($values) as $value => $count) {
            self::assertSame($count, self::times($counts, (string) $value), (string) $value);
        }
        for ($other = 6_001; $other < 7_000; $other++) {
            self::assertSame(0, self::times($counts, "L-$other"));
        }
    }

    public function test_counts_that_take_more_than_a_byte_are_whole(): void
    {
        $values = [];
        foreach ([1, 2, 253, 254, 255, 256, 257, 1_000, 70_000] as $count) {
            array_push($values, ...array_fill(0, $count, "stands $count"));
        }
        $counts = Repeats::counted([$values]);
        foreach ([1, 2, 253, 254, 255, 256, 257, 1_000, 70_000] as $count) {
            self::assertSame($count, self::times($counts, "stands $count"));
        }
        self::assertSame(0, self::times($counts, 'stands nowhere'));
    }

    public function test_columns_are_counted_together_and_nothing_is_counted_in_none(): void
    {
        $counts = Repeats::counted([[2 => 'a', 3 => 'b'], [2 => 'a'], [9 => 'a']]);
        self::assertSame([3, 1, 0], [self::times($counts, 'a'), self::times($counts, 'b'), self::times($counts, 'c')]);
        self::assertSame(0, self::times(Repeats::counted([]), 'a'));
    }

    /** Functions that count make no difference of capitals, nor between a number and its figures (ISO/IEC 29500-1 18.17.7.63). */
    public function test_what_is_the_same_to_functions_that_count_is_counted_together(): void
    {
        $counts = Repeats::counted([['Straße', 'STRASSE', 'straße', '12', 12, 12.0, '12.0', true, 'TRUE', 0.1 + 0.2, 0.3]]);
        self::assertSame(2, self::times($counts, 'STRAßE'));
        self::assertSame(1, self::times($counts, 'strasse'));
        self::assertSame([4, 4], [self::times($counts, 12), self::times($counts, '12')]);
        self::assertSame([1, 1], [self::times($counts, true), self::times($counts, 'true')]);
        self::assertSame(0, self::times($counts, false));
        // Fifteen figures are compared.
        self::assertSame(2, self::times($counts, 0.3));
    }
}
