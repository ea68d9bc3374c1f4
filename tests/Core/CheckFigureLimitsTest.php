<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Act\SetOpening;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Where a check of figures, headings, lines and names begins to speak, and where it is silent again. */
final class CheckFigureLimitsTest extends CheckLimitsCase
{
    /**
     * Checks of a column of figures, a look laid over all of them.
     *
     * @return iterable<string, array{string, list<int|float|string|null>, array<string, string>, int, 4?: ColumnKind}>
     */
    public static function columns(): iterable
    {
        $places = fn (int $long, int $short) => [...array_fill(0, $long, 1.123456), ...array_fill(0, $short, 1.5)];
        yield 'half of the figures have six decimals' => ['false-precision', $places(2, 2), [], 2];
        yield 'less than half' => ['false-precision', $places(2, 3), [], 0];
        yield 'five decimals' => ['false-precision', [1.12345, 2.12345, 3.12345], [], 0];
        yield 'three figures with a tail' => ['false-precision', $places(3, 0), [], 3];
        yield 'two are too few to tell' => ['false-precision', $places(2, 0), [], 0];
        yield 'the greatest is a hundredth' => ['false-precision', [0.001234, 0.002345, 0.01], [], 2];
        yield 'all are smaller' => ['false-precision', [0.001234, 0.002345, 0.009999], [], 0];
        yield 'a format cuts the tail' => ['false-precision', $places(3, 0), ['number' => '0.00'], 0];
        yield 'twelve digits' => ['long-number', [100_000_000_000, 7], [], 2];
        yield 'eleven digits are shown' => ['long-number', [99_999_999_999, 7], [], 0];
        yield 'sixteen digits cannot be right' => ['long-number', [1_000_000_000_000_000, 7], [], 1];
        yield 'fifteen are kept' => ['long-number', [999_999_999_999_999, 7], [], 2];
        yield 'long, with a format' => ['long-number', [100_000_000_000, 7], ['number' => '0'], 0];
        yield 'long, and one has decimals' => ['long-number', [100_000_000_000, 7.5], [], 0];
        $shares = fn (float $greatest) => [0.25, 0.5, 0.75, 0.1, $greatest];
        yield 'five times as much' => ['percents-mixed', $shares(5), [], 1, ColumnKind::Percent];
        yield 'less than five times' => ['percents-mixed', $shares(4.9), [], 0, ColumnKind::Percent];
        yield 'a hundred times' => ['percents-mixed', $shares(100), [], 1, ColumnKind::Percent];
        yield 'more than a hundred times' => ['percents-mixed', $shares(101), [], 0, ColumnKind::Percent];
        yield 'half of them beyond' => ['percents-mixed', [0.1, 0.2, 0.3, 5, 6, 7], [], 0, ColumnKind::Percent];
        yield 'nearly half of them' => ['percents-mixed', [0.1, 0.2, 0.3, 0.4, 5, 6, 7], [], 3, ColumnKind::Percent];
        yield 'four shares are too few to tell' => ['percents-mixed', [0.25, 0.5, 0.75, 5], [], 0, ColumnKind::Percent];
        yield 'one share among percents' => ['percents-mixed', [0.25, 5, 6, 7, 8], [], 0, ColumnKind::Percent];
        yield 'two shares, and noughts, which are neither' => ['percents-mixed', [0.25, 0.5, 0, 0, 5], [], 1, ColumnKind::Percent];
        yield 'one share, and noughts' => ['percents-mixed', [0.25, 0, 0, 0, 5], [], 0, ColumnKind::Percent];
        yield 'shares and a text' => ['percents-mixed', [0.25, 0.5, 0.75, 0.1, 5, 'none'], [], 0, ColumnKind::Percent];
        yield 'two digits at the left' => ['figures-at-left', [7, 8, 10], ['horizontal' => 'left'], 3];
        yield 'all of one digit' => ['figures-at-left', [7, 8, 9], ['horizontal' => 'left'], 0];
        yield 'in the middle' => ['figures-at-left', [7, 8, 10], ['horizontal' => 'center'], 3];
        yield 'at the right' => ['figures-at-left', [7, 8, 10], ['horizontal' => 'right'], 0];
        yield 'one figure again and again' => ['figures-at-left', [10, 10, 10], ['horizontal' => 'left'], 0];
        yield 'two figures at the left are too few' => ['figures-at-left', [7, 10], ['horizontal' => 'left'], 0];
        yield 'a text among them' => ['figures-at-left', [7, 8, 10, 'none'], ['horizontal' => 'left'], 0];
    }

    /**
     * @param  list<int|float|string|null>  $values
     * @param  array<string, string>  $look
     */
    #[DataProvider('columns')]
    public function test_figures_of_a_column(string $check, array $values, array $look, int $count,
        ColumnKind $kind = ColumnKind::Decimal): void
    {
        self::assertSame($count, array_sum(array_map(fn (Finding $one) => $one->count, self::ofColumn($check, $values, $look, $kind))));
    }

    public function test_figures_are_mended_with_as_many_places_as_they_need(): void
    {
        $code = function (string $check, array $values) {
            $found = self::ofColumn($check, $values, [], ColumnKind::Decimal);
            $mend = $found[0]->mend ?? null;
            self::assertNotNull($mend);
            $book = new Workbook('Book', [1 => self::dressed($values, [], ColumnKind::Decimal, $looks = new LookBook)], $looks);
            $sheet = $mend->act->on($book)->sheet(1);

            return $book->looks->look($sheet->hand->at(2, 2))->text(Attribute::Number);
        };
        self::assertSame('0.00', $code('false-precision', [1.123456, 2.123456, 999.5]));
        self::assertSame('#,##0.00', $code('false-precision', [1.123456, 2.123456, 1000]));
        self::assertSame('0', $code('long-number', [100_000_000_000, 7]));
        self::assertSame('0.0', $code('mixed-decimals', [1.5, 2, 3, 999]));
        self::assertSame('#,##0.0', $code('mixed-decimals', [1.5, 2, 3, 1000]));
        self::assertSame('0.0000', $code('mixed-decimals', [1.12345, 2, 3, 9]), 'four places are enough for all');
    }

    /**
     * @param  list<int|float|string|null>  $values
     * @param  array<string, string>  $look
     */
    private static function dressed(array $values, array $look, ColumnKind $kind, LookBook $looks): Worksheet
    {
        [$cells, $table] = self::figures($values, kind: $kind);
        $hand = new LookMap;
        $look === [] || $hand->set(Range::of(2, 2, count($values) + 1, 2), $looks->number(Look::of($look)));

        return (new Worksheet($cells, 'Beds', new Reading([$table])))->touched($hand);
    }

    /**
     * @param  list<int|float|string|null>  $values
     * @param  array<string, string>  $look
     * @return list<Finding>
     */
    private static function ofColumn(string $check, array $values, array $look, ColumnKind $kind): array
    {
        $sheet = self::dressed($values, $look, $kind, $looks = new LookBook);

        return Checks::on(new Workbook('Book', [1 => $sheet], $looks),
            array_values(array_filter(Checks::all(), fn ($one) => $one->about()->name === $check)));
    }

    /** A table of one column of figures whose headings end in a row, and as many rows of data below it. */
    private static function below(int $head, int $rows): TableReading
    {
        [, $table] = self::figures(range(1, $rows));

        return new TableReading(Range::of(1, 1, $head + $rows, 2), 1.0, [new RowRun(1, $head, Part::Heading),
            new RowRun($head + 1, $head + $rows, Part::Body)], $table->columns);
    }

    public function test_headings_that_scroll_away(): void
    {
        $found = function (int $head, int $rows, int $frozen): array {
            $cells = MemorySheet::of('Beds', array_fill(0, $head + $rows, ['L', 1]));
            $sheet = new Worksheet($cells, 'Beds', new Reading([self::below($head, $rows)]));
            $book = (new SetOpening([1], freezeRow: $frozen))->on(new Workbook('Book', [1 => $sheet], new LookBook));
            $checks = array_values(array_filter(Checks::all(), fn ($one) => $one->about()->name === 'headings-out-of-sight'));

            return array_map(fn (Finding $one) => $one->range, Checks::on($book, $checks));
        };
        self::assertSame(['A1:B1'], $found(1, 41, 0));
        self::assertSame([], $found(1, 40, 0), 'they fit into a window');
        self::assertSame([], $found(2, 41, 2), 'they are frozen');
        self::assertSame(['A2:B2'], $found(2, 41, 1), 'one of two is frozen');
        self::assertSame(['A20:B20'], $found(20, 41, 0));
        self::assertSame([], $found(21, 41, 0), 'so many rows take the room of the data');
    }

    public function test_cells_merged_among_the_data(): void
    {
        $found = function (int $rows, string ...$merges): array {
            [$cells, $table] = self::figures(range(1, $rows));
            $sheet = (new Worksheet($cells, 'Beds', new Reading([$table])))->merged(array_map(Range::parse(...), $merges), []);
            $checks = array_values(array_filter(Checks::all(), fn ($one) => $one->about()->name === 'merged-in-body'));

            return array_map(fn (Finding $one) => [$one->range, $one->words],
                Checks::on(new Workbook('Book', [1 => $sheet], new LookBook), $checks));
        };
        self::assertSame([['A2:A3', '1 merged place stands among the data of A1:B4.']], $found(3, 'A2:A3'));
        self::assertSame([['A2:A3, B3:B4', '2 merged places stand among the data of A1:B4.']], $found(3, 'A2:A3', 'B3:B4'));
        self::assertSame([], $found(2, 'A2:A3'), 'nobody sorts two rows');
        self::assertSame([], $found(3, 'A1:B1'), 'merged headings are another matter');
    }

    public function test_thick_lines_around_each_cell(): void
    {
        $found = function (int $rows, int $heavy, string $side, string $line): array {
            [$cells, $table] = self::figures(range(1, $rows));
            $hand = new LookMap;
            $looks = new LookBook;
            $heavy === 0 || $hand->set(Range::of(2, 1, $heavy + 1, 2), $looks->number(Look::of([$side => "$line #000000"])));
            $sheet = (new Worksheet($cells, 'Beds', new Reading([$table])))->touched($hand);
            $checks = array_values(array_filter(Checks::all(), fn ($one) => $one->about()->name === 'heavy-borders'));

            return array_map(fn (Finding $one) => $one->words, Checks::on(new Workbook('Book', [1 => $sheet], $looks),
                $checks));
        };
        $said = fn (int $heavy, int $all) => ["$heavy of $all cells of the data have thick lines above or below them."];
        self::assertSame($said(8, 10), $found(5, 4, 'bottom', 'medium'), 'four of five rows');
        self::assertSame($said(8, 10), $found(5, 4, 'top', 'double'));
        self::assertSame([], $found(5, 3, 'bottom', 'thick'), 'three of five');
        self::assertSame([], $found(5, 5, 'bottom', 'thin'));
        self::assertSame($said(6, 6), $found(3, 3, 'bottom', 'thick'));
        self::assertSame([], $found(2, 2, 'bottom', 'thick'), 'two rows are no grid');
        self::assertSame([], $found(3, 0, 'bottom', 'thick'));
    }

    public function test_a_sheet_without_a_name_of_its_own(): void
    {
        $found = function (string $name, array $rows): array {
            $sheet = new Worksheet(MemorySheet::of($name, $rows), $name, Reading::none());
            $checks = array_values(array_filter(Checks::all(), fn ($one) => $one->about()->name === 'sheet-name'));

            return array_map(fn (Finding $one) => $one->words, Checks::on(new Workbook('Book', [1 => $sheet], new LookBook), $checks));
        };
        self::assertSame(['The name "Sheet 2" does not say what the sheet holds.'], $found('Sheet 2', [['a']]));
        self::assertSame(['The name "list" does not say what the sheet holds.'], $found('list', [['a']]));
        self::assertSame([], $found('Sheet 2', []), 'it holds nothing');
        self::assertSame([], $found('Sheet of beds', [['a']]));
    }

    public function test_figures_with_as_many_places_as_each_has(): void
    {
        $found = fn (array $values, ColumnKind $kind = ColumnKind::Decimal) => array_map(fn (array $one) => [$one[1], $one[2]],
            self::found('mixed-decimals', ...self::figures($values, kind: $kind)));
        self::assertSame([], $found([1.5, 2.5, 3.5, 4.5]));
        self::assertSame([[1, '"Sold", places after the decimal sign: 1 show none, 3 1.']], $found([1.5, 2.5, 3.5, 4]));
        self::assertSame([], $found([1.5, 2]), 'two figures are too few to tell');
        self::assertSame([], $found([1.5, 2.25, 3, 4], ColumnKind::Code), 'codes are no figures');
        self::assertSame([], $found([1.5, 2.25, 3, 'none']), 'texts among them are another matter');
    }
}
