<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Targets;
use Rilvet\Dressed\CellParts;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** An order with entries, choices and formulas, for what is tested of them. */
abstract class OrderCase extends TestCase
{
    /** An order: line, status, count, price, and what they come to. */
    protected static function order(): Workbook
    {
        $rows = [['Order of trees'], [], ['Line', 'Status', 'Count', 'Price', 'Value', 'Note']];
        for ($row = 4; $row <= 13; $row++) {
            $rows[] = ['L'.($row - 3), ['late', 'paid'][$row % 2], $row, 1.5 + $row, Cell::formula("C$row*D$row", $row * (1.5 + $row)),
                null];
        }
        $rows[] = ['Total', null, Cell::formula('SUM(C4:C13)', 85), null, Cell::formula('SUM(E4:E13)', 812.5), null];
        // One value stands where its whole column is worked out.
        $rows[7][4] = 99;
        $prices = [['Step', 'From', 'Off']];
        for ($row = 2; $row <= 9; $row++) {
            $prices[] = [Cell::formula("ROW()-1+$row", $row), Cell::formula("A$row*2", $row * 2), Cell::formula("B$row*2", $row * 4)];
        }
        $lists = [['Status'], ['late'], ['paid'], ['sent'], ['waiting']];
        $sheets = [];
        foreach (['Order' => $rows, 'Steps' => $prices, 'Lists' => $lists] as $name => $lines) {
            $cells = new MemorySheet($name, array_map(fn (array $line) => array_map(fn ($value) => $value instanceof Cell ? $value
                : Cell::of($value), $line), $lines));
            $sheets[count($sheets) + 1] = new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
        }
        $check = EntryCheck::of(['id' => 'n1', 'kind' => 'list', 'of' => ['Lists!$A$2:$A$5'], 'where' => ['cells' => 'B4:B13'],
            'prompt' => 'How it stands']);
        $sheets[1] = $sheets[1]->withAspects(new EntryChecks([$check]));

        return new Workbook('Trees', $sheets, new LookBook);
    }

    protected static function parts(Workbook $workbook): CellParts
    {
        return new CellParts($workbook->sheet(1), $workbook->looks);
    }

    protected static function look(Workbook $workbook, string $cell, int $sheet = 1): Look
    {
        $at = Address::parse($cell);

        return (new DressedSheet($workbook->sheet($sheet), $workbook->looks))->at($at->row, $at->column)->look;
    }

    protected static function targets(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }
}
