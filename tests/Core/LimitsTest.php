<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Test;
use Rilvet\Grid\Address;
use Rilvet\Grid\RangeSet;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Intake\Tokeniser;
use Rilvet\Look\Look;
use Rilvet\Measure\Length;
use Rilvet\Page\PageRules;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;

/** What is taken up to a limit: at it, and one beyond it. */
final class LimitsTest extends TestCase
{
    /** @return iterable<string, array{callable, mixed, mixed}> what takes it, the last that is taken, the first that is not */
    public static function limits(): iterable
    {
        $test = fn (array $test) => Condition::of(['id' => 'a', 'where' => ['cells' => 'A1'], 'test' => $test, 'look' => ['bold' => true]]);
        $values = fn (int $count) => ['is' => 'oneOf', 'of' => array_fill(0, $count, '1')];
        $book = Builtin::all()[0]->toArray();
        $about = fn (int $letters) => ['about' => str_repeat('ü', $letters)] + $book;
        $stylebook = fn (array $data) => Stylebook::fromJson((string) json_encode($data));
        $rows = fn (int $last) => Corrections::of(['type' => 'rows', 'row' => 1, 'column' => 1, 'first' => 1, 'last' => $last,
            'part' => 'note']);
        yield 'values of a condition' => [$test, $values(Test::VALUES), $values(Test::VALUES + 1)];
        yield 'one value of a condition' => [$test, $values(1), $values(0)];
        yield 'the greatest' => [$test, ['is' => 'greatest', 'count' => 1_000], ['is' => 'greatest', 'count' => 1_001]];
        yield 'the greatest in percent' => [$test, ['is' => 'greatest', 'count' => 100, 'percent' => true],
            ['is' => 'greatest', 'count' => 101, 'percent' => true]];
        yield 'what a stylebook is about' => [$stylebook, $about(500), $about(501)];
        // Rows of a file are at most 409.5 pt high (common practice), 546 px.
        yield 'a height' => [Length::height(...), '546 px', '547 px'];
        yield 'a small height' => [Length::height(...), '1 px', '0 px'];
        yield 'a height in another measure' => [Length::height(...), '5.6875 in', '5.7 in'];
        yield 'a width' => [fn (string $text) => Length::width($text, 7), (255 * 7 + 5).' px', (255 * 7 + 6).' px'];
        yield 'a small width' => [fn (string $text) => Length::width($text, 7), '1 px', '0 px'];
        yield 'an indent' => [fn (int $indent) => Look::of(['indent' => $indent]), 15, 16];
        yield 'a size' => [fn (float $size) => Look::of(['size' => $size]), 409, 409.5];
        yield 'a small size' => [fn (float $size) => Look::of(['size' => $size]), 1, 0.5];
        yield 'a turn' => [fn (int $turn) => Look::of(['rotation' => $turn]), -90, -91];
        yield 'a scale of pages' => [fn (int $scale) => PageRules::of(['scale' => $scale]), 400, 401];
        yield 'a small scale of pages' => [fn (int $scale) => PageRules::of(['scale' => $scale]), 10, 9];
        yield 'a row' => [fn (int $row) => Address::of($row, 1), 1_048_576, 1_048_577];
        yield 'rows that are read otherwise' => [$rows, 1_048_576, 1_048_577];
        yield 'no row that is read otherwise' => [$rows, 1, 0];
        yield 'a column' => [fn (int $column) => Address::of(1, $column), 16_384, 16_385];
    }

    /** @param  callable(mixed): mixed  $takes */
    #[DataProvider('limits')]
    public function test_it_is_taken_at_its_limit_and_refused_beyond(callable $takes, mixed $last, mixed $beyond): void
    {
        $takes($last);
        try {
            $takes($beyond);
            self::fail('it was taken');
        } catch (Refusal $refusal) {
            self::assertNotSame('', $refusal->getMessage());
        }
    }

    public function test_a_text_has_as_many_rows_and_columns_as_a_sheet(): void
    {
        $rows = fn (string $text) => iterator_count(Tokeniser::ofText($text)->rows());
        self::assertSame(Address::ROWS, $rows(str_repeat("a\n", Address::ROWS)));
        self::assertSame(2, $rows(str_repeat(',', Address::COLUMNS - 1)."\na\n"));
        foreach ([str_repeat("a\n", Address::ROWS + 1), str_repeat(',', Address::COLUMNS)] as $text) {
            try {
                $rows($text);
                self::fail('it was taken');
            } catch (FileIsWrong $wrong) {
                self::assertStringContainsString(number_format(str_contains($text, 'a') ? Address::ROWS : Address::COLUMNS),
                    $wrong->getMessage());
            }
        }
    }

    public function test_cells_are_ranges_while_they_are_few(): void
    {
        $cells = fn (int $count) => array_map(fn (int $row) => [2 => true, 3 => true], array_combine(range(1, $count), range(1, $count)));
        self::assertCount(200, RangeSet::around($cells(200))->all());
        self::assertSame(['B1:C201'], array_map(strval(...), RangeSet::around($cells(201))->all()));
        // Runs of a row are one range each, and the rectangle is around all that follow too.
        self::assertSame(['B4:C4', 'E4'], array_map(strval(...), RangeSet::around([4 => [5 => 1, 3 => 1, 2 => 1]])->all()));
        self::assertSame(['B1:M300'], array_map(strval(...), RangeSet::around($cells(201) + [300 => [13 => true]])->all()));
    }
}
