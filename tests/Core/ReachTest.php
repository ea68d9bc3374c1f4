<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Act\Settle;
use Rilvet\Act\Targets;
use Rilvet\Act\Wipe;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Facet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What acts say of themselves before they are done is what they do: no sheet, no value and no size beyond it. */
final class ReachTest extends TestCase
{
    /** @return iterable<string, array{string, bool}> */
    public static function deeds(): iterable
    {
        foreach ([false, true] as $isDressed) {
            foreach (array_keys(self::acts(self::workbook($isDressed))) as $name) {
                yield $name.($isDressed ? ', dressed' : '') => [$name, $isDressed];
            }
        }
    }

    #[DataProvider('deeds')]
    public function test_what_is_said_is_what_is_done(string $name, bool $isDressed): void
    {
        $before = self::workbook($isDressed);
        $act = self::acts($before)[$name];
        $reach = $act->reach();
        try {
            $outcome = (new Pipeline(new Recalculate(new LibraryCalculator, 30.0)))->run($act, $before);
        } catch (Refusal $refusal) {
            self::assertNotSame('', $refusal->getMessage());

            return;
        }
        $after = $outcome->after;
        foreach ($after->sheets as $number => $sheet) {
            $was = $before->sheets[$number] ?? null;
            if ($sheet !== $was && ! in_array($number, $reach->sheets, true)) {
                self::assertTrue($reach->needsAll, "sheet $number is another one, and was not said to be reached");
            }
            if ($was !== null && self::values($was) !== self::values($sheet)) {
                self::assertTrue($reach->isOfData, "values of sheet $number are others");
            }
        }
        self::assertTrue($reach->isOfData || ! $outcome->change()->isOfData);
        // What is fitted fits also where the act says that no text needs other room; lines that come and go bring their sizes along.
        $settled = Settle::after($reach->sizing(), $before, $after);
        foreach ($reach->isSettled || $reach->shift !== null ? [] : $settled->sheets as $number => $sheet) {
            self::assertEquals($after->sheets[$number]->setup->toArray(), $sheet->setup->toArray(), "sizes of sheet $number");
        }
        self::assertNotSame('', trim($act->words($before)));
    }

    /** @return array<string, Act> */
    private static function acts(Workbook $workbook): array
    {
        $at = new Targets([1], RangeSet::parse('A1:H40'));
        $wipes = [];
        foreach (Facet::cases() as $facet) {
            $wipes["wipe $facet->value"] = new Wipe($at, $facet);
        }

        return Deeds::all($workbook) + $wipes + ['wipe all' => new Wipe($at, null)];
    }

    /** @return list<list<mixed>> */
    private static function values(Worksheet $sheet): array
    {
        $values = [];
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $cells) {
            $values[] = array_map(fn (Cell $cell) => [$cell->value, $cell->error, $cell->formula], $cells);
        }

        return $values;
    }

    private static function workbook(bool $isDressed): Workbook
    {
        $rows = [['Trees by the river'], [], ['Tree', 'Lot', 'Count', 'Worth', 'Share']];
        foreach (['Rowan', 'Aspen', 'Hazel', 'Osier', 'Alder', 'Sallow', 'Birch', 'Elm', 'Ash', 'Oak', 'Yew', 'Lime'] as $at => $tree) {
            $rows[] = [$tree, sprintf('L%03d', $at + 7), $at * 7 % 11 + 1, ($at * 31 % 17) + 0.25, ($at * 5 % 9) / 10];
        }
        $rows[] = ['Total', null, 61, 98.0, null];
        $sheets = [];
        foreach (['River', 'Beck'] as $index => $name) {
            $cells = MemorySheet::of($name, $rows);
            $sheets[$index + 1] = new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
        }
        $workbook = new Workbook('W', $sheets, new LookBook);

        return $isDressed ? (new Pipeline(new Recalculate(new LibraryCalculator, 30.0)))->run(
            new Dress([1, 2], Builtin::named('River ledger')), $workbook)->after : $workbook;
    }
}
