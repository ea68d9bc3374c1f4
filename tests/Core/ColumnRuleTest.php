<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\ConvertCells;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Act\Format;
use Rilvet\Act\FormatPart;
use Rilvet\Act\Targets;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Shown;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Window\TruthNote;
use Rilvet\Window\TruthNotes;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\FileHints;
use Rilvet\Work\Setup;
use Rilvet\Work\SheetDocuments;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Rules of columns, notes on what figures do not say, and changes of data that put them right. */
final class ColumnRuleTest extends TestCase
{
    private const TABLE = [
        ['Tree', 'Price', 'Share'],
        ['Rowan', 1204.5, 0.25],
        ['Aspen', -96.25, 0.5],
        ['Hazel', 0, 0.255],
        ['All', 1108.25, null],
    ];

    public function test_the_sign_stands_where_the_rule_says_and_headings_keep_their_text(): void
    {
        $shown = fn (string $sign) => $this->column(self::dressed(['sign' => $sign, 'least' => 2, 'most' => 2]), 2);
        self::assertSame(['Price', '£1,204.50', '-96.25', '0.00', '£1,108.25'], $shown('first'));
        self::assertSame(['Price', '£1,204.50', '£-96.25', '£0.00', '£1,108.25'], $shown('every'));
        self::assertSame(["Price\n£", '1,204.50', '-96.25', '0.00', '1,108.25'], $shown('heading'));
        self::assertSame(['Price', '1,204.50', '-96.25', '0.00', '1,108.25'], $shown('none'));
        $workbook = self::dressed(['sign' => 'heading']);
        self::assertSame(
            'Price',
            iterator_to_array($workbook->sheet(1)->cells->read(1, 1))[1][1]->value,
            'the unit is no part of the data',
        );
    }

    public function test_figures_are_scaled_with_the_unit_said_once(): void
    {
        self::assertSame(
            ["Price\n£ thousand", '1.2', '-0.1', '0.0', '1.1'],
            $this->column(self::dressed(['sign' => 'heading', 'scale' => 3, 'least' => 1]), 2),
        );
        self::assertSame(
            ["Price\nmillion", '0.00', '0.00', '0.00', '0.00'],
            $this->column(self::dressed(['sign' => 'none', 'scale' => 6, 'least' => 2]), 2),
        );
    }

    public function test_brackets_do_not_shift_digits_and_totals_may_have_more_decimals(): void
    {
        $texts = $this->column(self::dressed(['sign' => 'none', 'accounting' => true, 'least' => 2, 'most' => 2, 'totals' => 1]), 2);
        self::assertSame(['Price', "1,204.50\u{A0}", '(96.25)', "–\u{A0}", "1,108.250\u{A0}"], $texts);
    }

    public function test_decimals_are_as_many_as_needed_and_the_same_down_the_column(): void
    {
        self::assertSame(
            ['Price', '1,204.50', '-96.25', '0.00', '1,108.25'],
            $this->column(self::dressed(['sign' => 'none', 'least' => 0, 'most' => 4]), 2),
        );
        $whole = self::book([['Tree', 'Count'], ['Rowan', 12.0], ['Aspen', 5], ['Hazel', 7]]);
        $book = Builtin::named('River ledger')
            ->ruling(ColumnKind::Integer, ['least' => 0, 'most' => 4])
            ->ruling(ColumnKind::Decimal, ['least' => 0, 'most' => 4]);
        self::assertSame(
            ['Count', '12', '5', '7'],
            $this->column((new Dress([1], $book))->on($whole), 2),
            'whole amounts have no decimals',
        );
    }

    public function test_a_rule_that_is_none_is_refused(): void
    {
        foreach ([['sign' => 'sideways'], ['scale' => 4], ['accounting' => 'yes'], ['totals' => 7], ['least' => 2.5]] as $rule) {
            try {
                Builtin::named('River ledger')->ruling(ColumnKind::Amount, $rule);
                self::fail((string) json_encode($rule));
            } catch (StylebookIsWrong $wrong) {
                self::assertStringContainsString('kinds.amount', $wrong->getMessage());
            }
        }
    }

    public function test_a_format_goes_to_columns_of_one_heading_and_stays_with_rows_that_come(): void
    {
        $workbook = self::book(self::TABLE);
        $workbook = (new FormatPart([1], Part::Body, null, Look::of(['number' => '0.0%']), ' share '))->on($workbook);
        self::assertSame(['Share', '25.0%', '50.0%', '25.5%'], array_slice($this->column($workbook, 3), 0, 4));
        self::assertSame('1204.5', $this->column($workbook, 2)[1]);
        $document = (new SheetDocuments($workbook->sheet(1)))->named('rules');
        self::assertSame(' share ', $document[0]['heading'] ?? null);
    }

    public function test_a_named_number_format_travels_in_the_stylebook(): void
    {
        $book = Builtin::named('River ledger')->numbering('Short date', 'd mmm');
        self::assertSame(['Short date' => 'd mmm'], Stylebook::fromJson($book->toJson())->numbers);
        self::assertSame([], $book->numbering('Short date', null)->numbers);
        $this->expectException(StylebookIsWrong::class);
        $book->numbering('Broken', '0"kg');
    }

    public function test_a_total_that_is_not_the_sum_of_what_is_shown_is_noted(): void
    {
        $workbook = self::book([['Tree', 'Paid'], ['Rowan', 1.4], ['Aspen', 1.4], ['Hazel', 1.4], ['Total', 4.2]]);
        $workbook = (new Format(self::at('B2:B5'), Look::of(['number' => '0'])))->on($workbook);
        $notes = TruthNotes::of($workbook, 1);
        self::assertSame(['total', 'B5'], [$notes[0]->kind, $notes[0]->ranges]);
        self::assertStringContainsString('shows 4, and the figures shown above it add up to 3', $notes[0]->reason);
        self::assertSame([], TruthNotes::of((new Format(self::at('B2:B5'), Look::of(['number' => '0.0'])))->on($workbook), 1));
    }

    public function test_rounding_that_hides_a_value_is_noted(): void
    {
        $workbook = self::book([['Tree', 'Paid'], ['Rowan', 0.4], ['Aspen', 0], ['Hazel', 12.5]]);
        $workbook = (new Format(self::at('B2:B4'), Look::of(['number' => '0'])))->on($workbook);
        self::assertSame([['hidden', 'B2']], array_map(fn (TruthNote $note) => [$note->kind, $note->ranges], TruthNotes::of($workbook, 1)));
    }

    public function test_text_is_turned_into_numbers_shares_into_percent_and_text_into_dates(): void
    {
        $rows = [['Tree', 'Count', 'Dry', 'Seen']];
        for ($row = 0; $row < 8; $row++) {
            $rows[] = [
                "Tree $row",
                $row === 3 ? '1 204' : 10 + $row,
                5 + $row,
                $row === 2 ? '03/04/2024'
                    : ($row === 5 ? '25.12.2024' : 45300 + $row),
            ];
        }
        $workbook = self::book($rows, ['C2:C9' => '0%', 'D2:D9' => 'yyyy-mm-dd']);
        $notes = array_column(TruthNotes::of($workbook, 1), null, 'kind');
        self::assertSame('B5', $notes['text_number']->ranges);
        self::assertSame(['1 204 → 1204'], $notes['text_number']->samples);
        self::assertSame('C2:C9', $notes['percent']->ranges);
        self::assertSame(['D4', 'D7'], [$notes['ambiguous_date']->ranges, $notes['text_date']->ranges]);

        $workbook = (new ConvertCells(self::at('B1:B9'), 'numbers'))->on($workbook);
        $workbook = (new ConvertCells(self::at('C2:C9'), 'hundredths'))->on($workbook);
        $workbook = (new ConvertCells(self::at('D7'), 'dates_dmy'))->on($workbook);
        $workbook = (new ConvertCells(self::at('D4'), 'dates_mdy'))->on($workbook);
        self::assertSame(['Count', '10', '11', '12', '1204'], array_slice($this->column($workbook, 2), 0, 5));
        self::assertSame(['Dry', '5%', '6%', '7%'], array_slice($this->column($workbook, 3), 0, 4));
        self::assertSame(['2024-03-04', '2024-12-25'], [$this->column($workbook, 4)[3], $this->column($workbook, 4)[6]]);
        self::assertSame([], TruthNotes::of($workbook, 1));
        $this->expectException(NothingToChange::class);
        (new ConvertCells(self::at('A1:A9'), 'numbers'))->on($workbook);
    }

    /** Facts of the trade: 17:00 less 8:00 is 9:00; a later date less an earlier one gives days; 3 in a percent cell is 3 %. */
    public function test_what_is_typed_takes_a_fitting_format(): void
    {
        $workbook = self::book(
            [['Start', 'End', 'Seen', 'Due', 'Price', 'Count', 'Share'], [8 / 24, 17 / 24, 45300, 45310, 2.5, 4, 0.1]],
            ['A2:B2' => 'hh:mm', 'C2:D2' => 'dd mmm yyyy', 'E2' => '"£"#,##0.00', 'G2:G4' => '0%', 'F5' => '"£"0.00'],
        );
        $typed = (new EditCells(1, [
            4 => [1 => '=B2-A2', 2 => '=D2-C2', 3 => '=C2+14', 4 => '=E2*F2', 5 => '=SUM(E2:E2)', 6 => '=TODAY()', 7 => '3'],
            5 => [1 => '=F2+1', 6 => '10'],
        ]))->on($workbook);
        $codes = fn (int $row, int $column) => (new DressedSheet($typed->sheet(1), $typed->looks))
            ->at($row, $column)
            ->look->text(Attribute::Number);
        self::assertSame(
            ['[h]:mm', '0', 'dd mmm yyyy', '"£"#,##0.00', '"£"#,##0.00', 'yyyy-mm-dd'],
            array_map(fn (int $column) => $codes(4, $column), range(1, 6)),
        );
        self::assertSame('', $codes(5, 1));
        $row = iterator_to_array($typed->sheet(1)->cells->read(4, 5));
        self::assertSame([0.03, 10], [$row[4][6]->value, $row[5][5]->value]);
        self::assertSame(
            '£10.00',
            Shown::of($row[5][5], (new DressedSheet($typed->sheet(1), $typed->looks))->at(5, 6), false)->formatted->text,
        );
    }

    /** @return list<string> */
    private function column(Workbook $workbook, int $column): array
    {
        $sheet = $workbook->sheet(1);
        $dressed = new DressedSheet($sheet, $workbook->looks);
        $texts = [];
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
            $texts[] = Shown::of($cells[$column - 1], $dressed->at($row, $column), false)->formatted->text;
        }

        return $texts;
    }

    private static function at(string $ranges): Targets
    {
        return new Targets([1], RangeSet::parse($ranges));
    }

    /** @param  array<string, mixed>  $rule */
    private static function dressed(array $rule): Workbook
    {
        $workbook = self::book(self::TABLE, ['B2:B5' => '"£"#,##0.00']);

        return (new Dress([1], Builtin::named('River ledger')->ruling(ColumnKind::Amount, $rule)))->on($workbook);
    }

    /**
     * @param  list<list<mixed>>  $rows
     * @param  array<string, string>  $formats  number formats that came with the file, by range
     */
    private static function book(array $rows, array $formats = []): Workbook
    {
        $cells = new MemorySheet(
            'S',
            array_map(fn (array $row) => array_map(fn (mixed $value) => Cell::of(is_scalar($value) ? $value : null), $row), $rows),
        );
        $looks = new LookBook();
        $map = new \Rilvet\Look\LookMap();
        foreach ($formats as $range => $code) {
            $map->set(\Rilvet\Grid\Range::parse($range), $looks->number(Look::of(['number' => $code])));
        }
        $found = Finder::read(SheetFacts::of($cells, new FileHints($map, $looks, new Setup)));

        return new Workbook('Book', [1 => new Worksheet($cells, 'S', $found, aspects: Aspects::of(new FileLooks($map)))], $looks);
    }
}
