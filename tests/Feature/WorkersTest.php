<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\CalculateWaiting;
use App\Jobs\Workers;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Schema;
use Tests\TestCase;

/** What a worker does while nothing is to be done. */
final class WorkersTest extends TestCase
{
    public function test_one_that_has_nothing_to_do_asks_for_no_right_to_write(): void
    {
        $asked = [];
        DB::listen(function (QueryExecuted $query) use (&$asked): void {
            $asked[] = $query->sql;
        });
        $begun = 0;
        Event::listen(TransactionBeginning::class, function () use (&$begun): void {
            $begun++;
        });
        self::assertFalse(Event::until(new Looping('database', 'default,small')), 'it goes on waiting');
        self::assertSame(0, $begun);
        self::assertCount(1, $asked);
        self::assertStringStartsWith('select exists', $asked[0]);
    }

    public function test_one_whose_queues_hold_something_takes_it_and_others_wait(): void
    {
        Queue::connection('database')->pushOn(Workers::SMALL, new CalculateWaiting(1));
        self::assertNull(Event::until(new Looping('database', 'default,small')));
        self::assertNull(Event::until(new Looping('database', 'small')));
        self::assertFalse(Event::until(new Looping('database', 'default')));
        // What another one holds is looked at by whoever takes jobs: it may have died.
        DB::table('jobs')->update(['reserved_at' => now()->subDay()->getTimestamp()]);
        self::assertNull(Event::until(new Looping('database', 'small')));
        DB::table('jobs')->delete();
        self::assertFalse(Event::until(new Looping('database', 'small')));
    }

    public function test_a_database_that_does_not_answer_is_told_of_where_jobs_are_taken(): void
    {
        Schema::drop('jobs');
        self::assertFalse(Workers::nothingIn('database', 'small'));
        self::assertNull(Event::until(new Looping('database', 'small')));
    }

    public function test_jobs_of_a_database_of_their_own_are_seen_there(): void
    {
        config([
            'database.connections.elsewhere' => ['driver' => 'sqlite', 'database' => ':memory:', 'prefix' => ''],
            'queue.connections.apart' => ['driver' => 'database', 'connection' => 'elsewhere', 'table' => 'waiting', 'queue' => 'default'],
        ]);
        Schema::connection('elsewhere')->create('waiting', fn ($table) => $table->string('queue'));
        self::assertFalse(Event::until(new Looping('apart', 'default')));
        DB::connection('elsewhere')->table('waiting')->insert(['queue' => 'default']);
        self::assertNull(Event::until(new Looping('apart', 'default')));
        self::assertNull(Event::until(new Looping('sync', 'default')), 'what is no database is left to whoever takes jobs');
    }
}
