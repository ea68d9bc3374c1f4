<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Bench;
use App\Models\Stylebook as StylebookRow;
use App\Models\StylebookVersion;
use App\Models\Workbook;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Setup;
use Tests\TestCase;

/** A database from before versions were kept comes along: nothing looks otherwise, and what was done can be undone. */
final class MigrationTest extends TestCase
{
    private string $usual;

    private const LAST = '2026_11_28_000000_wear_stylebooks_by_version.php';

    protected function setUp(): void
    {
        parent::setUp();
        $file = sys_get_temp_dir().'/rilvet-old-'.getmypid().'.sqlite';
        @unlink($file);
        touch($file);
        config(['database.connections.old' => ['driver' => 'sqlite', 'database' => $file, 'prefix' => '',
            'foreign_key_constraints' => true]]);
        $before = array_filter(
            glob(database_path('migrations/*.php')) ?: [],
            fn (string $path) => basename($path) < self::LAST,
        );
        Artisan::call('migrate', ['--database' => 'old', '--path' => array_values($before), '--realpath' => true, '--force' => true]);
        $this->usual = DB::getDefaultConnection();
        DB::setDefaultConnection('old');
    }

    protected function tearDown(): void
    {
        DB::setDefaultConnection($this->usual);
        DB::purge('old');
        @unlink(sys_get_temp_dir().'/rilvet-old-'.getmypid().'.sqlite');
        parent::tearDown();
    }

    public function test_sheets_follow_or_hold_and_the_history_goes_back(): void
    {
        $built = Builtin::named('Plain rule');
        $changed = Edit::put($built, ['parts', 'heading', 'fill'], '#224466');
        $once = Edit::put($built, ['parts', 'heading', 'fill'], '#885511');
        // The shelf holds the changed one; one sheet wears it, one an earlier state, one another stylebook, one none.
        DB::table('stylebooks')->insert(['name' => 'Plain rule', 'data' => $changed->toJson(), 'created_at' => now(),
            'updated_at' => now()]);
        $first = $this->workbook(1, $changed, [
            [1, 'dress', 'null', self::dress($built)],
            [0, 'stylebook:Plain rule', json_encode(null), (string) json_encode($changed->toJson())],
            [1, 'dress', self::dress($built), self::dress($changed)],
            [1, 'fitted', '{"a":1}', '{"a":2}'],
        ]);
        $second = $this->workbook(2, $once, []);
        $third = $this->workbook(3, Builtin::named('Long list'), []);
        $fourth = $this->workbook(4, null, [[1, 'name', '"a"', '"b"']]);

        Artisan::call('migrate', ['--database' => 'old', '--path' => database_path('migrations'), '--realpath' => true,
            '--force' => true]);

        $plain = StylebookRow::query()->where('name', 'Plain rule')->firstOrFail();
        $this->assertSame(3, $plain->version);
        $fills = $plain->versions()->orderBy('number')->get()
            ->map(fn (StylebookVersion $version) => json_decode($version->data, true)['parts']['heading']['fill'])->all();
        $this->assertSame('#224466', end($fills), 'the shelf\'s is the newest');
        $this->assertEqualsCanonicalizing(['none', '#885511', '#224466'], $fills);
        $worn = fn (int $workbook) => (array) DB::table('sheets')->where('workbook_id', $workbook)->first(['stylebook_id', 'held']);
        $this->assertSame(['stylebook_id' => $plain->id, 'held' => null], $worn($first));
        $this->assertSame($plain->id, $worn($second)['stylebook_id']);
        $this->assertNotNull($worn($second)['held'], 'what looked otherwise holds what it wore');
        $this->assertNull($worn($fourth)['stylebook_id']);
        // Nothing looks otherwise.
        $fills = array_map(fn (int $id) => $this->heading($id), [$first, $second, $third, $fourth]);
        $this->assertSame(['#224466', '#885511', Builtin::named('Long list')->part(Part::Heading)->toArray()['fill'], null], $fills);
        // The history says versions, and carries no stylebook any more.
        $patches = json_decode((string) gzinflate((string) DB::table('changes')->where('workbook_id', $first)->value('patches')), true);
        $this->assertSame(['dress', "version:$plain->id", 'fitted'], array_column($patches, 1));
        $this->assertSame(['stylebook' => $plain->id, 'held' => null, 'clean' => false], json_decode($patches[0][3], true));
        $this->assertSame('3', $patches[1][3]);
        $other = json_decode((string) gzinflate((string) DB::table('changes')->where('workbook_id', $fourth)->value('patches')), true);
        $this->assertSame([[1, 'name', '"a"', '"b"']], $other, 'steps that are about something else stay as they are');
        foreach (Builtin::all() as $builtin) {
            $this->assertSame(1, StylebookRow::query()->where('name', $builtin->name)->count(), $builtin->name);
        }
    }

    /** @param  list<array{int, string, string|false, string}>  $patches */
    private function workbook(int $id, ?Stylebook $wears, array $patches): int
    {
        DB::table('workbooks')->insert([
            'id' => $id, 'name' => "Book $id", 'source' => 'x', 'revision' => 3, 'looks' => '[{}]', 'names' => '{}', 'notices' => '[]',
            'created_at' => now(), 'updated_at' => now(),
        ]);
        $sheet = DB::table('sheets')->insertGetId([
            'workbook_id' => $id, 'number' => 1, 'place' => 1, 'name' => 'S', 'rows' => 2, 'columns' => 1, 'wears' => $wears?->name,
        ]);
        $cells = MemorySheet::of('S', [['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Elm', 5]]);
        $reading = Finder::read(SheetFacts::of($cells));
        $documents = ['name' => 'S', 'found' => $reading->toArray(), 'setup' => (new Setup)->toArray()];
        foreach ($documents as $name => $data) {
            DB::table('documents')->insert(['sheet_id' => $sheet, 'name' => $name, 'data' => json_encode($data)]);
        }
        $wears === null || DB::table('documents')->insert(['sheet_id' => $sheet, 'name' => 'dress', 'data' => self::dress($wears)]);
        $patches === [] || DB::table('changes')->insert([
            'workbook_id' => $id, 'words' => 'w', 'patches' => gzdeflate((string) json_encode($patches), 1), 'undone' => false,
            'created_at' => now(),
        ]);

        return $id;
    }

    private static function dress(Stylebook $stylebook): string
    {
        return (string) json_encode(['stylebook' => $stylebook->toArray(), 'clean' => false]);
    }

    private function heading(int $id): ?string
    {
        $workbook = app(Bench::class)->load(Workbook::query()->findOrFail($id), [1]);
        $look = (new DressedSheet($workbook->sheet(1), $workbook->looks))->at(1, 1)->look->toArray();

        return ($look['fill'] ?? 'none') === 'none' ? null : $look['fill'];
    }
}
