<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\ColumnStamps;
use App\Bench\DatabaseBlockStore;
use App\Bench\WorkedOut;
use Tests\TestCase;

/** What was worked out of all cells of columns: known to the next who asks, and no longer than the columns are the same. */
final class FactsTogetherTest extends TestCase
{
    public function test_facts_are_known_to_the_next_until_their_column_changes(): void
    {
        $store = new DatabaseBlockStore(7, 1);
        $store->keepFact('greatest', [1], 'nine');
        $store->keepFact('greatest', [2], 'eight');
        $store->keepTogether();
        self::assertSame(['nine', 'eight', null], $this->asked(1));
        ColumnStamps::changed(7, 1, 2, [2]);
        self::assertSame(['nine', null, null], $this->asked(2));
        // Who still reads the revision before has what was true of it.
        self::assertSame(['nine', 'eight', null], $this->asked(1));
    }

    /** @return list<string|null> */
    private function asked(int $revision): array
    {
        $next = new DatabaseBlockStore(7, $revision);

        return [$next->fact('greatest', [1]), $next->fact('greatest', [2]), $next->fact('greatest', [3])];
    }

    public function test_the_piece_that_each_request_reads_stays_small_whatever_is_asked(): void
    {
        $store = new DatabaseBlockStore(7, 1);
        // Many small ones with long names, and some that fill it by themselves.
        for ($first = 1; $first <= 300; $first++) {
            $store->keepFact('greatest', range($first, $first + 300), 'n');
        }
        for ($column = 1; $column <= 8; $column++) {
            $store->keepFact('counts', [$column], str_repeat('c', 30_000));
        }
        $store->keepTogether();
        $piece = (string) WorkedOut::get('facts.7.1');
        self::assertGreaterThan(60_000, strlen($piece));
        self::assertLessThan(140_000, strlen($piece));
        // What found no room there is kept by itself.
        $next = new DatabaseBlockStore(7, 1);
        self::assertSame('n', $next->fact('greatest', range(300, 600)));
        self::assertSame(str_repeat('c', 30_000), $next->fact('counts', [8]));
        self::assertNull($next->fact('counts', [9]));
    }
}
