<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Comparison;
use Rilvet\Stylebook\Difference;
use Rilvet\Stylebook\Stylebook;

/** Two stylebooks beside each other, rule by rule. */
final class ComparisonTest extends TestCase
{
    public function test_a_stylebook_and_itself_say_the_same(): void
    {
        foreach (Builtin::all() as $stylebook) {
            self::assertSame([], Comparison::of($stylebook, $stylebook));
            self::assertSame([], Comparison::of($stylebook, Stylebook::fromJson($stylebook->toJson())));
        }
    }

    /** Law: what a change of a stylebook says is what the comparison finds, and nothing else; the other way round it is turned. */
    public function test_each_change_is_found_as_what_it_is(): void
    {
        $book = Builtin::named('River ledger');
        $changes = [
            'Column headings, fill: #224466, was @band' => $book->saying(Part::Heading, null, Look::of(['fill' => '#224466'])),
            'Row labels, italic: yes, said nothing' => $book->saying(Part::RowLabel, null, Look::of(['italic' => true])),
            'Amounts, most: 0, was 2' => $book->ruling(ColumnKind::Amount, ['most' => 0, 'least' => 2]),
            'Stripes, fill: #EEFFEE, was @mist' => $book->striping(Look::of(['fill' => '#EEFFEE'])),
            'Colour river: #335577, said nothing' => $book->colouring('river', '#335577'),
            'Colour brass: says nothing, was #8A5515' => $book->uncolouring('brass'),
            'Fit, greatest: 400, was 300' => $book->fitting(['greatest' => 400], []),
            'Opening, zoom: 90, said nothing' => $book->fitting([], ['zoom' => 90]),
            'Fit, widths, worth: 120, said nothing' => $book->widening('Worth', 120),
            'Number format Tonnes: 0 "t", said nothing' => $book->numbering('Tonnes', '0 "t"'),
            'Named look Late, bold: yes, said nothing' => $book->naming('Late', Look::of(['bold' => true])),
        ];
        foreach ($changes as $words => $changed) {
            self::assertSame([$words], array_map(fn (Difference $one) => $one->said(), Comparison::of($book, $changed)));
            $back = Comparison::of($changed, $book)[0];
            $there = Comparison::of($book, $changed)[0];
            self::assertSame([$there->where, $there->after, $there->before], [$back->where, $back->before, $back->after]);
        }
    }

    public function test_places_are_those_of_the_json_and_whole_numbers_are_numbers(): void
    {
        $one = Stylebook::of(['name' => 'One', 'ground' => ['size' => 11], 'opens' => ['freeze' => true], 'about' => '']);
        $ground = ['size' => 11.0, 'font' => 'Tinos'];
        $two = Stylebook::of(['name' => 'One', 'ground' => $ground, 'opens' => ['freeze' => false], 'about' => 'x']);
        self::assertSame(['opens.freeze', 'about', 'ground.font'], array_column(Comparison::of($one, $two), 'where'));
        self::assertSame(
            ['Opening, freeze: no, was yes', 'About: x, was (blank)', 'Ground, font: Tinos, said nothing'],
            array_map(fn (Difference $difference) => $difference->said(), Comparison::of($one, $two)),
        );
    }

    public function test_the_version_of_the_format_is_no_rule(): void
    {
        $one = Stylebook::of(['rilvet' => 'stylebook 1', 'name' => 'One']);
        self::assertSame([], Comparison::of($one, Stylebook::of(['name' => 'One'])));
    }
}
