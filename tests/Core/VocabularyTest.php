<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Colour\Oklch;
use Rilvet\Colour\Starting;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Told;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\TableLine;

/** Small sets of words and signs that a person tells things apart by: no two are the same. */
final class VocabularyTest extends TestCase
{
    public function test_each_part_has_words_and_a_letter_of_its_own(): void
    {
        foreach (['words', 'ofOne', 'letter'] as $of) {
            $all = array_map(fn (Part $part) => $part->{$of}(), Part::cases());
            self::assertSame($all, array_unique($all), $of);
        }
        foreach (Part::cases() as $part) {
            self::assertSame(1, mb_strlen($part->letter()));
        }
        self::assertSame([Part::EntryCell, Part::ChoiceCell, Part::FormulaCell], array_values(array_filter(Part::cases(),
            fn (Part $part) => $part->isOfCells())));
        self::assertSame([Part::RowLabel, ...Part::OF_CELLS], array_values(array_filter(Part::cases(),
            fn (Part $part) => ! $part->isOfRows())));
    }

    public function test_each_kind_of_column_is_one_of_four_sorts(): void
    {
        foreach (['words', 'ofMany'] as $of) {
            $all = array_map(fn (ColumnKind $kind) => $kind->{$of}(), ColumnKind::cases());
            self::assertSame($all, array_unique($all), $of);
        }
        foreach (ColumnKind::cases() as $kind) {
            $sorts = (int) $kind->isNumeric() + (int) $kind->isTemporal() + (int) $kind->isWordy();
            self::assertSame(in_array($kind, [ColumnKind::Boolean, ColumnKind::None], true) ? 0 : 1, $sorts, $kind->value);
        }
        self::assertSame('date and time columns', ColumnKind::DateTime->ofMany());
    }

    /** Kinds of lines by ISO/IEC 29500-1 18.18.3; which wins where two meet is common practice: the wider, then the more solid. */
    public function test_lines_are_told_apart_and_the_stronger_wins(): void
    {
        $drawn = array_map(fn (Line $line) => json_encode([$line->width(), $line->stroke(), $line->dashes()]), Line::cases());
        // A slanted dash is drawn like a medium dash and dot: no stroke of a browser is slanted.
        self::assertCount(count(Line::cases()) - 1, array_unique($drawn));
        $words = array_map(fn (Line $line) => $line->words(), Line::cases());
        self::assertSame($words, array_unique($words));
        $order = Line::cases();
        usort($order, fn (Line $one, Line $other) => $one->strength() <=> $other->strength());
        self::assertSame(Line::None, $order[0]);
        self::assertSame(Line::Hair, $order[1]);
        self::assertSame([Line::Thick, Line::Double], array_slice($order, -2));
        foreach ([[Line::Thin, Line::Dotted], [Line::Thin, Line::Dashed], [Line::Medium, Line::Thin], [Line::Medium, Line::MediumDashed],
            [Line::Dashed, Line::Dotted], [Line::MediumDashDotDot, Line::Thin], [Line::Double, Line::Medium]] as [$stronger, $weaker]) {
            self::assertGreaterThan($weaker->strength(), $stronger->strength(), "$stronger->value and $weaker->value");
        }
        foreach (Line::cases() as $line) {
            self::assertSame(0, count($line->dashes()) % 2, 'what is drawn and what is not, in turn');
            self::assertSame($line->stroke() === 'dashed' || $line->stroke() === 'dotted', $line->dashes() !== []);
        }
    }

    public function test_lines_of_a_table_stand_at_the_side_that_they_are_called_by(): void
    {
        foreach (TableLine::cases() as $line) {
            $sides = array_keys($line->sides());
            $begins = strtok($line->value, ' ');
            self::assertSame(match ($begins) {
                'Under' => ['bottom'],
                'Above' => ['top'],
                'Between' => [str_ends_with($line->value, 'columns') ? 'right' : 'bottom'],
                default => ['top', 'bottom'],
            }, $sides, $line->value);
            self::assertSame(match (true) {
                str_contains($line->value, 'headings') => Part::Heading,
                str_contains($line->value, 'column groups') => Part::ColumnGroup,
                str_contains($line->value, 'row groups') => Part::RowGroup,
                str_contains($line->value, 'subtotals') => Part::Subtotal,
                str_contains($line->value, 'Total') => Part::Total,
                default => Part::Body,
            }, $line->part(), $line->value);
        }
        // A total is closed by two lines (common practice in bookkeeping).
        self::assertSame(['top' => Line::Thin, 'bottom' => Line::Double], TableLine::Total->sides());
    }

    public function test_colours_to_begin_with_are_as_light_as_each_other_and_evenly_apart(): void
    {
        $all = Starting::colours();
        self::assertCount(13, $all);
        $hues = [];
        foreach (array_slice($all, 1) as $name => $colour) {
            $at = Oklch::of($colour);
            self::assertEqualsWithDelta(0.52, $at->l, 0.02, $name);
            $hues[] = $at->h;
        }
        foreach ($hues as $index => $hue) {
            $next = $hues[($index + 1) % count($hues)];
            self::assertEqualsWithDelta(30, fmod($next - $hue + 360, 360), 8, 'what a screen has of it is a little off');
        }
        self::assertLessThan(0.02, Oklch::of($all['Slate'])->c);
    }

    public function test_what_is_told_by_its_hue_alone_is_known(): void
    {
        $plain = Look::of(['ink' => '#000000', 'size' => 11]);
        $by = fn (array $says) => Told::by(Condition::of(['id' => 'c', 'test' => ['is' => 'always'], 'where' => ['cells' => 'A1:A9'],
            'look' => []] + $says), $plain);
        $look = fn (array $says) => Told::by(Condition::of(['id' => 'c', 'test' => ['is' => 'blank'], 'where' => ['cells' => 'A1:A9'],
            'look' => $says]), $plain);
        self::assertSame('by the shape of its mark', $by(['marks' => ['set' => '3Arrows']]));
        self::assertSame('by the length of its bar', $by(['bar' => ['colour' => '#112233']]));
        $scale = fn (string ...$colours) => ['scale' => [['colour' => $colours[0], 'point' => ['at' => 'least']],
            ['colour' => $colours[1], 'point' => ['at' => 'greatest']]]];
        self::assertSame('by light and dark', $by($scale('#FFFFFF', '#224466')));
        self::assertNull($by($scale('#FF9999', '#99FF99')), 'red and green as light as each other');
        foreach (['by weight' => ['bold' => true], 'by slant' => ['italic' => true], 'by a line through it' => ['strike' => true],
            'by a line under it' => ['underline' => 'single'], 'by its edges' => ['left' => 'thin #000000'], 'by size' => ['size' => 14],
            'by how its number is written' => ['number' => '0.00'], 'by light and dark' => ['ink' => '#FFFFFF']] as $words => $says) {
            self::assertSame($words, $look($says));
        }
        foreach ([['ink' => '#7A1020'], ['fill' => '#FFE9C0'], ['bold' => false], ['size' => 11], ['ink' => '#7A1020',
            'underline' => 'none']] as $says) {
            self::assertNull($look($says), (string) json_encode($says));
        }
        self::assertSame('by light and dark', $look(['fill' => '#222222']));
    }
}
