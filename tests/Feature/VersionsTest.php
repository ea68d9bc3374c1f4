<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Bench;
use App\Bench\Versions;
use App\Jobs\SettleSizes;
use App\Models\Handover;
use App\Models\Sheet;
use App\Models\Stylebook as StylebookRow;
use App\Models\StylebookVersion;
use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Tests\TestCase;

/** Sheets wear stylebooks by reference: they follow the newest version, or hold one. */
final class VersionsTest extends TestCase
{
    private const TABLE = "Tree,Count,Worth\nRowan,3,4\nAspen,4,2\nHazel,5,1\nAll,12,7\n";

    public function test_a_version_more_is_one_row_and_true_in_every_workbook(): void
    {
        $books = array_map(fn (int $number) => $this->dressed("$number.csv"), range(1, 6));
        $before = [DB::table('changes')->count(), DB::table('documents')->sum(DB::raw('length(data)'))];
        $stamp = $this->get($this->url("workbooks/{$books[3]->id}"))->json('stamp');
        $this->fill($books[0], '#224466');
        $this->assertSame([$before[0] + 1, $before[1]], [DB::table('changes')->count(),
            DB::table('documents')->sum(DB::raw('length(data)'))]);
        foreach ($books as $book) {
            $this->assertSame('#224466', $this->heading($book));
        }
        $this->assertNotSame($stamp, $this->get($this->url("workbooks/{$books[3]->id}"))->json('stamp'),
            'other windows see that they are old');
        $this->assertSame(1, $books[3]->refresh()->revision - 1, 'no step of the other workbooks');
        $this->undo($books[0]);
        $this->assertNotSame('#224466', $this->heading($books[5]));
    }

    public function test_the_document_of_a_sheet_names_its_stylebook_and_carries_none(): void
    {
        $book = $this->dressed('a.csv');
        $id = Versions::named('River ledger')->id;
        $document = DB::table('documents')->where('name', 'dress')->value('data');
        $this->assertSame(['stylebook' => $id, 'held' => null, 'clean' => false], json_decode((string) $document, true));
        $this->assertSame($id, Sheet::query()->where('workbook_id', $book->id)->value('stylebook_id'));
    }

    public function test_a_sheet_holds_a_version_and_follows_again(): void
    {
        [$one, $other] = [$this->dressed('a.csv'), $this->dressed('b.csv')];
        $this->fill($one, '#224466');
        $this->act($other, 'dress', ['stylebook' => 'River ledger', 'version' => 1]);
        $this->assertSame('#3F2F55', $this->heading($other));
        $this->fill($one, '#446622');
        $this->assertSame('#3F2F55', $this->heading($other), 'who holds a version keeps it');
        $this->refused(
            $other, 'format', ['scope' => 'everywhere', 'part' => 'heading', 'look' => ['fill' => '#111111']], 'holds version 1',
        );
        $list = $this->get($this->url('stylebooks/'.$this->id()))->assertOk()->json();
        $this->assertSame([3, 2, 1], array_column($list['versions'], 'number'));
        $this->assertSame([0, 0, 1], array_column($list['versions'], 'held'));
        $this->assertEqualsCanonicalizing([null, 1], array_column($list['worn'], 'holds'));
        $this->act($other, 'dress', ['stylebook' => 'River ledger']);
        $this->assertSame('#446622', $this->heading($other));
        $this->undo($other);
        $this->assertSame('#3F2F55', $this->heading($other));
    }

    public function test_a_step_back_keeps_what_somebody_else_changed_since(): void
    {
        [$one, $other] = [$this->dressed('a.csv'), $this->dressed('b.csv')];
        $this->fill($one, '#224466');
        $this->act($other, 'format', ['scope' => 'everywhere', 'part' => 'title', 'look' => ['bold' => false]]);
        $this->undo($one);
        [$now] = Versions::of($this->id());
        $this->assertSame('@band', $now->toArray()['parts']['heading']['fill'], 'the step is taken back');
        $this->assertFalse($now->toArray()['parts']['title']['bold'], 'what the other one did stays');
        $this->undo($other);
        [$now] = Versions::of($this->id());
        $this->assertTrue($now->toArray()['parts']['title']['bold']);
        $this->postJson($this->url("workbooks/{$one->id}/redo"), ['revision' => $one->refresh()->revision, 'sheet' => 1])->assertOk();
        $this->assertSame('#224466', $this->heading($other));
        // Nothing is written over: every version that was kept is there.
        $this->assertSame(range(1, StylebookVersion::query()->where('stylebook_id', $this->id())->count()), StylebookVersion::query()
            ->where('stylebook_id', $this->id())->orderBy('number')->pluck('number')->all());
    }

    public function test_versions_are_compared_and_gone_back_to(): void
    {
        $book = $this->dressed('a.csv');
        $this->fill($book, '#224466');
        $this->act($book, 'format', ['scope' => 'everywhere', 'part' => 'title', 'look' => ['size' => 22]]);
        $differences = $this->get($this->url("stylebooks/{$this->id()}/compare?from=1&to=3"))->assertOk()->json();
        $this->assertEqualsCanonicalizing(
            [
                ['words' => 'Title, size', 'before' => '18', 'after' => '22'],
                ['words' => 'Column headings, fill', 'before' => '@band', 'after' => '#224466'],
            ],
            $differences,
        );
        $back = $this->postJson($this->url("stylebooks/{$this->id()}/back"), ['version' => 1])->assertOk()->json();
        $this->assertSame([4, 'Back to version 1'], [$back['version'], $back['versions'][0]['words']]);
        $this->assertSame('#3F2F55', $this->heading($book));
        $this->postJson($this->url("stylebooks/{$this->id()}/back"), ['version' => 1])->assertUnprocessable();
    }

    public function test_sizes_settle_when_a_sheet_is_opened_or_behind_the_screen(): void
    {
        [$one, $opened, $behind, $held] = array_map(fn (string $name) => $this->dressed("$name.csv"), ['a', 'b', 'c', 'd']);
        $this->act($held, 'dress', ['stylebook' => 'River ledger', 'version' => 1]);
        $was = $this->widths($opened);
        config(['queue.default' => 'null']);
        $this->act($one, 'scale', ['scope' => 'everywhere', 'size' => 22]);
        $this->assertSame(2, SettleSizes::waiting($this->id())->count());
        $this->assertSame($was, $this->stored($opened), 'nobody has opened it yet');
        $revision = $opened->refresh()->revision;
        $now = $this->widths($opened);
        $this->assertGreaterThan($was[0], $now[0]);
        $this->assertSame($now, $this->stored($opened), 'what is seen is kept');
        $this->assertSame($revision, $opened->refresh()->revision, 'it is no step that somebody took');
        (new SettleSizes($this->id()))->handle(app(Bench::class));
        $this->assertSame(0, SettleSizes::waiting($this->id())->count());
        $this->assertSame($this->stored($opened), $this->stored($behind));
        $this->assertSame($was, $this->stored($held));
        $this->undo($one);
        (new SettleSizes($this->id()))->handle(app(Bench::class));
        $this->assertSame($was, $this->stored($opened));
    }

    public function test_a_hand_over_keeps_the_versions_that_it_wore(): void
    {
        $book = $this->dressed('a.csv');
        $this->fill($book, '#224466');
        $this->written($book);
        $this->fill($book, '#446622');
        $handover = Handover::query()->firstOrFail();
        $this->get($this->url("handovers/$handover->id"))->assertOk()->assertJsonPath('wore', ['River ledger, version 2']);
    }

    public function test_a_version_that_is_gone_is_said(): void
    {
        $book = $this->dressed('a.csv');
        $this->refused($book, 'dress', ['stylebook' => 'River ledger', 'version' => 9],
            'Version 9 of this stylebook is not kept any more.');
        $this->refused($book, 'dress', ['stylebook' => 'River ledger', 'version' => 'x'], 'whole number');
        $this->get($this->url("stylebooks/{$this->id()}/rules?version=7"))->assertUnprocessable();
        $this->get($this->url("stylebooks/{$this->id()}/json?version=7"))->assertUnprocessable();
        $this->get($this->url("stylebooks/{$this->id()}/compare?from=1&to=2"))->assertUnprocessable();
        $this->get($this->url('stylebooks/999'))->assertNotFound();
        StylebookVersion::query()->delete();
        $this->get($this->url("workbooks/{$book->id}/sheets/1"))->assertUnprocessable()
            ->assertJsonPath('message', 'Version 0 of this stylebook is not kept any more.');
    }

    public function test_a_stylebook_in_use_stays_on_the_shelf_and_a_name_is_taken_once(): void
    {
        $book = $this->dressed('a.csv');
        $this->deleteJson($this->url("stylebooks/{$this->id()}"))->assertUnprocessable();
        $made = $this->postJson($this->url('stylebooks/begin'), ['from' => $this->id(), 'name' => ''])->assertCreated()->json();
        $this->assertSame('Like River ledger', $made['name']);
        $this->postJson($this->url('stylebooks/begin'), ['from' => null, 'name' => 'river LEDGER'])->assertUnprocessable();
        $this->postJson($this->url('stylebooks/begin'), ['from' => 999])->assertNotFound();
        $this->deleteJson($this->url("stylebooks/{$made['id']}"))->assertOk();
        $this->assertSame(1, $book->refresh()->sheets()->count());
        $this->assertSame('Like River ledger', $this->postJson($this->url('stylebooks/begin'), ['from' => $this->id()])->json('name'));
        $blank = $this->postJson($this->url('stylebooks/begin'), ['from' => null])->assertCreated()->json();
        $this->assertSame('New stylebook', $blank['name']);
        $this->act($book, 'dress', ['stylebook' => 'New stylebook']);
        $rules = $this->get($this->url("stylebooks/{$blank['id']}/rules"))->assertOk()->json();
        $this->assertSame([], array_filter($rules['pairs'], fn (array $pair) => ! $pair['passes']));
    }

    /** Names are compared whole and without regard to capitals, wherever one is given. */
    public function test_a_name_is_taken_by_its_letters_and_a_long_one_is_not_cut(): void
    {
        $long = str_repeat('a long name ', 5);
        $begin = fn (string $name) => $this->postJson($this->url('stylebooks/begin'), ['from' => null, 'name' => $name]);
        $begin(trim($long))->assertCreated()->assertJsonPath('name', trim($long));
        $begin(mb_strtoupper(trim($long)))->assertUnprocessable();
        $begin('WEATHER book')->assertUnprocessable();
        $id = $begin('Ours')->assertCreated()->json('id');
        $draft = Workbook::query()->findOrFail($this->post($this->url("stylebooks/$id/draft"))->json('specimen'));
        $this->act($draft, 'call', ['scope' => 'everywhere', 'name' => 'weather BOOK', 'about' => '']);
        $this->post($this->url("stylebooks/$id/keep"))->assertUnprocessable();
        $this->undo($draft);
        $this->act($draft, 'call', ['scope' => 'everywhere', 'name' => 'OURS', 'about' => '']);
        $this->post($this->url("stylebooks/$id/keep"))->assertOk()->assertJsonPath('name', 'OURS');
    }

    /** Where two begin one of the same name in the same moment, the second is told: it does not get what the first one made. */
    public function test_whoever_comes_second_with_a_name_is_told(): void
    {
        Versions::begin(Stylebook::of(['name' => 'Twice', 'about' => 'of the first']), 'x');
        try {
            Versions::begin(Stylebook::of(['name' => 'Twice', 'about' => 'of the second']), 'x');
            $this->fail('the second one got the first one’s');
        } catch (StylebookIsWrong $taken) {
            $this->assertStringContainsString('stands on the shelf already', $taken->getMessage());
        }
        // One that comes with Rilvet is the same, whoever puts it there.
        $this->assertSame(Versions::named('plain RULE')->id, Versions::named('Plain rule')->id);
    }

    public function test_a_sheet_that_cannot_be_fitted_does_not_keep_the_others_waiting(): void
    {
        [$one, $broken, $behind] = array_map(fn (string $name) => $this->dressed("$name.csv"), ['a', 'b', 'c']);
        config(['queue.default' => 'null']);
        $this->act($one, 'scale', ['scope' => 'everywhere', 'size' => 22]);
        DB::table('documents')->where('name', 'fitted')
            ->where('sheet_id', Sheet::query()->where('workbook_id', $broken->id)->value('id'))->update(['data' => '{"no": 1']);
        Exceptions::fake();
        (new SettleSizes($this->id()))->handle(app(Bench::class));
        $this->assertSame(1, SettleSizes::waiting($this->id())->count());
        $this->assertSame($this->stored($one), $this->stored($behind));
        Exceptions::assertReportedCount(1);
    }

    public function test_a_step_back_into_a_stylebook_that_was_taken_off_the_shelf_still_wears_it(): void
    {
        $book = $this->bringIn('a.csv', self::TABLE);
        $made = $this->postJson($this->url('stylebooks/begin'), ['from' => null, 'name' => 'Short lived'])->assertCreated()->json();
        $this->act($book, 'dress', ['stylebook' => 'Short lived']);
        $this->act($book, 'dress', ['stylebook' => 'River ledger']);
        $this->deleteJson($this->url("stylebooks/{$made['id']}"))->assertOk();
        $this->assertNotContains('Short lived', array_column($this->get($this->url('shelf'))->json('stylebooks'), 'name'));
        $this->undo($book);
        $this->get($this->url("workbooks/{$book->id}/sheets/1"))->assertOk();
        $this->assertStringStartsWith('Short lived, taken off',
            (string) $this->get($this->url("workbooks/{$book->id}"))->json('sheets.0.wears'));
        $this->refused($book, 'dress', ['stylebook' => 'Short lived'], 'There is no stylebook');
        $this->postJson($this->url('stylebooks/begin'), ['from' => null, 'name' => 'Short lived'])->assertCreated();
    }

    private function dressed(string $name): Workbook
    {
        $book = $this->bringIn($name, self::TABLE);
        $this->act($book, 'dress', ['stylebook' => 'River ledger']);

        return $book;
    }

    private function fill(Workbook $book, string $fill): void
    {
        $this->act($book, 'format', ['scope' => 'everywhere', 'part' => 'heading', 'look' => ['fill' => $fill]]);
    }

    private function id(): int
    {
        return StylebookRow::query()->where('name', 'River ledger')->firstOrFail()->id;
    }

    private function heading(Workbook $book): ?string
    {
        $window = $this->get($this->url("workbooks/{$book->id}/sheets/1/window?top=1&left=1&bottom=1&right=1"))->assertOk()->json();

        return $window['looks'][$window['cells'][0]['look']]['fill'];
    }

    /** @return list<int> */
    private function widths(Workbook $book): array
    {
        return array_slice($this->get($this->url("workbooks/{$book->id}/sheets/1"))->assertOk()->json('widths'), 0, 3);
    }

    /** @return list<int> */
    private function stored(Workbook $book): array
    {
        $id = Sheet::query()->where('workbook_id', $book->id)->value('id');

        $fitted = json_decode((string) DB::table('documents')->where('sheet_id', $id)->where('name', 'fitted')->value('data'), true);

        return array_values($fitted['widths']);
    }
}
