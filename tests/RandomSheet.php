<?php

declare(strict_types=1);

namespace Tests;

use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Protection;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Aspects;
use Rilvet\Work\Opening as Opens;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Tab;
use Rilvet\Work\Worksheet;

/** Sheets of a few rows with all that can stand around them, by chance: of the generator that PHP seeds with mt_srand(). */
final class RandomSheet
{
    public static function of(): Worksheet
    {
        $cells = MemorySheet::of('Beds', [['Lot', 'Count', 'Bed'], ['L1', 4, 'north'], ['L2', -2, 'south'], ['L3', 7, 'north']]);
        $maybe = fn (mixed $value, mixed $else) => mt_rand(0, 1) === 1 ? $value : $else;
        $widths = [];
        for ($column = 1; $column <= 6; $column++) {
            $widths += mt_rand(0, 1) === 1 ? [$column => mt_rand(20, 400)] : [];
        }
        $kinds = [['is' => 'below', 'of' => ['0']], ['is' => 'between', 'of' => ['1', '5']], ['is' => 'formula', 'of' => ['$B2>$B$3']],
            ['is' => 'greatest', 'count' => mt_rand(1, 9)], ['is' => 'holds', 'of' => ['"or"']], ['is' => 'blank'], ['is' => 'repeated'],
            ['is' => 'aboveMean'], ['is' => 'period', 'period' => 'today']];
        $conditions = [];
        for ($number = mt_rand(0, 4); $number > 0; $number--) {
            $conditions[] = Condition::of(['id' => "n$number", 'test' => $kinds[array_rand($kinds)], 'stops' => mt_rand(0, 3) === 0,
                'where' => ['cells' => 'B2:B'.mt_rand(2, 40)],
                'look' => ['bold' => true, 'ink' => sprintf('#%06X', mt_rand(0, 0xFFFFFF))]]);
        }
        $checks = [];
        for ($number = mt_rand(0, 3); $number > 0; $number--) {
            $checks[] = EntryCheck::of(['id' => "v$number", 'kind' => ['whole', 'decimal', 'length'][mt_rand(0, 2)], 'is' => 'between',
                'of' => [(string) mt_rand(0, 5), (string) mt_rand(6, 99)],
                'where' => ['cells' => chr(64 + $number).'2:'.chr(64 + $number).'9'],
                'blank' => mt_rand(0, 1) === 1, 'title' => $maybe('Wrong', ''), 'message' => $maybe('Say it < otherwise & again', '')]);
        }
        $allowed = array_values(array_filter(Allowance::cases(), fn (Allowance $one) => mt_rand(0, 1) === 1));
        $isProtected = mt_rand(0, 2) === 0;
        [$row, $column] = [mt_rand(0, 3), mt_rand(0, 2)];
        [$firstRow, $firstColumn] = $maybe([$row + 2, $column + 2], [1, 1]);

        return new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells)), came: new Setup(
            new Sizes($widths, hiddenColumns: $maybe([mt_rand(2, 5)], []), height: mt_rand(18, 40)),
            new Opens($row, $column, mt_rand(0, 1) === 1, mt_rand(10, 400), $firstRow, $firstColumn, mt_rand(0, 4) === 0),
            $maybe([Range::parse('A6:B7'), Range::parse('D2:D4')], []),
            new Tab($maybe(sprintf('#%06X', mt_rand(0, 0xFFFFFF)), null), protected: $isProtected),
        ), aspects: Aspects::of(
            new Conditions($conditions), new EntryChecks($checks), new Protection($allowed, isSaid: true),
            new PageSetup(PageRules::none(), PageRules::of(['left' => mt_rand(5, 40), 'turn' => $maybe('turned', 'upright')]),
                $maybe([2, 9], []), isSaid: true),
        ));
    }
}
