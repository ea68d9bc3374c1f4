<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Condition\Conditions;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Sheet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Text\Fonts;
use Rilvet\Window\Figures;
use Rilvet\Window\Inspector;
use Rilvet\Window\Painter;
use Rilvet\Window\WindowLine;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\RandomCondition;
use Tests\RandomDeed;

/** A few acts by chance on a small sheet, one after the other: what is stored of it then, and how a part of it is seen. */
final class ManyActsPictureTest extends ManyPicturesCase
{
    private static function sheet(): Sheet
    {
        $rows = [['Deliveries'], ['Lot', 'Tree', 'Count', 'Worth', 'Due'], ['L1', 'Ash', 4, '=C3*2', 46_100],
            ['L2', 'Rowan', -2, '=C4*2', 46_101],
            ['L3', 'Yew', 12, '=C5*2', 46_130.5], [null, null, null, null, null], ['L4', 'Ash', 7.5, '=C7*2', null],
            ['L5', 'Elm', 0, 3, 46_200], ['Total', null, '=SUM(C3:C8)', '=SUM(D3:D8)', null], ['Note: counted twice']];
        // Formulas that have lost what they looked at, and values in their place.
        self::one(4) && $rows[mt_rand(2, 4)][3] = self::pick(['=#REF!*2', '=C3+#REF!', 17.5, '=C3*3']);

        return MemorySheet::of('Beds', array_slice($rows, self::one(4) ? 1 : 0, self::pick([6, 8, 9, 10])));
    }

    public function test_acts_follow_acts(): void
    {
        $this->many('acts', 40_001, 600, function (): string {
            $cells = self::sheet();
            $workbook = new Workbook('Few', [1 => new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells)))], new LookBook);
            $said = [];
            for ($count = mt_rand(2, 6); $count > 0; $count--) {
                $act = RandomDeed::of($workbook);
                try {
                    $said[] = $act->words($workbook);
                    $workbook = $act->on($workbook);
                } catch (Refusal $refusal) {
                    $said[] = $refusal->getMessage();
                }
            }
            $sheet = $workbook->sheet(1);

            // What is found on a dressed sheet takes longer than all else, and is asked for now and then.
            $found = self::one(4) ? array_map(fn (Finding $one) => "$one->check $one->range $one->count $one->words {$one->mend?->words}",
                Checks::on($workbook, Checks::all())) : [];

            return implode("\n", [...$said, self::json((new SheetDocuments($sheet))->all()), ...self::seen($sheet, $workbook->looks),
                ...$found]);
        });
    }

    /** Conditions with borders in them, stripes and merges, seen through windows that cut them anywhere. */
    public function test_parts_of_a_sheet_are_seen(): void
    {
        $this->many('seen', 44_001, 400, function (): string {
            $cells = self::sheet();
            $conditions = [];
            for ($more = mt_rand(1, 3); $more > 0; $more--) {
                $conditions[] = self::one(2) ? RandomCondition::of("n$more", self::pick(['C3:C8', 'A2:E9', 'B4:D5']))
                    : RandomDeed::edged("n$more");
            }
            $sheet = (new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells))))->withAspects(
                new Conditions(array_values(array_filter($conditions, fn ($one) => $one->test->period === null))));

            return implode("\n", self::seen($sheet, new LookBook));
        });
    }

    /** @return list<string> */
    private static function seen(Worksheet $sheet, LookBook $looks): array
    {
        [$top, $left] = [mt_rand(1, 9), mt_rand(1, 5)];
        $range = Range::of($top, $left, $top + mt_rand(0, 6), $left + mt_rand(0, 4));
        $window = (new Painter($sheet, $looks, Fonts::shipped()))->paint(1, $range);
        $said = [self::json([$window->widths, $window->heights, $window->merges, $window->looks])];
        foreach ($window->cells as $cell) {
            $said[] = "$cell->row.$cell->column [$cell->text] $cell->look $cell->align $cell->edge $cell->from-$cell->to";
        }
        array_push($said, ...array_map(fn (WindowLine $line) => self::json($line), $window->lines));
        $set = RangeSet::parse(self::pick(['A1', 'C3:D5', 'C:C', '4:4', 'A2:E9', 'B3,D4:E6']));
        $first = $set->all()[0];

        return [...$said, self::json((new Inspector($sheet, $looks))->inspect($set, $first->top, $first->left)),
            self::json(Figures::of($sheet->cells, $set))];
    }
}
