<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\Bytes;
use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** The one way through: bring in, read, correct, dress, undo, hand over. */
final class ThroughTest extends TestCase
{
    private const TABLE = "Stock,,,\nMoney in pounds,,,\nLot,Species,Count,Value\n00412,Silver "
        ."birch,5,£10.00\n00415,Rowan,7,£20.00\n00417,Aspen,1,£30.00\nEverything,,13,£60.00\n";

    public function test_a_table_goes_all_the_way(): void
    {
        $workbook = $this->bringIn('Stock list.csv', self::TABLE);
        $sheet = $this->get($this->url("workbooks/{$workbook->id}/sheets/1"))->assertOk();
        $this->assertSame(
            ['title', 'units', 'heading', 'row_label', 'body', 'total'],
            array_column($sheet->json('tables.0.parts'), 'part'),
        );

        $before = $this->documents();
        $dressed = $this->try($workbook, 'dress', ['stylebook' => 'River ledger'])->assertOk();
        $this->assertSame('River ledger', $dressed->json('sheet.wears'));
        $this->assertSame(2, $dressed->json('bench.revision'));
        $window = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/window?top=1&left=1&bottom=8&right=4"))->assertOk();
        $texts = array_column($window->json('cells'), 'text');
        $this->assertContains('10.00', $texts);
        $this->assertContains('00412', $texts);

        $this->try($workbook, 'correct', [
            'correction' => ['type' => 'rows', 'row' => 4, 'column' => 1, 'first' => 6, 'last' => 6, 'part' => 'subtotal'],
        ])->assertOk();
        $corrected = $this->documents();
        foreach ([1, 2] as $step) {
            $this->post($this->url("workbooks/{$workbook->id}/undo"), [
                'revision' => $workbook->refresh()->revision,
                'sheet' => 1,
            ])->assertOk();
        }
        $this->assertSame($before, $this->documents(), 'an act and its undo leave the same bytes');
        foreach ([1, 2] as $step) {
            $this->post($this->url("workbooks/{$workbook->id}/redo"), [
                'revision' => $workbook->refresh()->revision,
                'sheet' => 1,
            ])->assertOk();
        }
        $this->assertSame($corrected, $this->documents());

        foreach (['xlsx', 'html', 'csv', 'tsv'] as $format) {
            $handover = $this->post($this->url("workbooks/{$workbook->id}/handovers"), [
                'format' => $format,
                'sheet' => 1,
            ])->assertCreated();
            $this->assertSame(['done', 0, 0], [$handover->json('status'), $handover->json('values'), $handover->json('formulas')], $format);
            $this->assertGreaterThan(15, $handover->json('cells'));
            $this->get($this->url("handovers/{$handover->json('id')}/file"))->assertOk()->assertDownload("Stock list.$format");
        }
    }

    public function test_a_preview_is_not_kept(): void
    {
        $workbook = $this->bringIn('t.csv', self::TABLE);
        $before = $this->documents();
        $preview = $this->post($this->url("workbooks/{$workbook->id}/acts"), [
            'act' => 'dress',
            'preview' => true,
            'sheet' => 1,
            'arguments' => ['stylebook' => 'Plain rule'],
            'sight' => ['windows' => [['top' => 1, 'left' => 1, 'bottom' => 5, 'right' => 4]]],
        ])->assertOk();
        $this->assertSame('Plain rule', $preview->json('sheet.wears'));
        $this->assertSame('Tinos', $preview->json('sight.windows.0.looks.0.font'));
        $this->assertSame($before, $this->documents());
    }

    public function test_a_stale_revision_is_told_and_loses_nothing(): void
    {
        $workbook = $this->bringIn('t.csv', self::TABLE);
        $late = fn (string $act, array $arguments) => $this->post($this->url("workbooks/{$workbook->id}/acts"), [
            'act' => $act,
            'revision' => 1,
            'sheet' => 1,
            'arguments' => $arguments,
        ]);
        $this->try($workbook, 'edit', ['cells' => [[2, 2, '7']]])->assertOk();
        // The same cell typed by two: the second is told. Another cell, or a look, is done on the newest state.
        $late('edit', ['cells' => [[2, 2, '8'], [3, 2, '9']]])->assertStatus(409)->assertJsonPath('revision', 2);
        $late('edit', ['cells' => [[3, 2, '9']]])->assertOk()->assertJsonPath('bench.revision', 3);
        $late('format', ['ranges' => 'B2', 'look' => ['bold' => true]])->assertOk();
        $late('dress', ['stylebook' => 'Long list'])->assertOk();
        $this->try($workbook, 'move', ['axis' => 'rows', 'at' => 2, 'count' => 1, 'in' => true])->assertOk();
        $before = $this->documents();
        // Rows went elsewhere: an address means another cell now; a whole sheet is still that sheet.
        $late('format', ['ranges' => 'B2', 'look' => ['bold' => true]])->assertStatus(409);
        $late('edit', ['cells' => [[4, 2, '1']]])->assertStatus(409);
        $this->post($this->url("workbooks/{$workbook->id}/undo"), ['revision' => 1, 'sheet' => 1])->assertStatus(409);
        $this->post($this->url("workbooks/{$workbook->id}/acts"), [
            'act' => 'format',
            'revision' => 99,
            'sheet' => 1,
            'arguments' => ['ranges' => 'B2', 'look' => ['bold' => true]],
        ])->assertStatus(409);
        $this->assertSame($before, $this->documents());
        $late('dress', ['stylebook' => 'Plain rule'])->assertOk();
    }

    public function test_typing_can_be_taken_back_a_column(): void
    {
        $workbook = $this->bringIn('t.csv', "Key,When\na,03/04/2024\nb,05/06/2024\n");
        $this->assertTrue($this->get($this->url("workbooks/{$workbook->id}/sheets/1"))->json('typings.1.unsure'));
        $this->try($workbook, 'type', ['column' => 2, 'kind' => 'date', 'order' => 'mdy'])->assertOk();
        $this->try($workbook, 'dress', ['stylebook' => 'Long list'])->assertOk();
        $this->assertContains('2024-03-04', $this->texts($workbook));
        $this->try($workbook, 'type', ['column' => 2, 'kind' => 'text'])->assertOk();
        $this->assertContains('03/04/2024', $this->texts($workbook));
    }

    public function test_formulas_are_calculated_as_cells_are_typed(): void
    {
        $workbook = $this->bringIn('t.csv', "Tree,Count\nRowan,3\nAspen,4\n");
        $this->try($workbook, 'edit', ['cells' => [[4, 1, 'All'], [4, 2, '=SUM(B2:B3)']]])->assertOk();
        $this->assertContains('7', $this->texts($workbook));
        $this->try($workbook, 'edit', ['cells' => [[2, 2, '10']]])->assertOk();
        $this->assertContains('14', $this->texts($workbook));
        $this->assertSame('=SUM(B2:B3)', $this->get($this->url("workbooks/{$workbook->id}/sheets/1/content?row=4&column=2"))->json('text'));
        $this->try($workbook, 'move', ['axis' => 'rows', 'at' => 3, 'count' => 1, 'in' => true])->assertOk();
        $this->assertSame('=SUM(B2:B4)', $this->get($this->url("workbooks/{$workbook->id}/sheets/1/content?row=5&column=2"))->json('text'));
        $this->try($workbook, 'edit', ['cells' => [[3, 2, '=1/0'], [3, 1, '=NOSUCH(1)']]])->assertOk();
        $this->assertContains('#DIV/0!', $this->texts($workbook));
        $this->postJson($this->url("workbooks/{$workbook->id}/undo"), [
            'revision' => $workbook->refresh()->revision,
            'sheet' => 1,
        ])->assertOk();
        $this->assertContains('14', $this->texts($workbook));
        $handover = $this->post($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'xlsx', 'sheet' => 1])->assertCreated();
        $this->assertSame([0, 0], [$handover->json('values'), $handover->json('formulas')]);
    }

    public function test_a_cell_typed_far_below_and_undone_leaves_the_sheet_as_long_as_it_was(): void
    {
        $workbook = $this->bringIn('t.csv', "Tree,Count\nRowan,3\nAspen,4\n");
        $state = fn () => [
            Bytes::out(DB::table('blocks')->orderBy('number')->pluck('data')->all()[0]),
            (array) DB::table('sheets')->first(['rows', 'columns']),
        ];
        $before = $state();
        $this->try($workbook, 'edit', ['cells' => [[200, 9, 'far']]])->assertOk();
        $this->assertSame(['rows' => 200, 'columns' => 9], $state()[1]);
        $this->post($this->url("workbooks/{$workbook->id}/undo"), ['revision' => $workbook->refresh()->revision, 'sheet' => 1])->assertOk();
        $this->assertSame($before, $state(), 'the same bytes');
        $this->post($this->url("workbooks/{$workbook->id}/redo"), ['revision' => $workbook->refresh()->revision, 'sheet' => 1])->assertOk();
        $this->assertSame(['rows' => 200, 'columns' => 9], $state()[1]);
    }

    public function test_two_files_of_one_name_both_stand_on_the_shelf(): void
    {
        $first = $this->bringIn('same.csv', "a,b\n1,2\n");
        $second = $this->bringIn('same.csv', "a,b\n3,4\n");
        $this->assertNotSame($first->id, $second->id);
        $this->assertCount(2, $this->get($this->url('shelf'))->json('workbooks'));
    }

    public function test_pasted_tables_come_in_as_text_and_as_html(): void
    {
        foreach (
            [
                ['text' => "a\tb\n1\t2\n", 'html' => ''],
                [
                    'text' => '',
                    'html' => '<meta><table><tr><th colspan=2>T</th></tr><tr><td>1</td><td>2 &amp; '
                    .'<b>3</b><script>x</script></td></tr></table>',
                ],
            ] as $clipboard
        ) {
            $import = $this->postJson($this->url('imports/paste'), $clipboard)->assertCreated();
            $this->assertSame("\t", $import->json('delimiter'));
            $this->assertCount(2, $import->json('preview'));
        }
        $this->postJson($this->url('imports/paste'), ['text' => '', 'html' => ''])->assertUnprocessable();
    }

    public function test_the_dialect_can_be_changed_before_keeping(): void
    {
        $import = $this->drop('x.txt', "a;b,c\n1;2,3\n")->assertCreated();
        $changed = $this->patchJson($this->url("imports/{$import->json('id')}"), [
            'encoding' => 'UTF-8',
            'delimiter' => ',',
            'quote' => '"',
        ])->assertOk();
        $this->assertSame(['a;b', 'c'], $changed->json('preview.0'));
        $this->patchJson($this->url("imports/{$import->json('id')}"), [
            'encoding' => 'EBCDIC',
            'delimiter' => ',',
            'quote' => '"',
        ])->assertUnprocessable();
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function try(Workbook $workbook, string $act, array $arguments): \Illuminate\Testing\TestResponse
    {
        return $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
            'act' => $act,
            'revision' => $workbook->refresh()->revision,
            'sheet' => 1,
            'arguments' => $arguments,
        ]);
    }

    /** @return array<string, string> */
    private function documents(): array
    {
        return DB::table('documents')->orderBy('sheet_id')->orderBy('name')->pluck('data', 'name')->all();
    }
}
