<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Formatting by hand through the server. */
final class FormatTest extends TestCase
{
    private const TABLE = "Tree,Count,Worth\nRowan,3,4\nAspen,4,2\nHazel,5,1\nAll,12,7\n";

    public function test_an_act_everywhere_reaches_every_wearer_and_is_undone_as_one(): void
    {
        [$first, $second, $third] = [
            $this->bringIn('a.csv', self::TABLE),
            $this->bringIn('b.csv', self::TABLE),
            $this->bringIn('c.csv', self::TABLE),
        ];
        $this->act($first, 'dress', ['stylebook' => 'Plain rule']);
        $this->act($second, 'dress', ['stylebook' => 'Plain rule']);
        $this->act($third, 'dress', ['stylebook' => 'Long list']);
        $before = $this->look($second, 'A1');
        $this->act($first, 'format', ['scope' => 'everywhere', 'part' => 'heading', 'look' => ['fill' => '#224466', 'ink' => '#FFFFFF']]);
        $this->assertSame('#224466', $this->look($first, 'A1')['fill']);
        $this->assertSame('#224466', $this->look($second, 'A1')['fill']);
        $this->assertNotSame('#224466', $this->look($third, 'A1')['fill']);
        $late = $this->bringIn('d.csv', self::TABLE);
        $this->act($late, 'dress', ['stylebook' => 'Plain rule']);
        $this->assertSame('#224466', $this->look($late, 'A1')['fill'], 'what is dressed from now on looks the same');
        $this->assertSame(1, $second->refresh()->changes()->count(), 'it is a version of the stylebook, and no step of each workbook');
        $this->undo($first);
        $this->assertSame($before, $this->look($second, 'A1'));
        $this->assertSame($before, $this->look($late, 'A1'));
    }

    public function test_a_workbook_that_went_on_keeps_its_own_steps_when_the_act_is_undone_elsewhere(): void
    {
        [$first, $second] = [$this->bringIn('a.csv', self::TABLE), $this->bringIn('b.csv', self::TABLE)];
        $this->act($first, 'dress', ['stylebook' => 'Plain rule']);
        $this->act($second, 'dress', ['stylebook' => 'Plain rule']);
        $this->act($first, 'format', ['scope' => 'everywhere', 'part' => 'heading', 'look' => ['fill' => '#224466']]);
        $this->act($second, 'format', ['ranges' => 'B2', 'look' => ['bold' => true]]);
        $this->undo($first);
        $this->assertNull($this->look($second, 'A1')['fill'], 'a stylebook is one thing, wherever it is worn');
        $this->assertTrue($this->look($second, 'B2')['bold']);
        $this->assertNull($this->look($first, 'A1')['fill']);
    }

    public function test_a_look_for_a_part_holds_for_rows_that_come_later(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'dress', ['stylebook' => 'Plain rule']);
        $this->act($workbook, 'format', ['scope' => 'here', 'part' => 'body', 'kind' => 'integer', 'look' => ['fill' => '#EEFFEE']]);
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 3, 'count' => 3, 'in' => true]);
        $this->assertSame('#EEFFEE', $this->look($workbook, 'B4')['fill']);
        $this->assertNull($this->look($workbook, 'A4')['fill'], 'row labels are another part');
        $this->act($workbook, 'wipe', ['scope' => 'here', 'part' => 'body', 'kind' => 'integer']);
        $this->assertNull($this->look($workbook, 'B4')['fill']);
    }

    public function test_the_tray_is_told_values_layers_and_contrast(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger']);
        $this->act($workbook, 'format', ['ranges' => 'B2', 'look' => ['bold' => true]]);
        $record = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/inspection?ranges=B2:B4&row=2&column=2"))->assertOk();
        $states = array_column($record->json('inspection.attributes'), null, 'name');
        $this->assertTrue($states['bold']['mixed']);
        $this->assertFalse($states['font']['mixed']);
        $this->assertSame('ground · River ledger', $states['font']['from']);
        $this->assertSame(['body', 'integer'], [$record->json('inspection.part'), $record->json('inspection.kind')]);
        $this->assertGreaterThan(4.5, $record->json('inspection.contrast') ?? 21);
        $this->assertSame([1, 1], [$record->json('sheets'), $record->json('workbooks')]);
        $this->assertContains('hand touch', array_column($record->json('inspection.layers'), 'from'));
    }

    public function test_nearly_the_same_fills_are_pointed_out(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'format', ['ranges' => 'A2', 'look' => ['fill' => '#E8F1EA']]);
        $this->act($workbook, 'format', ['ranges' => 'A3', 'look' => ['fill' => '#E6F0E9']]);
        $this->act($workbook, 'format', ['ranges' => 'A4', 'look' => ['fill' => '#3B2A4A']]);
        $near = fn (int $row) => $this->get(
            $this->url("workbooks/{$workbook->id}/sheets/1/inspection?ranges=A$row&row=$row&column=1"),
        )->json('inspection.near');
        $this->assertSame(['#E6F0E9'], $near(2));
        $this->assertSame([], $near(4));
    }

    public function test_a_block_is_lifted_with_chosen_facets_only(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'format', ['ranges' => 'A2:B2', 'look' => ['bold' => true, 'fill' => '#FFEE00', 'number' => '0.00']]);
        $all = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/lift?range=A2:B3&facets="))->assertOk()->json();
        $this->assertSame([2, 2], [count($all['looks']), count($all['looks'][0])]);
        $this->assertSame('0.00', $all['looks'][0][0]['number']);
        $fill = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/lift?range=A2&facets=fill"))->json('looks');
        $this->assertSame([[['fill' => '#FFEE00']]], $fill);
        $other = $this->bringIn('b.csv', self::TABLE);
        $this->act($other, 'lay', ['ranges' => 'C3', 'block' => $fill]);
        $this->assertSame('#FFEE00', $this->look($other, 'C3')['fill']);
        $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1/lift?range=A1:ZZ500&facets="))->assertUnprocessable();
    }

    public function test_a_look_given_everywhere_asks_where_wearers_say_otherwise_in_every_workbook(): void
    {
        $books = [$this->bringIn('a.csv', self::TABLE), $this->bringIn('b.csv', self::TABLE)];
        foreach ($books as $book) {
            $this->act($book, 'dress', ['stylebook' => 'Plain rule']);
        }
        [$one, $two] = $books;
        $heading = ['scope' => 'everywhere', 'part' => 'heading', 'kind' => null];
        $this->act($one, 'format', ['ranges' => 'A1', 'look' => ['fill' => '#FFE08A']]);
        $this->act($two, 'format', ['scope' => 'here', 'part' => 'heading', 'kind' => null, 'look' => ['fill' => '#88DD88']]);
        $columns = $this->get($this->url("workbooks/{$two->id}/sheets/1"))->json('columns');
        $state = fn () => [$this->look($one, 'A1')['fill'], $this->look($one, 'B1')['fill'], $this->look($two, 'A1')['fill']];
        $before = $state();
        $asked = $this->postJson($this->url("workbooks/{$one->id}/acts"), [
            'act' => 'format',
            'revision' => $one->refresh()->revision,
            'sheet' => 1,
            'arguments' => $heading + ['look' => ['fill' => '#AABBFF'], 'over' => 'ask'],
        ]);
        $asked->assertUnprocessable()->assertJsonPath('covered', 1 + $columns);
        $this->assertSame($before, $state(), 'a question changes nothing');
        $this->act($one, 'format', $heading + ['look' => ['fill' => '#AABBFF'], 'over' => 'override']);
        $this->assertSame(['#AABBFF', '#AABBFF', '#AABBFF'], $state());
        $this->undo($one);
        $this->assertSame($before, $state(), 'one undo brings back what was taken, in both workbooks');
        $this->act($one, 'format', $heading + ['look' => ['fill' => '#AABBFF'], 'over' => 'keep']);
        $this->assertSame(['#FFE08A', '#AABBFF', '#88DD88'], $state());
    }

    public function test_a_code_keeps_its_place_in_a_row_that_is_corrected_to_a_total_and_a_name_is_read_like_text(): void
    {
        $rows = implode('', array_map(fn (int $lot) => sprintf("%05d,Rowan,%d\n", $lot, $lot % 7 + 1), range(412, 431)));
        $workbook = $this->bringIn('Lots.csv', "Lot,Species,Count\n{$rows}Held back,,3\n");
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger']);
        $side = function (string $cell) use ($workbook) {
            $cells = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/window?top=1&left=1&bottom=30&right=3"))->json('cells');

            return array_column(array_filter($cells, fn (array $each) => "A{$each['row']}" === $cell && $each['column'] === 1), 'align')[0];
        };
        $place = $side('A3');
        $this->assertNotSame('left', $place, 'codes have a place of their own');
        foreach ([5, 22] as $row) {
            $correction = ['type' => 'rows', 'row' => 3, 'column' => 1, 'first' => $row, 'last' => $row, 'part' => 'subtotal'];
            $this->act($workbook, 'correct', ['correction' => $correction]);
        }
        $this->assertSame([$place, 'left', $place], [$side('A5'), $side('A22'), $side('A6')]);
        $this->act($workbook, 'move', ['axis' => 'rows', 'at' => 3, 'count' => 1, 'in' => true]);
        $this->assertSame([$place, 'left'], [$side('A6'), $side('A23')], 'also when rows come in above');
    }

    public function test_a_point_of_the_history_is_reached_from_both_sides(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        foreach (['#111111', '#222222', '#333333', '#444444'] as $fill) {
            $this->act($workbook, 'format', ['ranges' => 'A2', 'look' => ['fill' => $fill]]);
        }
        $points = array_reverse(array_column($this->get($this->url("workbooks/{$workbook->id}/history"))->json(), 'id'));
        foreach ([[1, '#222222'], [3, '#444444'], [0, '#111111'], [2, '#333333']] as [$index, $fill]) {
            $this->postJson($this->url("workbooks/{$workbook->id}/point"), [
                'change' => $points[$index],
                'revision' => $workbook->refresh()->revision,
                'sheet' => 1,
            ])->assertOk();
            $this->assertSame($fill, $this->look($workbook, 'A2')['fill']);
        }
        $this->postJson($this->url("workbooks/{$workbook->id}/point"), [
            'change' => 0,
            'revision' => $workbook->refresh()->revision,
            'sheet' => 1,
        ])->assertOk();
        $this->assertNull($this->look($workbook, 'A2')['fill']);
    }

    public function test_a_lifted_look_brings_column_widths_only_when_asked(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'lay', ['ranges' => 'A2', 'block' => [[['bold' => true], ['italic' => true]]], 'widths' => [210, 33]]);
        $widths = fn () => $this->get($this->url("workbooks/{$workbook->id}/sheets/1"))->json('widths');
        $this->assertSame([210, 33], array_slice($widths(), 0, 2));
        $this->act($workbook, 'lay', ['ranges' => 'A2:B9', 'block' => [[['bold' => false]]]]);
        $this->assertSame([210, 33], array_slice($widths(), 0, 2));
        $this->refused($workbook, 'lay', ['ranges' => 'A2', 'block' => [[[]]], 'widths' => [-4]], '0 to 2,000');
    }

    public function test_a_named_look_is_kept_from_a_selection_changed_renamed_and_deleted_with_a_choice_for_its_wearers(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->act($workbook, 'dress', ['stylebook' => 'Plain rule']);
        $keep = function (string $name, string $fill, bool $replace = false) use ($workbook) {
            $this->act($workbook, 'format', ['ranges' => 'D9:E9', 'look' => ['fill' => $fill]]);
            $this->act($workbook, 'format', ['ranges' => 'E9', 'look' => ['italic' => true]]);
            $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => $name, 'replace' => $replace, 'ranges' => 'D9:E9']);
        };
        $keep('Check', '#FFE08A');
        $this->act($workbook, 'layNamed', ['ranges' => 'B2:B3', 'name' => 'Check']);
        $this->assertSame(
            ['#FFE08A', false],
            [$this->look($workbook, 'B3')['fill'], $this->look($workbook, 'B3')['italic']],
            'what the cells do not agree on is no part of it',
        );
        $this->refused($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'Check', 'ranges' => 'A1'], 'Choose another name');
        $this->refused($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'B12', 'ranges' => 'A1'], 'cell address');
        $keep('Check', '#88DD88', true);
        $this->assertSame('#88DD88', $this->look($workbook, 'B3')['fill']);

        $this->act($workbook, 'renameLook', ['scope' => 'everywhere', 'name' => 'Check', 'to' => 'Ask the grower']);
        $this->assertSame('#88DD88', $this->look($workbook, 'B3')['fill']);
        $looks = $this->getJson($this->url("workbooks/{$workbook->id}/sheets/1/looks"))->assertOk()->json();
        $this->assertSame(
            ['Ask the grower', 'B2:B3', 2],
            [$looks[0]['name'], $looks[0]['worn'][0]['ranges'], $looks[0]['worn'][0]['cells']],
        );
        $this->refused($workbook, 'renameLook', ['scope' => 'everywhere', 'name' => 'Check', 'to' => 'Other'], 'no look named');
        $handover = $this->post($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'xlsx', 'sheet' => 1])->assertCreated();
        $zip = new \ZipArchive;
        $zip->open(storage_path("app/handovers/{$handover->json('id')}.xlsx"));
        $this->assertStringContainsString('<cellStyle name="Ask the grower"', (string) $zip->getFromName('xl/styles.xml'));
        $zip->close();

        $keep('Other', '#AABBFF');
        $choices = [[[], null], [['keep' => true], '#88DD88'], [['instead' => 'Other'], '#AABBFF']];
        foreach ($choices as [$choice, $fill]) {
            $this->act($workbook, 'dropLook', ['scope' => 'everywhere', 'name' => 'Ask the grower'] + $choice);
            $this->assertSame($fill, $this->look($workbook, 'B3')['fill']);
            $this->postJson($this->url("workbooks/{$workbook->id}/undo"), [
                'revision' => $workbook->refresh()->revision,
                'sheet' => 1,
            ])->assertOk();
            $this->assertSame('#88DD88', $this->look($workbook, 'B3')['fill']);
        }
        $this->refused(
            $workbook,
            'dropLook',
            ['scope' => 'everywhere', 'name' => 'Ask the grower', 'instead' => 'Ask the grower'],
            'no look named',
        );
    }

    public function test_cells_are_cleared_and_pasted_with_and_without_their_looks(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $before = $this->texts($workbook);
        $this->act($workbook, 'format', ['ranges' => 'A2:B2', 'look' => ['bold' => true]]);
        $copied = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/lift?range=A2:B3&facets="))->json();
        $this->act($workbook, 'paste', ['row' => 10, 'column' => 1, 'cells' => $copied['cells'], 'looks' => $copied['looks']]);
        $this->act($workbook, 'paste', ['row' => 13, 'column' => 1, 'cells' => $copied['cells']]);
        $texts = $this->texts($workbook);
        foreach ([10, 13] as $row) {
            $this->assertSame(
                [$before['2.1'], $before['2.2'], $before['3.1']],
                [$texts["$row.1"], $texts["$row.2"], $texts[$row + 1 .'.1']],
            );
        }
        $this->assertSame([true, false], [$this->look($workbook, 'A10')['bold'], $this->look($workbook, 'A13')['bold']]);
        $this->act($workbook, 'paste', ['row' => 16, 'column' => 1, 'text' => "\"two\nlines\"\t7\n\"a \"\"b\"\"\"\t", 'html' => '']);
        $texts = $this->texts($workbook);
        $this->assertSame(["two\nlines", '7', 'a "b"'], [$texts['16.1'], $texts['16.2'], $texts['17.1']]);
        $this->act($workbook, 'paste', [
            'row' => 19,
            'column' => 1,
            'text' => '',
            'html' => '<table><tr><td>Oak</td><td>12</td></tr></table>',
        ]);
        $this->assertSame(['Oak', '12'], [$this->texts($workbook)['19.1'], $this->texts($workbook)['19.2']]);
        $this->act($workbook, 'clear', ['ranges' => 'A10:XFD1048576']);
        $this->assertSame($before, $this->texts($workbook));
        foreach (range(1, 6) as $undo) {
            $this->postJson($this->url("workbooks/{$workbook->id}/undo"), [
                'revision' => $workbook->refresh()->revision,
                'sheet' => 1,
            ])->assertOk();
        }
        $this->assertSame($before, $this->texts($workbook));
    }

    public function test_a_colour_family_goes_to_the_parts_of_a_sheet_or_into_the_stylebook(): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $family = array_column($this->getJson($this->url('colours/family?hex=%231F5F8B'))->assertOk()->json(), null, 'part');
        $this->getJson($this->url('colours/family?hex=sky'))->assertUnprocessable();
        $this->act($workbook, 'family', ['hex' => '#1F5F8B']);
        $this->assertSame($family['heading']['fill'], $this->look($workbook, 'A1')['fill']);
        $this->assertSame(
            [$family['body']['fill'], $family['body']['ink']],
            [$this->look($workbook, 'B3')['fill'], $this->look($workbook, 'B3')['ink']],
        );
        $this->postJson($this->url("workbooks/{$workbook->id}/undo"), [
            'revision' => $workbook->refresh()->revision,
            'sheet' => 1,
        ])->assertOk();
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger']);
        $this->act($workbook, 'family', ['scope' => 'everywhere', 'hex' => '#1F5F8B']);
        $this->assertSame($family['heading']['fill'], $this->look($workbook, 'A1')['fill']);
        $this->assertContains(
            $family['body']['fill'],
            [$this->look($workbook, 'B2')['fill'], $this->look($workbook, 'B3')['fill']],
            'the stripes take the light one',
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a range beyond the sheet' => ['format', ['ranges' => 'A1:XFE9', 'look' => ['bold' => true]], 'outside a worksheet'];
        yield 'a colour that is none' => ['format', ['ranges' => 'A1', 'look' => ['fill' => 'mauve']], 'no colour'];
        yield 'size 0' => ['format', ['ranges' => 'A1', 'look' => ['size' => 0]], '1 to 409'];
        yield 'rotation 91' => ['format', ['ranges' => 'A1', 'look' => ['rotation' => 91]], '-90 to 90'];
        yield 'no look' => ['format', ['ranges' => 'A1'], 'look'];
        yield 'a part that is none' => ['format', ['scope' => 'here', 'part' => 'basement', 'look' => ['bold' => true]], 'part of a table'];
        yield 'no such side' => ['borders', ['ranges' => 'A1', 'sides' => ['north' => 'thin #000000']], 'sides'];
        yield 'no side' => ['borders', ['ranges' => 'A1', 'sides' => []], 'at least one edge'];
        yield 'a block that is none' => ['lay', ['ranges' => 'A1', 'block' => [[['bold' => true]], []]], 'rows of looks'];
        yield 'everywhere without a stylebook' => [
            'format',
            ['scope' => 'everywhere', 'part' => 'body', 'look' => ['bold' => true]],
            'wears none',
        ];
        yield 'a cell too long' => ['edit', ['cells' => [[1, 1, str_repeat('x', 40_000)]]], '32,767'];
        yield 'cells that are none' => ['edit', ['cells' => [['A1', 'x']]], 'row, column and text'];
        yield 'a paste beyond the sheet' => ['paste', ['row' => 1_048_576, 'column' => 1, 'text' => "a\nb"], 'do not fit'];
        yield 'a paste of nothing' => ['paste', ['row' => 1, 'column' => 1, 'text' => '', 'html' => '<p>x</p>'], 'no table'];
        yield 'a paste of no cells' => ['paste', ['row' => 1, 'column' => 1, 'cells' => [[['f' => 'A1']]]], 'plain values'];
        yield 'a selection too long' => [
            'clear',
            ['ranges' => implode(',', array_map(fn (int $row) => 'A'.$row * 2, range(1, 5_000)))],
            'thousand ranges',
        ];
        yield 'a sheet that is none' => ['format', ['sheets' => [1, 7], 'ranges' => 'A1', 'look' => ['bold' => true]], 'no sheet 7'];
    }

    /** @param  array<string, mixed>  $arguments */
    #[DataProvider('wrong')]
    public function test_what_is_wrong_is_named_and_nothing_changes(string $act, array $arguments, string $words): void
    {
        $workbook = $this->bringIn('a.csv', self::TABLE);
        $this->refused($workbook, $act, $arguments, $words);
        $this->assertSame(1, $workbook->refresh()->revision);
    }

    /** @return array<string, mixed> the look of one filled cell as the browser is told */
    private function look(Workbook $workbook, string $address): array
    {
        $range = \Rilvet\Grid\Range::parse($address);
        $window = $this->get(
            $this->url(
                "workbooks/{$workbook->id}/sheets/1/window?top={$range->top}&left={$range->left}&bottom={$range->top}&right={$range->left}",
            ),
        )->assertOk();

        return $window->json('looks.0') ?? ['fill' => null, 'bold' => false];
    }
}
