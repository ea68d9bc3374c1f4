<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Compare\Comparison;
use Rilvet\Compare\Difference;
use Rilvet\Condition\Condition;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Opening;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Two sheets beside each other: what was changed is what is told, as often as it was done and where; fixed seeds. */
final class SideBySideTest extends TestCase
{
    private const ROWS = 30;

    private LookBook $looks;

    protected function setUp(): void
    {
        $this->looks = new LookBook;
    }

    private static function cells(): Sheet
    {
        $rows = [['Lot', 'Tree', 'Count', 'Price']];
        for ($row = 2; $row <= self::ROWS; $row++) {
            $rows[] = ["L$row", ['Osier', 'Alder', 'Aspen'][$row % 3], $row * 3, $row / 4];
        }

        return MemorySheet::of('Beds', $rows);
    }

    private static function sheet(Sheet $cells): Worksheet
    {
        return new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells)));
    }

    private function compared(Worksheet $left, Worksheet $right, bool $same = false): Comparison
    {
        $book = fn (string $name, Worksheet $sheet) => new Workbook($name, [1 => $sheet], $this->looks);

        return new Comparison($book('One', $left), 1, $book('Other', $right), 1, $same);
    }

    /** @return array<string, list<string>> places at the right, by facet, in their order */
    private static function told(Comparison $comparison): array
    {
        $told = [];
        foreach ($comparison->differences as $one) {
            $told[$one->facet] = [...$told[$one->facet] ?? [], ...$one->right];
            self::assertCount($one->count, $one->right);
        }
        foreach ($told as &$places) {
            sort($places);
        }
        ksort($told);

        return $told;
    }

    public function test_a_sheet_and_itself_differ_in_nothing(): void
    {
        $sheet = self::sheet(self::cells());
        $found = $this->compared($sheet, $sheet);
        self::assertSame([], $found->differences);
        self::assertSame([[[1, 1, self::ROWS]], [[1, 1, 4]], false], [$found->rows, $found->columns, $found->isPart]);
        self::assertSame([0, 0], [Comparison::unmatched($found->rows, self::ROWS), Comparison::unmatched($found->columns, 4)]);
    }

    public function test_what_was_changed_is_told_and_nothing_else(): void
    {
        mt_srand(161);
        $facets = ['type' => ['bold' => true], 'fill' => ['fill' => '#E7D7A8'], 'place' => ['horizontal' => 'center'],
            'number' => ['number' => '0.000'], 'borders' => ['top' => 'thin #112233']];
        for ($round = 0; $round < 60; $round++) {
            $cells = self::cells();
            $left = self::sheet($cells);
            [$hand, $edits, $wanted] = [new LookMap, [], []];
            for ($change = mt_rand(1, 6); $change > 0; $change--) {
                [$row, $column] = [mt_rand(2, self::ROWS), mt_rand(1, 4)];
                $place = Address::columnName($column).$row;
                if (mt_rand(0, 2) === 0) {
                    // Prices alone are typed anew: rows are known by what else they hold.
                    $edits[$row][4] = mt_rand(0, 1) === 1 ? Cell::of(900 + $change) : Cell::formula("C$row/4", 900 + $change);
                    $wanted['values']["D$row"] = "D$row";
                } elseif ($hand->at($row, $column) === 0) {
                    $facet = array_rand($facets);
                    $hand->set(Range::of($row, $column, $row, $column), $this->looks->number(Look::of($facets[$facet])));
                    $wanted[$facet][$place] = $place;
                }
            }
            $right = $left->touched($hand);
            $right = $edits === [] ? $right : $right->readAs($right->found, new EditedSheet($cells, $edits), null);
            foreach ($wanted as &$places) {
                sort($places);
            }
            unset($places);
            ksort($wanted);
            self::assertSame($wanted, self::told($this->compared($left, $right)), "round $round");
            // The other way round the same is told.
            $back = array_map(fn (Difference $one) => [$one->facet, $one->count], $this->compared($right, $left)->differences);
            self::assertEqualsCanonicalizing(array_map(fn (Difference $one) => [$one->facet, $one->count],
                $this->compared($left, $right)->differences), $back, "round $round");
        }
    }

    public function test_rows_that_were_put_in_and_taken_out_move_nothing_that_stands_below(): void
    {
        mt_srand(162);
        for ($round = 0; $round < 40; $round++) {
            $lines = array_map(fn (array $row) => array_map(fn (Cell $cell) => $cell->value, $row),
                iterator_to_array(self::cells()->read(1, self::ROWS), false));
            [$at, $count] = [mt_rand(2, self::ROWS - 4), mt_rand(1, 3)];
            $more = [...array_slice($lines, 0, $at), ...array_map(fn (int $new) => ["N$new", 'Elm', 5_000 + $new, 7.5], range(1, $count)),
                ...array_slice($lines, $at)];
            $found = $this->compared(self::sheet(MemorySheet::of('Beds', $lines)), self::sheet(MemorySheet::of('Beds', $more)));
            self::assertSame([[1, 1, $at], [$at + 1, $at + 1 + $count, self::ROWS - $at]], $found->rows, "round $round");
            self::assertSame([], $found->differences, "round $round");
            self::assertSame([0, $count], [Comparison::unmatched($found->rows, self::ROWS),
                Comparison::unmatched($found->rows, self::ROWS + $count)]);
            $out = $this->compared(self::sheet(MemorySheet::of('Beds', $more)), self::sheet(MemorySheet::of('Beds', $lines)));
            self::assertSame([[1, 1, $at], [$at + 1 + $count, $at + 1, self::ROWS - $at]], $out->rows, "round $round");
        }
    }

    public function test_columns_in_another_order_are_known_by_their_headings(): void
    {
        $turned = array_map(fn (array $row) => [$row[0]->value, $row[2]->value, $row[3]->value],
            iterator_to_array(self::cells()->read(1, self::ROWS), false));
        $found = $this->compared(self::sheet(self::cells()), self::sheet(MemorySheet::of('Beds', $turned)));
        self::assertSame([[1, 1, 1], [3, 2, 2]], $found->columns);
        self::assertSame([], $found->differences);
    }

    public function test_formulas_that_give_the_same_are_told_as_formulas(): void
    {
        $left = self::sheet(self::cells());
        $says = fn (int $row, Cell $cell) => $left->readAs($left->found, new EditedSheet(self::cells(), [$row => [4 => $cell]]), null);
        self::assertSame(['formulas' => ['D5']], self::told($this->compared($left, $says(5, Cell::formula('C5/12', 1.25)))));
        self::assertSame(['values' => ['D5']], self::told($this->compared($left, $says(5, Cell::formula('C5/12', 1.26)))));
        self::assertSame(['values' => ['D5']], self::told($this->compared($says(5, Cell::formula('1/0', null, '#DIV/0!')),
            $says(5, Cell::formula('1/0', null, '#N/A')))));
    }

    public function test_sizes_merges_openings_and_conditional_looks_are_told_once_each(): void
    {
        $left = self::sheet(self::cells());
        $right = $left->sized(true, [2 => 200, 4 => 33], [2, 4], true)->sized(false, [7 => 55], [7], true)
            ->opening(new Opening(zoom: 70));
        self::assertSame(['heights' => ['7:7'], 'opening' => ['A1'], 'widths' => ['B:B', 'D:D']],
            self::told($this->compared($left, $right)));
        $merged = $left->merged([Range::parse('A1:B1')], []);
        self::assertSame(['merges' => ['A1']], self::told($this->compared($left, $merged)));
        $condition = Condition::of(['id' => 'n1', 'test' => ['is' => 'blank'], 'where' => ['cells' => 'A1'], 'look' => ['bold' => true]]);
        self::assertSame(['conditions' => ['A1']], self::told($this->compared($left, $left->conditioned([$condition]))));
        self::assertSame(['2 columns', '1 row', '1 way of opening'], array_map(fn (Difference $one) => $one->words,
            $this->compared($left, $right)->differences));
    }

    public function test_of_many_places_the_first_are_named_and_all_are_counted(): void
    {
        $rows = array_map(fn (int $row) => ["L$row", $row, $row * 2], range(1, 300));
        $sheet = self::sheet(MemorySheet::of('Beds', $rows));
        $hand = new LookMap;
        $hand->set(Range::parse('A1:C300'), $this->looks->number(Look::of(['bold' => true])));
        // What both hold is known to be the same: rows stand beside each other, and values are not gone through.
        foreach ([false, true] as $same) {
            $found = $this->compared($sheet, $sheet->touched($hand), $same);
            self::assertSame(900, array_sum(array_map(fn (Difference $one) => $one->count, $found->differences)));
            foreach ($found->differences as $one) {
                self::assertLessThanOrEqual(200, count($one->left));
                self::assertCount(count($one->left), $one->right);
                self::assertSame(number_format($one->count).' cells', $one->words);
            }
        }
    }
}
