<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\DatabaseBlockStore;
use App\Bench\Documents;
use App\Models\Sheet;
use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Tests\TestCase;

/** Rows and columns put in and taken out, with all that follows them, and back. */
final class MoveTest extends TestCase
{
    public function test_a_new_row_inside_the_body_is_body_and_everything_follows(): void
    {
        $workbook = $this->bringIn('t.csv', "Tree,Count,Worth\nRowan,3,4\nAspen,4,2\nHazel,5,1\nAll,12,7\n");
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger']);
        $this->act($workbook, 'format', ['ranges' => 'B3:C3', 'look' => ['fill' => '#FFEE00']]);
        $answer = $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 3, 'count' => 2, 'in' => true]);
        $this->assertSame(['heading A1:C1', 'row_label A2:A6', 'body B2:C6', 'total A7:C7'], $this->parts($answer));
        $this->assertSame('#FFEE00', $this->fill($workbook, 5, 2));
        $answer = $this->act($workbook, 'move', ['axis' => 'columns', 'at' => 2, 'count' => 1, 'in' => false]);
        $this->assertSame(['Tree', 'Worth'], array_column($answer->json('sheet.tables.0.columns'), 'heading'));
        $this->assertSame('#FFEE00', $this->fill($workbook, 5, 2));
    }

    public function test_moves_over_several_blocks_and_their_undos_leave_the_same_cells(): void
    {
        $lines = array_map(fn (int $row) => "$row,".($row * 3).",text $row", range(1, 3 * Block::ROWS + 17));
        $workbook = $this->bringIn('t.csv', "Number,Three,Text\n".implode("\n", $lines)."\n");
        $before = $this->cells();
        mt_srand(256);
        for ($step = 0; $step < 40; $step++) {
            $rows = mt_rand(0, 2) > 0;
            $this->act($workbook, 'move', [
                'axis' => $rows ? 'rows' : 'columns',
                'at' => $rows ? mt_rand(1, 700) : mt_rand(1, 3),
                'count' => $rows ? mt_rand(1, 300) : 1,
                'in' => mt_rand(0, 1) === 1,
            ]);
        }
        $this->assertNotSame($before, $this->cells());
        for ($step = 0; $step < 40; $step++) {
            $this->postJson($this->url("workbooks/{$workbook->id}/undo"), [
                'revision' => $workbook->refresh()->revision,
                'sheet' => 1,
            ])->assertOk();
        }
        $this->assertSame($before, $this->cells());
    }

    public function test_a_row_put_into_a_long_sheet_writes_a_block_or_two_and_undone_steps_leave_none_behind(): void
    {
        $workbook = $this->bringIn(
            't.csv',
            "Number,Text\n".implode("\n", array_map(fn (int $row) => "$row,text $row", range(1, 20 * Block::ROWS)))."\n",
        );
        $blocks = fn () => DB::table('blocks')->pluck('number')->all();
        $before = $blocks();
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 5, 'count' => 1, 'in' => true]);
        $this->assertCount(1, array_diff($blocks(), $before));
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 600, 'count' => 3_000, 'in' => false]);
        $this->assertCount(2, array_diff($blocks(), $before));
        $this->assertSame(['text 597', 'text 3598'], [$this->textAt($workbook, 599, 2), $this->textAt($workbook, 600, 2)]);
        $this->undo($workbook);
        $this->undo($workbook);
        $this->act($workbook, 'format', ['ranges' => 'A1', 'look' => ['bold' => true]]);
        $this->assertSame($before, $blocks());
    }

    public function test_a_named_selection_moves_along_and_bad_names_are_refused(): void
    {
        $workbook = $this->bringIn('t.csv', "Tree,Count\nRowan,3\nAspen,4\n");
        $this->act($workbook, 'name', ['name' => 'Counts', 'ranges' => 'B2:B3,A2']);
        $answer = $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 1, 'count' => 2, 'in' => true]);
        $this->assertSame([['name' => 'Counts', 'sheet' => 1, 'ranges' => 'B4:B5,A4']], $answer->json('bench.names'));
        foreach (['counts', 'AB12', 'R1C1', '1st', 'two words', ''] as $name) {
            $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
                'act' => 'name',
                'revision' => $workbook->refresh()->revision,
                'sheet' => 1,
                'arguments' => ['name' => $name, 'ranges' => 'A1'],
            ])->assertUnprocessable();
        }
        $this->postJson($this->url("workbooks/{$workbook->id}/undo"), ['revision' => $workbook->refresh()->revision, 'sheet' => 1])
            ->assertOk()
            ->assertJsonPath('bench.names.0.ranges', 'B2:B3,A2');
        $this->postJson($this->url("workbooks/{$workbook->id}/undo"), ['revision' => $workbook->refresh()->revision, 'sheet' => 1])
            ->assertOk()
            ->assertJsonPath('bench.names', []);
    }

    public function test_wrong_moves_are_refused(): void
    {
        $workbook = $this->bringIn('t.csv', "a,b\n1,2\n");
        foreach (
            [
                ['at' => 0],
                ['at' => 2, 'count' => 0],
                ['at' => 2, 'count' => 1_000_000],
                ['at' => 2_000_000],
                ['at' => 'x'],
                ['axis' => 'depth', 'at' => 1],
            ] as $arguments
        ) {
            $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
                'act' => 'move',
                'revision' => 1,
                'sheet' => 1,
                'arguments' => $arguments + ['axis' => 'rows', 'in' => true],
            ])->assertUnprocessable();
        }
    }

    /**
     * @param  \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>  $answer
     * @return list<string>
     */
    private function parts(\Illuminate\Testing\TestResponse $answer): array
    {
        return array_merge(
            ...array_map(
                fn (array $part) => array_map(fn (string $range) => "{$part['part']} $range", $part['ranges']),
                $answer->json('sheet.tables.0.parts'),
            ),
        );
    }

    private function textAt(Workbook $workbook, int $row, int $column): string
    {
        return (string) $this->get(
            $this->url("workbooks/{$workbook->id}/sheets/1/window?top=$row&left=$column&bottom=$row&right=$column"),
        )->json('cells.0.text');
    }

    private function fill(Workbook $workbook, int $row, int $column): ?string
    {
        $window = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/window?top=$row&left=$column&bottom=$row&right=$column"));

        return $window->json('looks.0.fill');
    }

    /** @return list<array<string, mixed>> */
    private function cells(): array
    {
        $sheet = Sheet::query()->firstOrFail();
        $cells = new BlockSheet('t', $sheet->rows, $sheet->columns, new DatabaseBlockStore($sheet->id), null, Documents::index($sheet));

        return [...iterator_to_array($cells->stored(), false), ['rows' => $sheet->rows, 'columns' => $sheet->columns]];
    }
}
