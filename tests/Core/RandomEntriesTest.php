<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Facts;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryJudge;
use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Aspects;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\RandomEntry;
use Tests\ThroughFile;

/** Checks on entry of all kinds, by chance: they are the same after each way that they can go. */
final class RandomEntriesTest extends TestCase
{
    private const VALUES = [null, '', 0, 3, 3.5, -1, 0.25, 46_000, 46_000.5, 1e9, true, 'yes', 'YES', 'a & b', 'd "e"', '2',
        'a longer text'];

    /** @param  list<EntryCheck>  $checks */
    private static function workbook(array $checks): Workbook
    {
        $cells = MemorySheet::of('Beds', [['Lot', 'Count', 'Day'], ['yes', 4, 46_000], ['or', -2, 46_001], ['a & b', 7, null], ['L4', 4, 1],
            ['', 90, 2], ['<c>', 12, 3], ['L7', 0, 4]]);

        return new Workbook('Book', [1 => new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells)),
            aspects: Aspects::of(new EntryChecks($checks)))], new LookBook);
    }

    /** @return array<string, array<string, mixed>> by where they hold */
    private static function said(Workbook $workbook): array
    {
        $said = [];
        foreach ($workbook->sheet(1)->aspect(EntryChecks::class)->all() as $one) {
            $said[implode(' ', $one->where->cells)] = array_diff_key($one->toArray(), ['id' => 0, 'came' => 0]);
        }
        ksort($said);

        return $said;
    }

    /** @return list<EntryCheck> three, each on cells of its own */
    private static function some(): array
    {
        return [RandomEntry::of('a', 'B2:B9'), RandomEntry::of('b', 'A2:A20'), RandomEntry::of('c', 'C3:E4')];
    }

    public function test_they_are_the_same_when_they_are_kept(): void
    {
        mt_srand(6_021);
        for ($round = 0; $round < 400; $round++) {
            $one = RandomEntry::of('n', 'B2:B9');
            self::assertSame($one->toArray(), EntryCheck::of($one->toArray())->toArray());
        }
    }

    public function test_they_come_back_from_an_xlsx(): void
    {
        mt_srand(6_022);
        for ($round = 0; $round < 80; $round++) {
            $workbook = self::workbook(self::some());
            self::assertEquals(self::said($workbook), self::said(ThroughFile::of($workbook, 'xlsx')), "round $round");
        }
    }

    /**
     * What may be entered in cells of where they hold, of values of all sorts.
     *
     * @return array<string, bool>
     */
    private static function allowed(Workbook $workbook): array
    {
        $sheet = $workbook->sheet(1);
        $around = $workbook->around(1);
        $allowed = [];
        foreach ($sheet->aspect(EntryChecks::class)->all() as $check) {
            $at = implode(' ', $check->where->cells);
            $judge = new EntryJudge($check, $check->where->cells, $sheet->cells, $around, new Facts($sheet->cells),
                new Values([1 => $sheet->cells], INF));
            foreach (self::VALUES as $value) {
                $allowed["$at ".json_encode($value)] = $judge->allows(3, $check->where->cells[0]->left, Cell::of($value));
            }
        }
        ksort($allowed);

        return $allowed;
    }

    /** Law: an ods says them in its own words, by which the same may be entered. */
    public function test_the_same_may_be_entered_in_an_ods(): void
    {
        mt_srand(6_023);
        for ($round = 0; $round < 80; $round++) {
            $workbook = self::workbook(self::some());
            $back = ThroughFile::of($workbook, 'ods');
            self::assertSame(self::allowed($workbook), self::allowed($back), json_encode(self::said($workbook), JSON_THROW_ON_ERROR));
            $names = array_flip(['severity', 'title', 'message', 'prompt', 'promptTitle']);
            $told = fn (Workbook $of) => array_map(fn (array $one) => array_intersect_key($one, $names), self::said($of));
            self::assertEquals($told($workbook), $told($back), json_encode(self::said($workbook), JSON_THROW_ON_ERROR));
        }
    }
}
