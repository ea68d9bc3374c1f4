<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\DrawBorders;
use Rilvet\Act\EditCells;
use Rilvet\Act\Exception\MergeIsWrong;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;
use Rilvet\Act\Lay;
use Rilvet\Act\LayNamed;
use Rilvet\Act\Merge;
use Rilvet\Act\Split;
use Rilvet\Act\Targets;
use Rilvet\Act\Wipe;
use Rilvet\Change\Change;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Edge;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Window\Edges;
use Rilvet\Window\Inspector;
use Rilvet\Work\Setup;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Formatting by hand, without a server. */
final class ActTest extends TestCase
{
    public function test_a_thousand_random_acts_and_their_undos_leave_every_document_as_it_was(): void
    {
        mt_srand(1_000);
        $workbook = self::workbook();
        $start = self::documents($workbook);
        $changes = [];
        for ($step = 0; $step < 1_000; $step++) {
            $act = self::randomAct();
            try {
                $after = $act->on($workbook);
            } catch (Refusal) {
                continue;
            }
            $changes[] = Change::between($workbook, $after, $act->words($workbook));
            $workbook = $after;
        }
        self::assertGreaterThan(700, count($changes));
        $documents = self::documents($workbook);
        foreach (array_reverse($changes) as $change) {
            foreach ($change->inverse()->patches as $patch) {
                [, $what, $before, $after] = $patch->toArray();
                self::assertSame($documents[$what] ?? 'null', $before, 'each undo starts where the last one ended');
                if ($after === 'null') {
                    unset($documents[$what]);
                } else {
                    $documents[$what] = $after;
                }
            }
        }
        ksort($documents);
        self::assertSame($start, $documents);
    }

    public function test_an_act_on_a_whole_body_is_a_handful_of_runs(): void
    {
        $sheet = (new Format(self::at('A2:T100000'), Look::of(['bold' => true])))->on(self::workbook())->sheet(1);
        self::assertLessThanOrEqual(20, $sheet->hand->count());
        $fifty = implode(',', array_map(fn (int $i) => 'B'.(7 * $i + 1).':D'.(7 * $i + 3), range(1, 50)));
        self::assertLessThan(
            200,
            (new Format(self::at($fifty), Look::of(['fill' => '#FFEE00'])))->on(self::workbook())->sheet(1)->hand->count(),
        );
    }

    public function test_an_edge_is_drawn_and_wiped_on_both_of_its_cells(): void
    {
        $pen = Edge::parse('medium #123456');
        $workbook = (new DrawBorders(self::at('B2:C3'), ['top' => $pen, 'vertical' => $pen]))->on(self::workbook());
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks);
        self::assertSame('medium #123456', $dressed->at(2, 2)->look->text(Attribute::Top));
        self::assertSame('medium #123456', $dressed->at(1, 2)->look->text(Attribute::Bottom));
        self::assertSame('medium #123456', $dressed->at(3, 3)->look->text(Attribute::Left));
        self::assertSame('', $dressed->at(3, 3)->look->text(Attribute::Right), 'an outer edge that was not meant stays');
        $workbook = (new DrawBorders(self::at('B1:C1'), ['bottom' => Edge::parse('none')]))->on($workbook);
        self::assertNull((new Edges(new DressedSheet($workbook->sheet(1), $workbook->looks)))->above(2, 2));
    }

    public function test_a_look_of_a_part_holds_for_that_part_only_and_has_its_layer(): void
    {
        $workbook = (new FormatPart([1], Part::Body, ColumnKind::Integer, Look::of(['ink' => '#AA0000'])))->on(self::workbook());
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks);
        self::assertSame('#AA0000', $dressed->at(3, 2)->look->text(Attribute::Ink));
        self::assertSame(Layer::Hand, $dressed->at(3, 2)->from(Attribute::Ink));
        self::assertNotSame('#AA0000', $dressed->at(2, 2)->look->text(Attribute::Ink), 'the heading is another part');
        $inspection = (new Inspector($workbook->sheet(1), $workbook->looks))->inspect(RangeSet::parse('B3:B5'), 3, 2);
        self::assertSame(['body', 'integer'], [$inspection->part, $inspection->kind]);
    }

    public function test_wiping_a_facet_leaves_the_others(): void
    {
        $workbook = (new Format(self::at('B3'), Look::of(['bold' => true, 'fill' => '#FFEE00'])))->on(self::workbook());
        $workbook = (new Wipe(self::at('A1:D9'), Facet::Fill))->on($workbook);
        $worn = (new DressedSheet($workbook->sheet(1), $workbook->looks))->at(3, 2);
        self::assertSame(Layer::Hand, $worn->from(Attribute::Bold));
        self::assertNotSame(Layer::Hand, $worn->from(Attribute::Fill));
    }

    public function test_a_lifted_block_repeats_over_a_larger_target(): void
    {
        $block = [
            [Look::of(['fill' => '#111111']), Look::of(['fill' => '#222222'])],
            [Look::of(['fill' => '#333333']), Look::of(['fill' => '#444444'])],
        ];
        $workbook = (new Lay(self::at('B2:D5'), $block))->on(self::workbook());
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks);
        foreach (range(2, 5) as $row) {
            foreach (range(2, 4) as $column) {
                self::assertSame(
                    $block[($row - 2) % 2][($column - 2) % 2]->text(Attribute::Fill),
                    $dressed->at($row, $column)->look->text(Attribute::Fill),
                );
            }
        }
    }

    public function test_a_lifted_block_goes_down_a_long_sheet_whole_or_not_at_all(): void
    {
        $cells = new EditedSheet(MemorySheet::of('S', [['a']]), [60_000 => [1 => Cell::of('end')]]);
        $workbook = new Workbook('W', [1 => new Worksheet($cells, 'S', Reading::none())], new LookBook);
        $two = [[Look::of(['fill' => '#111111'])], [Look::of(['fill' => '#222222'])]];
        $laid = (new Lay(self::at('B:B'), $two))->on($workbook)->sheet(1)->hand;
        self::assertSame(
            [60_000, [60_000, 60_000]],
            [$laid->count(), array_slice($laid->runs()[2][59_999], 0, 2)],
            'down to the last row of the data, and no further',
        );
        $row = (new Lay(self::at('B:C'), [[Look::of(['fill' => '#111111']), Look::of(['fill' => '#222222'])]]))->on($workbook)->sheet(1)
            ->hand;
        self::assertSame(2, $row->count());
        $this->expectExceptionMessage('at most 400,000 cells');
        (new Lay(self::at('B:J'), $two))->on($workbook);
    }

    public function test_wearers_of_a_named_look_follow_it(): void
    {
        $workbook = self::workbook();
        $sheet = $workbook->sheet(1);
        $named = $sheet->stylebook?->naming('Check', Look::of(['fill' => '#FFE08A']));
        $workbook = (new LayNamed(self::at('B3'), 'Check'))->on($workbook->withSheet(1, $sheet->wearing($named, false)));
        self::assertSame('#FFE08A', (new DressedSheet($workbook->sheet(1), $workbook->looks))->at(3, 2)->look->text(Attribute::Fill));
        $changed = $workbook->sheet(1)->wearing($named?->naming('Check', Look::of(['fill' => '#00AA00'])), false);
        self::assertSame('#00AA00', (new DressedSheet($changed, $workbook->looks))->at(3, 2)->look->text(Attribute::Fill));
        $this->expectExceptionMessage('no look named "None"');
        (new LayNamed(self::at('B3'), 'None'))->on($workbook);
    }

    public function test_merging_hides_nothing_unasked_and_splitting_restores(): void
    {
        try {
            (new Merge(self::at('A3:B3')))->on(self::workbook());
            self::fail('a merge that hides a value must ask');
        } catch (MergeIsWrong $wrong) {
            self::assertSame(['3'], $wrong->hidden);
        }
        $joined = (new Merge(self::at('A3:B3'), 'join'))->on(self::workbook());
        self::assertSame('Rowan 3', self::text($joined, 3, 1));
        $split = (new Split(self::at('B3')))->on($joined);
        self::assertSame('Rowan', self::text($split, 3, 1));
        self::assertSame([], $split->sheet(1)->setup->merges);
    }

    /** @return iterable<string, array{string, Setup|null, string}> */
    public static function wrongMerges(): iterable
    {
        yield 'a single cell' => ['B7', null, 'single cell'];
        yield 'overlapping merges' => ['B7:C8', Setup::fromArray(['merges' => ['C8:D9']] + (new Setup)->toArray()), 'overlaps'];
        yield 'over a frozen edge' => ['A2:A3', Setup::fromArray(['freezeRow' => 2] + (new Setup)->toArray()), 'frozen'];
        yield 'over the border of a table' => ['C5:D7', null, 'border of the table'];
        yield 'too many cells' => ['A10:Z2000', null, '10,000'];
    }

    #[DataProvider('wrongMerges')]
    public function test_wrong_merges_are_refused(string $range, ?Setup $setup, string $words): void
    {
        $this->expectExceptionMessage($words);
        (new Merge(self::at($range), 'first'))->on(self::workbook($setup));
    }

    public function test_a_protected_sheet_keeps_its_looks(): void
    {
        $this->expectExceptionMessage('is protected');
        (new Format(self::at('A1'), Look::of(['bold' => true])))->on(
            self::workbook(Setup::fromArray(['protected' => true] + (new Setup())->toArray())),
        );
    }

    /** @return iterable<string, array{string, string, null|bool|int|float|string}> number format, text as typed, value */
    public static function typed(): iterable
    {
        yield 'a number' => ['', '1,234.5', 1234.5];
        yield 'percent into a percent cell' => ['0%', '3', 0.03];
        yield 'percent with its sign' => ['0%', '3%', 0.03];
        yield 'a code' => ['', '00412', '00412'];
        yield 'text by apostrophe' => ['', "'5", '5'];
        yield 'a date' => ['', '2024-03-01', 45352];
        yield 'a time' => ['', '8:00', 1 / 3];
        yield 'a truth' => ['', 'true', true];
        yield 'text stays text' => ['@', '5', '5'];
    }

    #[DataProvider('typed')]
    public function test_typing_takes_input_in_the_format_of_the_cell(string $format, string $text, null|bool|int|float|string $value): void
    {
        $workbook = self::workbook();
        if ($format !== '') {
            $workbook = (new Format(self::at('F20'), Look::of(['number' => $format])))->on($workbook);
        }
        $found = null;
        foreach ((new EditCells(1, [20 => [6 => $text]]))->on($workbook)->sheet(1)->cells->read(20, 20) as $cells) {
            $found = $cells[5]->value;
        }
        is_float($value) ? self::assertEqualsWithDelta($value, $found, 1e-12) : self::assertSame($value, $found);
    }

    private static function randomAct(): Act
    {
        [$top, $left] = [mt_rand(1, 12), mt_rand(1, 6)];
        $range = 'ABCDEFGHIJ'[$left - 1].$top.':'.'ABCDEFGHIJ'[min(9, $left + mt_rand(0, 3))].($top + mt_rand(0, 4));
        $targets = self::at($range);
        $fill = sprintf('#%06X', mt_rand(0, 0xFFFFFF));

        return match (mt_rand(0, 8)) {
            0 => new Format($targets, Look::of(['bold' => mt_rand(0, 1) === 1])),
            1 => new Format($targets, Look::of(['fill' => $fill, 'size' => mt_rand(6, 30)])),
            2 => new DrawBorders($targets, [
                DrawBorders::SIDES[mt_rand(0, 7)] => Edge::parse(mt_rand(0, 3) === 0 ? 'none' : 'thin #222222'),
            ]),
            3 => new Wipe($targets, mt_rand(0, 1) === 1 ? Facet::Fill : null),
            4 => new FormatPart([1], Part::cases()[mt_rand(0, 9)], null, Look::of(['italic' => true])),
            5 => new Merge($targets, 'first'),
            6 => new Split($targets),
            7 => new Lay($targets, [[Look::of(['ink' => $fill]), Look::of(['wrap' => true])]]),
            default => new Wipe($targets, Facet::Borders),
        };
    }

    private static function at(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }

    private static function text(Workbook $workbook, int $row, int $column): string
    {
        foreach ($workbook->sheet(1)->cells->read($row, $row) as $cells) {
            return $cells[$column - 1]->text();
        }

        return '';
    }

    /** @return array<string, string> */
    private static function documents(Workbook $workbook): array
    {
        $documents = [];
        foreach ((new SheetDocuments($workbook->sheet(1)))->all() as $name => $document) {
            $documents[$name] = json_encode(
                $document,
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            );
        }

        ksort($documents);

        return $documents;
    }

    private static function workbook(?Setup $setup = null): Workbook
    {
        $cells = MemorySheet::of('S', [
            ['Trees', null, null],
            ['Tree', 'Count', 'Worth'],
            ['Rowan', 3, 4.5],
            ['Aspen', 4, 2.25],
            ['Hazel', 5, 1.75],
            ['All', 12, 8.5],
        ]);

        return new Workbook(
            'W',
            [
                1 => new Worksheet(
                    $cells,
                    'S',
                    Finder::read(SheetFacts::of($cells)),
                    stylebook: Builtin::named('River ledger'),
                    came: $setup ?? new Setup(),
                ),
            ],
            new LookBook(),
        );
    }
}
