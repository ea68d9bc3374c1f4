<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Bench;
use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Rilvet\Act\ReviseOwn;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Look\Look;
use Rilvet\Stylebook\Stylebook;
use Tests\TestCase;

/**
 * Named looks and named colours of a workbook itself: no stylebook is needed for them, and one that comes later does not take them
 * away.
 */
final class OwnLooksTest extends TestCase
{
    public function test_a_look_is_kept_laid_changed_renamed_and_deleted_on_sheets_without_a_stylebook(): void
    {
        $workbook = $this->twoSheets();
        $this->act($workbook, 'format', ['ranges' => 'A1', 'look' => ['fill' => '#FFE08A', 'bold' => true]]);
        $said = $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'To check', 'ranges' => 'A1']);
        $this->assertSame('Look "To check" kept, in this workbook', $said->json('words'));
        $this->act($workbook, 'layNamed', ['ranges' => 'B2:B3', 'name' => 'To check', 'sheets' => [1, 2]]);
        $this->assertSame(
            ['#FFE08A', '#FFE08A', null],
            [$this->fill($workbook, 1, 'B3'), $this->fill($workbook, 2, 'B3'), $this->fill($workbook, 2, 'B4')],
        );
        $this->refused($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'To check', 'ranges' => 'A1'], 'Choose another name');
        $this->refused($workbook, 'layNamed', ['ranges' => 'B2', 'name' => 'No such'], 'no look named "No such"');

        $before = $this->state($workbook);
        $this->act($workbook, 'format', ['ranges' => 'A1', 'look' => ['fill' => '#88DD88', 'size' => 24]]);
        $seen = $this->seen($workbook, 2);
        $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'To check', 'replace' => true, 'ranges' => 'A1']);
        $this->assertSame(['#88DD88', '#88DD88'], [$this->fill($workbook, 1, 'B3'), $this->fill($workbook, 2, 'B3')], 'wearers follow');
        $this->assertGreaterThan($seen, $this->seen($workbook, 2), 'the other sheet has to be painted again');
        $heights = $this->get($this->url("workbooks/{$workbook->id}/sheets/2"))->json('heights');
        $this->assertSame([2, 3], [$heights[0][0], $heights[0][1]], 'rows that nobody sized grow with the look that they wear');

        $this->act($workbook, 'renameLook', ['scope' => 'everywhere', 'name' => 'To check', 'to' => 'Ask the grower']);
        $looks = $this->get($this->url("workbooks/{$workbook->id}/sheets/2/looks"))->assertOk()->json();
        $this->assertSame(
            [['Ask the grower', true, [1, 2]]],
            array_map(fn (array $look) => [$look['name'], $look['own'], array_column($look['worn'], 'sheet')], $looks),
        );
        $this->assertSame('#88DD88', $this->fill($workbook, 2, 'B3'));

        $this->act($workbook, 'dropLook', ['scope' => 'everywhere', 'name' => 'Ask the grower', 'keep' => true]);
        $this->assertSame('#88DD88', $this->fill($workbook, 2, 'B3'), 'stays as it looks, by hand');
        foreach (range(1, 4) as $step) {
            $this->undo($workbook);
        }
        $this->assertSame($before, $this->state($workbook), 'and back, to the byte');
    }

    public function test_it_stays_when_a_stylebook_comes_and_gives_way_to_one_of_the_same_name(): void
    {
        $workbook = $this->twoSheets();
        $this->act($workbook, 'format', ['ranges' => 'A1', 'look' => ['fill' => '#FFE08A']]);
        $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'Mark', 'ranges' => 'A1']);
        $this->act($workbook, 'layNamed', ['ranges' => 'B2', 'name' => 'Mark', 'sheets' => [1, 2]]);
        $this->act($workbook, 'dress', ['stylebook' => 'Plain rule']);
        $this->assertSame('#FFE08A', $this->fill($workbook, 1, 'B2'));
        $this->act($workbook, 'format', ['ranges' => 'A1', 'look' => ['fill' => '#AABBFF']]);
        $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'Mark', 'replace' => true, 'ranges' => 'A1']);
        $this->assertSame(
            ['#AABBFF', '#AABBFF'],
            [$this->fill($workbook, 1, 'B2'), $this->fill($workbook, 2, 'B2')],
            'changed where it is held: in the workbook',
        );
        $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'Another', 'ranges' => 'A1']);
        $held = array_column($this->get($this->url("workbooks/{$workbook->id}/sheets/1/looks"))->json(), 'own', 'name');
        $this->assertSame(['Another' => false, 'Mark' => true], $held, 'a new one of a dressed sheet joins its stylebook');
    }

    public function test_what_wears_nothing_of_it_is_not_touched(): void
    {
        $workbook = $this->twoSheets();
        $this->act($workbook, 'dress', ['stylebook' => 'Plain rule']);
        $this->act($workbook, 'layNamed', ['ranges' => 'B2', 'name' => '', 'sheets' => [1, 2]]);
        foreach (['First' => '#FFE08A', 'Second' => '#88DD88'] as $name => $fill) {
            $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
                'act' => 'format',
                'revision' => $workbook->refresh()->revision,
                'sheet' => 2,
                'arguments' => ['ranges' => 'D9', 'look' => ['fill' => $fill]],
            ])->assertOk();
            $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
                'act' => 'keepLook',
                'revision' => $workbook->refresh()->revision,
                'sheet' => 2,
                'arguments' => ['scope' => 'everywhere', 'name' => $name, 'ranges' => 'D9'],
            ])->assertOk();
        }
        $this->act($workbook, 'layNamed', ['ranges' => 'B3', 'name' => 'Second', 'sheets' => [2]]);
        $book = app(Bench::class)->whole($workbook->refresh());
        $again = fn (string $name) => new ReviseOwn(
            fn (Stylebook $own) => new ReviseStylebook($own->naming($name, Look::of(['bold' => true])), 'Look', false),
            'Look',
            [1, 2],
        );
        // The second sheet wears the second look alone; the dressed one wears none.
        $after = $again('First')->on($book);
        $this->assertSame([$book->sheet(1), $book->sheet(2)], [$after->sheet(1), $after->sheet(2)]);
        $after = $again('Second')->on($book);
        $this->assertSame($book->sheet(1), $after->sheet(1));
        $this->assertNotSame($book->sheet(2), $after->sheet(2));
        $before = $this->documents();
        $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
            'act' => 'colour',
            'revision' => $workbook->refresh()->revision,
            'sheet' => 2,
            'arguments' => ['scope' => 'everywhere', 'name' => 'Bark', 'hex' => '#5A4632'],
        ])->assertOk();
        $this->assertSame($before, $this->documents());
    }

    public function test_the_file_says_its_name(): void
    {
        $workbook = $this->twoSheets();
        $this->act($workbook, 'format', ['ranges' => 'A1', 'look' => ['fill' => '#FFE08A']]);
        $this->act($workbook, 'keepLook', ['scope' => 'everywhere', 'name' => 'To check', 'ranges' => 'A1']);
        $this->act($workbook, 'layNamed', ['ranges' => 'B2', 'name' => 'To check']);
        $this->assertStringContainsString('<cellStyle name="To check"', $this->written($workbook)['xl/styles.xml']);
        $path = tempnam(sys_get_temp_dir(), 'own');
        $handover = $this->postJson($this->url("workbooks/{$workbook->id}/handovers"), ['format' => 'xlsx', 'sheet' => 1])->json('id');
        copy(storage_path("app/handovers/$handover.xlsx"), (string) $path);
        $this->assertSame('FFE08A', IOFactory::load((string) $path)->getSheet(0)->getStyle('B2')->getFill()->getStartColor()->getRGB());
    }

    public function test_named_colours_are_at_hand_in_this_workbook_and_in_others(): void
    {
        $workbook = $this->twoSheets();
        $this->act($workbook, 'colour', ['scope' => 'everywhere', 'name' => 'Bark', 'hex' => '#5A4632']);
        $this->refused($workbook, 'colour', ['scope' => 'everywhere', 'name' => 'Wrong', 'hex' => 'brownish'], 'olour');
        $other = $this->bringIn('other.csv', "Name,Count\nFern,1\nMoss,2\n");
        $this->assertSame(['Bark'], $this->group($workbook, 'Named in this workbook'));
        $this->assertSame([], $this->group($workbook, 'Named in other workbooks'));
        $this->assertSame(['Bark'], $this->group($other, 'Named in other workbooks'));
        $this->assertCount(13, $this->group($other, 'To begin with'));
        $this->act($workbook, 'dress', ['stylebook' => 'Plain rule']);
        $this->assertSame(['Bark'], $this->group($workbook, 'Named in this workbook'));
        $this->assertSame([], $this->group($workbook, 'To begin with'));
        $this->act($workbook, 'dropColour', ['scope' => 'everywhere', 'name' => 'Bark']);
        $this->assertSame([], $this->group($other, 'Named in other workbooks'));
        $this->undo($workbook);
        $this->assertSame(['Bark'], $this->group($other, 'Named in other workbooks'));
    }

    private function twoSheets(): Workbook
    {
        $book = new Spreadsheet;
        foreach (['North', 'South'] as $index => $name) {
            $sheet = $index === 0 ? $book->getActiveSheet() : $book->createSheet();
            $sheet->setTitle($name)->fromArray([['Species', 'Count'], ['Rowan', 5], ['Aspen', 7], ['Birch', 9], ['Alder', 4]]);
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'own');
        (new Xlsx($book))->save($path);

        return $this->bringIn('Beds.xlsx', (string) file_get_contents($path));
    }

    private function fill(Workbook $workbook, int $sheet, string $address): ?string
    {
        $column = ord($address[0]) - 64;
        $row = (int) substr($address, 1);
        $attributes = $this->get($this->url("workbooks/{$workbook->id}/sheets/$sheet/inspection?ranges=$address&row=$row&column=$column"))
            ->assertOk()
            ->json('inspection.attributes');
        $value = array_column($attributes, 'value', 'name')['fill'];

        return $value === 'none' ? null : $value;
    }

    /** @return list<string> names of the colours that come from one place */
    private function group(Workbook $workbook, string $from): array
    {
        $groups = $this->get($this->url("workbooks/{$workbook->id}/sheets/1/inspection?ranges=A1&row=1&column=1"))
            ->assertOk()
            ->json('palette.groups');

        return array_column(array_column($groups, 'swatches', 'from')[$from] ?? [], 'name');
    }

    private function seen(Workbook $workbook, int $sheet): int
    {
        return (int) $workbook->sheets()->where('number', $sheet)->value('seen_revision');
    }

    private function state(Workbook $workbook): string
    {
        return $this->documents().$workbook->refresh()->own;
    }

    private function documents(): string
    {
        return DB::table('documents')->orderBy('sheet_id')->orderBy('name')->get()->toJson();
    }
}
