<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Bench\Bench;
use App\Bench\Versions;
use App\Bench\WorkedOut;
use App\Models\Workbook;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PHPUnit\Framework\Attributes\DataProvider;
use Rilvet\Act\Act;
use Rilvet\Act\EditCells;
use Rilvet\Act\MoveCells;
use Rilvet\Act\SayPages;
use Rilvet\Act\SortTable;
use Rilvet\Change\StylebookPatch;
use Rilvet\Grid\Shift;
use Rilvet\Look\Look;
use Rilvet\Page\PageRules;
use Rilvet\Reading\Part;
use Tests\TestCase;

/**
 * Somebody changes a workbook between any two things that another request reads of it: that one fails in no way, and nothing
 * that it worked out of what did not belong together is taken for what is so now.
 */
final class MeanwhileTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // How long ago a step was done is said in seconds; what takes longer on a busy machine changes nothing else.
        $this->freezeTime();
    }

    /** @return iterable<string, array{string}> what is read of a workbook, with what is kept of it for the next */
    public static function paths(): iterable
    {
        foreach (['pages', 'sheets/1/pages', 'sheets/1/pages/1', 'findings', 'picture', 'conditions', 'sheets/1', '',
            'sheets/1/window?top=1&left=1&bottom=30&right=10', 'sheets/1/figures?ranges=A1:D40',
            'sheets/1/inspection?ranges=B2&row=2&column=2', 'sheets/1/number?row=2&column=2', 'sheets/1/truths',
            'sheets/1/guard', 'sheets/1/entry?row=2&column=2', 'sheets/1/content?row=2&column=2',
            'sheets/1/risk', 'sheets/1/looks', 'history', 'touches?stylebook=River ledger'] as $path) {
            yield $path === '' ? 'the Bench' : $path => [$path];
        }
    }

    #[DataProvider('paths')]
    public function test_what_is_changed_meanwhile_is_so_for_the_next(string $path): void
    {
        $lines = array_map(fn (int $row) => "Bed $row,".$row * 3 .','.($row % 7), range(1, 30));
        $workbook = $this->bringIn('Beds.csv', "Bed,Plants,Lost\n".implode("\n", $lines)."\n");
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false, 'sheets' => 'all']);
        $this->afterEachQuery($path, $workbook, function (int $at) use ($workbook) {
            $row = Workbook::query()->findOrFail($workbook->id);
            $revision = $row->revision;
            app(Bench::class)->act($row, self::something($at), $revision, 1);
            self::assertGreaterThan($revision, $row->revision, 'something is another way now');
        });
    }

    /** A step back leads to a version that was the newest before: what was read while another one was is not taken for that. */
    #[DataProvider('paths')]
    public function test_a_version_of_a_stylebook_that_comes_and_goes_meanwhile_leaves_nothing(string $path): void
    {
        $workbook = $this->bringIn('Beds.csv', "Bed,Plants\nB 1,3\nB 2,4\nB 3,12\n");
        $this->act($workbook, 'dress', ['stylebook' => 'River ledger', 'clean' => false, 'sheets' => 'all']);
        $id = (int) $workbook->sheets()->firstOrFail()->stylebook_id;
        [$stylebook, $first] = Versions::of($id);
        $other = $stylebook->saying(Part::Body, null, Look::of(['size' => 30, 'fill' => '#FFE08A']));
        $number = null;
        $this->afterEachQuery($path, $workbook, function () use ($id, $first, $other, &$number) {
            $number = Versions::keep($id, $first, $other, 'Larger');
        }, function () use ($id, $first, &$number) {
            $number === null || Versions::step(new StylebookPatch($id, $number, $first));
            $number = null;
        });
    }

    public function test_the_picture_on_the_shelf_is_another_one_when_its_stylebook_is_changed_elsewhere(): void
    {
        $wears = ['stylebook' => 'River ledger', 'clean' => false, 'sheets' => 'all'];
        $beds = $this->bringIn('Beds.csv', "Bed,Plants\nB 1,3\nB 2,4\nB 3,12\n");
        $this->act($beds, 'dress', $wears);
        $trees = $this->bringIn('Trees.csv', "Tree,Bags\nRowan,3\nAspen,4\n");
        $this->act($trees, 'dress', $wears);
        $card = fn () => collect((array) $this->get($this->url('shelf'))->assertOk()->json('workbooks'))->firstWhere('id', $beds->id);
        [$before, $picture] = [$card(), $this->read('picture', $beds)];
        self::assertSame($before['picture'], $card()['picture']);
        $this->act($trees, 'format', ['scope' => 'everywhere', 'part' => 'heading', 'kind' => null, 'look' => ['fill' => '#224466']]);
        [$changed, $other] = [$card(), $this->read('picture', $beds)];
        self::assertSame($before['revision'], $changed['revision']);
        self::assertNotSame($before['picture'], $changed['picture'], 'a browser keeps a picture for as long as what it asks for');
        self::assertNotSame($picture, $other);
        self::assertStringContainsString('#224466', $other);
        // A step back leads to the version of before, and to what was seen then, but not to what was asked for then.
        $this->undo($trees);
        self::assertSame($picture, $this->read('picture', $beds));
        self::assertNotContains($card()['picture'], [$before['picture'], $changed['picture']]);
    }

    private function read(string $path, Workbook $workbook): string
    {
        return (string) $this->get($this->url(rtrim("workbooks/$workbook->id/$path", '/')))->assertOk()->getContent();
    }

    /**
     * Whatever it is after which somebody does something: what is kept for the next is what is worked out anew.
     *
     * @param  callable(int): void  $meanwhile
     * @param  (callable(): void)|null  $then
     */
    private function afterEachQuery(string $path, Workbook $workbook, callable $meanwhile, ?callable $then = null): void
    {
        $at = 0;
        do {
            WorkedOut::forget();
            // Half of the time it is known already what was so before.
            ++$at % 2 === 0 && $this->read($path, $workbook);
            $has = $this->readWhile($path, $workbook, $at, $meanwhile);
            $then === null || $then();
            $kept = $this->read($path, $workbook);
            WorkedOut::forget();
            self::assertSame($this->read($path, $workbook), $kept, "changed after query $at");
        } while ($has && $at < 60);
        self::assertGreaterThan(2, $at);
        self::assertFalse($has, 'all of its queries were gone through');
    }

    /**
     * Reads while somebody else does something after so many queries, those within a transaction aside; whether it came that far.
     *
     * @param  callable(int): void  $meanwhile
     */
    private function readWhile(string $path, Workbook $workbook, int $after, callable $meanwhile): bool
    {
        $asked = 0;
        $has = false;
        Event::listen(QueryExecuted::class, function (QueryExecuted $query) use (&$asked, &$has, $after, $meanwhile) {
            $isAlone = ! $has && str_starts_with($query->sql, 'select') && DB::transactionLevel() === 1;
            if ($isAlone && ++$asked === $after) {
                $has = true;
                $meanwhile($after);
            }
        });
        try {
            $this->read($path, $workbook);
        } finally {
            Event::forget(QueryExecuted::class);
        }

        return $has;
    }

    /** Each of them changes something, every time. */
    private static function something(int $at): Act
    {
        return match ($at % 4) {
            0 => new EditCells(1, [5 => [2 => (string) (1000 * $at)]]),
            1 => new SayPages([1], PageRules::of(['paper' => $at % 8 < 4 ? 'A6' : 'A3'])),
            2 => new MoveCells(1, new Shift(true, 6, 15, $at % 8 > 4)),
            default => new SortTable(1, 2, 2, [[2, $at % 8 < 4]]),
        };
    }
}
