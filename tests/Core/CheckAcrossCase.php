<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Targets;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Workbooks of several sheets with the same list, and what one check finds in them. */
abstract class CheckAcrossCase extends TestCase
{
    /** @return list<Finding> */
    protected static function found(Workbook $workbook, string $check): array
    {
        return array_values(array_filter(Checks::on($workbook, Checks::all()), fn (Finding $one) => $one->check === $check));
    }

    protected static function at(string $ranges, int ...$sheets): Targets
    {
        return new Targets($sheets === [] ? [1] : array_values($sheets), RangeSet::parse($ranges));
    }

    /** @return list<list<mixed>> */
    protected static function rows(int $at): array
    {
        $rows = [['Tree', 'Beds', 'Price']];
        foreach (['Alder', 'Birch', 'Cherry', 'Dogwood', 'Elder', 'Fir', 'Hazel', 'Larch'] as $row => $tree) {
            $rows[] = [$tree, 11 + ($row * 7 + $at * 3) % 23, 20 + ($row * 13 + $at) % 31];
        }

        return $rows;
    }

    /** @param  (\Closure(list<list<mixed>>, int): list<list<mixed>>)|null  $change */
    protected static function year(int $sheets, ?\Closure $change = null): Workbook
    {
        $all = [];
        for ($at = 0; $at < $sheets; $at++) {
            $all['Sheet '.chr(65 + $at)] = $change === null ? self::rows($at) : $change(self::rows($at), $at);
        }

        return self::book($all);
    }

    /** @param  array<string, list<list<mixed>>>  $sheets */
    protected static function book(array $sheets): Workbook
    {
        $all = [];
        foreach ($sheets as $name => $rows) {
            $cells = new MemorySheet($name, array_map(fn (array $line) => array_map(fn ($value) => $value instanceof Cell ? $value
                : Cell::of($value), $line), $rows));
            $all[count($all) + 1] = new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
        }

        return new Workbook('Trees', $all, new LookBook);
    }
}
