<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\MoveCells;
use Rilvet\Change\Change;
use Rilvet\Formula\FormulaRun;
use Rilvet\Formula\FormulaRuns;
use Rilvet\Formula\MovedRun;
use Rilvet\Formula\References;
use Rilvet\Grid\Block;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Formulas that were filled down are said anew a stretch at a time; it must be what each of them would have been said alone. */
final class MovedRunTest extends TestCase
{
    private const SEED = 1_126;

    public function test_a_stretch_says_what_each_of_its_formulas_says_alone(): void
    {
        mt_srand(self::SEED);
        $anew = 0;
        for ($round = 0; $round < 400; $round++) {
            $shift = new Shift(mt_rand(0, 3) > 0, mt_rand(1, 12), mt_rand(1, 4), mt_rand(0, 1) === 1);
            $references = new References($shift, 'S');
            $own = mt_rand(0, 2) > 0;
            $run = new FormulaRun(5, $first = mt_rand(3, 8), $first + mt_rand(0, 12), self::formula($first));
            $found = [];
            foreach (MovedRun::of([$run], $references, $shift, $own) as $moved) {
                for ($row = $moved->run->first; $row <= $moved->run->last; $row++) {
                    $found["{$moved->run->column}.$row"] = [$moved->run->at($row), $moved->isResized];
                    self::assertSame(
                        $moved->run->at($row),
                        References::filled(References::template($moved->run->formula, $moved->run->first), $row),
                    );
                }
            }
            for ($row = $run->first; $row <= $run->last; $row++) {
                $to = $own && $shift->rows ? $shift->place($row) : $row;
                $column = $own && ! $shift->rows ? $shift->place(5) : 5;
                if ($to === null || $column === null) {
                    continue;
                }
                $was = $run->at($row);
                $is = $references->moved($was, $own);
                $isResized = $references->resizes($was, $own);
                $anew += $is === $was ? 0 : 1;
                self::assertSame(
                    $is === $was && ! $isResized ? null : [$is, $isResized],
                    $found["$column.$to"] ?? null,
                    json_encode([$shift->toArray(), $run, $row, $own]) ?: '',
                );
            }
        }
        self::assertGreaterThan(1_000, $anew);
    }

    public function test_thousands_of_formulas_are_few_stretches_and_arrays_go_along(): void
    {
        $shift = new Shift(true, 50_000, 2, true);
        $references = new References($shift, 'S');
        $moved = MovedRun::of(
            [new FormulaRun(3, 2, 100_000, 'SUM($A$2:A2)*B2'), new FormulaRun(4, 60_000, 60_000, 'A60000:A60002*2', 'D60000:D60002')],
            $references,
            $shift,
            true,
        );
        self::assertLessThan(25, count($moved));
        self::assertSame(['D60002:D60004', 'A60002:A60004*2'], [end($moved)->run->array ?? '', end($moved)->run->formula ?? '']);
        self::assertSame(100_002, max(array_map(fn (MovedRun $each) => $each->run->column === 3 ? $each->run->last : 0, $moved)));
    }

    public function test_blocks_say_the_same_as_cells_and_keep_what_the_formulas_gave(): void
    {
        $rows = [];
        for ($row = 1; $row <= 900; $row++) {
            $rows[] = [
                $row,
                Cell::formula("A$row*2", 2 * $row)->stored(),
                Cell::formula("SUM(A\$1:A$row)", ($row * ($row + 1)) / 2)->stored(),
                $row === 700 ? Cell::formula('A700:A702+1', 701, array: 'D700:D702')->stored() : null,
            ];
        }
        $store = new MemoryBlockStore;
        foreach (array_chunk($rows, Block::ROWS) as $number => $block) {
            $store->put($number, Block::encode($block));
        }
        $blocks = new BlockSheet('S', 900, 4, $store);
        $cells = new MemorySheet('S', array_map(fn (array $row) => array_map(Cell::fromStored(...), $row), $rows));
        foreach (
            [
                new Shift(true, 300, 2, true),
                new Shift(true, 400, 30, false),
                new Shift(false, 1, 1, true),
                new Shift(false, 2, 1, false),
                new Shift(true, 900, 1, true),
            ] as $shift
        ) {
            $all = [];
            foreach ([$blocks, $cells] as $sheet) {
                $workbook = new Workbook('W', [1 => new Worksheet($sheet, 'S', Reading::none())], new LookBook);
                $moved = (new MoveCells(1, $shift))->on($workbook);
                $all[] = array_map(
                    fn (array $line) => array_map(fn (Cell $cell) => $cell->stored(), $line),
                    iterator_to_array($moved->sheet(1)->cells->read(1, 910)),
                );
                $change = Change::between($workbook, $moved, '');
                foreach ($change->blocks[1] ?? [] as [$data, $runs]) {
                    self::assertSame(FormulaRuns::ofBlock($data), $runs);
                }
            }
            self::assertSame($all[1], $all[0]);
        }
    }

    private static function formula(int $row): string
    {
        $pick = fn (): string => match (mt_rand(0, 8)) {
            0 => 'A'.max(1, $row + mt_rand(-2, 3)),
            1 => '$B$'.mt_rand(1, 14),
            2 => 'SUM(C'.max(1, $row - 2).":C$row)",
            3 => "SUM(\$D\$2:D$row)",
            4 => 'S!A'.$row,
            5 => "Other!A$row",
            6 => 'SUM(B:C)',
            7 => "\"A$row\"&LOG10(A$row)",
            default => 'SUM('.max(1, $row - 1).':'.($row + 1).')',
        };

        return $pick().'+'.$pick();
    }
}
