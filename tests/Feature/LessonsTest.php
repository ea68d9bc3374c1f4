<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\LearnReading;
use App\Models\Lesson;
use App\Models\Workbook;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** What is corrected in one workbook is known in the next, is shown, and can be forgotten. */
final class LessonsTest extends TestCase
{
    private const BEDS = "corner,ground,facing\nrowan,clay,north\naspen,loam,north\nhazel,clay,south\nholly,sand,east\n";

    public function test_a_later_file_with_the_same_headings_is_read_as_the_first_was_corrected(): void
    {
        $first = $this->bringIn('Beds in spring.csv', self::BEDS);
        $this->assertNull($this->part($first, 'heading'));
        $this->named($first);
        $this->assertSame(1, Lesson::query()->count());
        $second = $this->bringIn('Beds in autumn.csv', self::BEDS."elder,loam,west\nelm,clay,east\n");
        $table = $this->table($second);
        $this->assertSame('Beds in spring', $table['learned']);
        $this->assertSame('as it was corrected in "Beds in spring"', $table['runs'][0]['why']);
        $this->assertSame(['A1:C1'], $this->part($second, 'heading')['ranges'] ?? null);
        $this->assertNull($table['question']);
        // It is no step of the history, and what it was read from is as it came.
        $this->assertSame([], $this->get($this->url("workbooks/$second->id/history"))->assertOk()->json('entries') ?? []);
        $this->assertNull($this->table($this->bringIn('Other.csv', "corner,ground,soil\na,b,c\nd,e,f\ng,h,i\n"))['learned']);
    }

    public function test_a_sheet_is_read_without_it_and_that_is_undone(): void
    {
        $this->named($this->bringIn('Beds in spring.csv', self::BEDS));
        $second = $this->bringIn('Beds in autumn.csv', self::BEDS);
        $this->act($second, 'forget', []);
        $this->assertNull($this->part($second, 'heading'));
        $this->assertNull($this->table($second)['learned']);
        $this->assertSame(1, Lesson::query()->count(), 'what the first workbook taught stays');
        $this->post($this->url("workbooks/$second->id/undo"), ['revision' => $second->refresh()->revision, 'sheet' => 1])->assertOk();
        $this->assertSame('Beds in spring', $this->table($second)['learned']);
        $this->assertSame(['Beds in spring'], Lesson::query()->pluck('from')->all(), 'it is not taught on as if it came from here');
        $this->postJson($this->url("workbooks/$second->id/acts"), [
            'act' => 'forget', 'revision' => $second->refresh()->revision, 'sheet' => 1, 'arguments' => [],
        ])->assertOk();
        $again = $this->postJson($this->url("workbooks/$second->id/acts"), [
            'act' => 'forget', 'revision' => $second->refresh()->revision, 'sheet' => 1, 'arguments' => [],
        ]);
        $this->assertSame(422, $again->status(), 'there is nothing to forget any more');
    }

    public function test_what_is_undone_is_forgotten_and_what_is_done_again_is_known_again(): void
    {
        $first = $this->bringIn('Beds.csv', self::BEDS);
        $this->named($first);
        $this->post($this->url("workbooks/$first->id/undo"), ['revision' => $first->refresh()->revision, 'sheet' => 1])->assertOk();
        $this->assertSame(0, Lesson::query()->count());
        $this->post($this->url("workbooks/$first->id/redo"), ['revision' => $first->refresh()->revision, 'sheet' => 1])->assertOk();
        $this->assertSame(1, Lesson::query()->count());
    }

    public function test_it_stands_on_the_shelf_and_is_forgotten_there(): void
    {
        $first = $this->bringIn('Beds.csv', self::BEDS);
        $this->named($first);
        $lessons = $this->get($this->url('shelf'))->assertOk()->json('lessons');
        $said = array_map(fn (array $one) => array_slice(array_values($one), 1), $lessons);
        $this->assertSame([['corner, ground, facing', 'Beds', 1]], $said);
        $this->delete($this->url("lessons/{$lessons[0]['id']}"))->assertOk();
        $this->assertSame([], $this->get($this->url('shelf'))->json('lessons'));
        $this->assertNull($this->table($this->bringIn('Beds again.csv', self::BEDS))['learned']);
        $this->assertNotNull($this->part($first, 'heading'), 'the workbook that was corrected stays so');
        $this->delete($this->url("lessons/{$lessons[0]['id']}"))->assertNotFound();
    }

    public function test_the_newest_correction_of_the_same_headings_counts(): void
    {
        $this->named($this->bringIn('Beds.csv', self::BEDS));
        $second = $this->bringIn('Beds of two.csv', self::BEDS);
        $this->act($second, 'correct', ['correction' => ['type' => 'column', 'row' => 3, 'column' => 2, 'kind' => 'code']]);
        $third = $this->table($this->bringIn('Beds of three.csv', self::BEDS));
        $this->assertSame(['Beds of two', 'code'], [$third['learned'], $third['columns'][1]['kind']]);
        $this->assertSame('heading', $third['runs'][0]['part']);
    }

    /** However many tables come, the database is asked once a sheet. */
    public function test_many_tables_cost_one_question(): void
    {
        $this->named($this->bringIn('Beds.csv', self::BEDS));
        $tables = implode("\n,,\n", array_map(fn (int $at) => "Tree $at,Count,Worth\nRowan,$at,4\nAspen,2,6\nHazel,5,7", range(1, 60)));
        $asked = 0;
        DB::listen(function (QueryExecuted $query) use (&$asked) {
            $asked += str_contains($query->sql, 'from "lessons"') ? 1 : 0;
        });
        $workbook = $this->bringIn('Many.csv', "$tables\n");
        $this->assertCount(60, $this->get($this->url("workbooks/$workbook->id/sheets/1"))->json('tables'));
        $this->assertLessThanOrEqual(2, $asked);
    }

    public function test_learning_stands_behind_the_screen_and_a_workbook_that_is_gone_teaches_nothing(): void
    {
        $first = $this->bringIn('Beds.csv', self::BEDS);
        Queue::fake([LearnReading::class]);
        $this->named($first);
        Queue::assertPushedOn('small', LearnReading::class);
        $job = new LearnReading($first->id, 1);
        $this->delete($this->url("workbooks/$first->id"))->assertOk();
        app()->call([$job, 'handle']);
        $this->assertSame(0, Lesson::query()->count());
    }

    private function named(Workbook $workbook): void
    {
        $this->act($workbook, 'correct', [
            'correction' => ['type' => 'rows', 'row' => 1, 'column' => 1, 'first' => 1, 'last' => 1, 'part' => 'heading'],
        ]);
    }

    /** @return array<string, mixed> */
    private function table(Workbook $workbook): array
    {
        return $this->get($this->url("workbooks/$workbook->id/sheets/1"))->assertOk()->json('tables.0');
    }

    /** @return array<string, mixed>|null */
    private function part(Workbook $workbook, string $part): ?array
    {
        return array_column($this->table($workbook)['parts'], null, 'part')[$part] ?? null;
    }
}
