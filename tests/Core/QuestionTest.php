<?php

declare(strict_types=1);

namespace Tests\Core;

use Bench\Reading\Examination;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\CorrectReading;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Clue;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Correction\ColumnsRead;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Correction\CorrectionIsWrong;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Correction\RowsAreEach;
use Rilvet\Reading\Correction\SplitAt;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Ground;
use Rilvet\Reading\Part;
use Rilvet\Reading\Question;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TableReading;
use Rilvet\Reading\Weighing;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** How sure a reading is, and what is asked where it is not. */
final class QuestionTest extends TestCase
{
    private const HEAD = Part::Heading;

    private const WORDS = [
        ['Rowan', 'clay', 'north'], ['Aspen', 'loam', 'north'], ['Hazel', 'clay', 'south'], ['Holly', 'sand', 'east'],
        ['Elder', 'loam', 'west'],
    ];

    private const GAPS = [
        ['Species', 'Stock', 'Sold'], ['Maple', 1_351, 591], ['Holly', null, null], ['Rowan', 1_623, 3_975], ['Elm', 1_239, null],
        ['Ash', null, 12], ['Oak', 77, 41], ['Yew', null, null], ['Elder', 18, 40],
    ];

    public function test_a_table_that_is_read_surely_asks_nothing(): void
    {
        $table = self::read([['Species', 'Stock'], ['Rowan', 12], ['Aspen', 7], ['Hazel', 9], ['Elm', 14], ['Oak', 3]])->tables[0];
        self::assertGreaterThan(0.9, $table->confidence);
        self::assertNull(Question::of($table));
    }

    public function test_a_list_of_words_asks_whether_its_first_row_holds_the_headings(): void
    {
        $reading = self::read(self::WORDS);
        $question = Question::of($reading->tables[0]);
        self::assertNotNull($question);
        self::assertSame('No headings were found: row 1 looks like the rows below it.', $question->words());
        self::assertSame(['No headings', 'Row 1 holds the headings'], [$question->asReadWords(), $question->otherwiseWords()]);
        self::assertSame('bbbbb', self::parts($question->asRead()->on($reading)));
        self::assertSame('hbbbb', self::parts($question->otherwise()->on($reading)));
    }

    public function test_who_names_the_headings_is_not_asked_for_them(): void
    {
        $named = (new RowsAre(1, 1, 1, 1, Part::Heading))->on(self::read(self::WORDS));
        self::assertNull(Question::of($named->tables[0]));
        $noted = (new RowsAre(1, 1, 1, 1, Part::Note))->on(self::read(self::WORDS));
        self::assertSame('No headings were found: row 2 looks like the rows below it.', Question::of($noted->tables[0])?->words());
    }

    public function test_rows_of_a_label_alone_ask_together_whether_they_are_groups_or_data(): void
    {
        $reading = self::read(self::GAPS);
        self::assertSame('hbgbbbbgb', self::parts($reading));
        $question = Question::of($reading->tables[0]);
        self::assertNotNull($question);
        self::assertSame('Rows 3, 8 are read as row groups: a row with only a label, before rows of data.', $question->words());
        self::assertSame(['Row groups', 'Data'], [$question->asReadWords(), $question->otherwiseWords()]);
        self::assertSame('hbgbbbbgb', self::parts($question->asRead()->on($reading)));
        self::assertSame('hbbbbbbbb', self::parts($question->otherwise()->on($reading)));
    }

    /** Whatever is answered, it is not asked again, and the table is surer than before. */
    #[DataProvider('doubtful')]
    public function test_an_answer_is_an_answer(array $rows): void
    {
        $reading = self::read($rows);
        $question = Question::of($reading->tables[0]);
        self::assertNotNull($question);
        foreach ([$question->asRead(), $question->otherwise()] as $answer) {
            $answered = $answer->on($reading)->tables[0];
            self::assertGreaterThan($reading->tables[0]->confidence, $answered->confidence);
            self::assertNotSame($question->words(), Question::of($answered)?->words());
            self::assertSame((string) $reading->tables[0]->range, (string) $answered->range);
            // It is kept as JSON, and comes back as it was.
            $data = json_decode((string) json_encode($answer->toArray()), true);
            self::assertIsArray($data);
            self::assertEquals($answer, Corrections::of($data));
        }
    }

    /** @return array<string, array{list<list<float|int|string|null>>}> */
    public static function doubtful(): array
    {
        return [
            'words' => [self::WORDS],
            'labels alone' => [self::GAPS],
            'a letter' => [[['Dear members,'], ['the nursery opens in March.'], ['Bring gloves.'], ['Tea is at four.'], ['Kind regards,']]],
            'headings with gaps' => [[
                ['Species', null, null, 'Sold'], ['Rowan', 'low', 'high', 'x'], ['Elm', 'low', 'mid', 'y'], ['Oak', 'mid', 'mid', 'y'],
            ]],
        ];
    }

    public function test_a_letter_is_asked_about(): void
    {
        $question = Question::of(self::read(self::doubtful()['a letter'][0])->tables[0]);
        self::assertSame('Rows 1 to 5 are read as no table: lines that end as sentences do, no table.', $question?->words());
        self::assertSame(['No table', 'Data'], [$question?->asReadWords(), $question?->otherwiseWords()]);
    }

    public function test_many_rows_are_named_by_the_first_of_them(): void
    {
        $rows = [['Species', 'Stock', 'Sold']];
        for ($at = 0; $at < 30; $at++) {
            $rows[] = $at % 5 === 2 ? ["Tree $at", null, null]
                : ["Tree $at", in_array($at, [3, 14, 25], true) ? null : $at, $at];
        }
        $words = (string) Question::of(self::read($rows)->tables[0])?->words();
        self::assertStringStartsWith('Rows 4, 9, 14, 19 and 2 more are read as row groups', $words);
    }

    public function test_rows_laid_over_a_table_are_laid_once_and_keep_the_rest(): void
    {
        $table = self::read([['Species', 'Stock'], ['Rowan', 12], ['Aspen', 7], ['Hazel', 9], ['Elm', 14], ['Oak', 3]])->tables[0];
        $run = fn (int $first, int $last, ?Part $part) => new RowRun($first, $last, $part, 1.0, 'said');
        $letters = ['title' => 't', 'heading' => 'h', 'body' => 'b', 'note' => 'n', 'subtotal' => 's', 'total' => 'S'];
        $words = fn (RowRun $run) => "$run->first-$run->last ".($letters[$run->part->value ?? ''] ?? '');
        $shape = fn (TableReading $table) => array_map($words, $table->runs);
        self::assertSame(['1-1 h', '2-6 b'], $shape($table->overlaid([])));
        self::assertSame(['1-1 h', '2-3 b', '4-4 n', '5-6 b'], $shape($table->overlaid([$run(4, 4, Part::Note)])));
        self::assertSame(
            ['1-1 t', '2-2 h', '3-4 b', '5-5 s', '6-6 S'],
            $shape($table->overlaid([
                $run(1, 1, Part::Title), $run(2, 2, Part::Heading), $run(5, 5, Part::Subtotal), $run(6, 6, Part::Total),
            ])),
        );
        self::assertSame(['1-1 h', '2-6 b', '7-8 n'], $shape($table->overlaid([$run(7, 8, Part::Note)])));
        self::assertSame('A1:B8', (string) $table->overlaid([$run(7, 8, Part::Note)])->range);
        self::assertSame(['1-1 h', '2-6 b'], $shape($table->overlaid([$run(9, 9, Part::Note)])), 'far below it is none of it');
        self::assertSame(['1-6 b'], $shape($table->overlaid([$run(1, 1, Part::Body)])), 'stripes run through');
        self::assertSame(['1-1 h', '2-6 b'], $shape($table->overlaid([$run(3, 4, Part::Body)])));
    }

    public function test_ten_thousand_rows_are_laid_in_one_go(): void
    {
        $rows = [['Species', 'Stock', 'Sold']];
        for ($at = 0; $at < 9_000; $at++) {
            $rows[] = $at % 3 === 2 ? ["Tree $at", null, null]
                : ["Tree $at", $at % 2 === 0 ? null : $at, $at];
        }
        $reading = self::read($rows);
        $question = Question::of($reading->tables[0]);
        self::assertNotNull($question);
        $start = Spent::now();
        $answered = $question->otherwise()->on($reading);
        self::assertLessThan(0.5, Spent::now() - $start);
        self::assertSame(Part::RowLabel, $answered->tables[0]->partAt(4, 1));
    }

    public function test_an_answer_follows_rows_that_come_and_go(): void
    {
        $each = RowsAreEach::of(1, 1, [[3, 3, Part::Body], [8, 8, Part::Body]]);
        self::assertSame([[4, 4, 'body'], [9, 9, 'body']], $each->moved(new Shift(true, 2, 1, true))?->toArray()['rows']);
        self::assertSame([[7, 7, 'body']], $each->moved(new Shift(true, 3, 1, false))?->toArray()['rows']);
        self::assertSame('Row 3 read as body and 1 more', $each->words());
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_an_answer_is_refused(array $change, string $why): void
    {
        $this->expectException(CorrectionIsWrong::class);
        $this->expectExceptionMessage($why);
        Corrections::of($change + ['type' => 'each', 'row' => 1, 'column' => 1, 'rows' => [[3, 3, 'body']]]);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function wrong(): array
    {
        return [
            'no rows' => [['rows' => []], '1 to 3000 stretches'],
            'no list' => [['rows' => 'all'], '1 to 3000 stretches'],
            'too many' => [['rows' => array_fill(0, 3_001, [3, 3, 'body'])], '1 to 3000 stretches'],
            'no stretch' => [['rows' => ['3-4']], 'first must be a whole number'],
            'turned round' => [['rows' => [[4, 3, 'body']]], 'above the first'],
            'over another' => [['rows' => [[3, 5, 'body'], [5, 6, 'note']]], 'none over another'],
            'out of order' => [['rows' => [[5, 6, 'body'], [3, 3, 'note']]], 'none over another'],
            'no such part' => [['rows' => [[3, 3, 'footer']]], 'no such part'],
            'beyond the sheet' => [['rows' => [[3, 2_000_000, 'body']]], 'last must be a whole number'],
        ];
    }

    public function test_a_code_that_labels_the_rows_stays_one_in_an_answer(): void
    {
        $rows = [
            ['Code', 'Species', 'Stock'], ['004100', 'Rowan', 12], ['004101', 'Aspen', 7], ['004102', 'Hazel', 9], ['004103', 'All', 28],
        ];
        $workbook = self::workbook($rows);
        $code = $workbook->sheet(1)->reading->tables[0]->column(1)->kind->value ?? '';
        self::assertSame('code', $code);
        $read = (new CorrectReading(1, RowsAreEach::of(1, 1, [[2, 2, Part::Subtotal], [5, 5, Part::Note]])))->on($workbook)->sheet(1);
        self::assertTrue($read->reading->tables[0]->runAt(2)?->coded);
        self::assertFalse($read->reading->tables[0]->runAt(5)?->coded);
    }

    public function test_columns_are_read_anew_by_the_rows_that_are_said_to_hold_headings(): void
    {
        $workbook = self::workbook([
            ['Rowan', '7', '12.50'], ['Species', 'Stock', 'Price'], ['Aspen', 7, 3.25], ['Hazel', 9, 4.5],
            ['Elm', 14, 12.75], ['Oak', 3, 8.5],
        ]);
        $columns = fn (Workbook $workbook) => array_map(
            fn (ColumnReading $column) => [$column->heading, $column->kind->value],
            $workbook->sheet(1)->reading->tables[0]->columns,
        );
        $said = (new CorrectReading(1, new RowsAre(1, 1, 1, 1, Part::Note)))->on($workbook);
        $said = (new CorrectReading(1, new RowsAre(2, 1, 2, 2, Part::Heading)))->on($said);
        self::assertSame([['Species', 'text'], ['Stock', 'integer'], ['Price', 'amount']], $columns($said));
        // What is said of a column stands over it, before and after.
        $said = (new CorrectReading(1, new ColumnIs(3, 2, ColumnKind::Code, null)))->on($said);
        $said = (new CorrectReading(1, new RowsAre(2, 1, 6, 6, Part::Total)))->on($said);
        self::assertSame([['Species', 'text'], ['Stock', 'code'], ['Price', 'amount']], $columns($said));
        // A heading that is typed anew is the heading of its column.
        $typed = (new EditCells(1, [2 => [3 => 'Height']]))->on($said);
        self::assertSame([['Species', 'text'], ['Stock', 'code'], ['Height', 'decimal']], $columns($typed));
        // No headings any more: the columns have none.
        $none = (new CorrectReading(1, new RowsAre(2, 1, 2, 2, Part::Body)))->on($typed);
        self::assertSame([null, null, null], array_column($columns($none), 0));
        $stored = array_map(fn (Correction $one) => Corrections::stored($one->toArray()), $none->sheet(1)->corrections);
        self::assertEquals($none->sheet(1)->reading->toArray(), $none->sheet(1)->withCorrections($stored)->reading->toArray());
    }

    public function test_a_part_of_a_table_keeps_the_headings_of_the_whole_and_one_with_its_own_has_them(): void
    {
        $rows = [['Species', 'Price'], ['Rowan', 7], ['Aspen', 9], ['Hazel', 4], ['Shrub', 'Height'], ['Elder', 2], ['Dogwood', 3]];
        $split = (new CorrectReading(1, new SplitAt(4, 1)))->on(self::workbook($rows))->sheet(1)->reading;
        self::assertSame('Price', $split->tables[1]->column(2)?->heading);
        self::assertSame(ColumnKind::Amount, $split->tables[1]->column(2)?->kind);
        $workbook = self::workbook($rows);
        foreach ([new SplitAt(5, 1), new RowsAre(5, 1, 5, 5, Part::Heading)] as $correction) {
            $workbook = (new CorrectReading(1, $correction))->on($workbook);
        }
        $columns = $workbook->sheet(1)->reading->tables[1];
        self::assertSame(['Shrub', 'Height'], [$columns->column(1)?->heading, $columns->column(2)?->heading]);
        self::assertSame(ColumnKind::Integer, $columns->column(2)?->kind);
    }

    public function test_what_was_read_anew_follows_columns_that_come_and_go(): void
    {
        $read = ColumnsRead::of(2, 1, [
            new ColumnReading(1, 'A', ColumnKind::Text, 1.0), new ColumnReading(2, 'B', ColumnKind::Integer, 1.0),
        ]);
        $words = fn (?ColumnsRead $read) => array_map(fn (ColumnReading $one) => "$one->column $one->heading", $read->columns ?? []);
        self::assertSame([1 => '1 A', 3 => '3 B'], $words($read->moved(new Shift(false, 2, 1, true))));
        self::assertSame([1 => '1 A'], $words($read->moved(new Shift(false, 2, 1, false))));
        self::assertSame(4, $read->moved(new Shift(true, 1, 2, true))?->row);
        self::assertNull($read->moved(new Shift(true, 2, 1, false)), 'its place is gone');
    }

    /** Nobody says by hand what follows from what was said. */
    public function test_columns_read_anew_are_no_correction_that_can_be_sent(): void
    {
        $this->expectException(CorrectionIsWrong::class);
        Corrections::of(['type' => 'columns', 'row' => 1, 'column' => 1, 'columns' => []]);
    }

    public function test_a_table_read_with_doubt_is_not_dressed_in_silence(): void
    {
        $dress = new Dress([1], Builtin::named('Plain rule'));
        self::assertSame('Dressed in Plain rule, S, 1 table read with doubt', $dress->words(self::workbook(self::WORDS)));
        $sure = self::workbook([['Species', 'Stock'], ['Rowan', 12], ['Aspen', 7], ['Hazel', 9], ['Elm', 14], ['Oak', 3]]);
        self::assertSame('Dressed in Plain rule, S', $dress->words($sure));
        self::assertSame('Stylebook taken off, S', (new Dress([1], null))->words(self::workbook(self::WORDS)));
    }

    /** Of the readings called 95 %, 95 % are right: the mean of how far the two are apart, on tables that were held out and roughened. */
    public function test_a_reading_knows_how_sure_it_is(): void
    {
        $examination = Examination::rough([2, 4, 6], 8);
        foreach (['rows' => [$examination->rows, 0.02], 'tables' => [$examination->sure, 0.03]] as $what => [$readings, $most]) {
            $off = $all = 0;
            foreach (Examination::reliability($readings) as [, $count, $called, $right]) {
                $off += $count * abs($called - $right);
                $all += $count;
            }
            self::assertGreaterThan(500, $all);
            self::assertLessThan($most, $off / $all, "$what are as often right as they are called");
        }
        // What is called doubtful is wrong more often than not; what is called sure is right.
        $doubtful = array_filter($examination->sure, fn (array $table) => $table[0] < Question::ASKED);
        $sure = array_filter($examination->sure, fn (array $table) => $table[0] >= 0.9);
        $share = fn (array $tables) => count(array_filter(array_column($tables, 1))) / count($tables);
        self::assertLessThan(0.5, $share($doubtful));
        self::assertGreaterThan(0.9, $share($sure));
    }

    public function test_evidence_adds_up_as_log_odds(): void
    {
        self::assertEqualsWithDelta(1 / (1 + exp(-Ground::Rows->weight())), Weighing::confidence(Ground::Rows, []), 0.001);
        $both = Weighing::confidence(Ground::Rows, [Clue::ShortBody, Clue::BodyWithoutHeadings]);
        $odds = Ground::Rows->weight() + Clue::ShortBody->weight() + Clue::BodyWithoutHeadings->weight();
        self::assertEqualsWithDelta(1 / (1 + exp(-$odds)), $both, 0.001);
        foreach (Clue::cases() as $clue) {
            $is = Weighing::confidence(Ground::Rows, [$clue]) <=> Weighing::confidence(Ground::Rows, []);
            self::assertSame($clue->weight() <=> 0.0, $is, $clue->value);
        }
    }

    public function test_a_correction_makes_the_table_as_sure_as_its_next_part(): void
    {
        $reading = self::read(self::GAPS);
        $one = (new RowsAre(1, 1, 3, 3, Part::Body))->on($reading);
        self::assertSame($reading->tables[0]->confidence, $one->tables[0]->confidence, 'row 8 is as doubtful as row 3 was');
        $both = (new RowsAre(1, 1, 8, 8, Part::RowGroup))->on($one);
        self::assertGreaterThan(Question::ASKED, $both->tables[0]->confidence);
    }

    /** @param  list<list<float|int|string|null>>  $rows */
    private static function read(array $rows): Reading
    {
        return Finder::read(SheetFacts::of(MemorySheet::of('S', $rows)));
    }

    /** @param  list<list<float|int|string|null>>  $rows */
    private static function workbook(array $rows): Workbook
    {
        $cells = MemorySheet::of('S', $rows);

        return new Workbook('W', [1 => new Worksheet($cells, 'S', self::read($rows))], new LookBook);
    }

    private static function parts(Reading $reading): string
    {
        $letters = ['heading' => 'h', 'body' => 'b', 'row_group' => 'g'];
        $parts = '';
        foreach ($reading->tables[0]->runs as $run) {
            $parts .= str_repeat($letters[$run->part->value ?? ''] ?? '?', $run->rows());
        }

        return $parts;
    }

    /** @param  list<array{int, int, Part|null, float, Part|null}>  $runs */
    private static function asking(float $confidence, array $runs): ?Question
    {
        return Question::of(new TableReading(Range::of(1, 1, 40, 2), $confidence, array_map(fn (array $run) => new RowRun($run[0], $run[1],
            $run[2], $run[3], 'it looks so', second: $run[4]), $runs), []));
    }

    public function test_the_least_sure_rows_are_asked_about_and_those_that_are_as_sure(): void
    {
        $runs = [[1, 1, self::HEAD, 1.0, null], [2, 3, Part::Body, 0.9, Part::Note], [4, 4, Part::Subtotal, 0.5, Part::Body],
            [5, 6, Part::Body, 0.9, Part::Note], [7, 7, Part::Subtotal, 0.5, Part::Body], [8, 8, Part::Total, 0.5, Part::Body],
            [9, 9, Part::Subtotal, 0.6, Part::Body], [10, 12, null, 0.3, null]];
        self::assertNull(self::asking(0.6, $runs), 'sure enough');
        $asked = self::asking(0.59, $runs);
        self::assertSame('Rows 4, 7 are read as subtotals: it looks so.', $asked?->words());
        self::assertSame(['Subtotals', 'Data'], [$asked?->asReadWords(), $asked?->otherwiseWords()]);
        self::assertNull(self::asking(0.1, [[1, 9, Part::Body, 0.2, null]]), 'nothing else comes into question');
        self::assertNull(self::asking(0.1, [[1, 9, Part::Body, 1.0, Part::Note]]), 'it is sure of its rows');
        self::assertSame('Row 4 is read as subtotal: it looks so.', self::asking(0.1, [[4, 4, Part::Subtotal, 0.5, Part::Body]])?->words());
        self::assertSame('Rows 4 to 6 are read as no table: it looks so.', self::asking(0.1, [[4, 6, null, 0.5, Part::Body]])?->words());
        $many = fn (int $count) => self::asking(0.1, array_map(fn (int $at) => [2 * $at, 2 * $at, Part::Note, 0.5, Part::Body],
            range(1, $count)))?->words();
        self::assertStringStartsWith('Rows 2, 4, 6, 8 are', (string) $many(4));
        self::assertStringStartsWith('Rows 2, 4, 6, 8 and 1 more are', (string) $many(5));
        // Without headings only the first row may be one.
        $first = self::asking(0.1, [[1, 5, Part::Body, 0.5, self::HEAD], [7, 9, Part::Body, 0.5, self::HEAD]]);
        self::assertSame([[1, 1, self::HEAD], [2, 5, Part::Body], [7, 9, Part::Body]], array_map(fn (RowsAre $one) => [$one->first,
            $one->last,
            $one->part], $first?->otherwise()->each ?? []));
        $single = self::asking(0.1, [[1, 1, Part::Body, 0.5, self::HEAD]]);
        self::assertSame([[1, 1, self::HEAD]], array_map(fn (RowsAre $one) => [$one->first, $one->last, $one->part],
            $single?->otherwise()->each ?? []));
    }
}
