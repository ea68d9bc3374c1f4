<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Act\Format;
use Rilvet\Act\ProtectSheet;
use Rilvet\Act\Resize;
use Rilvet\Act\Summarise;
use Rilvet\Check\Checks;
use Rilvet\Check\Consistency\UnlikeStylebook;
use Rilvet\Check\Finding;
use Rilvet\Check\MendFindings;
use Rilvet\Check\Severity;
use Rilvet\Compare\Comparison;
use Rilvet\Compare\Difference;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Formula\Unsettled;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Guard\Protection;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookMap;
use Rilvet\Number\FormatClass;
use Rilvet\Reading\Reading;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\Builtin;
use Rilvet\Summary\Summary;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Checks of stylebooks, of two sheets, and of what a file rarely has: each with its fault and what only looks so. */
final class CheckAcrossTest extends CheckAcrossCase
{
    /** What a ready stylebook shows, signs in the first row and the total, stripes, sizes of titles, is meant so. */
    public function test_a_sheet_in_a_ready_stylebook_has_nothing_that_is_worth_a_look(): void
    {
        $rows = [['Sales of trees'], [null], ['Tree', 'Sown', 'Count', 'Price £', 'Worth £']];
        foreach (self::rows(0) as $at => [$tree]) {
            $row = $at + 3;
            $at === 0 || $rows[] = [$tree, '2026-03-'.(10 + $at), 3 * $at, 2 * $at + 0.5, Cell::formula("C$row*D$row",
                3 * $at * (2 * $at + 0.5))];
        }
        $rows[] = ['Total', null, Cell::formula('SUM(C4:C11)', 108), null, Cell::formula('SUM(E4:E11)', 1_278)];
        $plain = self::book(['Sales' => $rows]);
        self::assertCount(10, Builtin::all());
        $differ = 0;
        foreach (Builtin::all() as $book) {
            $dressed = (new Dress([1], $book))->on($plain);
            $look = new DressedSheet($dressed->sheet(1), $dressed->looks);
            $sign = fn (int $row) => FormatClass::currency($look->at($row, 4)->look->text(Attribute::Number));
            $differ += $sign(4) !== $sign(5) ? 1 : 0;
            $found = Checks::on($dressed, Checks::all());
            $found = array_filter($found, fn (Finding $one) => $one->severity->isAtLeast(Severity::Look));
            self::assertSame([], array_map(fn (Finding $one) => "$one->check $one->range: $one->words", array_values($found)), $book->name);
        }
        self::assertGreaterThan(0, $differ, 'some give the first figure a sign, and the others none');
    }

    public function test_hand_touches_repeat_the_stylebook_or_contradict_it(): void
    {
        $book = Builtin::named('River ledger');
        $dressed = (new Dress([1], $book))->on(self::year(1));
        self::assertSame([[], []], [self::found($dressed, 'hand-repeats'), self::found($dressed, 'hand-contradicts')]);
        $look = fn (array $says) => (new Format(self::at('A1:C1'), Look::of($says)))->on($dressed);
        $ink = $book->part(\Rilvet\Reading\Part::Heading)->ink()->toHex();
        [$again] = self::found($look(['bold' => true, 'ink' => $ink]), 'hand-repeats');
        self::assertSame(['A1, B1, C1', 3], [$again->range, $again->count]);
        [$against] = self::found($look(['ink' => '#FF0000']), 'hand-contradicts');
        self::assertSame([3, '3 cells say otherwise than the stylebook.'], [$against->count, $against->words]);
        $wiped = (new MendFindings([$against]))->on($look(['ink' => '#FF0000']));
        self::assertTrue($wiped->sheet(1)->hand->isEmpty());
        self::assertSame([], self::found($look(['strike' => true]), 'hand-contradicts'), 'of which the stylebook says nothing');
    }

    public function test_conditional_looks_in_pieces_are_gathered(): void
    {
        $rule = fn (int $row, string $limit = '5') => Condition::of(['id' => "c$row", 'where' => ['cells' => "B$row"],
            'test' => ['is' => 'above', 'of' => [$limit]], 'look' => ['bold' => true]]);
        $with = fn (Condition ...$all) => self::year(1)->withSheet(1,
            self::year(1)->sheet(1)->withAspects(new Conditions(array_values($all))));
        [$one] = self::found($with($rule(2), $rule(3), $rule(4), $rule(5)), 'rules-multiply');
        self::assertSame('4 conditional looks say no more than 1 would.', $one->words);
        self::assertCount(1, (new MendFindings([$one]))->on($with($rule(2), $rule(3), $rule(4),
            $rule(5)))->sheet(1)->aspect(Conditions::class)->all);
        self::assertSame([], self::found($with($rule(2, '1'), $rule(3, '2'), $rule(4, '3')), 'rules-multiply'));
    }

    public function test_a_total_that_holds_its_subtotals_once_more(): void
    {
        $rows = fn (float $total) => [['Bed', 'Trees'], ['North', 10], ['Alder', 20], ['Birch', 35], ['Subtotal',
            Cell::formula('SUM(B2:B4)', 65)],
            ['Fir', 5], ['Larch', 15], ['Yew', 25], ['Subtotal', Cell::formula('SUM(B6:B8)', 45)], ['Total',
                Cell::formula('SUM(B2:B9)', $total)]];
        [$one] = self::found(self::book(['Beds' => $rows(220)]), 'counted-twice');
        self::assertSame(['B10',
            '"Trees": the total says 220.00, which is the figures and their subtotals together; the figures are 110.00.'],
            [$one->range, $one->words]);
        self::assertSame([], self::found(self::book(['Beds' => $rows(110)]), 'counted-twice'));
        // What is lost in the last digits of large figures is nothing, and a difference of a hundredth of small ones is one.
        self::assertSame([], self::found(self::book(['Beds' => $rows(220.01)]), 'counted-twice'));
        $large = array_map(fn (array $row) => array_map(fn (mixed $cell) => match (true) {
            is_int($cell) => $cell * 123456.5,
            $cell instanceof Cell => Cell::formula((string) $cell->formula, $cell->number() * 123456.5 + 0.001),
            default => $cell,
        }, $row), $rows(220));
        self::assertCount(1, self::found(self::book(['Beds' => $large]), 'counted-twice'));
    }

    public function test_tables_that_touch_and_tables_with_room_between_them(): void
    {
        $trees = [['Name', 'Count', 'Price'], ...array_map(fn (int $at) => ["Tree $at", $at * 3, $at * 1.25], range(1, 6))];
        $fields = [['Area', 'Size', 'Worth'], ...array_map(fn (int $at) => ["Field $at", $at * 7, $at], range(1, 6))];
        [$one] = self::found(self::book(['Two' => [...$trees, ...$fields]]), 'tables-touch');
        self::assertSame('A1:C7, A8:C14', $one->range);
        self::assertSame([], self::found(self::book(['Two' => [...$trees, [null], ...$fields]]), 'tables-touch'));
    }

    public function test_headings_merged_over_rows_and_a_table_that_is_read_with_doubt(): void
    {
        $rows = [['Name', 'Trees', null], [null, 'Small', 'Large'], ...array_map(fn (int $at) => ["Bed $at", $at * 3, $at * 5],
            range(1, 8))];
        $merged = fn (string ...$ranges) => ($of = self::book(['Beds' => $rows]))->withSheet(1,
            $of->sheet(1)->merged(array_map(Range::parse(...), array_values($ranges)), []));
        $found = self::found($merged('A1:A2'), 'heading-merged');
        self::assertSame([['A1:A2', '1 heading is merged over several rows.']], array_map(fn (Finding $one) => [$one->range,
            $one->words], $found));
        self::assertSame([], self::found($merged('B1:C1'), 'heading-merged'));
        $year = self::year(1);
        [$table] = $year->sheet(1)->reading->tables;
        $read = fn (float $confidence) => $year->withSheet(1, new Worksheet($year->sheet(1)->cells, 'Sheet A', new Reading([
            new TableReading($table->range, $confidence, $table->runs, $table->columns)])));
        $doubt = self::found($read(0.31), 'read-with-doubt');
        self::assertSame([['A1:C9', true]], array_map(fn (Finding $one) => [$one->range, str_contains($one->words, '31 %')], $doubt));
        self::assertSame([], self::found($read(0.5), 'read-with-doubt'));
        self::assertSame([], self::found(self::year(1), 'read-with-doubt'));
    }

    public function test_looks_far_below_the_data_and_fills_that_some_cannot_tell_apart(): void
    {
        $year = self::year(1);
        $map = function (string $range, array $look) use ($year) {
            $map = new LookMap;
            $map->set(Range::parse($range), $year->looks->number(Look::of($look)));

            return $year->withSheet(1, $year->sheet(1)->withAspects(new FileLooks($map)));
        };
        [$one] = self::found($map('B5:B40000', ['bold' => true]), 'looks-beyond');
        self::assertSame('The data ends in row 9, looks go on to row 40,000.', $one->words);
        self::assertSame([], self::found((new MendFindings([$one]))->on($map('B5:B40000', ['bold' => true])), 'looks-beyond'));
        self::assertSame([[], []], [self::found($map('B1:B1048576', ['bold' => true]), 'looks-beyond'), self::found($map('B5:B60',
            ['bold' => true]), 'looks-beyond')]);

        $fills = fn (string $one, string $other) => (new Format(self::at('B4:B5'), Look::of(['fill' => $other])))->on(
            (new Format(self::at('B2:B3'), Look::of(['fill' => $one])))->on($year));
        // A red and a green of one lightness (Machado, Oliveira and Fernandes 2009; see DichromacyTest).
        self::assertCount(1, self::found($fills('#DCAD7C', '#9ABD7F'), 'fills-alike'));
        self::assertSame([], self::found($fills('#DDEBF7', '#F2D28B'), 'fills-alike'));
    }

    public function test_a_formula_that_looks_at_itself(): void
    {
        $year = self::year(1);
        $sheet = $year->sheet(1);
        $circle = $year->withSheet(1, $sheet->withUnsettled(new Unsettled([], [], [Range::parse('C3')])));
        self::assertSame(['C3'], array_map(fn (Finding $one) => $one->range, self::found($circle, 'circle')));
        self::assertSame([], self::found($year, 'circle'));
    }

    public function test_a_sheet_unlike_a_stylebook_is_told_and_dressed(): void
    {
        $check = new UnlikeStylebook(Builtin::named('River ledger'));
        [$one] = Checks::on(self::year(1), [$check]);
        self::assertStringStartsWith('Unlike River ledger: ', $one->words);
        self::assertSame([], Checks::on((new MendFindings([$one]))->on(self::year(1)), [$check]));
    }

    public function test_what_differs_between_two_sheets_is_counted_by_facet_and_part(): void
    {
        $year = self::year(1);
        $other = (new Resize([1], true, [[3, 3]], 90))->on((new Format(self::at('A1:C1'), Look::of(['bold' => true])))->on($year));
        $told = fn (Comparison $of) => array_map(fn (Difference $one) => [$one->facet, $one->part, $one->count, $one->right[0]],
            $of->differences);
        self::assertSame([['type', 'Column headings', 3, 'A1'], ['widths', '', 1, 'C:C']], $told(new Comparison($year, 1, $other, 1)));
        self::assertSame([], $told(new Comparison($year, 1, $year, 1)));
        // A row more, and a value changed: rows are matched, not shifted.
        $rows = self::rows(0);
        array_splice($rows, 3, 0, [['Wych elm', 3, 4]]);
        $rows[6][1] = 999;
        $grown = self::book(['Sheet A' => $rows]);
        $of = new Comparison($year, 1, $grown, 1);
        self::assertSame([[1, 1, 3], [4, 5, 6]], $of->rows);
        self::assertSame([['values', '', 1, 'B7']], $told($of));
        self::assertSame(['B6'], $of->differences[0]->left);
        self::assertSame([0, 1], [Comparison::unmatched($of->rows, 9), Comparison::unmatched($of->rows, 10)]);
    }

    /** All cells of a long sheet that was dressed: counted, the first named, and told in a moment. */
    public function test_what_differs_everywhere_is_counted_and_the_first_places_are_named(): void
    {
        $rows = [['Tree', 'Beds', 'Price']];
        for ($row = 1; $row <= 50_000; $row++) {
            $rows[] = ["T$row", $row % 97, $row % 31];
        }
        $plain = self::book(['Long' => $rows]);
        $bold = (new Format(self::at('A2:C50001'), Look::of(['bold' => true])))->on($plain);
        $of = new Comparison($plain, 1, $bold, 1, true);
        self::assertSame([['type', 'Body', 100_000, 200], ['type', 'Row labels', 50_000, 200]], array_map(
            fn (Difference $one) => [$one->facet, $one->part, $one->count, count($one->right)], $of->differences));
        self::assertSame(['B2', 'C2', 'B3'], array_slice($of->differences[0]->right, 0, 3));
    }

    /** Many mends of cells are done as one (bench/findings.php says at what price); a cell that two of them say is what the later says. */
    public function test_many_changes_of_cells_are_mended_as_one(): void
    {
        $rows = [['Lot', ...array_map(fn (int $at) => "Count $at", range(1, 120))]];
        for ($row = 1; $row <= 30; $row++) {
            $rows[] = ["L$row", ...array_map(fn (int $at) => ($row * $row * 37 + $at * $at * 101) % 1_009, range(1, 120))];
        }
        for ($column = 1; $column <= 120; $column++) {
            $rows[1 + $column % 29][$column] = '5';
        }
        $found = self::found(self::book(['Many' => $rows]), 'number-as-text');
        self::assertCount(120, $found);
        $mend = new MendFindings($found);
        $after = $mend->on(self::book(['Many' => $rows]));
        self::assertSame([], self::found($after, 'number-as-text'));
        self::assertSame('Data: mended 120 findings', $mend->words($after));
        $edit = fn (string $text) => new EditCells(1, [2 => [1 => $text]]);
        self::assertSame('later', self::text($edit('first')->joined([$edit('later')])->on(self::book(['Many' => $rows])), 'A2'));
    }

    private static function text(Workbook $workbook, string $at): string
    {
        $range = Range::parse($at);
        foreach ($workbook->sheet(1)->cells->read($range->top, $range->top, $range->left, $range->left) as $cells) {
            return $cells[$range->left - 1]->text();
        }

        return '';
    }

    public function test_a_summary_is_told_from_its_table_when_that_has_gone_on(): void
    {
        $of = Summary::of(['sheet' => 1, 'rows' => [['heading' => 'Tree']], 'values' => [['heading' => 'Beds']]]);
        $book = (new Summarise(null, $of))->on(self::year(1));
        self::assertSame([], self::found($book, 'summary-old'));
        $other = (new EditCells(1, [3 => [3 => '77']]))->on($book);
        self::assertSame([], self::found($other, 'summary-old'), 'a column that it does not sum up');
        $later = (new EditCells(1, [3 => [2 => '77']]))->on($book);
        $found = self::found($later, 'summary-old');
        self::assertSame(['2 of its cells say something else than the table does now.'], array_map(fn (Finding $one) => $one->words,
            $found));
        self::assertSame([], self::found((new MendFindings($found))->on($later), 'summary-old'));
    }

    public function test_what_could_not_be_mended_with_the_others_is_not_said_to_be(): void
    {
        $center = fn (string $at, int $sheet, Workbook $on) => (new Format(self::at($at, $sheet),
            Look::of(['horizontal' => 'center'])))->on($on);
        $year = $center('A3', 2, $center('A3', 1, self::year(2)));
        $closed = (new ProtectSheet([2], Protection::USUAL, null))->on($year);
        $found = self::found($closed, 'mixed-alignment');
        self::assertCount(2, $found);
        $mend = new MendFindings($found);
        $after = $mend->on($closed);
        self::assertSame('Mended 1 of 2 findings', $mend->words($closed));
        self::assertSame(['Sheet B'], array_map(fn (Finding $one) => $one->sheet, self::found($after, 'mixed-alignment')));
        $this->expectException(SheetIsClosed::class);
        (new MendFindings([$found[1]]))->on($closed);
    }
}
