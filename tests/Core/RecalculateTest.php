<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\ArrangeSheet;
use Rilvet\Act\EditCells;
use Rilvet\Act\MoveCells;
use Rilvet\Act\Recalculate;
use Rilvet\Act\SortTable;
use Rilvet\Formula\Calculator;
use Rilvet\Formula\Meaning;
use Rilvet\Formula\TableRange;
use Rilvet\Formula\Unsettled;
use Rilvet\Formula\Values;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Window\TruthNotes;
use Rilvet\Work\Aspects;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** What is calculated after an act, in which order, and what becomes of what cannot be. */
final class RecalculateTest extends TestCase
{
    /** @var list<string> what was calculated, in its order */
    public array $asked = [];

    public function test_only_what_depends_on_the_change_is_calculated_and_each_after_what_it_looks_at(): void
    {
        $book = self::book(['One' => [[1, '=A1+A2=3', '=B1+B1=6'], [2, '=C1+B1=9', '=A9+A9=0'], ['text', '=SUM(A1:A2)=3']]]);
        $after = $this->done($book, new EditCells(1, [1 => [1 => '5']]));
        self::assertEqualsCanonicalizing(['B1', 'C1', 'B2', 'B3'], array_values(array_unique($this->asked)), 'C2 looks at nothing of it');
        $last = array_map(fn (string $place) => array_search($place, array_reverse($this->asked, true), true), ['B1', 'C1', 'B2']);
        self::assertSame($last, array_values(array_filter($last, is_int(...))));
        self::assertTrue($last[0] < $last[1] && $last[1] < $last[2], 'each after what it looks at');
        self::assertSame([7, 14, 21, 7, 0], self::values($after, 1, ['B1', 'C1', 'B2', 'B3', 'C2']));
        self::assertTrue($after->sheet(1)->unsettled->isEmpty());
    }

    public function test_a_formula_typed_is_calculated_and_a_text_typed_far_away_calculates_nothing(): void
    {
        $book = self::book(['One' => [[1, 2], [3, '=A1+B1=3']]]);
        $this->done($book, new EditCells(1, [9 => [9 => 'far']]));
        self::assertSame([], $this->asked);
        self::assertSame([4], self::values($this->done($book, new EditCells(1, [3 => [1 => '=A1+A2']])), 1, ['A3']));
    }

    public function test_what_is_not_known_keeps_its_value_and_so_does_what_looks_at_it(): void
    {
        $book = self::book(['One' => [[1, '=UNKNOWN(A1)=40', '=B1+A1=41', '=A1+A1=2']]]);
        $after = $this->done($book, new EditCells(1, [1 => [1 => '5']]));
        self::assertSame([40, 41, 10], self::values($after, 1, ['B1', 'C1', 'D1']));
        self::assertSame(['waiting' => [], 'kept' => ['B1', 'C1']], $after->sheet(1)->unsettled->toArray());
        // The next act finds them still unsettled, and what newly looks at them is too.
        $next = $this->done($after, new EditCells(1, [2 => [1 => '=C1+C1']]));
        self::assertContains('A2', $next->sheet(1)->unsettled->toArray()['kept'] ?? []);
        // Typed over, nothing of it is left.
        $last = $this->done($after, new EditCells(1, [1 => [2 => '7']]));
        self::assertSame([12], self::values($last, 1, ['C1']));
    }

    /** The calculation is believed where it gives, from the state before, what the file says. */
    public function test_a_result_that_would_have_been_another_before_is_not_believed(): void
    {
        $book = self::book(['One' => [[1, '=A1+A1=3', '=A1+A1=2']]]);
        $after = $this->done($book, new EditCells(1, [1 => [1 => '5']]));
        self::assertSame([3, 10], self::values($after, 1, ['B1', 'C1']));
        self::assertSame(['B1'], $after->sheet(1)->unsettled->toArray()['kept'] ?? []);
        $again = $this->done($after, new EditCells(1, [1 => [1 => '7']]));
        self::assertSame([3, 14], self::values($again, 1, ['B1', 'C1']), 'nor is it after the next change, which proves nothing');
        self::assertSame(['B1'], $again->sheet(1)->unsettled->toArray()['kept'] ?? []);
        $asks = new Workbook('W', $book->sheets, $book->looks, hasResults: false);
        self::assertSame(
            [10, 10],
            self::values($this->done($asks, new EditCells(1, [1 => [1 => '5']])), 1, ['B1', 'C1']),
            'a file that asks to be calculated claims nothing',
        );
    }

    public function test_circles_keep_their_values(): void
    {
        $after = $this->done(self::book(['One' => [[1, '=C1+A1=3', '=B1+A1=4']]]), new EditCells(1, [1 => [1 => '5']]));
        self::assertSame([3, 4], self::values($after, 1, ['B1', 'C1']));
        self::assertCount(2, $after->sheet(1)->unsettled->kept);
    }

    public function test_circles_are_named_whole_and_what_only_looks_at_one_is_none(): void
    {
        // A2 -> B2 -> C2 -> A2; D2 looks at the circle; E2 at itself in a range; F2 at nothing of it.
        $book = self::book(['One' => [[1], ['=C2+A1=1', '=A2+1=1', '=B2+1=1', '=C2*2=4', '=SUM(E1:E3)+A1=1', '=SUM(A1)=1']]]);
        $after = $this->done($book, new EditCells(1, [1 => [1 => '5']]));
        $unsettled = $after->sheet(1)->unsettled;
        $circles = array_map(strval(...), $unsettled->circles);
        sort($circles);
        self::assertSame(['A2', 'B2', 'C2', 'E2'], $circles);
        self::assertSame(5, $unsettled->countKept());
        self::assertSame([1, 1, 1, 4, 1, 5], self::values($after, 1, ['A2', 'B2', 'C2', 'D2', 'E2', 'F2']));
        $notes = TruthNotes::of($after, 1);
        self::assertSame(['circle', 'not_calculated'], array_column($notes, 'kind'));
        self::assertSame('D2', $notes[1]->ranges);
        self::assertSame($unsettled->toArray(), Unsettled::fromArray($unsettled->toArray())->toArray());

        // Broken open, there is none.
        $open = $this->done($after, new EditCells(1, [2 => [3 => '7']]));
        self::assertSame(['E2'], array_map(strval(...), $open->sheet(1)->unsettled->circles));
        self::assertSame([12, 12], self::values($open, 1, ['A2', 'B2']));
    }

    public function test_circles_that_share_a_cell_are_both_named(): void
    {
        // A2 looks at B2 and C2, and each of them at A2: C2 leads back into a circle that was found already.
        $book = self::book(['One' => [[1], ['=B2+C2+A1=1', '=A2+1=1', '=A2*2=1', '=C2=1']]]);
        $unsettled = $this->done($book, new EditCells(1, [1 => [1 => '5']]))->sheet(1)->unsettled;
        $circles = array_map(strval(...), $unsettled->circles);
        sort($circles);
        self::assertSame(['A2', 'B2', 'C2'], $circles);
    }

    public function test_a_long_circle_is_found_in_time(): void
    {
        $rows = array_map(fn (int $row) => ['=A'.($row % 3_000 + 1).'+1=0'], range(1, 3_000));
        $started = Spent::now();
        $after = $this->done(self::book(['One' => [...$rows, [1]]]), new EditCells(1, [1 => [1 => '=A2+A3001']]));
        self::assertSame(3_000, array_sum(array_map(fn (Range $range) => $range->cells(), $after->sheet(1)->unsettled->circles)));
        self::assertLessThan(10, Spent::now() - $started);
    }

    public function test_what_there_is_no_time_for_waits_and_is_calculated_later(): void
    {
        $rows = [[1, 2], ...array_map(fn (int $row) => [null, null, '=A1+B1=3'], range(2, 60))];
        $book = self::book(['One' => $rows]);
        $after = (new Recalculate($this->calculator(), -1.0))->after(
            ($act = new EditCells(1, [1 => [1 => '5']]))->reach(),
            $book,
            $act->on($book),
        );
        self::assertSame(59, $after->sheet(1)->unsettled->countWaiting());
        self::assertSame([3, 3], self::values($after, 1, ['C2', 'C60']), 'the last value stays in sight');
        $settled = (new Recalculate($this->calculator(), 20))->waiting($after);
        self::assertTrue($settled->sheet(1)->unsettled->isEmpty());
        self::assertSame([7, 7], self::values($settled, 1, ['C2', 'C60']));
    }

    public function test_a_row_put_in_calculates_what_grew_and_what_says_where_it_stands(): void
    {
        $book = self::book(['One' => [[1, '=SUM(A1:A3)=6'], [2, '=A1+A1=2'], [3, '=ROW(A3)=3']]]);
        $this->done($book, new MoveCells(1, new Shift(true, 2, 1, true)));
        self::assertSame(
            ['B1', 'B3', 'B4'],
            array_values(array_unique($this->asked)),
            'B3 is where it stood: what it gave there is tried first',
        );
        $this->asked = [];
        $this->done($book, new MoveCells(1, new Shift(true, 2, 1, false)));
        self::assertSame(['B1', 'B3', 'B2'], array_values(array_unique($this->asked)));
    }

    public function test_a_sort_calculates_what_looks_into_it_from_outside_and_a_rename_calculates_nothing(): void
    {
        $book = self::book([
            'One' => [['Tree', 'Count'], ['Rowan', 30], ['Ash', 4], ['Elm', 12]],
            'Two' => [['=One!B2+One!B2=60', '=SUM(One!B2:B4)=46']],
        ]);
        $after = $this->done($book, new SortTable(1, 2, 1, [[2, false]]));
        self::assertSame([8, 46], self::values($after, 2, ['A1', 'B1']));
        $this->asked = [];
        $this->done($book, new ArrangeSheet(1, 'Trees'));
        self::assertSame([], $this->asked);
    }

    public function test_a_sort_calculates_nothing_that_came_along_with_its_row(): void
    {
        $book = self::book([
            'One' => [
                ['Tree', 'Count', 'Twice', 'Fourfold', 'Place', 'Share', 'Sum'],
                ...array_map(
                    fn (int $row) => [
                        'Rowan',
                        90 - $row,
                        "=B$row+B$row=".(180 - 2 * $row),
                        "=C$row+C$row=".(360 - 4 * $row),
                        "=ROW(A$row)=$row",
                        "=B$row+SUM(B\$2:B\$6)=".(90 - $row + 430),
                        "=F$row+F$row=". 2 * (520 - $row),
                    ],
                    range(2, 6),
                ),
            ],
        ]);
        $after = $this->done($book, new SortTable(1, 3, 1, [[2, false]]));
        self::assertSame(
            [],
            array_values(array_filter($this->asked, fn (string $place) => in_array($place[0], ['C', 'D'], true))),
            'they look at their own row alone',
        );
        self::assertSame([84, 168, 336, 2, 514, 1028, 88, 6], self::values($after, 1, ['B2', 'C2', 'D2', 'E2', 'F2', 'G2', 'B6', 'E6']));
    }

    public function test_names_and_tables_that_grow_are_followed(): void
    {
        $book = self::book(['One' => [['Count'], [1], [2], [3], [null, '=SUM(Counts)=6', '=SUM(List[Count])=6']]]);
        $book = $book->naming(['Counts' => 'One!$A$2:$A$4'])->tabled(['List' => new TableRange(1, Range::parse('A1:A4'), 1, 0, ['Count'])]);
        $this->done($book, new MoveCells(1, new Shift(true, 3, 1, true)));
        self::assertSame(['B5', 'B6', 'C5', 'C6'], array_values(array_unique($this->asked)), 'where they stood, and where they stand');
        $this->asked = [];
        $after = $this->done($book, new EditCells(1, [3 => [1 => '12']]));
        self::assertSame([16, 16], self::values($after, 1, ['B5', 'C5']));
    }

    private function done(Workbook $book, Act $act): Workbook
    {
        return (new Recalculate($this->calculator(), 20))->after($act->reach(), $book, $act->on($book));
    }

    /** Adds two cells, sums a range, knows ROW; all else it does not know. */
    private function calculator(): Calculator
    {
        return new class($this) implements Calculator
        {
            public function __construct(private readonly RecalculateTest $test)
            {
            }

            public function begin(bool $from1904): void
            {
            }

            public function knows(Meaning $meaning): bool
            {
                return array_diff(array_keys($meaning->calls), ['SUM', 'ROW']) === [];
            }

            public function calculate(string $text, Meaning $meaning, int $sheet, int $row, int $column, Values $values): ?Cell
            {
                $values->hurry();
                $this->test->asked[] = chr(64 + $column).$row;
                if (preg_match('/^ROW\(A(\d+)\)$/', $text, $found) === 1) {
                    return Cell::of((int) $found[1]);
                }
                $sum = 0;
                foreach ($meaning->references as $reference) {
                    foreach ($values->range($reference->sheet, $reference->range) as $line) {
                        $sum += array_sum(array_filter($line, is_numeric(...)));
                    }
                }

                return Cell::of($sum);
            }
        };
    }

    /**
     * @param  list<string>  $places
     * @return list<mixed>
     */
    private static function values(Workbook $workbook, int $sheet, array $places): array
    {
        return array_map(function (string $place) use ($workbook, $sheet) {
            $at = Range::parse($place);
            foreach ($workbook->sheet($sheet)->cells->read($at->top, $at->top) as $cells) {
                return $cells[$at->left - 1]->value;
            }

            return null;
        }, $places);
    }

    /** @param  array<string, list<list<mixed>>>  $sheets  formulas as "=FORMULA=RESULT" */
    private static function book(array $sheets): Workbook
    {
        $made = [];
        foreach ($sheets as $name => $rows) {
            $width = max(array_map(count(...), $rows));
            $cells = new MemorySheet(
                $name,
                array_map(
                    fn (array $row) => array_map(
                        fn (mixed $value) => is_string($value) && str_starts_with($value, '=')
                            ? Cell::formula(explode('=', $value)[1], (int) explode('=', $value)[2])
                            : Cell::of(is_scalar($value) ? $value : null),
                        array_pad($row, $width, null),
                    ),
                    $rows,
                ),
            );
            $made[count($made) + 1] = new Worksheet(
                $cells,
                $name,
                Finder::read(SheetFacts::of($cells)),
                aspects: Aspects::of(new Unsettled()),
            );
        }

        return new Workbook('W', $made, new LookBook);
    }
}
