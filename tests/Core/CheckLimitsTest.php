<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Where a check of a table begins to speak, and where it is silent again: each limit is looked at from both sides. */
final class CheckLimitsTest extends CheckLimitsCase
{
    /**
     * A table with its heading in row 1, and stretches of data and of blank rows in turn below it.
     *
     * @param  list<int>  $stretches  how many rows of data, blank rows, rows of data, ...
     * @return array{Sheet, TableReading}
     */
    private static function gapped(array $stretches, int $columns = 2, ?Part $head = Part::Heading, ?string $beside = null): array
    {
        $rows = [array_map(fn (int $column) => "Heading $column", range(1, $columns))];
        $runs = [new RowRun(1, 1, $head)];
        foreach ($stretches as $at => $count) {
            $first = count($rows) + 1;
            for (; $count > 0; $count--) {
                $rows[] = $at % 2 === 0 ? array_map(fn (int $column) => $column * 7 + count($rows), range(1, $columns))
                    : [...array_fill(0, $columns, null), $beside];
            }
            $runs[] = new RowRun($first, count($rows), $at % 2 === 0 ? Part::Body : null);
        }
        $readings = array_map(fn (int $column) => new ColumnReading($column, "Heading $column", ColumnKind::Integer, 1.0, ColumnRole::Data),
            range(1, $columns));

        return [MemorySheet::of('Beds', $rows), new TableReading(Range::of(1, 1, count($rows), $columns), 1.0, $runs, $readings)];
    }

    /** @return iterable<string, array{array{Sheet, TableReading}, list<array{string, int, string}>}> */
    public static function blanks(): iterable
    {
        $said = fn (string $ranges, int $count, string $table) => [[$ranges, $count, $count === 1
            ? "1 blank row stands among the data of $table." : "$count blank rows stand among the data of $table."]];
        yield 'one' => [self::gapped([4, 1, 5]), $said('A6:B6', 1, 'A1:B11')];
        yield 'three in a row' => [self::gapped([5, 3, 5]), $said('A7:B9', 3, 'A1:B14')];
        yield 'four in a row are a form to be filled in' => [self::gapped([6, 4, 6]), []];
        yield 'three in three places' => [self::gapped([4, 1, 4, 1, 4, 1, 4]), $said('A6:B6, A11:B11, A16:B16', 3, 'A1:B20')];
        yield 'four places are a rhythm' => [self::gapped([4, 1, 4, 1, 4, 1, 4, 1, 4]), []];
        yield 'a table of seven rows' => [self::gapped([2, 1, 3]), $said('A4:B4', 1, 'A1:B7')];
        yield 'a table of six rows is too small to tell' => [self::gapped([2, 1, 2]), []];
        yield 'a quarter of its rows' => [self::gapped([4, 3, 4]), $said('A6:B8', 3, 'A1:B12')];
        yield 'more than a quarter of its rows' => [self::gapped([3, 3, 4]), []];
        yield 'one column is a list of words' => [self::gapped([4, 1, 5], 1), []];
        yield 'without headings it is no list' => [self::gapped([4, 1, 5], head: Part::Note), []];
        yield 'at the end of a table they part it from nothing' => [self::gapped([9, 1]), []];
    }

    /**
     * @param  array{Sheet, TableReading}  $table
     * @param  list<array{string, int, string}>  $found
     */
    #[DataProvider('blanks')]
    public function test_blank_rows_in_a_table(array $table, array $found): void
    {
        self::assertSame($found, self::found('blank-rows', ...$table));
    }

    public function test_rows_are_taken_out_only_where_nothing_stands_beside_the_table(): void
    {
        $mends = function (?string $beside) {
            [$cells, $table] = self::gapped([4, 1, 5], beside: $beside);
            $sheet = new Worksheet($cells, 'Beds', new Reading([$table]));
            $found = Checks::on(new Workbook('Book', [1 => $sheet], new LookBook),
                array_values(array_filter(Checks::all(), fn ($one) => $one->about()->name === 'blank-rows')));

            return $found[0]->mend?->words;
        };
        self::assertSame('takes 1 row out', $mends(null));
        self::assertNull($mends('a note'));
    }

    /** @return iterable<string, array{int, int, int, list<array{string, int, string}>}> filled rows, blank rows, cells behind them */
    public static function far(): iterable
    {
        $said = fn (string $at, int $count, int $gap) => [[$at, $count, $count === 1 ? "1 cell stands below $gap blank rows."
            : "$count cells stand below $gap blank rows."]];
        yield 'three hundred blank rows' => [12, 300, 1, $said('C313', 1, 300)];
        yield 'one less is scrolled over' => [12, 299, 1, []];
        yield 'four cells behind them' => [12, 400, 4, $said('C413', 4, 400)];
        yield 'five are data of their own' => [12, 400, 5, []];
        yield 'eleven cells before them' => [11, 300, 2, $said('C312', 2, 300)];
        yield 'ten before them are too few to tell' => [10, 300, 2, []];
        yield 'nothing behind them' => [12, 400, 0, []];
    }

    /** @param  list<array{string, int, string}>  $found */
    #[DataProvider('far')]
    public function test_data_far_away_from_the_rest(int $filled, int $gap, int $behind, array $found): void
    {
        $rows = array_fill(1, $filled, ['x']);
        $rows += array_fill($filled + 1, $gap, []);
        $rows[] = [null, null, ...array_fill(0, $behind, 'far')];
        self::assertSame($found, self::found('far-away', MemorySheet::of('Beds', array_values($rows))));
    }

    public function test_what_stands_far_away_in_two_places_is_told_of_the_last(): void
    {
        $rows = [...array_fill(0, 20, ['x']), ...array_fill(0, 350, []), ['near'], ...array_fill(0, 500, []), [null, 'far', 'away']];
        self::assertSame([['B872', 2, '2 cells stand below 500 blank rows.']], self::found('far-away', MemorySheet::of('Beds', $rows)));
    }

    /** @return iterable<string, array{array{Sheet, TableReading}, int}> figures, and how many are told; 0 for none */
    public static function noughts(): iterable
    {
        $five = [1_000, 20_000, 3_000, 40_000, 100_000];
        yield 'five whole thousands up to a hundred thousand' => [self::figures($five), 5];
        yield 'four are too few to tell' => [self::figures(array_slice($five, 1)), 0];
        yield 'five and two noughts' => [self::figures([...$five, 0, 0]), 5];
        yield 'four and three noughts' => [self::figures([...array_slice($five, 1), 0, 0, 0]), 0];
        yield 'none of a hundred thousand' => [self::figures([1_000, 20_000, 3_000, 40_000, 99_000]), 0];
        yield 'one that is no whole thousand' => [self::figures([...$five, 1_500]), 0];
        yield 'years and numbers of lots are not said in thousands' => [self::figures($five, false), 0];
        yield 'codes are no figures' => [self::figures($five, kind: ColumnKind::Code), 0];
        yield 'below nought they count as much' => [self::figures(array_map(fn (int $one) => -$one, $five)), 5];
    }

    /** @param  array{Sheet, TableReading}  $table */
    #[DataProvider('noughts')]
    public function test_noughts_that_say_nothing(array $table, int $count): void
    {
        $found = self::found('too-many-noughts', ...$table);
        self::assertSame($count, array_sum(array_column($found, 1)));
        $count === 0 || self::assertSame("\"Sold\": all $count figures are whole thousands.", $found[0][2]);
    }

    /** @return iterable<string, array{list<int|float|string|null>, list<array{string, int}>}> texts of a column, ranges and counts */
    public static function strays(): iterable
    {
        yield 'a blank at the end' => [['oak', 'oak ', 'ash', 'oak'], [['B3', 1]]];
        yield 'a blank at the front, and one that no line is broken at' => [['oak', ' oak', "\u{A0}ash", 'ash'], [['B3:B4', 2]]];
        yield 'two blanks between words' => [['red oak', 'red  oak', 'red oak'], [['B3', 1]]];
        yield 'one blank between words' => [['red oak', 'red ash', 'red oak'], []];
    }

    /**
     * @param  list<int|float|string|null>  $values
     * @param  list<array{string, int}>  $found
     */
    #[DataProvider('strays')]
    public function test_blanks_that_nobody_sees(array $values, array $found): void
    {
        self::assertSame($found, array_map(fn (array $one) => [$one[0], $one[1]],
            self::found('stray-spaces', ...self::figures($values, kind: ColumnKind::Category))));
    }

    /**
     * Rows of data whose cells are filled in turns, below a heading.
     *
     * @param  string  $fills  a letter a row: "a" and "b" are two colours, "." is none
     * @param  list<int>  $hidden  rows that are hidden
     * @return list<array{string, int}> ranges and counts of what is told
     */
    private static function striped(string $fills, array $hidden = []): array
    {
        [$cells, $table] = self::figures(array_map(fn (int $at) => $at * 7 + 1, range(0, strlen($fills) - 1)));
        $looks = new LookBook;
        $hand = new LookMap;
        foreach (str_split($fills) as $at => $fill) {
            $look = ['a' => ['fill' => '#EEEEEE'], 'b' => ['fill' => '#FFF2CC'], 'c' => ['fill' => '#CCE5FF'], '.' => []][$fill];
            $hand->set(Range::of($at + 2, 1, $at + 2, 2), $looks->number(Look::of($look)));
        }
        $sheet = (new Worksheet($cells, 'Beds', new Reading([$table])))->touched($hand)->hiding(false, $hidden);
        $found = Checks::on(new Workbook('Book', [1 => $sheet], $looks),
            array_values(array_filter(Checks::all(), fn ($one) => $one->about()->name === 'broken-stripes')));

        return array_map(fn (Finding $one) => [$one->range, $one->count], $found);
    }

    public function test_colours_that_no_longer_take_turns(): void
    {
        self::assertSame([], self::striped('.a.a.a.a.a.a'), 'they take turns');
        self::assertSame([['A7:B7', 1]], self::striped('.a.a..a.a.a.a.a'), 'but for one');
        self::assertSame([], self::striped('.a..a'), 'five rows are too few to tell');
        self::assertSame([], self::striped('.ac.a..ca.ac'), 'three colours mean something else');
        self::assertSame([], self::striped('....aaaa....'), 'blocks are no stripes');
        // Of a row that is hidden nobody sees the colour.
        self::assertSame([], self::striped('.a.a..a.a.a.a.a', [6]));
        self::assertSame([], self::striped('............'), 'no colour at all');
    }

    /** @return iterable<string, array{list<int|float|string|null>, string, int}> codes, the heading above them, and how many are told */
    public static function codes(): iterable
    {
        $codes = [10_412, 90_424, 30_440, 70_459, 50_469, 20_470, 412];
        yield 'six of five digits and one of three' => [$codes, 'Postcode', 1];
        yield 'figures without a word that says code' => [$codes, 'Bags', 0];
        yield 'four are too few to tell' => [[10_412, 90_424, 30_440, 412], 'Postcode', 0];
        yield 'five are enough' => [[10_412, 90_424, 30_440, 70_459, 412], 'Postcode', 1];
        yield 'all of one length' => [array_slice($codes, 0, 6), 'Postcode', 0];
        yield 'texts among them are read otherwise' => [[...$codes, 'none'], 'Postcode', 0];
        yield 'decimals are no codes' => [[...$codes, 4.5], 'Postcode', 0];
        yield 'lengths of three digits' => [[104, 904, 304, 704, 504, 204, 41], 'Id', 0];
        yield 'what counts up' => [range(990, 1_040), 'Lot id', 0];
        yield 'the same lengths with gaps' => [[...range(990, 999), ...range(1_000, 9_440, 211)], 'Lot id', 10];
        yield 'three of ten are shorter' => [[10_412, 90_424, 30_440, 70_459, 50_469, 20_470, 60_481, 412, 424, 440], 'Plz', 3];
        yield 'four of ten are shorter' => [[10_412, 90_424, 30_440, 70_459, 50_469, 20_470, 481, 412, 424, 440], 'Plz', 0];
        yield 'one is longer' => [[...$codes, 104_121], 'Postcode', 0];
    }

    /** @param  list<int|float|string|null>  $values */
    #[DataProvider('codes')]
    public function test_codes_that_lost_their_first_noughts(array $values, string $heading, int $count): void
    {
        [$cells, $table] = self::figures($values, kind: ColumnKind::Code);
        $columns = [$table->columns[0], new ColumnReading(2, $heading, ColumnKind::Code, 1.0, ColumnRole::Data)];
        $found = self::found('lost-noughts', $cells, new TableReading($table->range, 1.0, $table->runs, $columns));
        self::assertSame($count, array_sum(array_column($found, 1)));
    }
}
