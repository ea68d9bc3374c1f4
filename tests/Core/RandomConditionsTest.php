<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\SetCondition;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Is;
use Rilvet\Condition\Judges;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Aspects;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\AtWork;
use Tests\HandMade;
use Tests\RandomCondition;
use Tests\ThroughFile;

/** Conditional looks of all kinds, by chance: they are the same after each way that they can go. */
final class RandomConditionsTest extends TestCase
{
    /** @param  list<Condition>  $conditions */
    private static function workbook(array $conditions): Workbook
    {
        $cells = MemorySheet::of('Beds', [['Lot', 'Count'], ['L1', 4], ['or', -2], ['a b', 7], ['L4', 4], ['', 90], ['<&', 12], ['L7', 0],
            ['or', null], [' ', 'or'], ['x', ''], ['A B', true], ['day', floor(microtime(true) / 86_400) + 25_569]]);

        return new Workbook('Book', [1 => new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells)),
            aspects: Aspects::of(new Conditions($conditions)))], new LookBook);
    }

    /** @return list<array<string, mixed>> */
    private static function said(Workbook $workbook): array
    {
        return array_map(fn (Condition $one) => array_diff_key($one->toArray(), ['id' => 0, 'came' => 0]),
            $workbook->sheet(1)->aspect(Conditions::class)->all);
    }

    public function test_they_are_the_same_when_they_are_kept(): void
    {
        mt_srand(6_011);
        for ($round = 0; $round < 600; $round++) {
            $one = RandomCondition::of("n$round");
            self::assertSame($one->toArray(), Condition::of($one->toArray())->toArray());
        }
    }

    /**
     * What the words of the standard alone can say of a condition (ISO/IEC 29500-1 18.3.1.28, 18.3.1.49): a bar fades, has no edge
     * and none of its own below nought; of marks that came later those stand that come nearest.
     *
     * @param  array<string, mixed>  $one
     * @return array<string, mixed>
     */
    private static function inItsWords(array $one): array
    {
        if (isset($one['bar'])) {
            $ends = ['from' => 'least', 'to' => 'greatest'];
            foreach ($ends as $end => $at) {
                $one['bar'][$end] = $one['bar'][$end]['at'] === 'auto' ? ['at' => $at] : $one['bar'][$end];
            }
            $one['bar'] = ['gradient' => true] + array_diff_key($one['bar'], ['below' => 0, 'axis' => 0, 'axisColour' => 0, 'border' => 0,
                'mirrored' => 0]);
        }
        if (isset($one['marks'])) {
            unset($one['marks']['own']);
            $set = $one['marks']['set'];
            $one['marks']['set'] = ['3Stars' => '3Signs', '3Triangles' => '3Arrows', '5Boxes' => '5Quarters'][$set] ?? $set;
        }

        return $one;
    }

    public function test_they_come_back_from_an_xlsx(): void
    {
        mt_srand(6_012);
        for ($round = 0; $round < 60; $round++) {
            $conditions = array_map(fn (int $number) => RandomCondition::of("n$number", ['B2:B9', 'A2:B9', 'B3'][mt_rand(0, 2)]),
                range(1, 6));
            $workbook = self::workbook($conditions);
            self::assertEquals(array_map(self::inItsWords(...), self::said($workbook)), self::said(ThroughFile::of($workbook, 'xlsx')),
                "round $round");
        }
    }

    /**
     * A bar as it is read from an extension list. An axis is drawn where bars go both ways, in black unless it is said otherwise;
     * bars that all grow from one end have none, and one colour. What the words of the standard say is said in them alone.
     *
     * @param  array<string, mixed>  $bar
     * @return array<string, mixed>
     */
    private static function drawnAlike(array $bar): array
    {
        if (isset($bar['below'])) {
            return $bar + ['axisColour' => '#000000'];
        }
        $isPlain = isset($bar['gradient']) && ! isset($bar['border']) && ! isset($bar['mirrored'])
            && ! in_array('auto', [$bar['from']['at'], $bar['to']['at']], true);

        return array_diff_key($bar, ['axis' => 0, 'axisColour' => 0]) + ($isPlain ? [] : ['below' => $bar['colour'], 'axis' => 'none']);
    }

    public function test_they_come_back_from_an_extension_list(): void
    {
        mt_srand(6_013);
        $parts = HandMade::parts('<row r="1"><c r="A1"><v>4</v></c><c r="B1"><v>-2</v></c></row>');
        $parts['xl/worksheets/sheet1.xml'] = str_replace('</worksheet>', '<extLst><ext xmlns:x14="urn:conditions" xmlns:xm="urn:formulas"'
            .' uri="{78C0D931-6437-407d-A8EE-F0AAD7539E65}"><x14:conditionalFormattings><x14:conditionalFormatting><x14:cfRule'
            .' type="cellIs" priority="1" operator="greaterThan" id="{00000000-0001-0000-0000-000000000001}"><xm:f>One!$A$1</xm:f>'
            .'<x14:dxf><font><b/></font></x14:dxf></x14:cfRule><xm:sqref>A1:A9</xm:sqref></x14:conditionalFormatting>'
            .'</x14:conditionalFormattings></ext></extLst></worksheet>', $parts['xl/worksheets/sheet1.xml']);
        for ($round = 0; $round < 60; $round++) {
            $work = AtWork::on($parts);
            $conditions = [];
            for ($number = 1; $number <= 5; $number++) {
                $conditions[] = $one = RandomCondition::of("n$number", ['B2:B9', 'A2:B9', 'B3'][mt_rand(0, 2)]);
                $work = $work->do(new SetCondition(1, $one));
            }
            $path = AtWork::zipped($work->written());
            $read = (new Opening(fn () => new MemoryBlockStore))->open($path, 'a.xlsx')->sheet(1)->conditions();
            unlink($path);
            self::assertCount(6, $read);
            // Each new one goes before those that were there.
            foreach (array_reverse($conditions) as $at => $condition) {
                /** @var array<string, mixed> $said */
                $said = json_decode($condition->key(), true);
                if (isset($said['bar'])) {
                    $said['bar'] = self::drawnAlike($said['bar']);
                }
                self::assertEquals($said, json_decode($read[$at]->key(), true), "round $round, $at");
            }
        }
    }

    /**
     * Cells that wear something by the conditions, each with what it wears.
     *
     * @return array<string, string>
     */
    private static function worn(Workbook $workbook): array
    {
        $sheet = $workbook->sheet(1);
        $judges = new Judges($sheet->aspect(Conditions::class)->all, $sheet->reading, $sheet->cells, $workbook->around(1));
        $worn = [];
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
            foreach ($cells as $index => $cell) {
                $verdict = $judges->at($row, $index + 1, $cell);
                foreach ($verdict->looks ?? [] as [$condition]) {
                    $worn["$row.$index"] = ($worn["$row.$index"] ?? '').json_encode(array_filter($condition->look->toArray()));
                }
            }
        }

        return $worn;
    }

    /** Law: an ods says most of them as formulas, of which each comes to the same in every cell. */
    public function test_the_same_cells_wear_them_in_an_ods(): void
    {
        mt_srand(6_014);
        $holding = 0;
        for ($round = 0; $round < 400; $round++) {
            $condition = RandomCondition::of('n1', ['B2:B9', 'A2:B9', 'B3:B11', 'B2:E9', 'D11:F30', 'B4:K4'][mt_rand(0, 5)]);
            if ($condition->test->is === Is::Always) {
                continue;
            }
            $workbook = self::workbook([$condition]);
            $worn = self::worn($workbook);
            $back = ThroughFile::of($workbook, 'ods');
            self::assertSame($worn, self::worn($back), json_encode($condition->toArray(), JSON_THROW_ON_ERROR));
            self::assertSame([self::said($workbook)[0]['where']], array_column(self::said($back), 'where'),
                'as far as it reaches, beside and below what is filled');
            self::assertSame([self::said($workbook)[0]['test']], array_column(self::said($back), 'test'),
                'in the words that it was said in');
            $holding += $worn === [] ? 0 : 1;
        }
        self::assertGreaterThan(80, $holding, 'many of them hold somewhere');
    }
}
