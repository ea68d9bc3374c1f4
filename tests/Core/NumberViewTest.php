<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Hide;
use Rilvet\Act\SetOpening;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Number\Purpose;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Window\FirstScreen;
use Rilvet\Window\NumberView;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What a number is, in words, and what it could read; what a reader sees of a sheet first. */
final class NumberViewTest extends TestCase
{
    private static function of(Cell $cell, string $code, bool $from1904 = false): NumberView
    {
        $looks = new LookBook;
        $hand = new LookMap;
        $hand->set(Range::of(1, 1, 1, 1), $looks->number(Look::of(['number' => $code])));
        $sheet = (new Worksheet(new MemorySheet('Beds', [[$cell]]), 'Beds', Reading::none()))->touched($hand);

        return NumberView::of(new Workbook('Book', [1 => $sheet], $looks, from1904: $from1904), 1, 1, 1);
    }

    /** @return iterable<array{Cell, string, string}> days are those of ISO/IEC 29500-1 18.17.4.1 */
    public static function numbers(): iterable
    {
        $day = fn (int|float $number, string $words) => [Cell::of($number), 'yyyy-mm-dd', $words];
        yield $day(0, 'a fraction of a day: 0 h 0 min of 24 h');
        yield $day(0.25, 'a fraction of a day: 6 h 0 min of 24 h');
        yield $day(0.5 + 39 / 1_440, 'a fraction of a day: 12 h 39 min of 24 h');
        yield $day(1, 'a count of days from the end of 1899: day 1');
        yield $day(1.5, 'a count of days from the end of 1899: day 1, and 12 h 0 min');
        yield $day(45_000, 'a count of days from the end of 1899: day 45,000');
        yield $day(2_958_465, 'a count of days from the end of 1899: day 2,958,465');
        yield $day(2_958_466, 'a number that is no day');
        yield $day(-1, 'a number that is no day');
        yield [Cell::of(0.25), '0%', 'a share of one: 25 of a hundred'];
        yield [Cell::of(7), '0', 'a number'];
        yield [Cell::of('7 000'), '0', 'a text that looks like a number'];
        yield [Cell::of('7,000.5'), '0', 'a text that looks like a number'];
        yield [Cell::of('seven'), '0', 'a text'];
        yield [Cell::of(true), '0', 'true or false'];
        yield [Cell::blank(), '0', 'nothing'];
        yield [Cell::error('#N/A'), '0', 'an error that a formula gave'];
        yield [Cell::formula('A2*2', 7), '0', 'a number, which the formula =A2*2 gave'];
    }

    #[DataProvider('numbers')]
    public function test_what_a_cell_stores_is_said_in_words(Cell $cell, string $code, string $words): void
    {
        self::assertSame($words, self::of($cell, $code)->explained);
    }

    public function test_days_from_1904_are_said_so_and_what_does_not_fit_is_seen_so(): void
    {
        self::assertSame('a count of days from 1 January 1904: day 5', self::of(Cell::of(5), 'yyyy-mm-dd', true)->explained);
        self::assertSame(['1904-01-06', '####'], [self::of(Cell::of(5), 'yyyy-mm-dd', true)->shown,
            self::of(Cell::of(-1), 'yyyy-mm-dd')->shown]);
        self::assertSame(['0.00', 'General'], [self::of(Cell::of(5), '0.00')->code, self::of(Cell::of(5), 'General')->code]);
    }

    public function test_a_purpose_is_tried_with_the_places_and_the_sign_of_its_column(): void
    {
        $column = fn (int $decimals, ColumnKind $kind = ColumnKind::Decimal, ?string $unit = null) => new ColumnReading(1, 'h', $kind, 1.0,
            ColumnRole::Data, '', $decimals, $unit);
        $places = fn (Purpose $purpose, ?ColumnReading $reading) => NumberView::suggestion($purpose, $reading, '')->decimals;
        self::assertSame([2, 2, 3, 4, 4], [$places(Purpose::Money, null), ...array_map(fn (int $of) => $places(Purpose::Money,
            $column($of)),
            [0, 3, 4, 6])]);
        self::assertSame([0, 0, 1, 2, 2], [$places(Purpose::Percent, null), ...array_map(fn (int $of) => $places(Purpose::Percent,
            $column($of)), [1, 3, 4, 6])]);
        self::assertSame([0, 1, 2], array_map(fn (int $of) => $places(Purpose::Percent, $column($of, ColumnKind::Percent)), [0, 1, 3]));
        self::assertSame([1, 1, 2], array_map(fn (Purpose $one) => $places($one, $column(5)), [Purpose::Thousands, Purpose::Millions,
            Purpose::Scientific]));
        $code = fn (string $had, ?string $unit) => NumberView::suggestion(Purpose::Money, $column(2, unit: $unit), $had)->code();
        self::assertStringContainsString('€', $code('[$€-407]0', '$'), 'of the format that is there');
        self::assertStringContainsString('$', $code('0', '$'), 'of the column');
        self::assertStringContainsString('£', $code('0', null));
        self::assertStringNotContainsString('€', NumberView::suggestion(Purpose::Percent, $column(2), '[$€-407]0')->code());
    }

    public function test_columns_of_one_heading_are_counted(): void
    {
        $sheet = function (string ...$headings): Worksheet {
            $columns = array_map(fn (string $heading, int $at) => new ColumnReading($at + 1, $heading, ColumnKind::Integer, 1.0,
                ColumnRole::Data),
                array_values($headings), array_keys(array_values($headings)));
            $table = new TableReading(Range::of(1, 1, 3, count($headings)), 1.0, [new RowRun(1, 1, Part::Heading),
                new RowRun(2, 3, Part::Body)], $columns);

            return new Worksheet(MemorySheet::of('Beds', [$headings, [1, 2], [3, 4]]), 'Beds', new Reading([$table]));
        };
        $book = new Workbook('Book', [1 => $sheet('Bags', 'Trays'), 2 => $sheet('Trays', 'Bags'), 3 => $sheet('Pots')], new LookBook);
        self::assertSame(['Bags', 2], [($view = NumberView::of($book, 1, 2, 1))->heading, $view->alike]);
        self::assertSame(['Pots', 1], [($view = NumberView::of($book, 3, 2, 1))->heading, $view->alike]);
        self::assertSame([null, 0], [($view = NumberView::of($book, 1, 1, 1))->heading, $view->alike], 'a heading is no data');
        self::assertSame([null, 0], [($view = NumberView::of($book, 1, 9, 9))->heading, $view->alike]);
    }

    public function test_what_is_seen_first(): void
    {
        $cells = MemorySheet::of('Beds', array_fill(0, 60, array_fill(0, 30, 1)));
        $table = new TableReading(Range::of(1, 1, 60, 30), 1.0, [new RowRun(1, 60, Part::Body)],
            [new ColumnReading(1, 'h', ColumnKind::Integer,
                1.0, ColumnRole::Data)]);
        $book = new Workbook('Book', [1 => new Worksheet($cells, 'Beds', new Reading([$table]))], new LookBook);
        $sees = fn (Workbook $of, int $width, int $height) => FirstScreen::of($of->sheet(1), 's', $width, $height);
        // Columns of 64 px and rows of 20 (common practice), beside 60 px and above 300 px of a program's own.
        [$wide, $high] = [$book->sheet(1)->setup->sizes->widthOf(1), $book->sheet(1)->setup->sizes->heightOf(1)];
        self::assertSame([10, 20], [($s = $sees($book, 60 + 10 * $wide, 300 + 20 * $high))->column, $s->row]);
        self::assertSame([9, 19], [($s = $sees($book, 60 + 10 * $wide - 1, 300 + 20 * $high - 1))->column, $s->row]);
        self::assertSame([20, 40], [($s = $sees($book, 60 + 10 * $wide, 300 + 20 * $high))->columnsOutside, $s->rowsOutside]);
        self::assertSame([0, 0], [($s = $sees($book, 60 + 30 * $wide, 300 + 60 * $high))->columnsOutside, $s->rowsOutside]);
        $half = (new SetOpening([1], zoom: 50))->on($book);
        self::assertSame([20, 40], [($s = $sees($half, 60 + 10 * $wide, 300 + 20 * $high))->column, $s->row], 'twice as much');
        $frozen = (new SetOpening([1], freezeRow: 2, freezeColumn: 1, firstRow: 11, firstColumn: 6))->on($book);
        self::assertSame([14, 28], [($s = $sees($frozen, 60 + 10 * $wide, 300 + 20 * $high))->column, $s->row]);
        self::assertSame([1, 2], [($s = $sees($frozen, 60 + $wide, 300 + 2 * $high))->column, $s->row], 'nothing but what is frozen');
        $hidden = (new Hide([1], true, 2, 4, true))->on($book);
        self::assertSame(13, $sees($hidden, 60 + 10 * $wide, 400)->column);
        $far = (new SetOpening([1], firstRow: 1_048_570, firstColumn: 16_380))->on($book);
        self::assertSame([16_384, 1_048_576], [($s = $sees($far, 3_000, 3_000))->column, $s->row]);
        self::assertSame([0, 0], [$s->columnsOutside, $s->rowsOutside]);
        self::assertCount(3, FirstScreen::all($book->sheet(1)));
    }
}
