<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Tidying;
use App\Bench\WorkedOut;
use ArrayObject;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

/** What is kept because it can be worked out again: never in the way of anything, and never more than there is room for. */
final class WorkedOutTest extends TestCase
{
    /** Hours that each piece was written before now. */
    private function aged(string $key, int $hours, string $data = 'x'): void
    {
        $before = $this->files();
        WorkedOut::put($key, $data);
        foreach (array_diff($this->files(), $before) as $new) {
            touch($new, time() - $hours * 3_600);
        }
    }

    /** @return list<string> */
    private function files(): array
    {
        $folder = storage_path('framework/worked-out');

        return is_dir($folder) ? array_map(fn ($file) => $file->getPathname(), File::allFiles($folder)) : [];
    }

    public function test_the_last_that_was_put_is_given_byte_for_byte(): void
    {
        self::assertNull(WorkedOut::get('a'));
        $bytes = random_bytes(70_000);
        WorkedOut::put('a', 'first');
        WorkedOut::put('b', '');
        WorkedOut::put('a', $bytes);
        self::assertSame([$bytes, '', null], [WorkedOut::get('a'), WorkedOut::get('b'), WorkedOut::get('../a')]);
        // Nothing half written stays beside them.
        self::assertCount(2, $this->files());
    }

    public function test_what_cannot_be_read_any_more_is_not_known(): void
    {
        WorkedOut::put('a', serialize(['pages' => 3, 'of' => new ArrayObject([1])]));
        self::assertEquals(['pages' => 3, 'of' => new ArrayObject([1])], WorkedOut::value('a'));
        self::assertNull(WorkedOut::value('b'));
        foreach (['', 'garbage', 'a:1:{i:0;', 'O:11:"Rilvet\\Gone":1:{s:1:"x";'] as $bytes) {
            WorkedOut::put('a', $bytes);
            self::assertNull(WorkedOut::value('a'), $bytes);
        }
    }

    public function test_what_is_a_day_old_goes(): void
    {
        $this->aged('old', 25);
        $this->aged('new', 23);
        WorkedOut::sweep();
        self::assertSame([null, 'x'], [WorkedOut::get('old'), WorkedOut::get('new')]);
    }

    public function test_of_too_much_the_oldest_goes_first(): void
    {
        foreach ([3 => 'c', 1 => 'a', 2 => 'b'] as $hours => $key) {
            $this->aged($key, $hours, str_repeat($key, 1_000));
        }
        WorkedOut::sweep(3_000);
        self::assertCount(3, $this->files());
        WorkedOut::sweep(2_999);
        self::assertNull(WorkedOut::get('c'));
        self::assertSame(['a', 'b'], [WorkedOut::get('a')[0] ?? '', WorkedOut::get('b')[0] ?? '']);
        WorkedOut::sweep(1_000);
        self::assertNull(WorkedOut::get('b'));
        self::assertNotNull(WorkedOut::get('a'));
    }

    public function test_who_finds_no_room_keeps_nothing_and_goes_on(): void
    {
        // In the place of the folder stands something that takes no files, as a disk that is full or not to be written.
        File::ensureDirectoryExists(storage_path('framework'));
        file_put_contents(storage_path('framework/worked-out'), '');
        WorkedOut::put('a', 'x');
        self::assertNull(WorkedOut::get('a'));
        WorkedOut::sweep();
        WorkedOut::forget();
        $workbook = $this->bringIn('t.csv', "Lot,Count\nA,1\nB,2\n");
        $this->act($workbook, 'setCondition', ['id' => null, 'test' => ['is' => 'greatest', 'count' => 1],
            'where' => ['cells' => 'B2:B3'], 'look' => ['bold' => true]]);
        $this->get($this->url("workbooks/$workbook->id/sheets/1/window?top=1&left=1&bottom=5&right=5"))->assertOk();
        foreach (['findings', 'picture', 'sheets/1/pages'] as $path) {
            $this->get($this->url("workbooks/$workbook->id/$path"))->assertOk();
        }
    }

    public function test_in_a_new_database_nothing_is_known_of_the_one_before(): void
    {
        WorkedOut::put('facts.1.1', 'of a sheet that is gone');
        $workbook = $this->bringIn('t.csv', "Lot\nA\n");
        (new Tidying)->tidy();
        self::assertNotNull(WorkedOut::get('facts.1.1'));
        $workbook->delete();
        (new Tidying)->tidy();
        self::assertNull(WorkedOut::get('facts.1.1'));
    }
}
