<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\Nursery;
use App\Models\Stylebook;
use App\Models\Workbook;
use Illuminate\Testing\TestResponse;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use Rilvet\Stylebook\Builtin;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A stylebook is learned from a workbook on the Bench, stands on the shelf, and dresses others. */
final class LearnTest extends TestCase
{
    public function test_a_design_becomes_a_stylebook_that_dresses_others(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'site');
        (new Xlsx((new Nursery)->site()))->save($path);
        $site = $this->bringIn('Hollin Lane.xlsx', (string) file_get_contents($path));
        unlink($path);
        $this->assertStringContainsString('fills on', (string) $this->get($this->url("workbooks/$site->id/sheets/1"))->json('design'));
        $shown = $this->learn([$site], [1])->assertOk();
        $rules = array_column($shown->json('rules'), null, 'where');
        $this->assertGreaterThan(10, count($rules));
        $this->assertMatchesRegularExpression('/^\d+ of \d+ cells on 1 sheet$/', $rules['parts.heading.fill']['evidence']);
        $this->assertSame('Column headings, fill', $rules['parts.heading.fill']['words']);
        $this->assertNull($shown->json('id'), 'nothing is kept yet');
        $this->assertNotContains('Looks of Hollin Lane', array_column($this->get($this->url('shelf'))->json('stylebooks'), 'name'));
        // A rule that is refused is none.
        $learned = $this->learn([$site], [1], ['without' => ['parts.title.size'], 'keep' => true])->assertCreated();
        $this->assertSame('Looks of Hollin Lane', $learned->json('name'));
        $this->assertCount(count($rules) - 1, $learned->json('rules'));
        $strays = $this->postJson($this->url("stylebooks/{$learned->json('id')}/strays"), ['from' => [['workbook' => $site->id,
            'sheets' => [1]]]])
            ->assertOk()->json('strays');
        $title = array_values(array_filter($strays, fn (array $stray) => $stray['words'] === 'Title, size: 1 cell'));
        $this->assertSame(['A1'], $title[0]['places'], 'what no rule says any more does not follow');
        $names = array_column($this->get($this->url('shelf'))->json('stylebooks'), 'name');
        $this->assertContains('Looks of Hollin Lane', $names);
        $other = $this->bringIn('other.csv', "Tree,Count\nRowan,3\nAspen,4\nHazel,5\nElm,7\nOak,8\n");
        $this->act($other, 'dress', ['stylebook' => 'Looks of Hollin Lane', 'clean' => false]);
        $heading = $this->get($this->url("workbooks/$other->id/sheets/1/inspection?row=1&column=1&ranges=A1"))->assertOk();
        $this->assertStringContainsString('Looks of Hollin Lane', $heading->content() ?: '');
        // The same again stands beside it under a name of its own.
        $again = $this->learn([$site], 'all', ['keep' => true])->assertCreated();
        $this->assertSame('Looks of Hollin Lane 2', $again->json('name'));
        $this->assertSame(1, $site->refresh()->revision, 'nothing of the workbook changes');
    }

    public function test_what_there_is_nothing_to_learn_from_is_said(): void
    {
        $plain = $this->bringIn('plain.csv', "Tree,Count\nRowan,3\nAspen,4\nHazel,5\n");
        $this->assertNull($this->get($this->url("workbooks/$plain->id/sheets/1"))->json('design'));
        $this->learn([$plain], [1])->assertUnprocessable()
            ->assertJsonPath('message', 'There is nothing to learn from in this workbook: no table was read whose cells wear a look.');
        foreach ([null, [], 'some', [0], [7], ['1'], [[1]], 1] as $sheets) {
            $status = $this->learn([$plain], $sheets)->status();
            $this->assertContains($status, [404, 422], (string) json_encode($sheets));
        }
        foreach ([null, [], 'all', [1], [['workbook' => 'x']], array_fill(0, 51, ['workbook' => $plain->id, 'sheets' => 'all'])] as $from) {
            $this->postJson($this->url('stylebooks/learn'), ['from' => $from])->assertUnprocessable();
        }
        foreach (['x', [1], [['a']], array_fill(0, 2_001, 'x')] as $without) {
            $this->learn([$plain], [1], ['without' => $without])->assertUnprocessable();
        }
        $this->postJson($this->url('stylebooks/learn'), ['from' => [['workbook' => 999, 'sheets' => [1]]]])->assertNotFound();
        $this->assertSame(count(Builtin::all()), Stylebook::query()->count(), 'none but those that come with Rilvet');
    }

    public function test_several_workbooks_have_a_voice_and_a_name_is_taken_once(): void
    {
        $fills = fn (string $fill) => (new Xlsx($this->list($fill)));
        $books = [];
        foreach (['#224466', '#224466', '#884422'] as $number => $fill) {
            $path = (string) tempnam(sys_get_temp_dir(), 'list');
            $fills($fill)->save($path);
            $books[] = $this->bringIn("list $number.xlsx", (string) file_get_contents($path));
            unlink($path);
        }
        $rules = array_column($this->learn($books, 'all')->assertOk()->json('rules'), null, 'where');
        $this->assertSame(['#224466', '4 of 6 cells on 3 sheets'], [$rules['parts.heading.fill']['value'],
            $rules['parts.heading.fill']['evidence']]);
        $this->learn($books, 'all', ['name' => 'River ledger', 'keep' => true])->assertUnprocessable();
        $made = $this->learn($books, 'all', ['name' => 'House list', 'keep' => true])->assertCreated()->json();
        $words = $this->get($this->url("stylebooks/{$made['id']}"))->json('versions.0.words');
        $this->assertSame('Learned from list 0 and 2 more', $words);
        $strays = $this->postJson($this->url("stylebooks/{$made['id']}/strays"), [
            'from' => array_map(fn ($book) => ['workbook' => $book->id, 'sheets' => 'all'], $books),
        ])->assertOk()->json('strays');
        $this->assertSame(['Column headings, fill: 2 cells'], array_column($strays, 'words'));
        // Brought in line in one act, which is undone as one.
        $this->act($books[2], 'dress', ['stylebook' => 'House list', 'clean' => true, 'sheets' => 'all']);
        $this->assertSame([], $this->postJson($this->url("stylebooks/{$made['id']}/strays"), [
            'from' => [['workbook' => $books[2]->id, 'sheets' => 'all']],
        ])->json('strays'));
    }

    public function test_how_far_it_is_can_be_asked_and_a_large_sheet_is_named(): void
    {
        $rows = implode('', array_map(fn (int $row) => "Rowan $row,$row\n", range(1, 31_000)));
        $large = $this->bringIn('large.csv', "Tree,Count\n$rows");
        $this->act($large, 'dress', ['stylebook' => 'River ledger', 'clean' => false]);
        $asked = ['from' => [['workbook' => $large->id, 'sheets' => 'all']], 'watch' => 'a-name-of-its-own'];
        $this->assertSame(0.0, (float) $this->get($this->url('stylebooks/learning/a-name-of-its-own'))->assertOk()->json('done'));
        $id = Stylebook::query()->where('name', 'Plain rule')->firstOrFail()->id;
        $strays = $this->postJson($this->url("stylebooks/$id/strays"), $asked)->assertOk();
        $this->assertSame(['large'], $strays->json('cut'), 'of 62,002 cells 60,000 are looked at');
        $cells = array_column($strays->json('strays'), 'cells');
        $this->assertSame($cells, array_reverse(collect($cells)->sort()->values()->all()), 'the most cells first');
        $this->assertSame(1.0, (float) $this->get($this->url('stylebooks/learning/a-name-of-its-own'))->json('done'));
        foreach (['short', str_repeat('a', 65), 'with a blank', 7, ['x']] as $watch) {
            $this->postJson($this->url("stylebooks/$id/strays"), ['watch' => $watch] + $asked)->assertUnprocessable();
        }
    }

    private function list(string $fill): Spreadsheet
    {
        $book = new Spreadsheet;
        $book->getActiveSheet()->fromArray([['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Hazel', 5], ['Elm', 7]]);
        $style = $book->getActiveSheet()->getStyle('A1:B1');
        $style->getFill()->setFillType('solid')->getStartColor()->setRGB(substr($fill, 1));
        $style->getFont()->setBold(true)->getColor()->setRGB('FFFFFF');

        return $book;
    }

    /**
     * @param  list<Workbook>  $books
     * @param  array<string, mixed>  $more
     * @return TestResponse<Response>
     */
    private function learn(array $books, mixed $sheets, array $more = []): TestResponse
    {
        $from = array_map(fn (Workbook $book) => ['workbook' => $book->id, 'sheets' => $sheets], $books);

        return $this->postJson($this->url('stylebooks/learn'), ['from' => $from] + $more);
    }
}
