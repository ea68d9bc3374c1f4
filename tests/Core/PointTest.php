<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Bar;
use Rilvet\Condition\Marks;
use Rilvet\Condition\Point;
use Rilvet\Condition\Scale;
use Rilvet\Formula\Expression\Parser;
use Rilvet\Refusal;

/** Points of scales, ends of bars, steps between marks: what they take, and what is said of what they do not. */
final class PointTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function points(): iterable
    {
        yield 'least' => [['at' => 'least'], 'the least'];
        yield 'greatest' => [['at' => 'greatest'], 'the greatest'];
        yield 'auto' => [['at' => 'auto'], 'by itself'];
        yield 'number' => [['at' => 'number', 'value' => '-3.5'], '-3.5'];
        yield 'percent' => [['at' => 'percent', 'value' => '0'], '0 percent of the way'];
        yield 'the whole way' => [['at' => 'percent', 'value' => '100'], '100 percent of the way'];
        yield 'percentile' => [['at' => 'percentile', 'value' => '90'], 'the 90th percentile'];
        yield 'a percentile that a cell says' => [['at' => 'percentile', 'value' => '$B$1'], 'the $B$1th percentile'];
        yield 'formula' => [['at' => 'formula', 'value' => 'MAX($A$1:$A$9)', 'above' => true], 'MAX($A$1:$A$9)'];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('points')]
    public function test_a_point_is_kept_as_it_was_said(array $data, string $words): void
    {
        $point = Point::of($data, 'scale');
        self::assertSame($data, $point->toArray());
        self::assertSame($words, $point->words());
        self::assertSame(['value' => '7'] + $data + ['value' => '7'], ['value' => '7'] + $point->saying('7')->toArray());
        self::assertSame($data['above'] ?? false, $point->saying('7')->isAbove);
    }

    public function test_what_has_a_value_by_itself_keeps_none(): void
    {
        self::assertSame(['at' => 'least'], Point::of(['at' => 'least', 'value' => '9'], 'scale')->toArray());
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function wrong(): iterable
    {
        $kinds = 'least, greatest, number, percent, percentile, formula, auto';
        yield 'nothing' => [null, "a point is wanted: at ($kinds)"];
        yield 'a word' => ['least', "a point is wanted: at ($kinds)"];
        yield 'no kind' => [['value' => '3'], 'a point is wanted'];
        yield 'a kind that is none' => [['at' => 'middle'], 'a point is wanted'];
        yield 'a number as its value' => [['at' => 'number', 'value' => 3], 'a point is wanted'];
        yield 'above that is a word' => [['at' => 'number', 'value' => '3', 'above' => 'yes'], 'a point is wanted'];
        yield 'no value' => [['at' => 'number'], 'a value is wanted there'];
        yield 'a formula of 8,193 characters' => [['at' => 'formula', 'value' => str_repeat('1', Parser::LONGEST + 1)],
            'a value is wanted there'];
        yield 'below 0 percent' => [['at' => 'percent', 'value' => '-1'], 'a number from 0 to 100 is wanted'];
        yield 'above 100 percent' => [['at' => 'percentile', 'value' => '100.5'], 'a number from 0 to 100 is wanted'];
    }

    #[DataProvider('wrong')]
    public function test_what_is_no_point_is_refused_in_words(mixed $data, string $message): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($message);
        Point::of($data, 'scale');
    }

    public function test_the_longest_formula_is_taken(): void
    {
        self::assertSame(Parser::LONGEST, strlen(Point::of(['at' => 'formula', 'value' => str_repeat('1', Parser::LONGEST)], 'x')->value));
    }

    /** @return iterable<string, array{class-string, mixed, string}> */
    public static function shown(): iterable
    {
        $least = ['colour' => '#FFFFFF', 'point' => ['at' => 'least']];
        yield 'a scale of one point' => [Scale::class, [$least], 'two or three points are wanted'];
        yield 'a scale of four' => [Scale::class, [$least, $least, $least, $least], 'two or three points are wanted'];
        yield 'a scale by names' => [Scale::class, ['a' => $least, 'b' => $least], 'two or three points are wanted'];
        yield 'a scale without a colour' => [Scale::class, [['point' => ['at' => 'least']], $least], 'colour'];
        yield 'a bar that is none' => [Bar::class, 'bar', 'a bar is wanted'];
        yield 'a bar without a colour' => [Bar::class, [], 'a colour is wanted'];
        yield 'a bar longer than its cell' => [Bar::class, ['colour' => '#112233', 'longest' => 101], 'a whole number from 0 to 100'];
        yield 'a bar shorter than none' => [Bar::class, ['colour' => '#112233', 'shortest' => -1], 'a whole number from 0 to 100'];
        yield 'a bar of half a percent' => [Bar::class, ['colour' => '#112233', 'shortest' => 0.5], 'a whole number from 0 to 100'];
        yield 'a gradient that is a word' => [Bar::class, ['colour' => '#112233', 'gradient' => 'yes'], 'true or false is wanted'];
        yield 'an axis that is none' => [Bar::class, ['colour' => '#112233', 'axis' => 'left'], 'one of auto, middle, none'];
        yield 'no marks' => [Marks::class, null, 'one of '];
        yield 'marks of no set' => [Marks::class, ['set' => 'dots'], 'one of '];
        yield 'too few steps' => [Marks::class, ['set' => '3Flags', 'points' => [['at' => 'least']]], '3 points are wanted'];
        yield 'own marks for some steps' => [Marks::class, ['set' => '3Flags', 'own' => [null]], '3 marks are wanted'];
        yield 'own marks of no set' => [Marks::class, ['set' => '3Flags', 'own' => [['dots', 0], null, null]], 'a set and a place in it'];
        yield 'own marks beyond their set' => [Marks::class, ['set' => '3Flags', 'own' => [['3Flags', 3], null, null]],
            'a set and a place in it'];
    }

    /** @param  class-string<Scale|Bar|Marks>  $class */
    #[DataProvider('shown')]
    public function test_what_cannot_be_shown_is_refused_in_words(string $class, mixed $data, string $message): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($message, '/').'/i');
        $class::of($data);
    }

    public function test_bars_and_marks_are_kept_as_they_were_said(): void
    {
        $bar = ['from' => ['at' => 'number', 'value' => '1'], 'to' => ['at' => 'auto'], 'colour' => '#112233', 'below' => '#445566',
            'axis' => 'middle', 'axisColour' => '#000001', 'border' => '#000002', 'shortest' => 100, 'longest' => 0, 'gradient' => true,
            'hidesText' => true, 'mirrored' => true];
        self::assertSame($bar, Bar::of($bar)->toArray());
        $marks = ['set' => '3Flags', 'points' => [['at' => 'percent', 'value' => '0'], ['at' => 'percent', 'value' => '40'],
            ['at' => 'number', 'value' => '9', 'above' => true]], 'reversed' => true, 'hidesText' => true,
            'own' => [null, ['3Flags', 2], ['3Signs', 0]]];
        self::assertSame($marks, Marks::of($marks)->toArray());
        // Steps are as far apart as each other where nothing else is said (common practice).
        self::assertSame(['0', '20', '40', '60', '80'], array_map(fn (Point $one) => $one->value, Marks::of(['set' => '5Arrows'])->points));
        self::assertSame(['0', '33', '67'], array_map(fn (Point $one) => $one->value, Marks::of(['set' => '3Flags'])->points));
    }
}
