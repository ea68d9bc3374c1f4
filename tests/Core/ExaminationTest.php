<?php

declare(strict_types=1);

namespace Tests\Core;

use Bench\Reading\Examination;
use Bench\Reading\Generator;
use Bench\Reading\Kinds;
use Bench\Reading\Layout;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\MemorySheet;
use Rilvet\Reading\Chain;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Evidence;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\SumsBelow;
use Rilvet\Reading\TableReading;

/** The reading on laid out tables that nobody tunes to (even seeds are held out), by cause; and the arithmetic it rests on. */
final class ExaminationTest extends TestCase
{
    /** @var array<string, Examination> */
    private static array $examined = [];

    /** @return array<string, array{string}> */
    public static function causes(): array
    {
        return array_combine(Generator::CAUSES, array_map(fn (string $cause) => [$cause], Generator::CAUSES));
    }

    #[DataProvider('causes')]
    public function test_tables_that_were_held_out_are_read_right(string $cause): void
    {
        self::$examined === [] && self::examine();
        $examination = self::$examined[$cause];
        self::assertGreaterThanOrEqual(0.985, $examination->mean(), $cause);
        self::assertGreaterThanOrEqual(0.85, $examination->worst(), $cause);
        self::assertSame(count($examination->tables), $examination->counted, 'tables are counted right');
    }

    public function test_the_upper_of_three_headings_stand_over_all_that_is_theirs(): void
    {
        $cells = MemorySheet::of('S', [
            [null, 'North', null, null, null, 'South', null], [null, 'Spring', null, 'Autumn', null, 'Spring', null],
            ['Species', 'Stock', 'Sold', 'Stock', 'Sold', 'Stock', 'Sold'],
            ['Rowan', 31, 12, 45, 9, 27, 14], ['Aspen', 2, 5, 3, 4, 7, 6], ['Hazel', 9, 2, 3, 1, 5, 8],
        ]);
        $table = Finder::read(SheetFacts::of($cells))->tables[0];
        self::assertSame([Part::ColumnGroup, Part::Heading], [$table->partAt(1, 2), $table->partAt(3, 2)]);
        self::assertSame(['B1:E1', 'F1:G1', 'B2:C2', 'D2:E2', 'F2:G2'], array_map(strval(...), $table->groups));
    }

    public function test_a_line_without_a_tick_is_a_line_where_many_ticks_are_missing_and_a_group_where_none_are(): void
    {
        $rows = fn (array $marks, string $tick) => array_map(
            fn (int $at) => ["Task $at", ...array_map(fn (string $mark) => $mark === '.' ? null : $tick, str_split($marks[$at]))],
            array_keys($marks),
        );
        $head = ['Task', 'Sown', 'Watered', 'Pruned'];
        $parts = function (array $rows) use ($head): array {
            $table = Finder::read(SheetFacts::of(MemorySheet::of('S', [$head, ...$rows])))->tables[0];

            return array_map(fn (int $row) => $table->partAt($row, 1), range(2, count($rows) + 1));
        };
        $gappy = ['x..', '.x.', 'x.x', '...', '..x', 'x..', '...', '.xx', 'xx.', '..x'];
        self::assertSame(array_fill(0, 10, Part::RowLabel), $parts($rows($gappy, 'x')));
        $full = ['...', 'xxx', 'xxx', 'xxx', '...', 'xxx', 'xxx', 'xxx', 'xxx', 'xxx'];
        $read = $parts($rows($full, 'done'));
        self::assertSame([Part::RowGroup, Part::RowLabel, Part::RowGroup], [$read[0], $read[1], $read[4]]);
    }

    public function test_ticks_account_numbers_and_telephones_are_what_they_are(): void
    {
        $rows = [
            ['Account', 'Here', 'Missing', 'Telephone', 'Bed'],
            ['0012 3400 11', 'x', 'n/a', '+44 20 7946 0018', 'BED 4'], ['0012 3400 12', null, null, '+44 20 7946 0019', 'EAST 9'],
            ['GB82 WEST 1234', 'x', 'x', '(020) 7946', 'BED 1'], ['0012 3400 14', null, null, '020/7946 11', 'WEST 3'],
            ['0012 3400 15', 'X', 'x', '020-7946-12', 'BED 2'],
        ];
        $table = Finder::read(SheetFacts::of(MemorySheet::of('S', $rows)))->tables[0];
        $kinds = array_map(fn (ColumnReading $column) => $column->kind->value, $table->columns);
        self::assertSame(['code', 'boolean', 'empty', 'code', 'text'], $kinds, 'what is missing somewhere is no tick');
    }

    public function test_a_task_that_is_not_done_is_no_group(): void
    {
        self::assertSame(['hllll'], self::lines([['Task', 'Done'], ['Sow', '✓'], ['Water', null], ['Prune', '✓'], ['Sell', null]]));
        $groups = [
            ['Task', 'Who'], ['Spring', null], ['Sow', 'Ida'], ['Water', 'Ben'], ['Autumn', null], ['Prune', 'Ida'], ['Sell', 'Uma'],
        ];
        self::assertSame(['hgllgll'], self::lines($groups));
    }

    /**
     * @param  list<list<string|null>>  $rows
     * @return list<string> for each table a letter for each row, by its first cell: heading, label, group
     */
    private static function lines(array $rows): array
    {
        $letters = [Part::Heading->value => 'h', Part::RowLabel->value => 'l', Part::RowGroup->value => 'g'];
        $tables = Finder::read(SheetFacts::of(MemorySheet::of('S', $rows)))->tables;
        $line = fn (TableReading $table) => array_map(
            fn (int $row) => $letters[$table->partAt($row, $table->range->left)->value ?? ''] ?? '?',
            range($table->range->top, $table->range->bottom),
        );

        return array_map(fn (TableReading $table) => implode('', $line($table)), $tables);
    }

    /** Lines at the right are notes where a row of the table stands beside each of them; a table ends where its rows do. */
    public function test_lines_beside_a_table_are_notes_and_those_below_it_do_not_lengthen_it(): void
    {
        $rows = [
            ['Species', 'Stock', 'Sold', null, null], ['Rowan', 3, 5, null, 'Counted by hand.'], ['Aspen', 4, 8, null, 'Bed 3 was not.'],
            ['Hazel', 5, 1, null, null], ['Elm', 7, 2, null, null],
        ];
        $table = Finder::read(SheetFacts::of(MemorySheet::of('S', $rows)))->tables[0];
        self::assertSame(['A1:C5', ['E2:E3']], [(string) $table->range, array_map(strval(...), $table->asides)]);
        self::assertSame(Part::Note, $table->partAt(3, 5));
        $below = Finder::read(SheetFacts::of(MemorySheet::of('S', [...$rows, [null, null, null, null, 'Seen by the board.']])))->tables;
        foreach ($below as $one) {
            self::assertNotSame('A1:C6', (string) $one->range);
        }
        $headed = [[...array_slice($rows[0], 0, 4), 'Remarks'], ...array_slice($rows, 1)];
        self::assertSame([], Finder::read(SheetFacts::of(MemorySheet::of('S', $headed)))->tables[0]->asides, 'a heading makes it a column');
    }

    public function test_words_beside_most_rows_are_a_column_and_no_notes(): void
    {
        // Three lines, or one for five rows, are notes; more are remarks of each row.
        $asides = function (int $rows, int $lines) {
            $table = [['Species', 'Stock', 'Sold', null, null]];
            for ($row = 1; $row <= $rows; $row++) {
                $table[] = ["Tree $row", $row, 2 * $row, null, $row <= $lines ? "Seen in week $row." : null];
            }

            return array_map(strval(...), Finder::read(SheetFacts::of(MemorySheet::of('S', $table)))->tables[0]->asides);
        };
        self::assertSame(['E2:E4'], $asides(8, 3));
        self::assertSame([], $asides(8, 4));
        self::assertSame(['E2:E7'], $asides(30, 6));
        self::assertSame([], $asides(30, 7));
    }

    public function test_a_letter_is_no_table_and_a_column_of_remarks_is(): void
    {
        $letter = [
            'Dear members,', null, 'the nursery opens on the first of March again.', 'We have sown twelve species, and hope for spring.',
            null, 'Please bring your own gloves.', 'Tea is made at four.', null, 'With kind regards,', 'The board',
        ];
        self::assertSame([''], self::tables(array_map(fn (?string $line) => [$line], $letter)));
        self::assertSame([''], self::tables(array_map(fn (string $line) => [$line], array_values(array_filter($letter)))));
        $read = Finder::read(SheetFacts::of(MemorySheet::of('S', array_map(fn (?string $line) => [$line], $letter))));
        self::assertNull($read->tables[0]->partAt(3, 1));
        $corrected = (new RowsAre(1, 1, 1, 1, Part::Title))->on($read);
        self::assertSame(Part::Title, $corrected->tables[0]->partAt(1, 1), 'who knows better says so');
        $remarks = ['Remark', 'It was very good.', 'I liked the trees, and the tea.', 'Too far away for me.', 'Nothing to add.'];
        self::assertSame(['hbbbb'], self::tables(array_map(fn (string $line) => [$line], $remarks)));
        self::assertSame(['hbbb'], self::tables([['Tree'], ['Rowan'], ['Aspen'], ['Hazel']]), 'names do not end as sentences do');
        self::assertSame(['hbb'], self::tables([['Dear members,'], ['come again.'], ['Soon.']]), 'three lines say too little');
    }

    public function test_it_takes_three_lines_of_five_that_end_as_sentences_do(): void
    {
        $line = fn (int $at, int $ended) => [$at < $ended ? "A line that ends $at." : "one that does not $at"];
        $lines = fn (int $ended, int $all) => array_map(fn (int $at) => $line($at, $ended), range(0, $all - 1));
        self::assertSame([''], self::tables($lines(3, 5)), 'three of five');
        self::assertNotSame([''], self::tables($lines(2, 5)), 'two of five');
        self::assertSame([''], self::tables($lines(4, 4)), 'four lines');
        self::assertNotSame([''], self::tables($lines(3, 3)), 'three lines');
    }

    public function test_a_block_of_keys_and_values_has_no_headings_above(): void
    {
        $block = [['Site:', 'North field'], ['Area:', 12], ['Soil:', 'loam'], ['Species:', 14]];
        self::assertSame(['bbbb'], self::tables($block));
        self::assertSame(['tbbbb'], self::tables([['Plot of the year', null], ...$block]));
        self::assertSame(['hbbb'], self::tables([['Site', 'Area'], ['North field:', 12], ['South field:', 14], ['Yard:', 3]]));
    }

    /** Records across have a row of words between rows of figures; one table under another has rows of its own. */
    public function test_a_row_of_words_among_records_across_begins_no_table(): void
    {
        $across = [
            ['Species', 'Rowan', 'Aspen', 'Hazel'], ['Height', 12, 20, 6], ['Soil', 'moist', 'dry', 'any'], ['Price', 12.5, 9.75, 8.2],
        ];
        self::assertSame(['hbbb'], self::tables($across));
        $one = [['Species', 'Stock', 'Sold'], ['Rowan', 31, 12], ['Aspen', 44, 15], ['Hazel', 52, 9]];
        $two = [['Shrub', 'Height', 'Price'], ['Dogwood', 3, 7], ['Spindle', 4, 12], ['Elder', 6, 4]];
        self::assertSame(['hbbb', 'hbbb'], self::tables([...$one, ...$two]));
        self::assertSame(['hbbb', 'hbbb'], self::tables([...$one, [null, null, null], ...$two]));
    }

    /**
     * @param  list<list<float|int|string|null>>  $rows
     * @return list<string> for each table a letter for each row: title, heading, body
     */
    private static function tables(array $rows): array
    {
        $letter = fn (?Part $part) => match ($part) {
            Part::Title => 't',
            Part::Heading => 'h',
            Part::Body => 'b',
            default => '?',
        };
        $tables = Finder::read(SheetFacts::of(MemorySheet::of('S', $rows)))->tables;
        $lines = fn (TableReading $table) => array_map(
            fn (RowRun $run) => str_repeat($letter($run->part), $run->last - $run->first + 1),
            array_values(array_filter($table->runs, fn (RowRun $run) => $run->part !== null)),
        );

        return array_map(fn (TableReading $table) => implode('', $lines($table)), $tables);
    }

    /** Columns of a csv as offices write them, on seeds that nobody tunes to. */
    public function test_column_kinds_are_read_right_in_ninety_nine_of_a_hundred(): void
    {
        [$right, $all] = [0, 0];
        foreach ([2, 4, 6] as $seed) {
            $kinds = Kinds::of($seed, 80);
            [$right, $all] = [$right + $kinds->right, $all + $kinds->all];
        }
        self::assertGreaterThan(1_000, $all);
        self::assertGreaterThanOrEqual(0.99, $right / $all);
    }

    public function test_what_is_counted_is_no_money_and_what_is_paid_is(): void
    {
        $kind = fn (string $heading, array $cells) => Finder::read(SheetFacts::of(MemorySheet::of('S', [
            ['Name', $heading], ...array_map(fn (int|float $cell, int $row) => ["Tree $row", $cell], $cells, array_keys($cells)),
        ])))->tables[0]->column(2)?->kind->value;
        $whole = [12, 40, 7, 31, 8];
        self::assertSame('integer', $kind('Number of payments', $whole));
        self::assertSame('integer', $kind('Invoices paid', $whole));
        self::assertSame('amount', $kind('Payments', $whole));
        self::assertSame('amount', $kind('Number of pounds paid', [12.5, 40.25, 7.5, 31.75, 8.5]), 'counts have no pence');
    }

    /** A find by chance: tables of figures that add up to nothing have no total, however many are tried. */
    public function test_no_sum_is_found_where_there_is_none(): void
    {
        mt_srand(15);
        $found = 0;
        for ($table = 0; $table < 400; $table++) {
            $rows = [['Species', 'Stock', 'Sold']];
            for ($row = mt_rand(4, 30); $row > 0; $row--) {
                $rows[] = ["Tree $row", mt_rand(0, 300), mt_rand(0, 900)];
            }
            $cells = MemorySheet::of('S', $rows);
            foreach (Finder::read(SheetFacts::of($cells))->tables[0]->runs as $run) {
                $found += $run->part === Part::Total || $run->part === Part::Subtotal ? 1 : 0;
            }
        }
        self::assertSame(0, $found);
    }

    public function test_evidence_counts_digits_and_rounding_takes_them_away(): void
    {
        self::assertEqualsWithDelta(log10(1235), Evidence::of(1_234, 0.5), 1e-9);
        self::assertEqualsWithDelta(log10(1 + 1_234 / 5), Evidence::of(-1_234, 2.5), 1e-9);
        self::assertSame([0.0, 0.1, 0.01, 0.0], array_map(Evidence::unit(...), [12.0, 0.5, 3.25, -700.0]));
        self::assertGreaterThan(Evidence::ENOUGH, 2 * Evidence::of(5_067, 0.5));
        self::assertLessThan(Evidence::ENOUGH, 2 * Evidence::of(12, 0.5));
    }

    public function test_a_statement_is_followed_with_its_signs(): void
    {
        $chain = new Chain;
        self::assertNull($chain->why([1 => 5_067.0, 2 => 5_791.0]), 'nothing stands above');
        $chain->add(2, [1 => 6_465.0, 2 => 7_172.0]);
        self::assertNull($chain->why([1 => 6_465.0, 2 => 7_172.0]), 'one line is no sum');
        $chain->add(3, [1 => 1_398.0, 2 => 1_381.0]);
        self::assertSame('the figures are those of row 2 less those of row 3', $chain->why([1 => 5_067.0, 2 => 5_791.0]));
        self::assertNull($chain->why([1 => 5_067.0, 2 => 5_792.0]), 'one figure is off');
        $chain->resultAt(4, [1 => 5_067.0, 2 => 5_791.0]);
        $chain->add(5, [1 => -1_257.0, 2 => -674.0]);
        $chain->add(6, [1 => -286.0, 2 => -146.0]);
        self::assertSame('the figures are those of row 4 and those of row 5, 6', $chain->why([1 => 3_524.0, 2 => 4_971.0]));
        self::assertNull($chain->why([1 => 3_524.4, 2 => 4_971.6]), 'whole figures are exact');
        $chain->restart();
        self::assertNull($chain->why([1 => 3_524.0, 2 => 4_971.0]));
    }

    public function test_sums_over_their_details_are_found_from_the_bottom_up(): void
    {
        $figures = [
            2 => [1_000.0, 2_400.0], 3 => [600.0, 900.0], 4 => [250.0, 500.0], 5 => [350.0, 400.0],
            6 => [400.0, 1_500.0], 7 => [100.0, 700.0], 8 => [120.0, 300.0], 9 => [180.0, 500.0],
        ];
        $values = fn (int $row) => [10 * $figures[$row][0], 10 * $figures[$row][1]];
        self::assertSame([6 => 9, 3 => 5, 2 => 9], SumsBelow::find(2, 9, $values, []));
        self::assertSame([3 => 5, 2 => 6], SumsBelow::find(2, 8, $values, []), 'without its last detail the second group is none');
        self::assertSame([6 => 9], SumsBelow::find(2, 9, $values, [3 => 'blank', 4 => 'blank', 5 => 'blank']));
        $small = fn (int $row) => [[3.0], [1.0], [2.0]][$row];
        self::assertSame([], SumsBelow::find(0, 2, $small, []), 'figures so small may add up by chance');
    }

    private static function examine(): void
    {
        foreach ([2, 4, 6] as $seed) {
            foreach ((new Generator)->all($seed, 6) as $layout) {
                assert($layout instanceof Layout);
                $layouts[$layout->cause][] = $layout;
            }
        }
        self::$examined = array_map(Examination::of(...), $layouts ?? []);
    }
}
