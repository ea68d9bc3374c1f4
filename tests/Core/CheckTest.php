<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Format;
use Rilvet\Act\Merge;
use Rilvet\Act\ProtectSheet;
use Rilvet\Act\Targets;
use Rilvet\Check\Checked;
use Rilvet\Check\Checks;
use Rilvet\Check\Finding;
use Rilvet\Check\Severity;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Guard\Protection;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Corpus;

/** Each check finds its fault, and leaves alone what only looks as if. */
final class CheckTest extends TestCase
{
    /** @return iterable<string, array{string, \Closure(): Workbook, string|null, int, string|null}> check, sheet, range, count, words */
    public static function sheets(): iterable
    {
        $of = fn (?\Closure $change = null) => fn () => self::orders($change);
        yield 'nothing wrong: no errors' => ['error-value', $of(), null, 0, null];
        yield 'an error value' => ['error-value', $of(function (array $rows) {
            $rows[3][3] = $rows[4][3] = Cell::formula('1/0', null, '#DIV/0!');
            $rows[6][3] = Cell::error('#N/A');

            return $rows;
        }), 'D4:D5, D7', 3, 'Column D: 2 cells give #DIV/0!, 1 cell gives #N/A.'];
        yield 'a text that speaks of one' => ['error-value', $of(self::put(3, 1, '#DIV/0!')), null, 0, null];

        yield 'numbers as texts' => ['number-as-text', $of(function (array $rows) {
            $rows[3][2] = '12';
            $rows[4][2] = " 1'200 ";

            return $rows;
        }), 'C4:C5', 2, '"Count": 2 numbers are kept as texts.'];
        yield 'words among numbers' => ['number-as-text', $of(self::put(3, 2, 'none yet')), null, 0, null];
        yield 'figures in a column of codes' => ['number-as-text', $of(self::put(3, 0, '0012')), null, 0, null];
        $text = Cell::formula('TEXT(12,"0")', '12');
        yield 'a formula that gives a text' => ['number-as-text', $of(self::put(3, 2, $text)), null, 0, null];

        yield 'a typed total that is off' => ['total-not-the-sum', $of(self::put(13, 2, 170)), 'C14', 1,
            '"Count": the total says 170, its 12 figures add up to 162.'];
        yield 'a typed total that adds up' => ['total-not-the-sum', $of(self::put(13, 2, 162)), null, 0, null];
        yield 'a typed total of rounded figures' => ['total-not-the-sum', $of(function (array $rows) {
            for ($row = 1; $row <= 12; $row++) {
                $rows[$row][3] = 0.33;
            }
            $rows[13][3] = 4.0;

            return $rows;
        }), null, 0, null];
        yield 'the greatest, in a row of totals' => ['total-not-the-sum', $of(self::put(13, 2, 19)), null, 0, null];
        yield 'a total that is worked out' => ['total-not-the-sum', $of(self::put(13, 2, Cell::formula('SUM(C2:C12)', 143))),
            null, 0, null];

        yield 'a sum that stops short' => ['sum-stops-short', $of(self::put(13, 2, Cell::formula('SUM(C2:C10)', 126))), 'C14', 1,
            '"Count": the sum goes over rows 2 to 10, and leaves 3 figures of its column out, the first in C11.'];
        yield 'a subtotal that begins late' => ['sum-stops-short', $of(self::put(13, 2, Cell::formula('SUBTOTAL(109, $C$3:$C$13)', 154))),
            'C14', 1, '"Count": the sum goes over rows 3 to 13, and leaves 1 figure of its column out, the first in C2.'];
        yield 'a sum over all' => ['sum-stops-short', $of(), null, 0, null];
        yield 'a sum with the heading in it' => ['sum-stops-short', $of(self::put(13, 2, Cell::formula('SUM(C1:C13)', 162))),
            null, 0, null];
        yield 'a sum of the last three' => ['sum-stops-short', $of(self::put(13, 2, Cell::formula('SUM(C11:C13)', 54))), null, 0, null];
        yield 'what it leaves out is blank' => ['sum-stops-short', $of(fn (array $rows) => self::put(13, 2,
            Cell::formula('SUM(C2:C12)', 143))(self::put(12, 2, null)($rows))), null, 0, null];

        yield 'a value among formulas' => ['constant-among-formulas', $of(self::put(6, 3, 99)), 'D7', 1,
            '1 cell holds a value where the column is formulas.'];
        yield 'a value that the next go on from' => ['constant-among-formulas', $of(function (array $rows) {
            $rows[1][3] = 5;
            for ($row = 2; $row <= 12; $row++) {
                $rows[$row][3] = Cell::formula('D'.$row.'+1', 4 + $row);
            }

            return $rows;
        }), null, 0, null];

        yield 'the same but for spaces' => ['stray-spaces', $of(function (array $rows) {
            $rows[3][1] = 'Osier ';
            $rows[4][1] = "\u{A0}Alder";

            return $rows;
        }), 'B4:B5', 2, '"Species": 2 texts differ from others by spaces alone, such as "Osier".'];
        yield 'spaces that nothing is told apart by' => ['stray-spaces', $of(self::put(3, 1, 'Wych elm ')), null, 0, null];

        yield 'the same heading twice' => ['heading-repeated', $of(self::put(0, 3, 'count')), 'C1, D1', 2, '2 columns are headed "Count".'];
        yield 'headings that differ' => ['heading-repeated', $of(), null, 0, null];
        yield 'a heading is missing' => ['heading-missing', $of(self::put(0, 2, null)), 'C1', 1, '1 column holds data and has no heading.'];
        yield 'the corner is blank' => ['heading-missing', $of(self::put(0, 0, null)), null, 0, null];

        yield 'merged among data' => ['merged-in-body', fn () => (new Merge(self::at('B3:B4'), 'join'))->on(self::orders()), 'B3:B4', 1,
            '1 merged place stands among the data of A1:D14.'];

        yield 'merged in a letter' => ['merged-in-body', fn () => (new Merge(self::at('A1:B2'), 'join'))->on(self::book([
            ['Dear reader', null, null], [null, null, null], ['Oak', 'Elm', 'Ash'],
        ])), null, 0, null];

        $check = EntryCheck::of(['id' => 'n1', 'kind' => 'whole', 'is' => 'between', 'of' => ['0', '15'],
            'where' => ['cells' => 'C2:C13']]);
        yield 'against its check' => ['against-check', function () use ($check) {
            $workbook = self::orders();

            return $workbook->withSheet(1, $workbook->sheet(1)->withAspects(new EntryChecks([$check])));
        }, 'C10, C11, C12, C13', 4, '4 values stand against what may be entered.'];
        yield 'nothing is checked' => ['against-check', $of(), null, 0, null];

        $protected = fn (Workbook $workbook) => (new ProtectSheet([1], Protection::USUAL, null))->on($workbook);
        $open = fn () => (new Format(self::at('D3:D4'), Look::of(['locked' => false])))->on(self::orders());
        yield 'formulas open on a protected sheet' => ['formula-unlocked', fn () => $protected($open()),
            'D3:D4', 2, '2 formulas are open to be overwritten.'];
        yield 'formulas open where nothing is protected' => ['formula-unlocked', $open, null, 0, null];
    }

    public function test_a_check_walks_through_the_columns_that_it_asks_for(): void
    {
        $cells = MemorySheet::of('Beds', [['Bed', 'Tree', 'Spring', 'Autumn', 'Year'], ['B 1', 'Rowan', 3, 4, 7],
            ['B 2', 'Aspen', 5, 6, 11], ['B 3', 'Hazel', 1, 9, 10], ['B 4', 'Elm', 2, 2, 4]]);
        $sheet = new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells)));
        $checked = new Checked(new Workbook('Book', [1 => $sheet], new LookBook), 1);
        $asked = function (bool ...$which) use ($checked) {
            $columns = [];
            foreach ($checked->columns(...$which) as [, $column]) {
                $columns[] = $column->heading;
            }

            return $columns;
        };
        $this->assertSame(['Spring', 'Autumn'], $asked());
        $this->assertSame(['Bed', 'Tree', 'Spring', 'Autumn'], $asked(labels: true));
        $this->assertSame(['Spring', 'Autumn', 'Year'], $asked(totals: true));
    }

    /** @param  \Closure(): Workbook  $sheet */
    #[DataProvider('sheets')]
    public function test_a_fault_is_found_and_what_looks_like_it_is_not(
        string $check, \Closure $sheet, ?string $range, int $count, ?string $words,
    ): void {
        $all = Checks::on($sheet(), Checks::all());
        $found = array_values(array_filter($all, fn (Finding $one) => $one->check === $check));
        if ($range === null) {
            self::assertSame([], $found);

            return;
        }
        self::assertSame([[$range, $count, $words, 'Orders']],
            array_map(fn (Finding $one) => [$one->range, $one->count, $one->words, $one->sheet], $found));
    }

    public function test_a_sheet_without_faults_has_no_findings(): void
    {
        self::assertSame([], Checks::on(self::orders(), Checks::all()));
    }

    public function test_every_check_has_a_fault_and_a_look_alike_here(): void
    {
        // Faults of files stand in the corpus, those of several sheets in CheckAcrossTest and SheetsBesideTest.
        $tried = [];
        foreach (self::sheets() as [$check, , $range]) {
            $tried[$check][$range === null ? 'alike' : 'fault'] = true;
        }
        foreach (['fault' => Corpus::faults(), 'alike' => Corpus::alikes()] as $what => $of) {
            foreach ($of as [$check]) {
                $tried[$check][$what] = true;
            }
        }
        $across = file_get_contents(__DIR__.'/CheckAcrossTest.php').file_get_contents(__DIR__.'/SheetsBesideTest.php');
        foreach (Checks::all() as $check) {
            $about = $check->about();
            foreach (['fault', 'alike'] as $what) {
                self::assertTrue(isset($tried[$about->name][$what]) || substr_count($across, "'$about->name'") >= 2,
                    "$what of $about->name");
            }
            self::assertMatchesRegularExpression('/^[A-Z].+[^.]$/', $about->title);
            self::assertMatchesRegularExpression('/^[A-Z].+[.]$/', $about->reason);
        }
        $names = array_map(fn ($check) => $check->about()->name, Checks::all());
        self::assertSame($names, array_values(array_unique($names)));
    }

    public function test_the_worst_stands_first_and_many_of_a_kind_are_counted(): void
    {
        $rows = [['Lot', ...array_map(fn (int $at) => "Count $at", range(1, 300))]];
        for ($row = 1; $row <= 30; $row++) {
            $rows[] = ["L$row", ...array_map(fn (int $at) => ($row * $row * 37 + $at * $at * 101) % 1_009, range(1, 300))];
        }
        $rows[0][2] = 'Count 1';
        for ($column = 1; $column <= 300; $column++) {
            $rows[1 + $column % 29][$column] = '5';
        }
        $found = Checks::on(self::book($rows), Checks::all());
        $found = array_values(array_filter($found, fn (Finding $one) => in_array($one->check, ['number-as-text',
            'heading-repeated'], true)));
        self::assertSame(Checks::NAMED + 2, count($found), 'so many are named, the rest is one finding, and the heading another');
        self::assertSame('100 more of this kind on this sheet.', $found[Checks::NAMED]->words);
        self::assertSame(Severity::Look, $found[Checks::NAMED + 1]->severity);
        self::assertSame('C1', explode(', ', $found[Checks::NAMED + 1]->range)[1]);
    }

    /** Twelve orders with a total: number, species, count, value. */
    private static function orders(?\Closure $change = null): Workbook
    {
        $rows = [['Lot', 'Species', 'Count', 'Value']];
        for ($row = 1; $row <= 12; $row++) {
            $rows[] = ["L$row", ['Osier', 'Alder', 'Aspen'][$row % 3], 7 + $row, Cell::formula('C'.($row + 1).'*2', 14 + 2 * $row)];
        }
        $rows[] = ['Total', null, Cell::formula('SUM(C2:C13)', 162), Cell::formula('SUM(D2:D13)', 324)];

        return self::book($change === null ? $rows : $change($rows));
    }

    /** @return \Closure(array<int, array<int, mixed>>): array<int, array<int, mixed>> */
    private static function put(int $row, int $column, mixed $value): \Closure
    {
        return function (array $rows) use ($row, $column, $value) {
            $rows[$row][$column] = $value;

            return $rows;
        };
    }

    /** @param  array<int, array<int, mixed>>  $rows */
    private static function book(array $rows): Workbook
    {
        $cells = new MemorySheet('Orders', array_map(fn (array $line) => array_map(fn ($value) => $value instanceof Cell ? $value
            : Cell::of($value), $line), $rows));
        $sheet = new Worksheet($cells, 'Orders', Finder::read(SheetFacts::of($cells)));

        return new Workbook('Trees', [1 => $sheet], new LookBook);
    }

    private static function at(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }
}
