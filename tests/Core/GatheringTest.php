<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\GatherConditions;
use Rilvet\Act\Lay;
use Rilvet\Act\MoveCells;
use Rilvet\Act\PasteCells;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Act\SetCondition;
use Rilvet\Act\SortTable;
use Rilvet\Act\Targets;
use Rilvet\Change\Change;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\ConditionTransfer;
use Rilvet\Condition\Gathering;
use Rilvet\Condition\Union;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\Signature;
use Rilvet\Refusal;
use Rilvet\Work\FileHints;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** Pieces become the rules that they mean, and no cell looks otherwise; and nothing that is done makes pieces. */
final class GatheringTest extends TestCase
{
    private const LOOKS = [
        ['is' => 'below', 'of' => ['0']], ['is' => 'above', 'of' => ['60']], ['is' => 'formula', 'of' => ['$B%d>$C%d']],
        ['is' => 'equal', 'of' => ['$F$1']],
    ];

    private const WEARS = [['bold' => true], ['fill' => '#F7E3E6'], ['ink' => '#9B2335', 'bold' => true], ['italic' => true,
        'fill' => '#E7D7A8']];

    private static function piece(string $id, int $kind, int $row, int $rows, string $columns = 'A:C', bool $stops = false): Condition
    {
        [$left, $right] = explode(':', $columns);
        $test = self::LOOKS[$kind];
        $test['of'] = [str_replace('%d', (string) $row, $test['of'][0])];

        return Condition::of(['id' => $id, 'test' => $test, 'where' => ['cells' => $left.$row.':'.$right.($row + $rows - 1)],
            'look' => self::WEARS[$kind],
            'stops' => $stops]);
    }

    /** @return array<string, string> what each cell wears, as far as conditions go */
    private static function worn(Worksheet $sheet): array
    {
        $dressed = new DressedSheet($sheet, new LookBook);
        $worn = [];
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
            foreach ($cells as $index => $cell) {
                $worn["$row.$index"] = $dressed->holding($dressed->at($row, $index + 1), $row, $index + 1, $cell)->look->key();
            }
        }

        return $worn;
    }

    private static function figures(int $rows): MemorySheet
    {
        mt_srand(11);

        return MemorySheet::of('S', array_map(fn () => [mt_rand(-50, 100), mt_rand(-50, 100), mt_rand(-50, 100), mt_rand(-50, 100), 0,
            60], range(1, $rows)));
    }

    public function test_two_thousand_pieces_become_the_three_rules_that_they_mean(): void
    {
        $pieces = [];
        for ($number = 0; $number < 2_001; $number++) {
            $pieces[] = self::piece("f$number", $number % 3, 2 + intdiv($number, 3) * 2, 2);
        }
        $sheet = (new Worksheet(self::figures(1_340), 'S', Reading::none()))->conditioned($pieces);
        $workbook = new Workbook('W', [1 => $sheet], new LookBook);
        $act = new GatherConditions([1]);
        $start = Spent::now();
        $after = $act->on($workbook);
        self::assertLessThan(3.0, Spent::now() - $start);
        $gathered = $after->sheet(1)->aspect(Conditions::class)->all;
        self::assertSame(['A2:C1335', 'A2:C1335', 'A2:C1335'], array_map(fn (Condition $one) => $one->where->words(), $gathered));
        self::assertSame(['f0', 'f1', 'f2'], array_map(fn (Condition $one) => $one->id, $gathered), 'the first of each keeps its name');
        self::assertSame('$B2>$C2', $gathered[2]->test->of[0]);
        self::assertSame(self::worn($sheet), self::worn($after->sheet(1)), 'no cell looks otherwise');
        self::assertSame('2,001 conditional looks gathered into 3, S', $act->words($workbook));
        $change = Change::between($workbook, $after, 'gathered');
        self::assertFalse($change->isEmpty());
    }

    /** Law, over random pieces in random order: as few or fewer, and no cell looks otherwise. */
    public function test_whatever_is_gathered_no_cell_looks_otherwise(): void
    {
        $cells = self::figures(60);
        for ($try = 0; $try < 60; $try++) {
            mt_srand(100 + $try);
            $pieces = [];
            for ($number = mt_rand(2, 60); $number > 0; $number--) {
                $columns = ['A:C', 'A:A', 'B:D', 'C:C'][mt_rand(0, 3)];
                $pieces[] = self::piece("n$number", mt_rand(0, 3), mt_rand(1, 50), mt_rand(1, 8), $columns, mt_rand(0, 9) === 0);
            }
            $sheet = new Worksheet($cells, 'S', Reading::none());
            $gathered = Gathering::of($pieces);
            self::assertLessThanOrEqual(count($pieces), count($gathered));
            self::assertSame(self::worn($sheet->conditioned($pieces)), self::worn($sheet->conditioned($gathered)), "seed $try");
            self::assertSame(count($gathered), count(Gathering::of($gathered)), 'gathered again it is the same');
        }
    }

    public function test_what_looks_at_all_of_its_cells_together_is_one_only_where_its_cells_are(): void
    {
        $top = fn (string $id, string $cells) => Condition::of(['id' => $id, 'test' => ['is' => 'greatest', 'count' => 2],
            'where' => ['cells' => $cells],
            'look' => ['bold' => true]]);
        self::assertCount(2, Gathering::of([$top('a', 'A1:A9'), $top('b', 'A10:A19')]));
        self::assertCount(1, Gathering::of([$top('a', 'A1:A9'), $top('b', 'A1:A9')]));
    }

    public function test_ranges_are_brought_together_into_the_same_cells(): void
    {
        mt_srand(3);
        for ($try = 0; $try < 40; $try++) {
            $ranges = [];
            for ($number = mt_rand(1, 12); $number > 0; $number--) {
                [$row, $column] = [mt_rand(1, 12), mt_rand(1, 8)];
                $ranges[] = Range::of($row, $column, $row + mt_rand(0, 4), $column + mt_rand(0, 3));
            }
            $cells = fn (array $all) => array_keys(array_merge(...array_map(function (Range $range) {
                $found = [];
                for ($row = $range->top; $row <= $range->bottom; $row++) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        $found["r{$row}c$column"] = true;
                    }
                }

                return $found;
            }, $all)));
            $union = Union::of($ranges);
            self::assertEqualsCanonicalizing($cells($ranges), $cells($union));
            self::assertSame(count($cells($union)), array_sum(array_map(fn (Range $range) => $range->cells(), $union)), 'each once');
        }
        self::assertSame(['A1:XFD2'], array_map(strval(...), Union::of([...array_fill(0, 30, Range::parse('A1:XFD1')),
            Range::parse('A2:XFD2')])), 'wide ones too');
    }

    private static function table(): Workbook
    {
        $rows = [['Tree', 'Count', 'Worth', 'Paid']];
        foreach (range(1, 40) as $number) {
            $rows[] = ["Tree $number", ($number * 7) % 23, ($number * 13) % 31 - 4.5, $number % 5];
        }
        $cells = MemorySheet::of('Trees', $rows);
        $hints = new FileHints(new LookMap, new LookBook, new Setup);
        $sheet = new Worksheet($cells, 'Trees', Finder::read(new SheetFacts($cells, Signature::all($cells, $hints), $hints)));

        return new Workbook('W', [1 => $sheet, 2 => new Worksheet(MemorySheet::of('Other', [['x', 1]]), 'Other', Reading::none())],
            new LookBook);
    }

    /** Law, over 1,000 random acts: only a person makes a rule more. */
    public function test_copying_sorting_inserting_lifting_and_laying_never_multiply_rules(): void
    {
        mt_srand(29);
        $pipeline = new Pipeline(new Recalculate(new LibraryCalculator));
        $workbook = self::table();
        $set = 0;
        $done = 0;
        $places = [['cells' => 'B2:B20'], ['column' => 'C1'], ['part' => 'body', 'kind' => 'integer'], ['cells' => 'A2:D9 B12:C14']];
        for ($step = 0; $step < 1_000; $step++) {
            $kind = mt_rand(0, 9);
            $sheet = $workbook->sheet(1);
            $row = mt_rand(2, 30);
            $act = match (true) {
                $kind === 0 && $set < 12 => new SetCondition(1, Condition::of(['id' => 'new', 'test' => ['is' => 'above',
                    'of' => [(string) ($set + 1)]],
                    'where' => $places[$set % 4], 'look' => ['bold' => true]])),
                $kind <= 2 => new MoveCells(1, new Shift(mt_rand(0, 3) > 0, mt_rand(2, 12), mt_rand(1, 2), mt_rand(0, 1) === 0)),
                $kind <= 5 => new SortTable(1, 3, 2, [[mt_rand(1, 4), mt_rand(0, 1) === 1]]),
                $kind <= 7 => new PasteCells(1, Address::of($row, 1), [[Cell::of("Tree $step"), Cell::of(mt_rand(0, 30)), Cell::of(1.5),
                    Cell::of(2)]], null),
                default => self::laying($sheet, $row),
            };
            try {
                $after = $pipeline->run($act, $workbook)->after;
            } catch (Refusal) {
                continue;
            }
            $set += $act instanceof SetCondition ? 1 : 0;
            $done++;
            // A table that has shrunk to nothing is begun anew, with the rules as they are.
            $workbook = $after->sheet(1)->cells->rows() < 12 || $after->sheet(1)->cells->columns() < 4
                ? self::table()->withSheet(1, self::table()->sheet(1)->conditioned($after->sheet(1)->aspect(Conditions::class)->all))
                    : $after;
            $all = $workbook->sheet(1)->aspect(Conditions::class)->all;
            self::assertLessThanOrEqual($set, count($all), "after step $step, ".$act::class);
            self::assertSame(count($all), count(array_unique(array_map(fn (Condition $one) => $one->id, $all))),
                'each has a name of its own');
        }
        self::assertGreaterThan(700, $done);
        self::assertSame(12, $set);
    }

    private static function laying(Worksheet $sheet, int $row): Act
    {
        $block = Range::of(2, 2, 2, 3);
        $conditions = ConditionTransfer::lifted($sheet->aspect(Conditions::class)->all, $sheet->reading, $block);

        return new Lay(new Targets([1], RangeSet::of(Range::of($row, 2, $row + mt_rand(0, 3), 3))), [[Look::of(['italic' => true]),
            Look::none()]], [],
            array_values(array_filter($conditions, fn (Condition $one) => ! str_starts_with($one->id, 'f') && self::isOnCells($sheet,
                $one->id))), $block);
    }

    /** One that holds on a column or a part is laid on cells as a rule of its own: a person sets it so. */
    private static function isOnCells(Worksheet $sheet, string $id): bool
    {
        return $sheet->aspect(Conditions::class)->one($id)?->where->isCells() === true;
    }

    public function test_lifted_and_laid_elsewhere_its_addresses_fit(): void
    {
        $conditions = [
            Condition::of(['id' => 'a', 'test' => ['is' => 'formula', 'of' => ['$B4>$C4+B$1']], 'where' => ['cells' => 'A3:D9'],
                'look' => ['bold' => true]])
                ->translated(-1, 0),
            Condition::of(['id' => 'b', 'test' => ['is' => 'above', 'of' => ['3']], 'where' => ['cells' => 'Z9'],
                'look' => ['bold' => true]]),
        ];
        $lifted = ConditionTransfer::lifted($conditions, Reading::none(), Range::parse('B5:C5'));
        self::assertCount(1, $lifted, 'what does not reach into the block stays');
        $laid = ConditionTransfer::laid($lifted[0], Range::parse('B5:C5'), Range::parse('E20'));
        self::assertSame(['E20:F20', '$B20>$C20+F$1'], [$laid->where->words(), $laid->test->of[0]]);
        $down = ConditionTransfer::laid($lifted[0], Range::parse('B5:C5'), Range::parse('E20:H29'));
        self::assertSame('E20:H29', $down->where->words(), 'all of a block is all of where it is laid');
        // Half of a block comes again and again.
        $half = ConditionTransfer::lifted([Condition::of(['id' => 'c', 'test' => ['is' => 'blank'], 'where' => ['cells' => 'B5'],
            'look' => ['bold' => true]])],
            Reading::none(), Range::parse('B5:C5'));
        $half = ConditionTransfer::laid($half[0], Range::parse('B5:C5'), Range::parse('E20:H21'));
        self::assertSame('E20:E21, G20:G21', $half->where->words());
        // Laid beside one that says the same, it is that one, reaching further.
        $onto = ConditionTransfer::onto(new Conditions([$laid->named('n1')]), [ConditionTransfer::laid($lifted[0], Range::parse('B5:C5'),
            Range::parse('E21'))]);
        self::assertSame(['E20:F21'], array_map(fn (Condition $one) => $one->where->words(), $onto->all));
    }
}
