<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Around;
use Rilvet\Condition\Exception\WhereIsWrong;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\EntryJudges;
use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Formula\Scope;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Shift;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;

/** Checks on entry as a sheet keeps them: tens of thousands may be stored, and those that are asked for are read. */
final class EntryChecksTest extends TestCase
{
    /** @param  array<string, mixed>  $says */
    private static function check(string $id, string $cells, array $says = []): EntryCheck
    {
        return EntryCheck::of($says + ['id' => $id, 'kind' => 'whole', 'of' => ['1', '9'], 'where' => ['cells' => $cells]]);
    }

    private static function checks(): EntryChecks
    {
        return new EntryChecks([
            self::check('a', 'A1:A9'), self::check('b', 'C3 E5:F6', ['kind' => 'list', 'of' => ['"x,y"']]),
            self::check('c', 'B2:B4', ['kind' => 'list', 'of' => ['"x,y"'], 'shows' => false]),
            EntryCheck::of(['id' => 'd', 'kind' => 'list', 'of' => ['"x"'], 'where' => ['part' => 'body', 'kind' => 'category']]),
            EntryCheck::of(['id' => 'e', 'kind' => 'whole', 'of' => ['1', '9'], 'where' => ['part' => 'body', 'heading' => 'Count']]),
        ]);
    }

    public function test_those_near_some_cells_are_found_without_reading_the_others(): void
    {
        $stored = fn () => EntryChecks::fromJson(json_decode((string) json_encode(self::checks()->toJson()), true));
        $near = fn (array $cells) => array_map(fn (EntryCheck $one) => $one->id, $stored()->near($cells));
        self::assertSame(['a', 'd', 'e'], $near([[1, 1]]));
        self::assertSame(['a', 'd', 'e'], $near([[9, 1]]));
        self::assertSame(['d', 'e'], $near([[10, 1]]), 'what holds on a kind or a column may hold anywhere');
        self::assertSame(['b', 'd', 'e'], $near([[6, 6]]));
        self::assertSame(['b', 'c', 'd', 'e'], $near([[3, 3], [2, 2]]));
        self::assertSame(['d', 'e'], $near([]));
        $read = $stored();
        self::assertCount(5, $read->all());
        self::assertCount(5, $read->near([[99, 99]]), 'once they are read, all of them are at hand');
        self::assertEquals(self::checks()->toJson(), $stored()->toJson());
        self::assertSame(5, $stored()->count());
    }

    public function test_places_are_named_as_far_as_they_are_wanted(): void
    {
        foreach ([self::checks(), EntryChecks::fromJson(json_decode((string) json_encode(self::checks()->toJson()), true))] as $checks) {
            [$texts, $others] = $checks->places(false, 99);
            self::assertSame([['A1:A9', 'C3', 'E5:F6', 'B2:B4'], ['d', 'e']], [$texts, array_map(fn (EntryCheck $one) => $one->id,
                $others)]);
            // Of choices those that are offered: what is a list and does not show it is none.
            [$texts, $others] = $checks->places(true, 99);
            self::assertSame([['C3', 'E5:F6'], ['d']], [$texts, array_map(fn (EntryCheck $one) => $one->id, $others)]);
            self::assertSame([['A1:A9', 'C3'], []], $checks->places(false, 2));
        }
    }

    public function test_names_are_free_and_each_is_put_in_its_place(): void
    {
        $checks = self::checks();
        self::assertSame('n1', $checks->free());
        self::assertSame('n13', $checks->with(self::check('n12', 'D1'))->free());
        $ids = fn (EntryChecks $of) => implode('', array_map(fn (EntryCheck $one) => $one->id, $of->all()));
        self::assertSame('zabcde', $ids($checks->with(self::check('z', 'D1'))), 'a new one goes before all others');
        self::assertSame('abcde', $ids($checks->with(self::check('c', 'D1'))));
        self::assertSame('D1', $checks->with(self::check('c', 'D1'))->one('c')?->where->toArray()['cells'] ?? null);
        self::assertSame('bde', $ids($checks->without('a', 'c', 'nobody')));
        self::assertNull($checks->one('nobody'));
        self::assertSame('abde', $ids($checks->moved(new Shift(false, 2, 1, false))), 'one whose cells are gone is gone');
        self::assertNull((new EntryChecks)->toJson());
        self::assertSame(['all' => [], 'kept' => 3, 'read' => true], (new EntryChecks([], 3, true))->toJson());
        $this->expectException(EntryIsWrong::class);
        $checks->holding(array_fill(0, EntryChecks::MOST + 1, self::check('a', 'A1')));
    }

    public function test_a_list_says_where_it_is_taken_from_and_what_it_wants(): void
    {
        $cells = MemorySheet::of('Form', [['Status', 'Count'], ['late', 4], ['paid', 5], ['late', 6]]);
        $lists = MemorySheet::of('Lists', [['a'], ['b'], ['c']]);
        $around = new Around(new Scope([1 => 'Form', 2 => 'Lists'], [], []), [1 => $cells, 2 => $lists], 1, false, 46_353.0);
        $judge = fn (array $says) => (new EntryJudges([self::check('x', 'A2:A9', ['kind' => 'list'] + $says)],
            Finder::read(SheetFacts::of($cells)), $cells, $around))->of('x');
        $range = $judge(['of' => ['Lists!$A$1:$A$3']]);
        self::assertSame('Lists!A1:A3', $range?->from(2, 1));
        self::assertSame('one of Lists!A1:A3', $range->wanted(null));
        self::assertNull($range->tried());
        // What goes along is meant from the cell that is asked.
        self::assertSame('B4:B5', $judge(['of' => ['B2:B3']])?->from(4, 1));
        self::assertNull($judge(['of' => ['"late,paid"']])?->from(2, 1));
        self::assertSame('one of late, paid', $judge(['of' => ['"late,paid"']])->wanted(null));
        $many = implode(',', array_map(fn (int $number) => "v$number", range(1, 12)));
        self::assertSame('one of v1, v2, v3, v4, v5, v6, v7, v8 and 4 more', $judge(['of' => ["\"$many\""]])?->wanted(null));
        $eight = implode(',', array_map(fn (int $number) => "v$number", range(1, 8)));
        self::assertSame('one of v1, v2, v3, v4, v5, v6, v7, v8', $judge(['of' => ["\"$eight\""]])?->wanted(null));
        $broken = $judge(['of' => ['SUM(']]);
        self::assertNotNull($broken?->tried(), 'a formula that cannot be read is told');
        self::assertNull($broken->from(2, 1));
    }

    public function test_a_place_that_is_none_is_told_without_a_word_of_something_else(): void
    {
        foreach (['' => null, 'part' => ['part' => 'roof'], 'kind' => ['part' => 'body', 'kind' => 'tree'], 'cells' => ['cells' => 7],
            'heading' => ['part' => 'body', 'heading' => str_repeat('a', 201)]] as $where) {
            try {
                EntryCheck::of(['id' => 'a', 'kind' => 'whole', 'of' => ['1', '9'], 'where' => $where]);
                self::fail((string) json_encode($where));
            } catch (WhereIsWrong $wrong) {
                self::assertStringContainsString('where it is to hold, at "where', $wrong->getMessage());
            }
        }
    }
}
