<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Condition\Bar;
use Rilvet\Condition\Marks;
use Rilvet\Condition\MarkSet;
use Rilvet\Condition\Point;
use Rilvet\Condition\Scale;
use Rilvet\Condition\Shape;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Work\Worksheet;

/** Which of several conditional looks is seen, by what ISO/IEC 29500-1 states of their order; scales, bars and marks by their steps. */
final class ConditionOrderTest extends ConditionCase
{
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
}
