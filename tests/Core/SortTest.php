<?php

declare(strict_types=1);

namespace Tests\Core;

use Collator;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Exception\SortIsWrong;
use Rilvet\Act\Format;
use Rilvet\Act\Resize;
use Rilvet\Act\SortTable;
use Rilvet\Act\Targets;
use Rilvet\Change\CellsPatch;
use Rilvet\Change\Change;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Sorting: rows move whole among the rows of their group, and what belongs to a place stays. */
final class SortTest extends TestCase
{
    private const TREES = [
        ['Tree', 'Count', 'Worth'],
        ['Rowan', 30, 3.5],
        ['Ash', 4, 9.25],
        ['Élm', 12, 1.5],
        ['elder', 4, 2.5],
        ['Oak', null, 4.5],
        ['Total', 50, 21.25],
    ];

    public function test_numbers_go_by_value_blanks_last_and_the_total_stays(): void
    {
        $sorted = (new SortTable(1, 2, 1, [[2, false]]))->on(self::book(self::TREES));
        self::assertSame(['Tree', 'Ash', 'elder', 'Élm', 'Rowan', 'Oak', 'Total'], self::column($sorted, 1), 'equal rows keep their order');
        $down = (new SortTable(1, 2, 1, [[2, true]]))->on(self::book(self::TREES));
        self::assertSame(['Tree', 'Rowan', 'Élm', 'Ash', 'elder', 'Oak', 'Total'], self::column($down, 1));
        $two = (new SortTable(1, 2, 1, [[2, false], [3, false]]))->on(self::book(self::TREES));
        self::assertSame(['elder', 'Ash'], array_slice(self::column($two, 1), 1, 2));
    }

    /** The order of texts is that of the Unicode Collation Algorithm (UTS 10) as intl has it. */
    public function test_text_goes_by_collation(): void
    {
        $sorted = (new SortTable(1, 2, 1, [[1, false]]))->on(self::book(self::TREES));
        self::assertSame(['Ash', 'elder', 'Élm', 'Oak', 'Rowan'], array_slice(self::column($sorted, 1), 1, 5));
        mt_srand(10);
        $words = array_map(
            fn () => implode(
                '',
                array_map(
                    fn () => ['a', 'A', 'ä', 'Z', 'z', 'é', 'e', 'ß', 's', '-', ' ', 'ø', 'o'][mt_rand(0, 12)],
                    range(1, mt_rand(1, 6)),
                ),
            ).'x',
            range(1, 60),
        );
        $rows = [['Word', 'n'], ...array_map(fn (string $word, int $index) => [$word, $index], $words, array_keys($words))];
        $expected = $words;
        $collator = new Collator('en');
        usort($expected, fn (string $one, string $other) => (int) $collator->compare($one, $other));
        self::assertSame($expected, array_slice(self::column((new SortTable(1, 2, 1, [[1, false]]))->on(self::book($rows)), 1), 1));
    }

    public function test_hand_touches_and_heights_go_along_and_stripes_that_came_with_the_file_stay(): void
    {
        $looks = new LookBook;
        $file = new LookMap;
        foreach ([2, 4, 6] as $row) {
            $file->set(Range::of($row, 1, $row, 3), $looks->number(Look::of(['fill' => '#EEEEEE'])));
        }
        $file->set(Range::of(2, 2, 2, 2), $looks->number(Look::of(['fill' => '#EEEEEE', 'number' => '0.00'])));
        $workbook = self::book(self::TREES, $looks, $file);
        $workbook = (new Format(new Targets([1], RangeSet::parse('A2')), Look::of(['bold' => true])))->on($workbook);
        $workbook = (new Resize([1], false, [[2, 2]], 44))->on($workbook);
        $sheet = (new SortTable(1, 2, 1, [[2, false]]))->on($workbook)->sheet(1);
        $hand = fn (int $row) => $looks->look($sheet->hand->at($row, 1))->is(Attribute::Bold);
        self::assertSame([false, true], [$hand(2), $hand(5)], 'Rowan went from row 2 to row 5');
        self::assertSame([20, 44], [$sheet->setup->sizes->heightOf(2), $sheet->setup->sizes->heightOf(5)]);
        $fills = array_map(fn (int $row) => $looks->look($sheet->file->at($row, 1))->text(Attribute::Fill), [2, 3, 4, 5, 6]);
        self::assertSame(['#EEEEEE', '', '#EEEEEE', '', '#EEEEEE'], $fills);
        self::assertSame(
            '0.00',
            $looks->look($sheet->file->at(5, 2))->text(Attribute::Number),
            'the number format belongs to what is in the cell',
        );
    }

    public function test_formulas_look_at_their_own_row_in_its_new_place(): void
    {
        $rows = [
            ['Tree', 'Count', 'Each', 'Worth', 'Share'],
            ['Rowan', 30, 2, '=B2*C2', '=D2/SUM(D$2:D$4)'],
            ['Ash', 4, 5, '=S!B3*C3', '=D3/SUM(D$2:D$4)'],
            ['Elm', 12, 1, '=B4*C4', '=D4/SUM(D$2:D$4)'],
            ['Total', 46, null, '=SUM(D2:D4)', null],
        ];
        $sorted = (new SortTable(1, 2, 1, [[2, false]]))->on(self::book($rows))->sheet(1)->cells;
        $formulas = [];
        foreach ($sorted->read(2, 5) as $row => $cells) {
            $formulas[$row] = [$cells[0]->value, $cells[3]->formula, $cells[4]->formula];
        }
        self::assertSame(
            [
                ['Ash', 'S!B2*C2', 'D2/SUM(D$2:D$4)'],
                ['Elm', 'B3*C3', 'D3/SUM(D$2:D$4)'],
                ['Rowan', 'B4*C4', 'D4/SUM(D$2:D$4)'],
                ['Total', 'SUM(D2:D4)', null],
            ],
            array_values($formulas),
        );
    }

    public function test_what_cannot_be_sorted_is_named(): void
    {
        $across = self::book([
            ['Tree', 'Count', 'So far'],
            ['Rowan', 30, '=B2'],
            ['Ash', 4, '=C2+B3'],
            ['Elm', 12, '=C3+B4'],
            ['Oak', 1, '=C4+B5'],
        ]);
        $merged = self::book(self::TREES, setup: new Setup(merges: [Range::parse('A3:A4')]));
        $acts = [
            'C4 looks at another row' => [$across, new SortTable(1, 2, 1, [[2, true]])],
            'The merged cells A3:A4 are in the way' => [$merged, new SortTable(1, 2, 1, [[2, false]])],
            'no column of that table' => [self::book(self::TREES), new SortTable(1, 2, 1, [[9, false]])],
            'No table' => [self::book(self::TREES), new SortTable(1, 50, 9, [[1, false]])],
        ];
        foreach ($acts as $words => [$workbook, $act]) {
            try {
                $act->on($workbook);
                self::fail($words);
            } catch (SortIsWrong $wrong) {
                self::assertStringContainsString($words, $wrong->getMessage());
            }
        }
    }

    public function test_a_sort_and_its_undo_leave_the_cells_as_they_were(): void
    {
        $workbook = self::book(self::TREES);
        $act = new SortTable(1, 2, 1, [[1, true]]);
        $after = $act->on($workbook);
        $change = Change::between($workbook, $after, $act->words($workbook));
        $cells = array_values(array_filter($change->patches, fn ($patch) => $patch instanceof CellsPatch));
        self::assertCount(1, $cells);
        $before = $cells[0]->before['cells'];
        $there = iterator_to_array($workbook->sheet(1)->cells->read(1, 9));
        foreach ($before as [$row, $column, $stored]) {
            self::assertSame($there[$row][$column - 1]->stored(), $stored);
        }
        self::assertSame('Data: sorted by A, greatest first, S', $change->words);
    }

    /** @return list<mixed> */
    private static function column(Workbook $workbook, int $column): array
    {
        $values = [];
        foreach ($workbook->sheet(1)->cells->read(1, $workbook->sheet(1)->cells->rows()) as $cells) {
            $values[] = $cells[$column - 1]->value;
        }

        return $values;
    }

    /** @param  list<list<mixed>>  $rows */
    private static function book(
        array $rows,
        LookBook $looks = new LookBook(),
        LookMap $file = new LookMap(),
        Setup $setup = new Setup(),
    ): Workbook {
        $cells = new MemorySheet(
            'S',
            array_map(
                fn (array $row) => array_map(
                    fn (mixed $value) => is_string($value) && $value[0] === '='
                        ? Cell::formula(substr($value, 1), 1.5)
                        : Cell::of(is_scalar($value) ? $value : null),
                    $row,
                ),
                $rows,
            ),
        );

        return new Workbook(
            'Book',
            [
                1 => new Worksheet(
                    $cells,
                    'S',
                    Finder::read(SheetFacts::of($cells)),
                    came: $setup,
                    aspects: Aspects::of(new FileLooks($file)),
                ),
            ],
            $looks,
        );
    }
}
