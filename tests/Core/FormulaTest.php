<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Formula\FormulaRun;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\Graph;
use Rilvet\Formula\Meaning;
use Rilvet\Formula\Reference;
use Rilvet\Formula\References;
use Rilvet\Formula\Scope;
use Rilvet\Formula\Spans;
use Rilvet\Formula\TableRange;
use Rilvet\Formula\Unsettled;
use Rilvet\Grid\Address;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockChange;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** What formulas look at, which of them depend on a change, and how they are kept as runs. */
final class FormulaTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, list<string>, bool}> formula, text for a calculation, what it looks at, whether it
     *     is beyond one
     */
    public static function meanings(): iterable
    {
        // Names by ISO/IEC 29500-1 18.2.5, structured references by 18.17.2.7, 3-D references by 18.17.2.3.
        yield 'a name' => ['B2*Rate', 'B2*(S1!$B$1)', ['1!B2', '1!B1'], false];
        yield 'a name of a formula' => ['Twice', '(2*(S1!$B$1))', ['1!B1'], false];
        yield 'a name that goes along' => ['Beside+1', 'Beside+1', [], true];
        yield 'no such name' => ['Nothing+1', 'Nothing+1', [], true];
        yield 'a column of a table' => ['SUM(Stock[Amount])', 'SUM(S2!$B$2:$B$9)', ['2!B2:B9'], false];
        yield 'its total' => ['Stock[[#Totals],[Amount]]', 'S2!$B$10', ['2!B10'], false];
        yield 'its headings' => ['COUNTA(Stock[#Headers])', 'COUNTA(S2!$A$1:$C$1)', ['2!A1:C1'], false];
        yield 'columns of this row' => ['SUM(Stock[[#This Row],[Amount]:[Unit price]])', 'SUM(S2!$B5:$C5)', ['2!B5:C5'], false];
        yield 'a column that is not there' => ['SUM(Stock[Colour])', 'SUM(#REF!)', [], true];
        yield 'a sheet in quotes' => ["VLOOKUP(A1,'My list'!A:C,2,FALSE)", 'VLOOKUP(A1,S2!A:C,2,FALSE)', ['1!A1', '2!A1:C1048576'], false];
        yield 'sheets from one to another' => ['SUM(One:Three!A1)', 'SUM(One:Three!A1)', ['1!A1', '2!A1', '3!A1'], true];
        yield 'another workbook' => ['[1]Other!A1+B2', '[1]Other!A1+B2', ['1!B2'], true];
        yield 'what spills' => ['SUM(A1#)', 'SUM(A1#)', ['1!A1'], true];
        yield 'a text that looks like one' => ['"Rate A1"&B2', '"Rate A1"&B2', ['1!B2'], false];
        yield 'a parameter of its own' => ['_xlfn.LET(_xlpm.x,B2,_xlpm.x*2)', 'LET(_xlpm.x,B2,_xlpm.x*2)', ['1!B2'], true];
        yield 'a newer function' => ['_xlfn.XLOOKUP(A1,B:B,C:C)', 'XLOOKUP(A1,B:B,C:C)', ['1!A1', '1!B1:B1048576', '1!C1:C1048576'], false];
    }

    /** @param  list<string>  $looksAt */
    #[DataProvider('meanings')]
    public function test_names_tables_and_sheets_are_resolved(string $formula, string $text, array $looksAt, bool $isForeign): void
    {
        $meaning = Meaning::of($formula, self::scope(), 1, 5, 4);
        self::assertSame(
            [$text, $looksAt, $isForeign],
            [
                $meaning->text,
                array_map(fn (Reference $reference) => "$reference->sheet!$reference->range", $meaning->references),
                $meaning->isForeign,
            ],
        );
    }

    public function test_only_what_cannot_be_told_from_the_text_may_depend_on_any_cell(): void
    {
        $vague = array_filter(
            [
                'B2*Rate',
                '_xlfn.LET(_xlpm.x,B2,_xlpm.x*2)',
                '[1]Other!A1',
                'SUM(One:Three!A1)',
                'INDIRECT("A"&1)',
                'OFFSET(A1,1,1)',
                'Nothing+1',
                'SUM(A1#)',
                'MYOWN(A1)',
            ],
            fn (string $formula) => Meaning::of($formula, self::scope(), 1, 5, 4)->isVague,
        );
        self::assertSame(['INDIRECT("A"&1)', 'OFFSET(A1,1,1)', 'Nothing+1', 'SUM(A1#)'], array_values($vague));
    }

    public function test_names_that_mean_each_other_come_to_an_end(): void
    {
        $scope = new Scope([1 => 'One'], ['A_' => 'B_+1', 'B_' => 'A_+A_'], []);
        self::assertTrue(Meaning::of('A_', $scope, 1, 1, 1)->isForeign);
    }

    public function test_a_table_follows_rows_and_is_given_up_when_it_loses_a_column(): void
    {
        $table = new TableRange(1, Range::parse('B2:D9'), 1, 0, ['a', 'b', 'c']);
        self::assertSame('B2:D11', (string) $table->moved(new Shift(true, 5, 2, true))?->range);
        self::assertNull($table->moved(new Shift(false, 3, 1, false)));
        self::assertEquals($table, TableRange::fromArray($table->toArray()));
    }

    public function test_a_hundred_thousand_formulas_down_a_column_are_one_run_and_an_edit_parts_it(): void
    {
        $store = new MemoryBlockStore;
        $rows = 20_000;
        foreach (range(0, intdiv($rows - 1, Block::ROWS)) as $block) {
            $first = Block::firstRow($block);
            $store->put(
                $block,
                Block::encode(
                    array_map(
                        fn (int $row) => [
                            $row,
                            2,
                            ['f' => "A$row*B$row+\$F\$1", 'v' => 2 * $row],
                            ['f' => 'SUM(D'.max(1, $row - 1).":A$row)", 'v' => 1],
                        ],
                        range($first, min($rows, $first + Block::ROWS - 1)),
                    ),
                ),
            );
        }
        $sheet = new BlockSheet('S', $rows, 4, $store);
        $runs = FormulaRuns::of($sheet);
        self::assertSame([[3, 1, $rows, 'A1*B1+$F$1'], [4, 1, 1, 'SUM(D1:A1)'], [4, 2, $rows, 'SUM(D1:A2)']], self::plain($runs));
        self::assertSame('A77*B77+$F$1', $runs[0]->at(77));
        $edited = new EditedSheet($sheet, [50 => [3 => Cell::of('x')], 60 => [3 => Cell::formula('1+1', null)]]);
        self::assertSame(
            [[3, 1, 49, 'A1*B1+$F$1'], [3, 51, 59, 'A51*B51+$F$1'], [3, 61, $rows, 'A61*B61+$F$1'], [3, 60, 60, '1+1']],
            array_values(array_filter(self::plain(FormulaRuns::of($edited)), fn (array $run) => $run[0] === 3)),
        );
        // The same, read back from blocks that the edits were written into.
        $flat = BlockChange::flat($edited);
        assert($flat !== null);
        self::assertEqualsCanonicalizing(self::plain(FormulaRuns::of($edited)), self::plain(FormulaRuns::of($flat)));
    }

    /** Law: a formula depends on a changed cell if and only if following references cell by cell comes to it. */
    public function test_dependants_on_runs_are_those_that_are_found_cell_by_cell(): void
    {
        mt_srand(29);
        for ($round = 0; $round < 60; $round++) {
            $runs = [1 => [], 2 => []];
            for ($column = 1; $column <= 6; $column++) {
                for ($row = 1; $row < 24; $row += mt_rand(1, 6)) {
                    $last = min(24, $row + mt_rand(0, 4));
                    if (mt_rand(0, 2) > 0) {
                        $runs[mt_rand(1, 2)][] = new FormulaRun($column, $row, $last, self::randomFormula($row));
                    }
                    $row = $last;
                }
            }
            $scope = new Scope([1 => 'One', 2 => 'Two'], [], []);
            $graph = new Graph($runs, $scope);
            [$sheet, $at, $column] = [mt_rand(1, 2), mt_rand(1, 24), mt_rand(1, 6)];
            $found = [];
            foreach ($graph->dependants([$sheet => [Range::of($at, $column, $at, $column)]]) as $number => $spans) {
                foreach ($spans->within(1, 99) as $row) {
                    $found["{$graph->runs[$number][0]}.$row.{$graph->runs[$number][1]->column}"] = true;
                }
            }
            foreach (array_keys(self::slow($runs, $scope, "$sheet.$at.$column")) as $expected) {
                self::assertArrayHasKey($expected, $found, "round $round");
            }
            self::assertLessThanOrEqual(
                count(self::slow($runs, $scope, "$sheet.$at.$column")) + 30,
                count($found),
                'hardly more than those',
            );
        }
    }

    public function test_a_change_far_from_all_references_touches_nothing(): void
    {
        $graph = new Graph([1 => [new FormulaRun(3, 1, 100_000, 'A1*B1')]], new Scope([1 => 'One'], [], []));
        self::assertSame([], $graph->dependants([1 => [Range::parse('F6')]]));
        $affected = $graph->dependants([1 => [Range::parse('B500:B600')]]);
        self::assertSame([[500, 600]], $affected[0]->list);
    }

    public function test_a_running_balance_of_a_hundred_thousand_rows_is_followed_without_going_there_row_by_row(): void
    {
        $graph = new Graph([1 => [new FormulaRun(4, 3, 100_002, 'D2+C3')]], new Scope([1 => 'One'], [], []));
        self::assertSame([[40, 100_002]], $graph->dependants([1 => [Range::parse('C40')]])[0]->list);
    }

    public function test_spans_hold_each_row_once(): void
    {
        mt_srand(3);
        $spans = new Spans;
        $rows = [];
        for ($step = 0; $step < 200; $step++) {
            $first = mt_rand(1, 300);
            $last = $first + mt_rand(0, 20);
            $new = [];
            foreach ($spans->add($first, $last) as [$from, $to]) {
                array_push($new, ...range($from, $to));
            }
            self::assertSame(array_values(array_diff(range($first, $last), array_keys($rows))), $new);
            $rows += array_fill_keys(range($first, $last), true);
        }
        self::assertSame(count($rows), $spans->count());
        self::assertTrue($spans->has((int) array_key_first($rows)));
        self::assertFalse($spans->has(999));
    }

    public function test_unsettled_formulas_go_along_with_their_cells(): void
    {
        $unsettled = new Unsettled([Range::parse('C5:C6')], [Range::parse('D2')]);
        self::assertSame(['waiting' => ['C7:C8'], 'kept' => ['D2']], $unsettled->moved(new Shift(true, 3, 2, true))->toArray());
        self::assertSame(['waiting' => ['C3', 'C6'], 'kept' => ['D2']], $unsettled->moved(new RowOrder(1, 9, [3 => 5, 5 => 3]))->toArray());
        self::assertSame(
            [2, 1, true, false],
            [$unsettled->countWaiting(), $unsettled->countKept(), $unsettled->holds(6, 3), $unsettled->holds(6, 4)],
        );
        self::assertNull((new Unsettled())->toArray());
    }

    private static function randomFormula(int $row): string
    {
        $reference = function () use ($row): string {
            $at = mt_rand(0, 1) === 1 ? max(1, $row + mt_rand(-3, 2)) : '$'.mt_rand(1, 24);
            $cell = Address::columnName(mt_rand(1, 6)).$at;

            return (mt_rand(0, 3) === 0 ? ['One!', 'Two!'][mt_rand(0, 1)] : '').$cell;
        };

        return mt_rand(0, 2) === 0 ? 'SUM(B'.max(1, $row - 2).":C$row)+".$reference() : $reference().'*'.$reference();
    }

    /**
     * @param  array<int, list<FormulaRun>>  $runs
     * @return array<string, true> cells that depend on one, by "sheet.row.column"
     */
    private static function slow(array $runs, Scope $scope, string $changed): array
    {
        $looks = [];
        foreach ($runs as $sheet => $list) {
            foreach ($list as $run) {
                for ($row = $run->first; $row <= $run->last; $row++) {
                    $at = References::translated($run->formula, $row - $run->first, 0);
                    foreach (
                        str_contains($at, '#REF!') ? [] : Meaning::of($at, $scope, $sheet, $row, $run->column)->references as $reference
                    ) {
                        for ($y = $reference->range->top; $y <= $reference->range->bottom; $y++) {
                            for ($x = $reference->range->left; $x <= $reference->range->right; $x++) {
                                $looks["$reference->sheet.$y.$x"]["$sheet.$row.$run->column"] = true;
                            }
                        }
                    }
                }
            }
        }
        $found = [];
        $queue = [$changed];
        while (($cell = array_pop($queue)) !== null) {
            foreach (array_keys(array_diff_key($looks[$cell] ?? [], $found)) as $next) {
                $found[$next] = true;
                $queue[] = $next;
            }
        }

        return $found;
    }

    /**
     * @param  list<FormulaRun>  $runs
     * @return list<array{int, int, int, string}>
     */
    private static function plain(array $runs): array
    {
        return array_map(fn (FormulaRun $run) => [$run->column, $run->first, $run->last, $run->formula], $runs);
    }

    private static function scope(): Scope
    {
        return new Scope(
            [1 => 'One', 2 => 'My list', 3 => 'Three'],
            ['Rate' => 'One!$B$1', 'Twice' => '=2*Rate', 'Beside' => 'One!B1'],
            ['Stock' => new TableRange(2, Range::parse('A1:C10'), 1, 1, ['Tree', 'Amount', 'Unit price'])],
        );
    }
}
