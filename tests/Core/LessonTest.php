<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\CorrectReading;
use Rilvet\Act\Dress;
use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Act\ForgetLearned;
use Rilvet\Act\ReadAnew;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Correction\AsLearned;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Correction\Corrections;
use Rilvet\Reading\Correction\RowsAre;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Lesson\Headings;
use Rilvet\Reading\Lesson\Lesson;
use Rilvet\Reading\Part;
use Rilvet\Reading\Question;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** What is corrected once holds for tables that come later with the same headings. */
final class LessonTest extends TestCase
{
    /** Words over words: nothing tells the headings. */
    private const BEDS = [
        ['corner', 'ground', 'facing'], ['rowan', 'clay', 'north'], ['aspen', 'loam', 'north'], ['hazel', 'clay', 'south'],
        ['holly', 'sand', 'east'],
    ];

    private const STOCK = [
        ['Species', 'Count', 'Worth'], ['Rowan', 12, 40], ['Aspen', 7, 22], ['Odd ones', 3, 9], ['Hazel', 9, 31], ['Kept back', 4, 12],
    ];

    public function test_headings_that_were_named_once_are_known_again_however_long_the_table_is_and_wherever_it_stands(): void
    {
        $workbook = self::workbook(self::BEDS);
        self::assertSame('bbbbb', self::parts($workbook));
        $lesson = self::learned($this->said($workbook, new RowsAre(1, 1, 1, 1, Part::Heading)));
        $more = [['elder', 'loam', 'west'], ['elm', 'clay', 'east']];
        $longer = [['Beds of the nursery', null, null], [null, null, null], ...self::BEDS, ...$more];
        $other = self::workbook($longer);
        self::assertSame('t.bbbbbbb', self::parts($other));
        $read = self::recalled($lesson, $other);
        self::assertSame('t.hbbbbbb', self::parts($read));
        $table = $read->sheet(1)->reading->tables[0];
        self::assertSame('as it was corrected in "Beds"', $table->runAt(3)?->why);
        self::assertSame('ground', $table->column(2)?->heading);
        self::assertNull(Question::of($table), 'it is not asked again');
    }

    public function test_kinds_and_roles_go_by_the_heading_and_rows_by_their_label(): void
    {
        $workbook = $this->said(
            self::workbook(self::STOCK),
            new ColumnIs(2, 3, ColumnKind::Percent, null),
            new ColumnIs(2, 2, ColumnKind::Code, ColumnRole::Label),
            new RowsAre(1, 1, 4, 4, Part::Note),
        );
        $lesson = self::learned($workbook);
        $later = self::workbook([
            ['Species', 'Count', 'Worth'], ['Elm', 1, 2], ['Elder', 5, 6], ['Oak', 9, 14], ['odd  ONES', 8, 1], ['Ash', 9, 4],
            ['Yew', 3, 3],
        ]);
        $table = self::recalled($lesson, $later)->sheet(1)->reading->tables[0];
        self::assertSame([ColumnKind::Code, ColumnRole::Label], [$table->column(2)?->kind, $table->column(2)?->role]);
        self::assertSame(ColumnKind::Percent, $table->column(3)?->kind);
        self::assertSame([Part::Body, Part::Note, Part::Body], [
            $table->runAt(4)?->part, $table->runAt(5)?->part, $table->runAt(6)?->part,
        ]);
    }

    public function test_other_headings_are_another_table(): void
    {
        $lesson = self::learned($this->said(self::workbook(self::BEDS), new RowsAre(1, 1, 1, 1, Part::Heading)));
        foreach ([['corner', 'ground'], ['ground', 'corner', 'facing'], ['corner', 'ground', 'facing', 'keeper']] as $headings) {
            $cut = fn (array $row) => array_slice([...$row, 'Ida'], 0, count($headings));
            $table = self::workbook([$headings, ...array_map($cut, array_slice(self::BEDS, 1))])->sheet(1);
            self::assertNotContains($lesson->print, Headings::prints($table->cells, $table->reading->tables[0]));
        }
        self::assertNull(Headings::print(['Total', '2024', '2025']), 'one word says too little');
        self::assertSame(Headings::print(['Bed', 'Soil ', 'SIDE']), Headings::print(['bed', 'soil', ' side']));
    }

    public function test_nothing_is_learned_of_what_was_not_corrected_or_has_no_headings(): void
    {
        $stock = self::workbook(self::STOCK)->sheet(1);
        self::assertNull(Lesson::of($stock->cells, $stock->reading->tables[0], []));
        $bare = $this->said(self::workbook(self::BEDS), new RowsAre(1, 1, 3, 3, Part::Note))->sheet(1);
        self::assertNull(Lesson::of($bare->cells, $bare->reading->tables[0], $bare->corrections), 'no headings to be known by');
        $twice = $this->said(self::workbook(self::STOCK), new RowsAre(1, 1, 3, 5, Part::Note))->sheet(1);
        self::assertNull(Lesson::of($twice->cells, $twice->reading->tables[0], $twice->corrections), 'many rows hold for one table alone');
    }

    public function test_what_was_learned_is_stored_and_taught_on(): void
    {
        $lesson = self::learned($this->said(
            self::workbook(self::STOCK), new ColumnIs(2, 3, ColumnKind::Percent, null),
            new RowsAre(1, 1, 4, 4, null), new RowsAre(1, 1, 1, 1, Part::Heading),
        ));
        /** @phpstan-ignore argument.type */
        $stored = Lesson::fromArray($lesson->print, json_decode((string) json_encode($lesson->toArray()), true));
        self::assertEquals($lesson, $stored);
        $read = self::recalled($stored, self::workbook(self::STOCK))->sheet(1);
        $again = array_map(fn (Correction $one) => Corrections::stored(self::json($one->toArray())), $read->corrections);
        self::assertSame($read->reading->toArray(), $read->withCorrections($again)->reading->toArray());
        // A later workbook that was read by it, and is corrected further, teaches both.
        $further = $this->said(self::recalled($stored, self::workbook(self::STOCK)), new ColumnIs(2, 2, ColumnKind::Code, null));
        self::assertSame(['worth', 'count'], array_keys(self::learned($further)->columns));
    }

    public function test_it_follows_rows_that_come(): void
    {
        $lesson = self::learned($this->said(self::workbook(self::STOCK), new RowsAre(1, 1, 4, 4, Part::Note)));
        $read = self::recalled($lesson, self::workbook(self::STOCK))->sheet(1)->corrections[0];
        assert($read instanceof AsLearned);
        $moved = $read->moved(new Shift(true, 2, 3, true));
        self::assertSame([7], array_column($moved->said[0]->toArray()['rows'] ?? [], 0));
        self::assertNull($read->moved(new Shift(true, 1, 9, false)));
        // Its table begins in A1: what stands beside it says nothing of it, and without its first column it is another one.
        self::assertEquals($read, $read->moved(new Shift(false, 4, 1, false)));
        self::assertNull($read->moved(new Shift(false, 1, 1, false)));
        self::assertNull($read->moved(new Shift(true, 4, 1, false)), 'the row that was corrected is gone');
        self::assertSame('Read as it was corrected in "Beds"', $read->words());
    }

    public function test_a_sheet_is_read_without_it_and_fitted_again(): void
    {
        $lesson = self::learned($this->said(self::workbook(self::BEDS), new RowsAre(1, 1, 1, 1, Part::Heading)));
        $dressed = (new Dress([1], Builtin::named('Plain rule')))->on(self::recalled($lesson, self::workbook(self::BEDS)));
        $forgot = (new ForgetLearned(1))->on($dressed);
        self::assertSame('bbbbb', self::parts($forgot));
        self::assertSame([], $forgot->sheet(1)->corrections);
        $never = (new Dress([1], Builtin::named('Plain rule')))->on(self::workbook(self::BEDS));
        self::assertEquals($never->sheet(1)->fitted, $forgot->sheet(1)->fitted);
        self::assertSame('Read without what was learned, S', (new ForgetLearned(1))->words($dressed));
        $this->expectException(NothingToChange::class);
        (new ForgetLearned(1))->on($forgot);
    }

    public function test_a_label_that_stands_in_thousands_of_rows_costs_no_more_than_its_rows(): void
    {
        $lesson = self::learned($this->said(self::workbook(self::STOCK), new RowsAre(1, 1, 4, 4, Part::Note)));
        $rows = [self::STOCK[0], ...array_map(fn (int $row) => [$row % 2 === 0 ? 'Odd ones' : "Tree $row", $row, $row], range(1, 9_000))];
        $workbook = self::workbook($rows);
        $start = Spent::now();
        $read = self::recalled($lesson, $workbook)->sheet(1)->reading->tables[0];
        self::assertLessThan(3.0, Spent::now() - $start);
        self::assertSame(Part::Note, $read->runAt(3)?->part);
    }

    private function said(Workbook $workbook, Correction ...$corrections): Workbook
    {
        foreach ($corrections as $correction) {
            $workbook = (new CorrectReading(1, $correction))->on($workbook);
        }

        return $workbook;
    }

    private static function learned(Workbook $workbook): Lesson
    {
        $sheet = $workbook->sheet(1);
        $lesson = Lesson::of($sheet->cells, $sheet->reading->tables[0], $sheet->corrections);
        self::assertNotNull($lesson);

        return $lesson;
    }

    private static function recalled(Lesson $lesson, Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet(1);
        $table = $sheet->reading->tables[0];
        $head = array_search($lesson->print, Headings::prints($sheet->cells, $table), true);
        self::assertIsInt($head);
        $read = $sheet->withCorrections($lesson->on($sheet->cells, $table, $head, 'Beds'));

        return $workbook->withSheet(1, ReadAnew::columns($read, $workbook, 1));
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<array-key, mixed>
     */
    private static function json(array $data): array
    {
        return (array) json_decode((string) json_encode($data), true);
    }

    /** @param  list<list<float|int|string|null>>  $rows */
    private static function workbook(array $rows): Workbook
    {
        $cells = MemorySheet::of('S', $rows);

        return new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
    }

    private static function parts(Workbook $workbook): string
    {
        $letters = ['title' => 't', 'heading' => 'h', 'body' => 'b', 'row_group' => 'g', 'note' => 'n'];

        return implode('', array_map(
            fn (RowRun $run) => str_repeat($letters[$run->part->value ?? ''] ?? '.', $run->rows()),
            $workbook->sheet(1)->reading->tables[0]->runs,
        ));
    }
}
