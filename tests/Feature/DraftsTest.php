<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Tests\TestCase;

/** A stylebook is changed in a draft, on a specimen, and kept as a version that all wearers follow. */
final class DraftsTest extends TestCase
{
    public function test_a_draft_changes_nothing_until_it_is_kept(): void
    {
        $worn = $this->worn();
        $book = $this->open();
        $this->assertSame([], $book['changes']);
        $this->set($book, 'format', ['part' => 'heading', 'look' => ['fill' => '#224466']]);
        $this->set($book, 'stripes', ['stripes' => ['by' => 'rows', 'every' => 2, 'key' => null, 'fills' => ['none', '#F4F0F8']]]);
        $this->assertSame('#3F2F55', $this->fill($worn, 1, 1), 'the specimen alone has changed');
        $this->assertSame('#224466', $this->fill(Workbook::query()->findOrFail($book['specimen']), 4, 1));
        $open = $this->open();
        $this->assertSame($book['specimen'], $open['specimen'], 'one draft, whoever opens it');
        $this->assertEqualsCanonicalizing(['Column headings, fill', 'Stripes, every'], array_column($open['changes'], 'words'));
        $kept = $this->post($this->url("stylebooks/{$this->id()}/keep"))->assertOk()->json();
        $this->assertSame(2, $kept['version']);
        $this->assertSame([], $kept['changes']);
        $this->assertSame('Column headings, fill, Stripes, every', $kept['versions'][0]['words']);
        $this->assertSame('#224466', $this->fill($worn, 1, 1));
        $this->post($this->url("stylebooks/{$this->id()}/keep"))->assertUnprocessable();
    }

    public function test_steps_in_a_draft_are_undone_as_everywhere(): void
    {
        $book = $this->open();
        $this->set($book, 'colour', ['name' => 'band', 'hex' => '#884411']);
        $this->set($book, 'scale', ['size' => 14]);
        $specimen = Workbook::query()->findOrFail($book['specimen']);
        $this->undo($specimen);
        $this->assertSame(['Colour band'], array_column($this->open()['changes'], 'words'));
        $this->undo($specimen);
        $this->assertSame([], $this->open()['changes']);
        $this->postJson($this->url("workbooks/$specimen->id/redo"), ['revision' => $specimen->refresh()->revision, 'sheet' => 1])
            ->assertOk();
        $this->assertSame('#884411', $this->get($this->url("stylebooks/{$this->id()}/rules?draft=1"))->json('palette.2.hex') ?? '');
        $this->delete($this->url("stylebooks/{$this->id()}/draft"))->assertOk();
        $this->assertNull($this->get($this->url("stylebooks/{$this->id()}"))->json('specimen'));
        $this->assertNull(Workbook::query()->find($specimen->id));
        $this->assertSame(1, $this->open()['version']);
    }

    public function test_the_second_of_two_people_is_told_sees_both_and_loses_nothing(): void
    {
        $worn = $this->worn();
        $book = $this->open();
        $this->set($book, 'format', ['part' => 'heading', 'look' => ['fill' => '#224466', 'italic' => true]]);
        $this->act($worn, 'format', ['scope' => 'everywhere', 'part' => 'heading', 'look' => ['fill' => '#115511']]);
        $this->act($worn, 'format', ['scope' => 'everywhere', 'part' => 'title', 'look' => ['size' => 30]]);
        $went = $this->post($this->url("stylebooks/{$this->id()}/keep"))->assertStatus(409)->json('went');
        $this->assertSame(3, $went['version']);
        $this->assertContains('Title, size: 30, was 18', $went['theirs']);
        $this->assertContains('Column headings, italic: yes, was no', $went['mine']);
        $this->assertSame(['Column headings, fill: #115511 there, #224466 here'], $went['both']);
        $this->postJson($this->url("stylebooks/{$this->id()}/keep"), ['where both' => 'neither'])->assertUnprocessable();
        $kept = $this->postJson($this->url("stylebooks/{$this->id()}/keep"), ['where both' => 'theirs'])->assertOk()->json();
        $this->assertSame(4, $kept['version']);
        $this->assertSame('#115511', $this->fill($worn, 1, 1));
        $says = json_decode((string) $this->get($this->url("stylebooks/{$this->id()}/json"))->content(), true);
        $this->assertSame([30, true], [$says['parts']['title']['size'], $says['parts']['heading']['italic']]);
        $this->assertSame([], $kept['changes'], 'the draft goes on from what was kept');
        $this->assertSame('#115511', $this->fill(Workbook::query()->findOrFail($book['specimen']), 4, 1));
    }

    public function test_a_draft_that_says_nothing_new_goes_along(): void
    {
        $worn = $this->worn();
        $book = $this->open();
        $this->act($worn, 'format', ['scope' => 'everywhere', 'part' => 'heading', 'look' => ['fill' => '#115511']]);
        $this->assertSame(2, $this->open()['base']);
        $this->assertSame('#115511', $this->fill(Workbook::query()->findOrFail($book['specimen']), 4, 1));
    }

    public function test_a_specimen_stands_on_no_shelf_takes_no_hand_touch_and_is_previewed(): void
    {
        $book = $this->open();
        $this->assertSame([], $this->get($this->url('shelf'))->json('workbooks'));
        $specimen = Workbook::query()->findOrFail($book['specimen']);
        $this->refused($specimen, 'format', ['ranges' => 'A1', 'look' => ['bold' => true]], 'A specimen is there to show');
        $this->refused($specimen, 'edit', ['cells' => [[1, 1, 'x']]], 'A specimen is there to show');
        $tried = $this->postJson($this->url("workbooks/$specimen->id/acts"), [
            'act' => 'format', 'preview' => true, 'sheet' => 1,
            'arguments' => ['ranges' => 'A4', 'scope' => 'here', 'part' => 'heading', 'look' => ['fill' => '#123456']],
            'sight' => ['windows' => [['top' => 4, 'left' => 1, 'bottom' => 4, 'right' => 1]]],
        ])->assertOk();
        $this->assertSame('#123456', array_column($tried->json('sight.windows.0.looks'), 'fill')[0]);
        $this->assertSame([], $this->open()['changes']);
        // Every part and every kind is there to be seen.
        $tables = $this->get($this->url("workbooks/$specimen->id/sheets/1"))->json('tables');
        $parts = array_unique(array_merge(...array_map(fn (array $table) => array_column($table['parts'], 'part'), $tables)));
        $kinds = array_unique(array_merge(...array_map(fn (array $table) => array_column($table['columns'], 'kind'), $tables)));
        $this->assertCount(13, $parts);
        $this->assertCount(14, $kinds);
    }

    public function test_a_new_name_goes_to_the_shelf_with_the_version(): void
    {
        $worn = $this->worn();
        $id = $this->id();
        $book = $this->open();
        $this->set($book, 'call', ['name' => 'Long list', 'about' => '']);
        $this->post($this->url("stylebooks/$id/keep"))->assertUnprocessable()->assertJsonPath('message',
            'The stylebook is wrong at "name": a '
            .'stylebook "Long list" stands on the shelf already. Give it another name.');
        $this->set($book, 'call', ['name' => 'House ledger', 'about' => 'Ours.']);
        $this->post($this->url("stylebooks/$id/keep"))->assertOk()->assertJsonPath('name', 'House ledger');
        $this->assertSame('House ledger', $this->get($this->url("workbooks/{$worn->id}"))->json('sheets.0.wears'));
    }

    public function test_named_looks_and_formats_say_where_they_are_worn_over_all_workbooks(): void
    {
        [$one, $other] = [$this->worn(), $this->worn()];
        $this->act($one, 'keepLook', ['scope' => 'everywhere', 'name' => 'Late', 'ranges' => 'A1']);
        $this->act($one, 'keepNumber', ['scope' => 'everywhere', 'name' => 'Bags', 'code' => '0 "bags"']);
        $this->act($one, 'layNamed', ['ranges' => 'B2:B3', 'name' => 'Late']);
        $this->act($other, 'layNamed', ['ranges' => 'C2', 'name' => 'Late']);
        $this->act($other, 'format', ['ranges' => 'B2', 'look' => ['number' => '0 "bags"']]);
        $kept = $this->get($this->url("stylebooks/{$this->id()}/kept"))->assertOk()->json();
        $this->assertSame([
            ['name' => 'Late', 'where' => ['a, a: 2 cells', 'a, a: 1 cell']],
            ['name' => 'Bags', 'where' => ['a']],
        ], $kept);
        $book = $this->open();
        $this->set($book, 'renameNumber', ['name' => 'Bags', 'to' => 'Sacks']);
        $rules = $this->get($this->url("stylebooks/{$this->id()}/rules?draft=1"))->json();
        $this->assertSame([['key' => 'Sacks', 'words' => 'Sacks', 'says' => '0 "bags"', 'letter' => '']], $rules['numbers']);
        $specimen = Workbook::query()->findOrFail($book['specimen']);
        $this->refused($specimen, 'renameNumber', ['scope' => 'everywhere', 'name' => 'Bags', 'to' => 'x'],
            'there is no such number format');
    }

    public function test_of_many_places_the_first_are_named_and_the_others_counted(): void
    {
        $book = new Spreadsheet;
        for ($number = 1; $number <= 23; $number++) {
            $sheet = $number === 1 ? $book->getActiveSheet() : $book->createSheet();
            $sheet->setTitle("Bed $number")->fromArray([['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Hazel', 5]]);
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'beds');
        (new Xlsx($book))->save($path);
        $workbook = $this->bringIn('Beds.xlsx', (string) file_get_contents($path));
        unlink($path);
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'sheets' => 'all']);
        $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'Late', 'ranges' => 'A1']);
        $this->act($workbook, 'layNamed', ['ranges' => 'A2:B4', 'name' => 'Late', 'sheets' => 'all']);
        $where = $this->get($this->url("stylebooks/{$this->id()}/kept"))->assertOk()->json('0.where');
        $this->assertSame(['Beds, Bed 1: 6 cells', 'Beds, Bed 20: 6 cells', 'and 3 sheets more'], [$where[0], ...array_slice($where, -2)]);
    }

    /** @param  array<string, mixed>  $book */
    private function set(array $book, string $act, array $arguments): void
    {
        $this->act(Workbook::query()->findOrFail($book['specimen']), $act, ['scope' => 'everywhere'] + $arguments);
    }

    /** @return array<string, mixed> */
    private function open(): array
    {
        return $this->post($this->url("stylebooks/{$this->id()}/draft"))->assertOk()->json();
    }

    private function worn(): Workbook
    {
        $book = $this->bringIn('a.csv', "Tree,Count,Worth\nRowan,3,4\nAspen,4,2\nHazel,5,1\nAll,12,7\n");
        $this->act($book, 'dress', ['stylebook' => 'River ledger']);

        return $book;
    }

    private function id(): int
    {
        return StylebookRow::query()->whereNull('draft_of')->where('name', 'River ledger')->firstOrFail()->id;
    }

    private function fill(Workbook $book, int $row, int $column): ?string
    {
        $at = "top=$row&left=$column&bottom=$row&right=$column";
        $window = $this->get($this->url("workbooks/{$book->id}/sheets/1/window?$at"))->assertOk()->json();

        return $window['looks'][$window['cells'][0]['look']]['fill'];
    }
}
