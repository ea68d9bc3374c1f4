<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\ColumnStamps;
use App\Bench\StoredWorkbook;
use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Change\BlocksPatch;
use Rilvet\Change\CellsPatch;
use Tests\TestCase;

/** Looks that cells wear while something is true, through HTTP: set, tried, listed, arranged, in stylebooks, lifted and laid. */
final class ConditionsTest extends TestCase
{
    private const ORDERS = "Order,Due,Trees,Worth,Status\nR-1,2026-03-01,3,-4.25,late\nR-2,2026-12-05,14,2.5,paid\n"
        ."R-3,2026-04-01,5,120,late\n"
        ."R-4,2026-05-01,9,-1,sent\nR-5,2026-06-01,7,12,paid\n";

    /** @param  array<string, mixed>  $condition */
    private function set(Workbook $workbook, array $condition): void
    {
        $this->act($workbook, 'setCondition', $condition + ['id' => null, 'look' => ['bold' => true]]);
    }

    /** @return list<array<string, mixed>> */
    private function list(Workbook $workbook): array
    {
        /** @var list<array<string, mixed>> */
        return $this->get($this->url("workbooks/$workbook->id/conditions"))->assertOk()->json('conditions');
    }

    /** @return array<int, bool> whether the cells of a column are bold, by row */
    private function bold(Workbook $workbook, int $column): array
    {
        $window = $this->get($this->url("workbooks/$workbook->id/sheets/1/window?top=1&left=$column&bottom=30&right=$column"))->json();
        $bold = [];
        foreach ($window['cells'] as $cell) {
            $bold[$cell['row']] = $window['looks'][$cell['look']]['bold'];
        }

        return $bold;
    }

    public function test_one_is_set_by_a_sentence_seen_listed_arranged_and_undone(): void
    {
        $orders = $this->bringIn('orders.csv', self::ORDERS);
        $this->set($orders, ['where' => ['column' => 'E1'], 'kind' => 'category', 'test' => ['is' => 'oneOf', 'values' => ['late',
            'sent']]]);
        $this->set($orders, ['where' => ['column' => 'D1'], 'kind' => 'amount', 'test' => ['is' => 'below', 'values' => ['0']]]);
        $this->assertSame([2 => true, 3 => false, 4 => true, 5 => true, 6 => false], array_diff_key($this->bold($orders, 5), [1 => 0]));
        $list = $this->list($orders);
        $this->assertSame(['Worth is below 0', 'Status is one of late, sent'], array_column($list, 'sentence'));
        $this->assertSame([[2, true], [3, true]], array_map(fn (array $one) => [$one['worn'], $one['counted']], $list));
        $this->assertSame(['this table', 'D2:D6', false], [$list[0]['where'], $list[0]['cells'], $list[0]['onCells']]);
        $this->assertSame('by weight', $list[0]['told']);
        // Changed in its place, moved, turned off, taken out; each step goes back.
        $this->set($orders, ['id' => $list[1]['id'], 'where' => ['column' => 'E1'], 'kind' => 'category', 'test' => ['is' => 'equal',
            'values' => ['paid']]]);
        $this->assertSame(['Worth is below 0', 'Status is paid'], array_column($this->list($orders), 'sentence'));
        $this->act($orders, 'arrangeConditions', ['ids' => [$list[1]['id']], 'what' => 'move', 'to' => 0]);
        $this->assertSame(['Status is paid', 'Worth is below 0'], array_column($this->list($orders), 'sentence'));
        $this->act($orders, 'arrangeConditions', ['ids' => [$list[1]['id']], 'what' => 'off']);
        $this->assertSame([false, true], array_column($this->list($orders), 'on'));
        $this->assertSame([false], array_values(array_unique($this->bold($orders, 5))));
        $this->act($orders, 'arrangeConditions', ['ids' => [$list[1]['id']], 'what' => 'drop']);
        $this->assertCount(1, $this->list($orders));
        foreach (range(1, 6) as $_) {
            $this->undo($orders);
        }
        $this->assertSame([], $this->list($orders));
        $this->refused($orders, 'arrangeConditions', ['ids' => ['n1'], 'what' => 'drop'],
            'There is no conditional look "n1" on this sheet any more.');
    }

    public function test_while_it_is_written_it_is_counted_and_values_and_looks_are_offered(): void
    {
        $orders = $this->bringIn('orders.csv', self::ORDERS);
        $try = fn (array $condition) => $this->postJson($this->url("workbooks/$orders->id/sheets/1/condition"), ['values' => true,
            'condition' => $condition])->assertOk()->json();
        $status = ['where' => ['column' => 'E1'], 'kind' => 'category', 'test' => ['is' => 'oneOf', 'values' => []]];
        $begun = $try($status);
        $this->assertStringContainsString('not complete yet', $begun['why']);
        $this->assertSame([['late', 2], ['paid', 2], ['sent', 1]], array_map(fn (array $one) => [$one['value'], $one['count']],
            $begun['values']));
        $this->assertSame(['reversed', 'stronger', 'quieter', 'mark'], array_column($begun['presses'], 'name'));
        $whole = $try(['test' => ['is' => 'oneOf', 'values' => ['late']], 'look' => $begun['presses'][0]['look']] + $status);
        $this->assertSame(['Status is one of late', 2, 5, true, null, 'by weight'],
            [$whole['sentence'], $whole['worn'], $whole['of'], $whole['counted'], $whole['why'], $whole['told']]);
        $this->assertGreaterThan(15, $whole['contrast']);
        // By its hue alone: pointed out.
        $hue = $try(['test' => ['is' => 'oneOf', 'values' => ['late']], 'look' => ['ink' => '#9B2335']] + $status);
        $this->assertNull($hue['told']);
        $this->assertSame([], $this->list($orders), 'nothing is kept');
        // Dates, percents and figures are read as they are written.
        $due = $try(['where' => ['column' => 'B1'], 'kind' => 'date', 'test' => ['is' => 'below', 'values' => ['2026-04-02']],
            'look' => ['bold' => true]]);
        $this->assertSame(2, $due['worn']);
    }

    public static function wrong(): iterable
    {
        $formula = fn (string $text) => ['where' => ['cells' => 'A1:E6'], 'test' => ['is' => 'formula', 'values' => [$text]]];
        yield 'a formula that does not parse' => [$formula('=SUM(A1'), 'The formula ends too early.'];
        yield 'a formula with a lost sheet' => [$formula("='Last year'!A1>1"), 'names something that is not in the workbook'];
        yield 'a formula with a lost cell' => [$formula('=#REF!>1'), 'names a cell that is not there'];
        yield 'a formula too long' => [$formula('='.str_repeat('A1+', 2_800).'1'), '8,192 characters'];
        yield 'a function that is not known' => [$formula('=FORECAST(A1)'), 'calls FORECAST'];
        yield 'nothing to compare with' => [['where' => ['cells' => 'A1'], 'test' => ['is' => 'below', 'values' => [' ']]],
            'not complete yet'];
        yield 'a test that is none' => [['where' => ['cells' => 'A1'], 'test' => ['is' => 'heavier', 'values' => ['1']]],
            'is wrong at "is"'];
        yield 'cells beyond the sheet' => [['where' => ['cells' => 'A1:XFE9'], 'test' => ['is' => 'blank']], 'outside a worksheet'];
        yield 'a scale of one colour' => [['where' => ['cells' => 'A1'], 'test' => ['is' => 'always'], 'look' => [],
            'scaled' => [['colour' => '#112233',
                'point' => ['at' => 'least']]]], 'two or three points'];
        yield 'a colour that is none' => [['where' => ['cells' => 'A1'], 'test' => ['is' => 'always'], 'look' => [],
            'bar' => ['colour' => 'red']], 'red'];
    }

    /** @param  array<string, mixed>  $condition */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_is_refused_in_words(array $condition, string $words): void
    {
        $orders = $this->bringIn('orders.csv', self::ORDERS);
        $answer = $this->postJson($this->url("workbooks/$orders->id/acts"), ['act' => 'setCondition', 'revision' => $orders->revision,
            'sheet' => 1,
            'arguments' => $condition + ['id' => null, 'look' => ['bold' => true]]])->assertUnprocessable();
        $this->assertStringContainsString($words, (string) $answer->json('message'));
        $this->assertSame([], $this->list($orders));
        // While it is written, the same is said without a fault.
        $tried = $this->postJson($this->url("workbooks/$orders->id/sheets/1/condition"),
            ['condition' => $condition + ['look' => ['bold' => true]]]);
        $this->assertContains($tried->status(), [200, 422]);
        $this->assertStringContainsString($words, (string) ($tried->json('why') ?? $tried->json('message')));
    }

    public function test_formulas_that_are_odd_but_right_are_taken(): void
    {
        $orders = $this->bringIn('orders.csv', self::ORDERS);
        foreach ([
            // It looks at its own cell: that is no circle, since a look changes no value.
            ['where' => ['cells' => 'C2:C6'], 'test' => ['is' => 'formula', 'values' => ['=C2>AVERAGE($C$2:$C$6)']]],
            ['where' => ['cells' => 'A1:XFD1048576'], 'test' => ['is' => 'equal', 'values' => ['late']]],
            ['where' => ['cells' => 'B2:B6'], 'test' => ['is' => 'below', 'values' => ['today']]],
            ['where' => ['cells' => 'A2:E6'], 'test' => ['is' => 'repeated']],
        ] as $condition) {
            $this->set($orders, $condition);
        }
        $list = $this->list($orders);
        $this->assertSame(['changes with the day', 'looks at other cells from each cell'], [$list[1]['cost'], $list[3]['cost']]);
        $this->assertSame([4, 2, 2], [$list[0]['worn'], $list[2]['worn'], $list[3]['worn']]);
    }

    public function test_a_rule_of_the_stylebook_is_seen_in_two_workbooks_and_grows_with_new_rows(): void
    {
        $books = [$this->bringIn('spring.csv', self::ORDERS), $this->bringIn('autumn.csv', str_replace('R-', 'Q-', self::ORDERS))];
        foreach ($books as $book) {
            $this->act($book, 'dress', ['stylebook' => 'River ledger', 'clean' => false]);
        }
        $rule = ['id' => null, 'where' => ['part' => 'body', 'kind' => 'amount'], 'kind' => 'amount', 'test' => ['is' => 'below',
            'values' => ['0']],
            'look' => ['bold' => true, 'ink' => '#9B2335']];
        $this->act($books[0], 'keepCondition', $rule + ['scope' => 'everywhere']);
        foreach ($books as $book) {
            $this->assertSame([2 => true, 3 => false, 4 => false, 5 => true, 6 => false], array_diff_key($this->bold($book, 4), [1 => 0]));
            $list = $this->list($book);
            $this->assertSame(['Amounts is below 0', 'River ledger', true, 2], [$list[0]['sentence'], $list[0]['where'],
                $list[0]['ofStylebook'], $list[0]['worn']]);
        }
        $this->act($books[1], 'move', ['axis' => 'rows', 'at' => 4, 'count' => 1, 'in' => true]);
        $this->act($books[1], 'edit', ['cells' => [[4, 4, '-88']]]);
        $this->assertSame(3, $this->list($books[1])[0]['worn'], 'a new row is in it');
        $this->act($books[0], 'arrangeCondition', ['id' => 'c1', 'what' => 'off', 'scope' => 'everywhere']);
        $this->assertSame([false, false], [$this->list($books[0])[0]['on'], $this->list($books[1])[0]['on']]);
        $this->undo($books[0]);
        $this->assertSame([true, true], [$this->list($books[0])[0]['on'], $this->list($books[1])[0]['on']]);
        $this->undo($books[0]);
        $this->assertSame([], $this->list($books[1]), 'undone where it was set, it is gone everywhere');
    }

    public function test_they_are_lifted_and_laid_in_another_workbook(): void
    {
        $spring = $this->bringIn('spring.csv', self::ORDERS);
        $autumn = $this->bringIn('autumn.csv', self::ORDERS);
        $this->set($spring, ['where' => ['cells' => 'D2:D6'], 'test' => ['is' => 'formula', 'values' => ['=D2<C2']]]);
        $lifted = $this->get($this->url("workbooks/$spring->id/sheets/1/lift?range=D3:D3&facets=&conditions=1"))->assertOk()->json();
        $this->assertCount(1, $lifted['conditions']);
        $this->assertSame([], $this->get($this->url("workbooks/$spring->id/sheets/1/lift?range=D3:D3&facets="))->json('conditions'));
        $this->act($autumn, 'lay', ['ranges' => 'D2:D6', 'block' => [[(object) []]], 'from' => 'D3',
            'conditions' => $lifted['conditions']]);
        $this->assertSame($this->bold($spring, 4), $this->bold($autumn, 4));
        $this->assertSame(['=D2<C2'], $this->list($autumn)[0]['values']);
        // Laid again beside, it is still one.
        $this->act($autumn, 'lay', ['ranges' => 'D7', 'block' => [[(object) []]], 'from' => 'D3', 'conditions' => $lifted['conditions']]);
        $this->assertSame(['D2:D7'], array_column($this->list($autumn), 'cells'));
        foreach ([['conditions' => ['{']], ['conditions' => [7]], ['conditions' => ['{"id":"x"}'], 'from' => 'D3'],
            ['conditions' => $lifted['conditions'], 'from' => null]] as $wrong) {
            $this->postJson($this->url("workbooks/$autumn->id/acts"), ['act' => 'lay', 'revision' => $autumn->refresh()->revision,
                'sheet' => 1,
                'arguments' => $wrong + ['ranges' => 'D2', 'block' => [[(object) []]]]])->assertUnprocessable();
        }
    }

    public function test_figures_of_a_column_are_kept_with_the_data_and_no_longer(): void
    {
        $orders = $this->bringIn('orders.csv', self::ORDERS);
        $this->set($orders, ['where' => ['column' => 'C1'], 'test' => ['is' => 'greatest', 'count' => 1]]);
        $this->assertSame([3 => true], array_filter($this->bold($orders, 3), fn (bool $bold, int $row) => $bold && $row > 1,
            ARRAY_FILTER_USE_BOTH));
        $this->act($orders, 'edit', ['cells' => [[6, 3, '99']]]);
        $this->assertSame([6 => true], array_filter($this->bold($orders, 3), fn (bool $bold, int $row) => $bold && $row > 1,
            ARRAY_FILTER_USE_BOTH));
        $this->undo($orders);
        $this->assertSame([3 => true], array_filter($this->bold($orders, 3), fn (bool $bold, int $row) => $bold && $row > 1,
            ARRAY_FILTER_USE_BOTH));
    }

    public function test_figures_of_a_column_are_worked_out_anew_where_cells_and_rows_change_in_one_act(): void
    {
        $orders = $this->bringIn('orders.csv', self::ORDERS);
        $this->set($orders, ['where' => ['column' => 'C1'], 'test' => ['is' => 'greatest', 'count' => 1]]);
        $greatest = fn () => array_keys(array_filter($this->bold($orders, 3), fn (bool $bold, int $row) => $bold && $row > 1,
            ARRAY_FILTER_USE_BOTH));
        $this->assertSame([3], $greatest());
        $number = $orders->refresh()->revision + 1;
        $sheet = $orders->sheets()->firstOrFail();
        DB::transaction(function () use ($orders, $sheet, $number) {
            $orders->revision = $number;
            $stored = new StoredWorkbook($orders);
            $stored->cells(new CellsPatch(1, ['cells' => [], 'rows' => $sheet->rows, 'columns' => $sheet->columns],
                ['cells' => [[2, 1, 'R-9']], 'rows' => $sheet->rows, 'columns' => $sheet->columns]));
            $state = ['rows' => $sheet->rows, 'columns' => $sheet->columns, 'blocks' => null];
            $stored->blocks(new BlocksPatch(1, $state, $state));
            $orders->save();
        });
        $this->assertSame($number, ColumnStamps::last($sheet->id, $number, [3]), 'no column counts as unchanged');
        $this->assertSame([3], $greatest());
    }

    public function test_what_is_set_is_in_the_files_that_are_handed_over(): void
    {
        $orders = $this->bringIn('orders.csv', self::ORDERS);
        $this->set($orders, ['where' => ['column' => 'D1'], 'kind' => 'amount', 'test' => ['is' => 'below', 'values' => ['0']]]);
        $again = $this->bringIn('again.xlsx', (string) file_get_contents($this->handedOver($orders, 'xlsx')));
        $this->assertSame(['Worth is below 0'], array_column($this->list($again), 'sentence'));
        $this->assertSame($this->bold($orders, 4)[2], $this->bold($again, 4)[2]);
        $ods = $this->bringIn('again.ods', (string) file_get_contents($this->handedOver($orders, 'ods')));
        $this->assertSame([['Worth is below 0', 2]], array_map(fn (array $one) => [$one['sentence'], $one['worn']], $this->list($ods)));
    }

    private function handedOver(Workbook $workbook, string $format): string
    {
        $id = $this->postJson($this->url("workbooks/$workbook->id/handovers"), ['format' => $format, 'sheet' => 1,
            'revision' => $workbook->refresh()->revision])
            ->assertSuccessful()->json('id');
        $response = $this->get($this->url("handovers/$id/file"))->assertOk();
        $path = (string) tempnam(sys_get_temp_dir(), 'handed');
        file_put_contents($path, $response->streamedContent());

        return $path;
    }
}
