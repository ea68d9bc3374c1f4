<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\MoveCells;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Condition\Around;
use Rilvet\Condition\Bar;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Condition\Is;
use Rilvet\Condition\Judges;
use Rilvet\Condition\Marks;
use Rilvet\Condition\MarkSet;
use Rilvet\Condition\Period;
use Rilvet\Condition\Point;
use Rilvet\Condition\Press;
use Rilvet\Condition\Scale;
use Rilvet\Condition\Sentence;
use Rilvet\Condition\Shape;
use Rilvet\Condition\Told;
use Rilvet\Condition\Trouble;
use Rilvet\Condition\Where;
use Rilvet\Condition\Written;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Formula\Expression\Calendar;
use Rilvet\Formula\Scope;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Number\NumberFormat;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\Signature;
use Rilvet\Refusal;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\FileHints;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** Conditional looks: each kind by what ISO/IEC 29500-1 states of it, their order, where they hold, and how they follow. */
final class ConditionTest extends TestCase
{
    /** 27 November 2026, a Friday. */
    private const TODAY = 46_353;

    /**
     * @param  array<string, mixed>  $test
     * @param  array<string, mixed>  $more
     */
    private static function condition(array $test, string $cells, array $more = [], string $id = 'c'): Condition
    {
        return Condition::of(['id' => $id, 'test' => $test, 'where' => ['cells' => $cells]] + $more + ['look' => ['bold' => true]]);
    }

    /**
     * @param  list<Condition>  $conditions
     * @param  list<list<mixed>>  $rows
     */
    private static function judges(array $conditions, array $rows, ?Reading $reading = null): Judges
    {
        $cells = array_map(fn (array $line) => array_map(fn (mixed $value) => is_string($value) && str_starts_with($value, '#')
            ? Cell::error($value)
            : Cell::of(is_scalar($value) ? $value : null), $line), $rows);
        $sheet = new MemorySheet('S', $cells);

        return new Judges($conditions, $reading ?? Reading::none(), $sheet, new Around(new Scope([1 => 'S'], [], []), [1 => $sheet], 1,
            false,
            self::TODAY + 0.4));
    }

    /**
     * @param  array<string, mixed>  $test
     * @param  list<mixed>  $column  of A, from row 1 on
     * @return list<int> rows for which it holds
     */
    private static function holds(array $test, array $column): array
    {
        $rows = array_map(fn (mixed $value) => [$value], $column);
        $condition = self::condition($test, 'A1:A'.count($column));
        $judge = self::judges([$condition], $rows)->all()[0];
        $held = [];
        foreach ($column as $index => $value) {
            $cell = is_string($value) && str_starts_with($value, '#') ? Cell::error($value)
                : Cell::of(is_scalar($value) ? $value : null);
            $judge->holds($index + 1, 1, $cell) && $held[] = $index + 1;
        }

        return $held;
    }

    /** Kinds of 18.18.12 and operators of 18.18.15; rows are those of the list, from 1. */
    public static function kinds(): iterable
    {
        $figures = [-2, 0, 3, 3.5, 10, null, 'late', '#N/A'];
        yield 'lessThan; a blank is nought' => [['is' => 'below', 'of' => ['3']], $figures, [1, 2, 6]];
        yield 'lessThanOrEqual' => [['is' => 'atMost', 'of' => ['3']], $figures, [1, 2, 3, 6]];
        yield 'equal' => [['is' => 'equal', 'of' => ['3']], $figures, [3]];
        yield 'notEqual' => [['is' => 'unequal', 'of' => ['3']], $figures, [1, 2, 4, 5, 6, 7]];
        yield 'greaterThan; texts come after numbers (18.17.2.6)' => [['is' => 'above', 'of' => ['3']], $figures, [4, 5, 7]];
        yield 'greaterThanOrEqual' => [['is' => 'atLeast', 'of' => ['3']], $figures, [3, 4, 5, 7]];
        yield 'between, both ends' => [['is' => 'between', 'of' => ['0', '3.5']], $figures, [2, 3, 4, 6]];
        yield 'between, ends the wrong way round' => [['is' => 'between', 'of' => ['3.5', '0']], $figures, [2, 3, 4, 6]];
        yield 'notBetween' => [['is' => 'outside', 'of' => ['0', '3.5']], $figures, [1, 5, 7]];
        yield 'equal to a text, whatever its case' => [['is' => 'equal', 'of' => ['"LATE"']], $figures, [7]];
        yield 'compared with another cell, that goes along' => [['is' => 'above', 'of' => ['A2']], [5, 3, 4, 4], [1, 4]];
        yield 'one of several' => [['is' => 'oneOf', 'of' => ['"late"', '3', '"paid"']], $figures, [3, 7]];
        $texts = ['late', 'Late fee', 'paid', 'relate', '', null, 12, 'a*b', '#REF!'];
        yield 'containsText' => [['is' => 'holds', 'of' => ['"late"']], $texts, [1, 2, 4]];
        yield 'containsText in a number' => [['is' => 'holds', 'of' => ['"2"']], $texts, [7]];
        yield 'containsText with a wildcard (18.17.7.291)' => [['is' => 'holds', 'of' => ['"p?i"']], $texts, [3]];
        yield 'containsText with an asterisk as such' => [['is' => 'holds', 'of' => ['"a~*b"']], $texts, [8]];
        yield 'notContainsText' => [['is' => 'lacks', 'of' => ['"late"']], $texts, [3, 5, 6, 7, 8, 9]];
        yield 'beginsWith' => [['is' => 'begins', 'of' => ['"LA"']], $texts, [1, 2]];
        yield 'endsWith' => [['is' => 'ends', 'of' => ['"late"']], $texts, [1, 4]];
        yield 'containsBlanks' => [['is' => 'blank'], ['x', null, '', '  ', 0, '#N/A'], [2, 3, 4]];
        yield 'notContainsBlanks' => [['is' => 'filled'], ['x', null, '', '  ', 0, '#N/A'], [1, 5, 6]];
        yield 'containsErrors' => [['is' => 'error'], ['x', null, 0, '#N/A', '#DIV/0!'], [4, 5]];
        yield 'notContainsErrors' => [['is' => 'sound'], ['x', null, 0, '#N/A', '#DIV/0!'], [1, 2, 3]];
        yield 'top10 of three, ties included' => [['is' => 'greatest', 'count' => 3], [5, 9, 7, 7, 1, 'z', null, 7], [2, 3, 4, 8]];
        yield 'top10, more than there are' => [['is' => 'greatest', 'count' => 10], [5, 'x', 9], [1, 3]];
        yield 'bottom two' => [['is' => 'least', 'count' => 2], [5, 9, 7, 1, null], [1, 4]];
        yield 'top 20 percent of ten' => [['is' => 'greatest', 'count' => 20, 'percent' => true], range(1, 10), [9, 10]];
        yield 'top 1 percent of few is one' => [['is' => 'greatest', 'count' => 1, 'percent' => true], [4, 8, 6], [2]];
        yield 'aboveAverage' => [['is' => 'aboveMean'], [1, 2, 3, 4, 5, 'x'], [4, 5]];
        yield 'equalAverage' => [['is' => 'aboveMean', 'orEqual' => true], [1, 2, 3, 4, 5], [3, 4, 5]];
        yield 'below the average' => [['is' => 'belowMean'], [1, 2, 3, 4, 5], [1, 2]];
        yield 'stdDev 1' => [['is' => 'aboveMean', 'deviations' => 1], [1, 2, 3, 4, 100], [5]];
        yield 'stdDev 1 below' => [['is' => 'belowMean', 'deviations' => 1], [-100, 2, 3, 4, 5], [1]];
        yield 'duplicateValues, texts and numbers' => [['is' => 'repeated'], ['a', 'A', 3, '3', 'b', null, null, 4, '#N/A', '#N/A'], [1,
            2, 3, 4]];
        yield 'uniqueValues' => [['is' => 'single'], ['a', 'A', 3, '3', 'b', null, 4, '#N/A'], [5, 7]];
        yield 'expression' => [['is' => 'formula', 'of' => ['AND(A1>1,MOD(ROW(),2)=0)']], [5, 5, 0, 2], [2, 4]];
        yield 'expression that gives a number' => [['is' => 'formula', 'of' => ['A1-1']], [1, 2], [2]];
        yield 'expression that gives an error or a text' => [['is' => 'formula', 'of' => ['1/A1']], [0, 2, 'x'], [2]];
    }

    /**
     * @param  array<string, mixed>  $test
     * @param  list<mixed>  $column
     * @param  list<int>  $rows
     */
    #[DataProvider('kinds')]
    public function test_a_kind_holds_where_it_is_stated(array $test, array $column, array $rows): void
    {
        self::assertSame($rows, self::holds($test, $column));
    }

    /** 18.18.82; today is Friday, 27 November 2026, and weeks begin on Sunday. */
    public static function periods(): iterable
    {
        $day = fn (string $text) => (int) round((strtotime("$text UTC") - strtotime('1899-12-30 UTC')) / 86_400);
        foreach ([
            'today' => ['2026-11-27', '2026-11-27'], 'yesterday' => ['2026-11-26', '2026-11-26'], 'tomorrow' => ['2026-11-28',
                '2026-11-28'],
            'last7Days' => ['2026-11-21', '2026-11-27'], 'thisWeek' => ['2026-11-22', '2026-11-28'], 'lastWeek' => ['2026-11-15',
                '2026-11-21'],
            'nextWeek' => ['2026-11-29', '2026-12-05'], 'thisMonth' => ['2026-11-01', '2026-11-30'], 'lastMonth' => ['2026-10-01',
                '2026-10-31'],
            'nextMonth' => ['2026-12-01', '2026-12-31'],
        ] as $period => [$first, $last]) {
            yield $period => [$period, $day($first), $day($last)];
        }
    }

    #[DataProvider('periods')]
    public function test_a_stretch_of_days_begins_and_ends_where_it_is_stated(string $period, int $first, int $last): void
    {
        $days = [$first - 1, $first, $first + 0.75, $last, $last + 0.99, $last + 1, 'today', null];
        self::assertSame([2, 3, 4, 5], self::holds(['is' => 'period', 'period' => $period], $days));
        self::assertSame([$first, $last], Period::from($period)->days(self::TODAY, Calendar::of(false)));
        // In the other date system the same days have other numbers (18.17.4.1).
        self::assertSame([$first - 1_462, $last - 1_462], Period::from($period)->days(self::TODAY - 1_462, Calendar::of(true)));
    }

    public function test_the_first_of_two_that_say_the_same_attribute_is_seen_and_one_that_stops_ends_the_list(): void
    {
        $conditions = [
            self::condition(['is' => 'above', 'of' => ['5']], 'A1:A9', ['look' => ['fill' => '#111111']], 'first'),
            self::condition(['is' => 'above', 'of' => ['3']], 'A1:A9', ['look' => ['fill' => '#222222', 'italic' => true],
                'stops' => true], 'second'),
            self::condition(['is' => 'above', 'of' => ['1']], 'A1:A9', ['look' => ['bold' => true]], 'third'),
        ];
        $judges = self::judges($conditions, [[7], [4], [2], [0]]);
        $ids = fn (int $row, int $value) => array_map(fn (array $one) => $one[0]->id, $judges->at($row, 1, Cell::of($value))->looks ?? []);
        self::assertSame(['first', 'second'], $ids(1, 7));
        self::assertSame(['second'], $ids(2, 4));
        self::assertSame(['third'], $ids(3, 2));
        self::assertSame([], $ids(4, 0));
        self::assertNull($judges->at(1, 2, Cell::of(7)), 'beside its cells');
        self::assertNull($judges->at(10, 1, Cell::of(7)), 'below its cells');

        $sheet = new Worksheet(new MemorySheet('S', [[Cell::of(7)], [Cell::of(2)]]), 'S', Reading::none());
        $dressed = new DressedSheet($sheet->conditioned($conditions), new LookBook);
        $worn = $dressed->holding($dressed->at(1, 1), 1, 1, Cell::of(7));
        self::assertSame(['italic' => true, 'fill' => '#111111'], $worn->look->toArray());
        self::assertSame('conditional look 1', $worn->entry(Attribute::Fill)?->name);
        self::assertSame('conditional look 2', $worn->entry(Attribute::Italic)?->name);
        self::assertSame(['bold' => true], $dressed->holding($dressed->at(2, 1), 2, 1, Cell::of(2))->look->toArray());
        self::assertSame([], $dressed->at(1, 1)->look->toArray(), 'without what it holds nothing is said');
    }

    public function test_one_that_is_off_says_nothing(): void
    {
        $off = self::condition(['is' => 'above', 'of' => ['1']], 'A1:A9')->turned(false);
        self::assertTrue(self::judges([$off], [[5]])->isEmpty());
    }

    /** 18.3.1.16: between the points the colours run, channel by channel. */
    public function test_a_scale_runs_from_colour_to_colour(): void
    {
        $scale = Scale::of([['colour' => '#000000', 'point' => ['at' => 'least']], ['colour' => '#64C8FF',
            'point' => ['at' => 'greatest']]]);
        self::assertSame('#000000', $scale->colour(0, [0.0, 10.0]));
        self::assertSame('#326480', $scale->colour(5, [0.0, 10.0]));
        self::assertSame('#64C8FF', $scale->colour(99, [0.0, 10.0]));
        self::assertSame('#000000', $scale->colour(-4, [0.0, 10.0]));
        // Ends the wrong way round, or on one another: one step.
        self::assertSame('#000000', $scale->colour(5, [10.0, 0.0]));
        self::assertSame('#64C8FF', $scale->colour(11, [10.0, 0.0]));
        $three = Scale::of([['colour' => '#FF0000', 'point' => ['at' => 'least']], ['colour' => '#FFFFFF', 'point' => ['at' => 'percentile',
            'value' => '50']], ['colour' => '#0000FF', 'point' => ['at' => 'greatest']]]);
        self::assertSame(['#FF0000', '#FF8080', '#FFFFFF', '#8080FF', '#0000FF'],
            array_map(fn (float $value) => $three->colour($value, [0.0, 4.0, 8.0]), [0.0, 2.0, 4.0, 6.0, 8.0]));
        $judges = self::judges([self::condition(['is' => 'always'], 'A1:A9', ['scale' => $three->toArray(), 'look' => []])],
            [[0], [1], [2], [100], ['x'], [null]]);
        $fill = fn (int $row, mixed $value) => $judges->at($row, 1, Cell::of($value))?->looks[0][1]->text(Attribute::Fill);
        // The median of 0, 1, 2, 100 is 1.5 (18.17.7.247).
        self::assertSame('#FF0000', $fill(1, 0));
        self::assertSame('#FFAAAA', $fill(2, 1));
        self::assertSame('#0000FF', $fill(4, 100));
        self::assertNull($judges->at(5, 1, Cell::of('x')));
        self::assertNull($judges->at(6, 1, Cell::blank()));
    }

    /** 18.3.1.28: at its least a bar has a tenth of the width, at its greatest nine. */
    public function test_a_bar_is_as_long_as_the_value(): void
    {
        $bar = Bar::of(['from' => ['at' => 'least'], 'to' => ['at' => 'greatest'], 'colour' => '#8FA6BF', 'shortest' => 10,
            'longest' => 90]);
        self::assertSame([0.1, 0.5, 0.9, 0.1], array_map(fn (float $value) => $bar->drawn($value, 0, 10)->end, [0.0, 5.0, 10.0, -3.0]));
        $signed = Bar::of(['colour' => '#8FA6BF', 'below' => '#C98A6B']);
        $below = $signed->drawn(-5, -5, 15);
        self::assertSame([0.0, 0.25, '#C98A6B', 0.25], [$below->start, $below->end, $below->colour, $below->axis]);
        self::assertSame([0.25, 0.625], [$signed->drawn(7.5, -5, 15)->start, $signed->drawn(7.5, -5, 15)->end]);
        $middle = Bar::of(['colour' => '#8FA6BF', 'below' => '#C98A6B', 'axis' => 'middle'])->drawn(-5, -5, 15);
        self::assertSame([0.0, 0.5], [$middle->start, $middle->end]);
        $mirrored = Bar::of(['colour' => '#8FA6BF', 'mirrored' => true])->drawn(4, 0, 10);
        self::assertSame([0.6, 1.0], [$mirrored->start, $mirrored->end]);
        self::assertSame(1.0, $bar->between(new Point('number', '3'), new Point('number', '3'))->drawn(3, 3, 3)->end - 0.9 + 1.0,
            'ends on one another');
        $judges = self::judges([self::condition(['is' => 'always'], 'A1:A9', ['bar' => ['colour' => '#8FA6BF', 'hidesText' => true],
            'look' => []])],
            [[5], [10], ['x']]);
        self::assertSame(0.5, $judges->at(1, 1, Cell::of(5))?->bar?->end, 'by itself it begins at nought');
        self::assertTrue($judges->at(1, 1, Cell::of(5))->hidesText);
        self::assertNull($judges->at(3, 1, Cell::of('x')));
    }

    /** 18.3.1.49: steps of percent between the least and the greatest; "gte" says whether a point is in its own step. */
    public function test_what_stands_twice_is_found_among_thousands_as_a_plain_count_finds_it(): void
    {
        mt_srand(31);
        $values = array_map(fn (int $row) => [mt_rand(1, 900), 'Lot '.mt_rand(1, 900), 'LOT '.mt_rand(1, 900), null, true,
            (string) mt_rand(1, 900), mt_rand(1, 900) / 8][$row % 7], range(1, 1_400));
        // Capitals make no difference, nor does it whether figures are a number or a text (common practice).
        $plain = fn (mixed $value) => match (true) {
            is_bool($value) => 'truth',
            is_numeric($value) => 'number '.(float) $value,
            default => strtolower((string) $value),
        };
        $times = array_count_values(array_map($plain, $values));
        $rows = fn (callable $is) => array_values(array_filter(range(1, 1_400), fn (int $row) => $values[$row - 1] !== null
            && $is($times[$plain($values[$row - 1])])));
        self::assertSame($rows(fn (int $count) => $count > 1), self::holds(['is' => 'repeated'], $values));
        self::assertSame($rows(fn (int $count) => $count === 1), self::holds(['is' => 'single'], $values));
        self::assertNotSame([], $rows(fn (int $count) => $count === 1));
    }

    /** Of two that say the same the first one is seen, be it a mark, a bar or the colour of a scale. */
    public function test_of_two_marks_bars_and_scales_the_first_is_seen(): void
    {
        $mark = fn (string $id, string $set, bool $hides) => self::condition(['is' => 'always'], 'A1:A9',
            ['marks' => ['set' => $set] + ($hides ? ['hidesText' => true] : []), 'look' => []], $id);
        $at = fn (array $conditions) => self::judges($conditions, [[1], [5], [9]])->at(3, 1, Cell::of(9));
        [$plain, $hiding] = [$mark('a', '3Arrows', false), $mark('b', '5Rating', true)];
        $of = $at([$plain, $hiding]);
        self::assertSame([$at([$plain])?->mark, false], [$of?->mark, $of?->hidesText], 'what the second says of the text is not seen');
        $of = $at([$hiding, $plain]);
        self::assertSame([$at([$hiding])?->mark, true], [$of?->mark, $of?->hidesText]);
        self::assertNotEquals($at([$plain])?->mark, $at([$hiding])?->mark);
        $scale = fn (string $id, string $least, string $greatest) => self::condition(['is' => 'always'], 'A1:A9', ['look' => [],
            'scale' => [
                ['colour' => $least, 'point' => ['at' => 'least']], ['colour' => $greatest, 'point' => ['at' => 'greatest']],
            ]], $id);
        $of = $at([$scale('a', '#FFFFFF', '#112233'), $scale('b', '#FFFFFF', '#445566')]);
        self::assertCount(1, $of->looks ?? []);
        self::assertSame('#112233', $of?->looks[0][1]->text(Attribute::Fill));
        $bar = fn (string $id, string $colour) => self::condition(['is' => 'always'], 'A1:A9', ['look' => [],
            'bar' => ['colour' => $colour]], $id);
        self::assertEquals($at([$bar('a', '#112233')])?->bar, $at([$bar('a', '#112233'), $bar('b', '#445566')])?->bar);
    }

    public function test_marks_go_by_steps(): void
    {
        $shapes = function (array $marks, array $values): array {
            $judges = self::judges([self::condition(['is' => 'always'], 'A1:A99', ['marks' => $marks, 'look' => []])],
                array_map(fn (mixed $value) => [$value], $values));

            return array_map(fn (int $index, mixed $value) => $judges->at($index + 1, 1, Cell::of($value))?->mark[0]?->value,
                array_keys($values), $values);
        };
        self::assertSame(['down', 'down', 'level', 'level', 'up', 'up'], $shapes(['set' => '3Arrows'], [0, 32, 33, 66, 67, 100]));
        self::assertSame(['up', 'up', 'level', 'level', 'down', 'down'], $shapes(['set' => '3Arrows', 'reversed' => true], [0, 32, 33,
            66, 67, 100]));
        $points = [['at' => 'percent', 'value' => '0'], ['at' => 'number', 'value' => '10', 'above' => true], ['at' => 'number',
            'value' => '20']];
        self::assertSame(['down', 'level', 'up', null], $shapes(['set' => '3Arrows', 'points' => $points], [10, 11, 20, 'x']));
        $own = [null, ['3Flags', 2], ['5Rating', 0]];
        self::assertSame([null, 'flag', 'steps0'], $shapes(['set' => '3Arrows', 'points' => $points, 'own' => $own], [1, 15, 25]));
        $marks = Marks::of(['set' => '4Rating', 'hidesText' => true]);
        self::assertSame(['0', '25', '50', '75'], array_map(fn (Point $point) => $point->value, $marks->points));
    }

    /** Colour alone never tells: within a set no two steps have one shape. */
    public function test_each_step_of_a_set_has_a_shape_of_its_own(): void
    {
        foreach (MarkSet::all() as $name => $marks) {
            self::assertCount((int) $name[0], $marks, $name);
            self::assertCount(count($marks), array_unique(array_map(fn (array $mark) => $mark[0]->value, $marks)), $name);
        }
        foreach (Shape::cases() as $shape) {
            self::assertMatchesRegularExpression('/^M[\dMmLlHhVvAaZz .-]+z$/', $shape->path());
            self::assertNotSame('', $shape->words());
        }
        self::assertCount(count(Shape::cases()), array_unique(array_map(fn (Shape $shape) => $shape->path(), Shape::cases())));
    }

    private const TABLE = [
        ['Tree', 'Count', 'Worth', 'Paid'], ['Rowan', 3, 4.25, 4], ['Aspen', 4, 2.5, 3], ['Hazel', 5, 1.25, 1], ['All', 12, 8.0, 8],
    ];

    /** @param  list<list<mixed>>  $rows */
    private static function sheet(array $rows = self::TABLE): Worksheet
    {
        $cells = new MemorySheet('S', array_map(fn (array $line) => array_map(fn (mixed $value) => Cell::of(is_scalar($value) ? $value
            : null), $line), $rows));
        $hints = new FileHints(new \Rilvet\Look\LookMap, new LookBook, new Setup);

        return new Worksheet($cells, 'S', Finder::read(new SheetFacts($cells, Signature::all($cells, $hints), $hints)));
    }

    public function test_one_on_a_part_holds_on_its_columns_and_grows_with_the_body(): void
    {
        $reading = self::sheet()->reading;
        $ranges = fn (array $where) => implode(' ', Where::of($where)->ranges($reading));
        self::assertSame('C2:D4', $ranges(['part' => 'body', 'kind' => 'amount']));
        self::assertSame('D2:D4', $ranges(['part' => 'body', 'heading' => ' paid ']));
        self::assertSame('C2:C4', $ranges(['column' => 'C1']));
        self::assertSame('A2:A4', $ranges(['part' => 'row_label']));
        self::assertSame('A5:D5', $ranges(['part' => 'total']));
        self::assertSame('', $ranges(['column' => 'K40']));
        self::assertSame('', $ranges(['part' => 'body', 'kind' => 'date']));
        // A row is put in: the body grows, and so does where it holds.
        $pipeline = new Pipeline(new Recalculate(new LibraryCalculator));
        $sheet = self::sheet()->conditioned([Condition::of(['id' => 'n1', 'test' => ['is' => 'below', 'of' => ['2']],
            'where' => ['column' => 'C1'],
            'look' => ['bold' => true]])]);
        $after = $pipeline->run(new MoveCells(1, new Shift(true, 3, 2, true)), new Workbook('W', [1 => $sheet], new LookBook))->after
            ->sheet(1);
        self::assertSame('C2:C6', implode(' ', $after->conditions()[0]->where->ranges($after->reading)));
        $after = $pipeline->run(new MoveCells(1, new Shift(false, 2, 1, true)), new Workbook('W', [1 => $sheet], new LookBook))->after
            ->sheet(1);
        self::assertSame('D2:D4', implode(' ', $after->conditions()[0]->where->ranges($after->reading)));
        $after = $pipeline->run(new MoveCells(1, new Shift(false, 3, 1, false)), new Workbook('W', [1 => $sheet], new LookBook))->after
            ->sheet(1);
        self::assertSame([], $after->conditions(), 'with its column it goes');
    }

    public function test_formulas_follow_rows_and_columns_and_sorted_rows(): void
    {
        $one = self::condition(['is' => 'formula', 'of' => ['$B4>$F$2']], 'A4:C9');
        $moved = fn (Shift|RowOrder $move) => ($after = $one->moved($move)) === null ? null : [(string) $after->where->cells[0],
            $after->test->of[0]];
        self::assertSame(['A6:C11', '$B6>$F$4'], $moved(new Shift(true, 1, 2, true)));
        self::assertSame(['A4:C10', '$B4>$F$2'], $moved(new Shift(true, 6, 1, true)));
        self::assertSame(['B4:D9', '$C4>$G$2'], $moved(new Shift(false, 1, 1, true)));
        // Its first row goes: it is said from the first one that stays.
        self::assertSame(['A4:C7', '$B4>$F$2'], $moved(new Shift(true, 4, 2, false)));
        self::assertNull($moved(new Shift(true, 4, 6, false)));
        self::assertSame(['A3:C8', '$B3>#REF!'], $moved(new Shift(true, 2, 1, false)));
        // A part of it is sorted elsewhere: it goes with its cells, said from where the first of them is now.
        $sorted = self::condition(['is' => 'formula', 'of' => ['$B4>1']], 'A4:C4')->moved(new RowOrder(1, 3, [4 => 8, 8 => 4]));
        self::assertSame(['A8:C8', '$B8>1'], [(string) $sorted?->where->cells[0], $sorted?->test->of[0]]);
        $whole = self::condition(['is' => 'formula', 'of' => ['$B4>1']], 'A4:C9')->moved(new RowOrder(1, 3, [4 => 8, 8 => 4]));
        self::assertSame(['A4:C9', '$B4>1'], [(string) $whole?->where->cells[0], $whole?->test->of[0]]);
    }

    public function test_it_follows_a_sheet_that_is_called_otherwise_and_rows_of_another(): void
    {
        $conditions = new Conditions([self::condition(['is' => 'above', 'of' => ["'Price list'!\$B\$4"]], 'A1:A9')]);
        $renamed = $conditions->following(fn (string $formula) => str_replace("'Price list'", 'Prices', $formula));
        self::assertSame(['Prices!$B$4'], $renamed->all[0]->test->of);
        self::assertSame($conditions, $conditions->following(fn (string $formula) => $formula) === $conditions ? $conditions : $conditions);
        self::assertTrue($conditions->looksAway([]));
        self::assertFalse((new Conditions([self::condition(['is' => 'equal', 'of' => ['"gone!"']],
            'A1')]))->looksAway(['Limit' => 'S!$A$1']));
        self::assertTrue((new Conditions([self::condition(['is' => 'equal', 'of' => ['Limit']], 'A1')]))->looksAway(['Limit' => 'S!$A$1']));
    }

    /** Every condition comes back from its JSON; what is wrong in one is named with its place. */
    public static function wrong(): iterable
    {
        $good = ['id' => 'n1', 'test' => ['is' => 'below', 'of' => ['3']], 'where' => ['cells' => 'A1:A9'], 'look' => ['bold' => true]];
        yield 'no id' => [['id' => ''] + $good, '"id"'];
        yield 'no test' => [['test' => null] + $good, '"test"'];
        yield 'an unknown test' => [['test' => ['is' => 'heavier']] + $good, '"is"'];
        yield 'a value too few' => [['test' => ['is' => 'between', 'of' => ['1']]] + $good, '2 values'];
        yield 'no value' => [['test' => ['is' => 'oneOf', 'of' => []]] + $good, 'at least one value'];
        yield 'a blank value' => [['test' => ['is' => 'below', 'of' => ['']]] + $good, '8,192'];
        yield 'a value too long' => [['test' => ['is' => 'below', 'of' => [str_repeat('1', 8_193)]]] + $good, '8,192'];
        yield 'too many values' => [['test' => ['is' => 'oneOf', 'of' => array_fill(0, 201, '1')]] + $good, 'at most 200'];
        yield 'none of the greatest' => [['test' => ['is' => 'greatest', 'count' => 0]] + $good, '"count"'];
        yield 'more than all percent' => [['test' => ['is' => 'least', 'count' => 101, 'percent' => true]] + $good, '"count"'];
        yield 'no stretch of days' => [['test' => ['is' => 'period', 'period' => 'nextYear']] + $good, '"period"'];
        yield 'nowhere' => [['where' => []] + $good, '"where"'];
        yield 'cells that are none' => [['where' => ['cells' => 'A0']] + $good, 'A0'];
        yield 'a part that is none' => [['where' => ['part' => 'middle']] + $good, '"where"'];
        yield 'a kind that is none' => [['where' => ['part' => 'body', 'kind' => 'sum']] + $good, '"where.kind"'];
        yield 'a bar while something is true' => [['bar' => ['colour' => '#112233']] + $good, 'worn always'];
        yield 'always, and nothing' => [['test' => ['is' => 'always']] + $good, 'worn always'];
        $always = ['test' => ['is' => 'always'], 'look' => []] + $good;
        yield 'a scale of one point' => [['scale' => [['colour' => '#112233', 'point' => ['at' => 'least']]]] + $always, '"scale"'];
        yield 'a bar without a colour' => [['bar' => []] + $always, '"bar.colour"'];
        yield 'a bar that is too long' => [['bar' => ['colour' => '#112233', 'longest' => 120]] + $always, '"bar.longest"'];
        yield 'an axis that is none' => [['bar' => ['colour' => '#112233', 'axis' => 'left']] + $always, '"bar.axis"'];
        yield 'a point beyond all' => [['bar' => ['colour' => '#112233', 'to' => ['at' => 'percent', 'value' => '120']]] + $always,
            '"bar.to"'];
        yield 'a set that is none' => [['marks' => ['set' => '9Moons']] + $always, '"marks.set"'];
        yield 'a point too few' => [['marks' => ['set' => '3Arrows', 'points' => [['at' => 'least']]]] + $always, '"marks.points"'];
        yield 'a mark that is none' => [['marks' => ['set' => '3Arrows', 'own' => [null, ['3Arrows', 7], null]]] + $always, '"marks.own"'];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named(array $data, string $place): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($place);
        Condition::of($data);
    }

    public function test_values_are_read_as_people_write_them_and_shown_so(): void
    {
        $read = fn (string $text, ?ColumnKind $kind = null, Is $is = Is::Below) => Written::formula($text, $is, $kind);
        foreach ([
            ['1,234.50', null, '1234.5', '1234.5'], ['12%', ColumnKind::Percent, '0.12', '12%'], ['late', null, '"late"', 'late'],
            ['007', ColumnKind::Code, '"007"', '007'], ['today', ColumnKind::Date, 'TODAY()', 'today'],
            ['today + 30', ColumnKind::Date, 'TODAY()+30', 'today + 30'], ['2026-11-27', ColumnKind::Date, '46353', '2026-11-27'],
            ['=B2*2', null, 'B2*2', '=B2*2'], ['true', null, 'TRUE', 'TRUE'], ['say "so"', null, '"say ""so"""', 'say "so"'], ['-3',
                null, '-3', '-3'],
        ] as [$text, $kind, $formula, $shown]) {
            self::assertSame($formula, $read($text, $kind));
            self::assertSame($shown, Written::shown($formula, $kind));
        }
        self::assertSame('"12"', $read('12', null, Is::Holds));
        self::assertSame('A1>2', $read('A1>2', null, Is::Formula));
        self::assertSame('44891', Written::formula('2026-11-27', Is::Below, ColumnKind::Date, true), 'days from 1904 (18.17.4.1)');
        self::assertSame('2026-11-27', Written::shown('44891', ColumnKind::Date, true));
    }

    public function test_it_is_said_in_a_sentence(): void
    {
        $reading = self::sheet()->reading;
        $say = fn (array $test, array $where, array $more = []) => Sentence::of(Condition::of(['id' => 'n', 'test' => $test,
            'where' => $where] + $more
            + ['look' => ['bold' => true]]), $reading);
        self::assertSame('Worth is below 0', $say(['is' => 'below', 'of' => ['0']], ['column' => 'C1']));
        self::assertSame('Worth is below 0', $say(['is' => 'below', 'of' => ['0']], ['cells' => 'C2:C4']));
        self::assertSame('A1:C4 is between 1 and 2', $say(['is' => 'between', 'of' => ['1', '2']], ['cells' => 'A1:C4']));
        self::assertSame('Amounts is above the mean by 2 deviations', $say(['is' => 'aboveMean', 'deviations' => 2], ['part' => 'body',
            'kind' => 'amount']));
        self::assertSame('Due falls last month', $say(['is' => 'period', 'period' => 'lastMonth'], ['part' => 'body', 'heading' => 'Due']));
        self::assertSame('Tree is one of late, paid', $say(['is' => 'oneOf', 'of' => ['"late"', '"paid"']], ['part' => 'body',
            'heading' => 'Tree']));
        self::assertSame('Count is among the greatest 10%', $say(['is' => 'greatest', 'count' => 10, 'percent' => true],
            ['cells' => 'B2:B4']));
        self::assertSame('Count as a bar', $say(['is' => 'always'], ['cells' => 'B2:B4'], ['bar' => ['colour' => '#112233'],
            'look' => []]));
        self::assertSame('Total is not blank', $say(['is' => 'filled'], ['part' => 'total']));
        foreach (Is::cases() as $is) {
            self::assertNotSame('', $is->words());
            self::assertContains(Is::Formula, Is::offered(ColumnKind::Text));
        }
        self::assertSame(Is::Period, Is::offered(ColumnKind::Date)[0]);
        self::assertNotContains(Is::Greatest, Is::offered(ColumnKind::Category));
    }

    /** WCAG 2.2, 1.4.1: what differs by its hue alone is pointed out. */
    public function test_it_is_known_by_what_a_look_is_told_apart(): void
    {
        $by = fn (array $look, array $plain = []) => Told::by(Condition::of(['id' => 'n', 'test' => ['is' => 'blank'],
            'where' => ['cells' => 'A1'],
            'look' => $look]), Look::of($plain));
        self::assertNull($by(['ink' => '#9B2335'], ['ink' => '#2A2230']));
        self::assertNull($by(['fill' => '#FFE08A']), 'a light fill is not told from white');
        self::assertSame('by weight', $by(['ink' => '#9B2335', 'bold' => true]));
        self::assertNull($by(['ink' => '#9B2335', 'bold' => true], ['bold' => true]), 'all of it is bold');
        self::assertSame('by light and dark', $by(['fill' => '#2A2230', 'ink' => '#FFFFFF']));
        self::assertSame('by a line through it', $by(['strike' => true]));
        self::assertSame('by its edges', $by(['bottom' => 'thin #000000']));
        self::assertSame('by how its number is written', $by(['number' => '"▲ "0']));
    }

    public function test_a_press_makes_a_look_that_fits_the_cells(): void
    {
        $plain = Look::of(['ink' => '#2A2230', 'fill' => '#F2F0EC', 'number' => '#,##0.00']);
        $reversed = Press::look('reversed', $plain);
        self::assertSame(['#F2F0EC', '#2A2230'], [$reversed->text(Attribute::Ink), $reversed->text(Attribute::Fill)],
            'ink and fill change places');
        $quiet = Press::look('quieter', $plain)->text(Attribute::Ink);
        $contrast = \Rilvet\Colour\Colour::hex('#F2F0EC')->contrast(\Rilvet\Colour\Colour::hex($quiet));
        self::assertGreaterThan(4.5, $contrast);
        self::assertLessThan(6.0, $contrast, 'as quiet as can still be read');
        self::assertTrue(Press::look('stronger', $plain)->is(Attribute::Bold));
        $shows = fn (string $code, int|float|string $value) => NumberFormat::of(Press::marked($code))->show(Cell::of($value))->text;
        self::assertSame(['▲ 3.00', '▲ -3.00', '▲ x'], [$shows('#,##0.00', 3), $shows('#,##0.00', -3), $shows('#,##0.00', 'x')]);
        self::assertSame(['▲ 3', '▲ -3.5', '▲ late'], [$shows('', 3), $shows('', -3.5), $shows('', 'late')]);
        self::assertSame(['▲ 3', '▲ (3)', '▲ none'], [$shows('0;(0);"none"', 3), $shows('0;(0);"none"', -3), $shows('0;(0);"none"', 0)]);
        self::assertCount(3, Press::tints($plain));
    }

    public function test_what_nobody_can_see_is_named(): void
    {
        $conditions = [
            self::condition(['is' => 'above', 'of' => ['#REF!']], 'A1:A9', [], 'lost'),
            self::condition(['is' => 'above', 'of' => ['1']], 'A1:A9', [], 'good'),
            self::condition(['is' => 'above', 'of' => ['1']], 'A2:A5', [], 'covered'),
            self::condition(['is' => 'above', 'of' => ['2']], 'A2:A5', ['look' => []], 'mute'),
            self::condition(['is' => 'above', 'of' => ['2']], 'Z900:Z999', [], 'beyond'),
            Condition::of(['id' => 'nowhere', 'test' => ['is' => 'blank'], 'where' => ['part' => 'subtotal'], 'look' => ['bold' => true]]),
            self::condition(['is' => 'formula', 'of' => ['LET(x,1,x)']], 'A1:A9', [], 'unread'),
            self::condition(['is' => 'above', 'of' => ['2']], 'A1', ['off' => true], 'off'),
        ];
        $judges = self::judges($conditions, [[5], [6]]);
        $cells = new MemorySheet('S', [[Cell::of(5)], [Cell::of(6)]]);
        self::assertSame(['lost' => 'lost', 'covered' => 'covered', 'mute' => 'mute', 'beyond' => 'beyond', 'nowhere' => 'nowhere',
            'unread' => 'unread'],
            array_map(fn (Trouble $trouble) => $trouble->value, Trouble::all($conditions, $judges->all(), $cells)));
        self::assertFalse(Trouble::Unread->isIdle(), 'what is not evaluated here may be seen elsewhere');
        self::assertNotSame('', implode('', array_map(fn (Trouble $trouble) => $trouble->words(), Trouble::cases())));
    }

    public function test_a_stylebook_says_conditions_of_parts_and_none_of_cells(): void
    {
        $rule = ['test' => ['is' => 'below', 'of' => ['0']], 'where' => ['part' => 'body', 'kind' => 'amount'],
            'look' => ['ink' => '@alarm', 'bold' => true]];
        $book = ['name' => 'House', 'palette' => ['alarm' => '#9B2335']];
        $stylebook = Stylebook::of($book + ['conditions' => ['c1' => $rule]]);
        self::assertSame('#9B2335', $stylebook->conditions[0]->look->text(Attribute::Ink), 'colours of the palette are said by name');
        self::assertSame($rule, json_decode($stylebook->toJson(), true)['conditions']['c1'], 'and stay so where it is written');
        $sheet = self::sheet([['Tree', 'Count', 'Worth'], ['Rowan', 3, -4.25], ['Aspen', 4, 2.5], ['Hazel', 5, 1.25], ['All', 12, -0.5]]);
        $dressed = new DressedSheet($sheet->wearing($stylebook, false), new LookBook);
        self::assertTrue($dressed->holding($dressed->at(2, 3), 2, 3, Cell::of(-4.25))->look->is(Attribute::Bold));
        self::assertFalse($dressed->holding($dressed->at(5, 3), 5, 3, Cell::of(-0.5))->look->is(Attribute::Bold),
            'a total is another part');
        foreach ([
            ['test' => ['is' => 'formula', 'of' => ['A1>1']]], ['test' => ['is' => 'below', 'of' => ['$B$1']]],
            ['where' => ['cells' => 'A1']],
            ['where' => ['column' => 'A1']], ['look' => ['ink' => '@nowhere']], ['test' => ['is' => 'below']], ['colour' => '#112233'],
        ] as $wrong) {
            try {
                Stylebook::of($book + ['conditions' => ['c1' => $wrong + $rule]]);
                self::fail('taken: '.json_encode($wrong));
            } catch (StylebookIsWrong $refusal) {
                self::assertStringContainsString('conditions.c1', $refusal->getMessage());
            }
        }
        foreach ([['C 1' => $rule], array_fill_keys(array_map(fn (int $number) => "c$number", range(1, 101)), $rule)] as $wrong) {
            try {
                Stylebook::of($book + ['conditions' => $wrong]);
                self::fail('taken');
            } catch (StylebookIsWrong $refusal) {
                self::assertStringContainsString('conditions', $refusal->getMessage());
            }
        }
    }

    public function test_what_a_condition_reaches_of_a_large_sheet_is_found_without_asking_all_of_them(): void
    {
        $conditions = [];
        for ($number = 0; $number < 20_000; $number++) {
            $row = 1 + $number * 3;
            $conditions[] = self::condition(['is' => 'above', 'of' => ['1']], "A$row:C$row", [], "n$number");
        }
        $conditions[] = self::condition(['is' => 'above', 'of' => ['1']], 'A1:XFD1048576', ['look' => ['italic' => true]], 'wide');
        $judges = self::judges($conditions, [[5]]);
        $start = Spent::now();
        self::assertSame(['n19999', 'wide'], array_map(fn (array $one) => $one[0]->id, $judges->at(59_998, 2, Cell::of(5))->looks ?? []));
        self::assertSame(['wide'], array_map(fn (array $one) => $one[0]->id, $judges->at(59_999, 16_384, Cell::of(5))->looks ?? []));
        for ($row = 30_000; $row < 30_060; $row++) {
            for ($column = 1; $column <= 20; $column++) {
                $judges->at($row, $column, Cell::of(5));
            }
        }
        // A window of 1,200 cells asks a few thousand times; all of them for each cell would be 24 million.
        self::assertLessThan(1.0, Spent::now() - $start);
        self::assertSame(Address::COLUMNS, Range::parse('XFD1')->left);
        $this->expectException(ConditionIsWrong::class);
        (new Conditions([]))->holding(array_fill(0, 65_537, $conditions[0]));
    }

    public function test_how_many_wear_it_is_counted_within_its_time(): void
    {
        $rows = array_map(fn (int $row) => [$row % 7], range(1, 700));
        $judges = self::judges([self::condition(['is' => 'equal', 'of' => ['3']], 'A1:A1048576')], $rows);
        self::assertSame([100, 700, true], $judges->count($judges->all()[0], 5));
        self::assertSame([100, 700, true], $judges->count($judges->all()[0], 0), 'what was counted is known');
        $fresh = self::judges([self::condition(['is' => 'equal', 'of' => ['3']], 'A1:A1048576')], $rows);
        [$worn, $asked, $isAll] = $fresh->count($fresh->all()[0], 0);
        self::assertFalse($isAll);
        self::assertLessThan(700, $asked);
        self::assertGreaterThan(0, $worn);
        self::assertSame(Part::Body, Where::of(['part' => 'body'])->part);
    }
}
