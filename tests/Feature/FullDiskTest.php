<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\RunTestsInSeparateProcesses;
use Tests\TestCase;

/** A disk that is full is said in words, and nothing is half there. SQLite says the same of a database that may not grow. */
#[RunTestsInSeparateProcesses]
#[Group('sqlite')]
final class FullDiskTest extends TestCase
{
    /** A full disk ends every transaction, also the one that tests are usually wrapped in. */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    public function test_bringing_in_and_acting_say_so_and_leave_everything_as_it_was(): void
    {
        $workbook = $this->bringIn('t.csv', "a,b\n1,2\n");
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        try {
            $noise = implode("\n", array_map(fn (int $row) => "$row,".bin2hex(random_bytes(200)), range(1, 3_000)));
            $import = $this->drop('large.csv', "a,b\n$noise\n")->json();
            $said =
                isset($import['id']) && $import['status'] === 'proposed'
                    ? $this->call('POST', $this->url("imports/{$import['id']}/keep"))->json('message')
                    : $import['message'];
            $this->assertStringContainsString('disk of the server is full', (string) $said);
            $cells = array_map(fn (int $row) => [$row, 3, bin2hex(random_bytes(300))], range(1, 400));
            $this->postJson($this->url("workbooks/{$workbook->id}/acts"), [
                'act' => 'edit',
                'revision' => 1,
                'sheet' => 1,
                'arguments' => ['cells' => $cells],
            ])
                ->assertUnprocessable()
                ->assertJsonPath('message', fn (string $words) => str_contains($words, 'disk of the server is full'));
        } finally {
            DB::statement('PRAGMA max_page_count = 1073741823');
        }
        $this->assertSame(1, $workbook->refresh()->revision);
        $this->assertSame(1, Workbook::query()->where('revision', '>', 0)->count());
        $this->act($workbook, 'edit', ['cells' => [[2, 1, '5']]]);
    }
}
