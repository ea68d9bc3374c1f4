<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Grid\Shift;

/** Checks as a sheet stores them are looked through without being read: what that gives is what reading all of them gives. */
final class StoredChecksTest extends TestCase
{
    /** @return list<EntryCheck> */
    private static function random(int $count): array
    {
        $checks = [];
        for ($number = 1; $number <= $count; $number++) {
            $column = chr(64 + mt_rand(1, 6));
            [$top, $bottom] = [mt_rand(1, 30), mt_rand(31, 60)];
            $where = match (mt_rand(0, 3)) {
                0 => ['column' => "{$column}3"],
                1 => ['part' => 'body', 'kind' => 'amount'],
                2 => ['cells' => "$column$top:$column$bottom ".chr(64 + mt_rand(7, 9))."$top"],
                default => ['cells' => "$column$top:$column$bottom"],
            };
            $checks[] = EntryCheck::of(mt_rand(0, 1) === 1
                ? ['id' => "n$number", 'kind' => 'list', 'of' => ['"a,b"'], 'shows' => mt_rand(0, 2) > 0, 'where' => $where]
                : ['id' => "n$number", 'kind' => 'whole', 'is' => 'above', 'of' => [mt_rand(0, 3) === 0 ? 'Rates!$A$1' : '3'],
                    'where' => $where]);
        }

        return $checks;
    }

    /** @return array{EntryChecks, EntryChecks} as they were made, and as they are when they come from where they are stored */
    private static function both(int $count): array
    {
        $made = new EntryChecks(self::random($count), 2, true);

        return [$made, EntryChecks::fromJson(json_decode((string) json_encode($made->toJson()), true))];
    }

    public function test_what_is_stored_is_what_was_made(): void
    {
        mt_srand(41);
        [$made, $stored] = self::both(40);
        self::assertSame(40, $stored->count());
        self::assertSame($made->toJson(), $stored->toJson());
        self::assertEquals($made->all(), $stored->all());
        self::assertSame([2, true], [$stored->kept, $stored->isRead]);
        self::assertNull((new EntryChecks)->toJson());
        self::assertSame(['all' => [], 'read' => true], (new EntryChecks([], 0, true))->toJson());
    }

    public function test_those_near_some_cells_are_those_that_hold_there_and_all_that_need_a_reading(): void
    {
        mt_srand(42);
        [$made, $stored] = self::both(60);
        for ($round = 0; $round < 40; $round++) {
            $cells = [[mt_rand(1, 62), mt_rand(1, 10)], [mt_rand(1, 62), mt_rand(1, 10)]];
            $near = array_map(fn (EntryCheck $one) => $one->id, $stored->near($cells));
            $wanted = array_filter($made->all(), function (EntryCheck $one) use ($cells) {
                foreach ($one->where->isCells() ? $one->where->cells : [] as $range) {
                    foreach ($cells as [$row, $column]) {
                        if ($range->contains($row, $column)) {
                            return true;
                        }
                    }
                }

                return ! $one->where->isCells();
            });
            self::assertSame(array_values(array_map(fn (EntryCheck $one) => $one->id, $wanted)), $near);
        }
        // Those that are read already are all at hand.
        self::assertCount(60, $made->near([[1, 1]]));
    }

    public function test_places_are_told_without_reading_and_no_more_than_asked_for(): void
    {
        mt_srand(43);
        [$made, $stored] = self::both(50);
        foreach ([true, false] as $choices) {
            self::assertEquals($made->places($choices, 1_000), $stored->places($choices, 1_000));
            [$texts, $others] = $stored->places($choices, 1_000);
            $meant = array_filter($made->all(), fn (EntryCheck $one) => ! $choices || ($one->kind->value === 'list' && $one->shows));
            $of = fn (EntryCheck $one) => $one->where->isCells() ? array_map(strval(...), $one->where->cells) : [];
            self::assertSame(array_merge(...array_map($of, array_values($meant))), $texts);
            self::assertCount(count(array_filter($meant, fn (EntryCheck $one) => ! $one->where->isCells())), $others);
            [$few] = $stored->places($choices, 3);
            self::assertSame(array_slice($texts, 0, 3), $few);
        }
    }

    public function test_formulas_that_name_another_sheet_follow_its_name_and_are_found(): void
    {
        $above = fn (string $id, string $formula, string $cells) => EntryCheck::of(['id' => $id, 'kind' => 'whole', 'is' => 'above',
            'of' => [$formula], 'where' => ['cells' => $cells]]);
        [$there, $here] = [$above('n1', 'Rates!$A$1', 'B2:B9'), $above('n2', '$A$1', 'C2:C9')];
        foreach ([new EntryChecks([$there, $here]), EntryChecks::fromJson((new EntryChecks([$there, $here]))->toJson())] as $checks) {
            self::assertTrue($checks->looksAway([]));
            $renamed = $checks->following(fn (string $formula) => str_replace('Rates!', 'Prices!', $formula));
            self::assertSame([['Prices!$A$1'], ['$A$1']], array_map(fn (EntryCheck $one) => $one->of, $renamed->all()));
            self::assertSame($checks, $checks->following(fn (string $formula) => $formula));
        }
    }

    public function test_a_name_may_mean_cells_anywhere_and_a_text_means_none(): void
    {
        $says = fn (string $formula) => new EntryChecks([EntryCheck::of(['id' => 'n1', 'kind' => 'formula', 'of' => [$formula],
            'where' => ['cells' => 'B2']])]);
        $cases = [
            ['Rate>3', true], ['SUM(B2:B9)>3', false], ['SUM($B$2:B$9,Rate)>3', true], ['SUM(B:C)+SUM($D:$D)>3', false],
            ['AND(B2,TRUE)', false], ['B2=Rate2021', true], ['B2+rate', true], ['B2+_x', true], ['COUNT(B2:B9)>LOG10(B3)', false],
            ['"Rates!A1"=B2', false], ['Rates!A1>3', true],
        ];
        foreach ($cases as [$formula, $away]) {
            self::assertSame($away, $says($formula)->looksAway(['Rate' => 'Rates!$A$1']), $formula);
            self::assertSame($away, EntryChecks::fromJson($says($formula)->toJson())->looksAway(['Rate' => 'Rates!$A$1']), $formula);
        }
        // Without names there is nothing that a word could mean.
        self::assertFalse($says('Rate>3')->looksAway([]));
    }

    public function test_they_follow_rows_and_those_whose_cells_are_gone_are_gone(): void
    {
        $checks = EntryChecks::fromJson(['all' => [
            ['id' => 'n1', 'kind' => 'whole', 'is' => 'above', 'of' => ['3'], 'where' => ['cells' => 'B2:B4']],
            ['id' => 'n2', 'kind' => 'whole', 'is' => 'above', 'of' => ['3'], 'where' => ['cells' => 'C8:C9']],
        ]]);
        $moved = $checks->moved(new Shift(true, 2, 3, false));
        self::assertSame(['C5:C6'], array_map(fn (EntryCheck $one) => implode(' ', $one->where->cells), $moved->all()));
        self::assertSame('n3', $checks->free());
        self::assertSame('n2', $checks->one('n2')?->id);
        self::assertNull($checks->one('n9'));
        self::assertSame(['n2'], array_map(fn (EntryCheck $one) => $one->id, $checks->without('n1', 'n7')->all()));
        $other = EntryCheck::of(['id' => 'n2', 'kind' => 'any', 'where' => ['cells' => 'D1']]);
        self::assertSame(['n1' => 'whole', 'n2' => 'any'], array_column(array_map(fn (EntryCheck $one) => [$one->id, $one->kind->value],
            $checks->with($other)->all()), 1, 0));
        $new = EntryCheck::of(['id' => 'n5', 'kind' => 'any', 'where' => ['cells' => 'D1']]);
        self::assertSame(['n5', 'n1', 'n2'], array_map(fn (EntryCheck $one) => $one->id, $checks->with($new)->all()));
    }

    public function test_no_sheet_has_more_of_them_than_the_format_takes(): void
    {
        $one = EntryCheck::of(['id' => 'n1', 'kind' => 'any', 'where' => ['cells' => 'D1']]);
        self::assertSame(EntryChecks::MOST, (new EntryChecks)->holding(array_fill(0, EntryChecks::MOST, $one))->count());
        $this->expectException(EntryIsWrong::class);
        (new EntryChecks)->holding(array_fill(0, EntryChecks::MOST + 1, $one));
    }
}
