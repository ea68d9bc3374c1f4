<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
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

    /** @return Sides */
    private static function sides(Range $range): array
    {
        return [$range->top, $range->left, $range->bottom, $range->right];
    }
}
