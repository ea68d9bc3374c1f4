<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Colour\Colour;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Window\Edges;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspect\HandTouches;
use Rilvet\Work\Aspects;
use Rilvet\Work\Worksheet;

final class LookTest extends TestCase
{
    public function test_a_look_map_equals_a_naive_grid(): void
    {
        mt_srand(29500);
        for ($round = 0; $round < 60; $round++) {
            $map = new LookMap;
            $grid = array_fill(1, 14, array_fill(1, 14, 0));
            for ($act = 0; $act < 25; $act++) {
                [$a, $b, $c, $d] = [mt_rand(1, 14), mt_rand(1, 14), mt_rand(1, 14), mt_rand(1, 14)];
                $range = Range::of(min($a, $b), min($c, $d), max($a, $b), max($c, $d));
                $add = mt_rand(0, 3);
                $change = $act % 2 === 0 ? fn (int $look) => $add : fn (int $look) => ($look + $add) % 4;
                $act % 3 === 0
                    ? $map->mapEach($range, fn (int $row, int $column, int $look) => $change($look))
                    : $map->map($range, $change);
                for ($row = $range->top; $row <= $range->bottom; $row++) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        $grid[$row][$column] = $change($grid[$row][$column]);
                    }
                }
            }
            foreach ($grid as $row => $looks) {
                foreach ($looks as $column => $look) {
                    self::assertSame($look, $map->at($row, $column), "round $round, row $row, column $column");
                }
            }
            foreach ($map->runs() as $runs) {
                for ($i = 1; $i < count($runs); $i++) {
                    self::assertFalse(
                        $runs[$i][0] === $runs[$i - 1][1] + 1 && $runs[$i][2] === $runs[$i - 1][2],
                        'neighbours of one look are one run',
                    );
                }
            }
        }
    }

    public function test_a_whole_column_is_one_run(): void
    {
        $map = new LookMap;
        $map->set(Range::parse('C:C'), 5);
        self::assertSame(1, $map->count());
        self::assertSame(5, $map->at(900_000, 3));
    }

    /** @return iterable<array{string, string, float}> WCAG 2.2 pairs whose ratios are widely published */
    public static function contrasts(): iterable
    {
        yield 'black on white' => ['#000000', '#FFFFFF', 21.0];
        yield 'the lightest grey that passes 4.5 on white' => ['#767676', '#FFFFFF', 4.54];
        yield 'the next one fails' => ['#777777', '#FFFFFF', 4.48];
        yield 'red on white' => ['#FF0000', '#FFFFFF', 4.0];
        yield 'blue on white' => ['#0000FF', '#FFFFFF', 8.59];
    }

    #[DataProvider('contrasts')]
    public function test_contrast_by_wcag(string $ink, string $fill, float $ratio): void
    {
        self::assertEqualsWithDelta($ratio, Colour::hex($ink)->contrast(Colour::hex($fill)), 0.005);
    }

    public function test_every_ink_of_every_built_in_reads_on_every_fill_it_meets(): void
    {
        $pairs = 0;
        foreach (Builtin::all() as $stylebook) {
            foreach (Part::cases() as $part) {
                $isStriped = in_array($part, [Part::Body, Part::RowLabel], true);
                foreach ([Look::none(), ...($isStriped ? $stylebook->stripes->looks ?? [] : [])] as $stripe) {
                    $look = $stylebook->ground->under($stylebook->part($part))->under($stripe);
                    $fill = $look->text(Attribute::Fill, 'none');
                    $ratio = Colour::hex($look->text(Attribute::Ink))->contrast(Colour::hex($fill === 'none' ? '#FFFFFF' : $fill));
                    self::assertGreaterThanOrEqual(4.5, $ratio, "{$stylebook->name}, {$part->value}");
                    $pairs++;
                }
            }
        }
        self::assertGreaterThanOrEqual(30, $pairs);
    }

    public function test_built_ins_keep_to_common_practice(): void
    {
        $column = new ColumnReading(1, 'x', ColumnKind::Amount, 1.0, decimals: 2, unit: '£');
        foreach (Builtin::all() as $stylebook) {
            self::assertSame('right', $stylebook->kind(ColumnKind::Amount)->place->text(Attribute::Horizontal));
            self::assertSame('left', $stylebook->kind(ColumnKind::Text)->place->text(Attribute::Horizontal));
            self::assertContains($stylebook->kind(ColumnKind::Code)->place->text(Attribute::Horizontal), ['center', 'left']);
            self::assertNotContains($stylebook->part(Part::Total)->text(Attribute::Top), ['', 'none'], 'a rule above the bottom line');
            self::assertNotSame('none', $stylebook->part(Part::Heading)->text(Attribute::Bottom, 'none'), 'a rule under headings');
            $amount = $stylebook->kind(ColumnKind::Amount);
            $isSigned = fn (bool $first) => str_contains($amount->look($column, $first)->text(Attribute::Number), '£');
            self::assertSame(
                ['every' => [true, true], 'first' => [true, false], 'heading' => [false, false]][$amount->sign],
                [$isSigned(true), $isSigned(false)],
            );
            $isSaid = $amount->headingLook($column)->text(Attribute::Number) !== '';
            self::assertSame($amount->sign === 'heading', $isSaid, 'the unit is said once');
        }
    }

    public function test_each_attribute_knows_its_layer(): void
    {
        $book = new LookBook;
        $file = new LookMap;
        $file->set(Range::parse('A1:B4'), $book->number(Look::of(['font' => 'Arimo', 'fill' => '#FFEE00', 'underline' => 'single'])));
        $hand = new LookMap;
        $hand->set(Range::parse('B3'), $book->number(Look::of(['bold' => true])));
        $sheet = self::sheet($file, $hand, Builtin::named('River ledger'), false);
        $worn = (new DressedSheet($sheet, $book))->at(3, 2);
        self::assertSame(Layer::Hand, $worn->from(Attribute::Bold));
        self::assertSame(Layer::Kind, $worn->from(Attribute::Number));
        self::assertSame(Layer::Ground, $worn->from(Attribute::Font));
        self::assertSame(Layer::Stripes, $worn->from(Attribute::Fill));
        self::assertSame(Layer::File, $worn->from(Attribute::Underline), 'what the stylebook leaves unsaid falls through');
        self::assertNull(
            (new DressedSheet(self::sheet($file, $hand, Builtin::named('River ledger'), true), $book))
                ->at(3, 2)
                ->from(Attribute::Underline),
            'start clean drops what came',
        );
    }

    public function test_of_two_borders_on_one_edge_the_stronger_is_drawn(): void
    {
        // CSS 2.2, 17.6.2.1, rules 2 and 3: wider borders win, then double, solid, dashed, dotted.
        $cases = [
            ['thin #111111', 'medium #222222', 'medium #222222'],
            ['double #111111', 'thick #222222', 'double #111111'],
            ['dashed #111111', 'thin #222222', 'thin #222222'],
            ['dotted #111111', 'dashed #222222', 'dashed #222222'],
            ['none', 'hair #222222', 'hair #222222'],
        ];
        foreach ($cases as [$upper, $lower, $winner]) {
            $book = new LookBook;
            $hand = new LookMap;
            $hand->set(Range::parse('A1'), $book->number(Look::of(['bottom' => $upper])));
            $hand->set(Range::parse('A2'), $book->number(Look::of(['top' => $lower])));
            $edges = new Edges(new DressedSheet(self::sheet(new LookMap, $hand, null, false), $book));
            self::assertSame($winner, (string) $edges->above(2, 1));
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function wrongLooks(): iterable
    {
        yield 'size 0' => [['size' => 0]];
        yield 'size 5000' => [['size' => 5000]];
        yield 'rotation 91' => [['rotation' => 91]];
        yield 'a colour that is none' => [['ink' => 'reddish']];
        yield 'no such attribute' => [['sparkle' => true]];
        yield 'no such line' => [['top' => 'wavy #000000']];
        yield 'a number format with an open quote' => [['number' => '0.00"']];
        yield 'markup as a font' => [['font' => '<script>']];
    }

    /** @param  array<string, mixed>  $values */
    #[DataProvider('wrongLooks')]
    public function test_a_wrong_look_is_refused(array $values): void
    {
        $this->expectException(Refusal::class);
        Look::of($values);
    }

    public function test_a_stylebook_is_the_same_after_export_and_import(): void
    {
        foreach (Builtin::all() as $stylebook) {
            self::assertSame($stylebook->toJson(), Stylebook::fromJson($stylebook->toJson())->toJson());
        }
    }

    public function test_a_wrong_stylebook_names_the_place(): void
    {
        $this->expectExceptionMessage('parts.heading');
        Stylebook::of(['name' => 'X', 'palette' => [], 'parts' => ['heading' => ['fill' => '@nowhere']]]);
    }

    private static function sheet(LookMap $file, LookMap $hand, ?Stylebook $stylebook, bool $clean): Worksheet
    {
        $cells = MemorySheet::of('S', [['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Hazel', 5]]);

        return new Worksheet(
            $cells,
            'S',
            Finder::read(SheetFacts::of($cells)),
            stylebook: $stylebook,
            clean: $clean,
            aspects: Aspects::of(new FileLooks($file), new HandTouches($hand)),
        );
    }
}
