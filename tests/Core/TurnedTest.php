<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Writing\Writers;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\CorrectReading;
use Rilvet\Act\Dress;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Shift;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Correction\ColumnIs;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Tables whose headings stand at the left: records across, and blocks of keys with their values. */
final class TurnedTest extends TestCase
{
    private const ACROSS = [
        ['Species', 'Rowan', 'Aspen', 'Hazel'], ['Stock', 1_204, 77, 431], ['Soil', 'moist', 'dry', 'any'],
        ['Sown', '2026-03-01', '2026-03-02', '2026-03-09'], ['Price', 12.5, 9.75, 8.2], ['Keeper', 'Ida', 'Ben', 'Uma'],
    ];

    private const KEYS = [
        ['Site', 'North field'], ['Area', 12], ['Soil', 'loam'], ['Date', '2026-03-11'], ['Price', 9.75], ['Keeper', 'Ida'],
    ];

    public function test_records_across_have_their_headings_at_the_left(): void
    {
        $table = self::read(self::ACROSS)->tables[0];
        self::assertTrue($table->isTurned());
        self::assertSame([Part::Heading, Part::Heading, Part::Body], [$table->partAt(1, 2), $table->partAt(3, 1), $table->partAt(3, 2)]);
        self::assertSame(['integer', 'text', 'date', 'amount', 'text'], self::kinds($table));
        self::assertSame(['Stock', 'Soil', 'Sown', 'Price', 'Keeper'], array_column($table->lines, 'heading'));
        self::assertSame('amount', $table->readingOf(5, 3)?->kind->value);
        self::assertSame('text', $table->readingOf(5, 1)?->kind->value, 'the heading itself is a word');
        self::assertSame(1, $table->lastLabelColumn(), 'what is frozen');
        $parts = array_map(fn ($part) => "{$part->part->value} $part->range", $table->parts());
        self::assertSame(['heading A1:D1', 'heading A2:A6', 'body B2:D6'], $parts);
    }

    public function test_without_names_of_the_records_the_first_row_is_one_of_them(): void
    {
        $rows = [['Soil', 'moist', 'dry', 'moist'], ...array_slice(self::ACROSS, 1, 1), ...array_slice(self::ACROSS, 3)];
        $table = self::read($rows)->tables[0];
        self::assertTrue($table->isTurned());
        self::assertSame(Part::Body, $table->partAt(1, 2));
        self::assertSame([], $table->heads());
        $rising = self::read([['Size', 5, 7, 9], ['Soil', 'moist', 'dry', 'any'], ['Keeper', 'Ida', 'Ben', 'Uma']])->tables[0];
        self::assertSame([Part::Heading, Part::Body], [$rising->partAt(1, 1), $rising->partAt(1, 2)], 'no sizes over columns of words');
    }

    public function test_keys_and_values_are_one_record(): void
    {
        foreach ([self::KEYS, array_map(fn (array $row) => ["$row[0]:", $row[1]], self::KEYS)] as $rows) {
            $table = self::read([['Plot of the year', null], ...$rows])->tables[0];
            self::assertTrue($table->isTurned());
            self::assertSame([Part::Title, Part::Heading, Part::Body], [$table->partAt(1, 1), $table->partAt(2, 1), $table->partAt(2, 2)]);
            self::assertSame(['text', 'integer', 'text', 'date', 'amount', 'text'], self::kinds($table));
        }
    }

    /** @param  list<list<float|int|string|null>>  $rows */
    #[DataProvider('upright')]
    public function test_what_is_not_turned(array $rows): void
    {
        foreach (self::read($rows)->tables as $table) {
            self::assertFalse($table->isTurned());
            self::assertSame([], $table->lines);
        }
    }

    /** @return array<string, array{list<list<float|int|string|null>>}> */
    public static function upright(): array
    {
        return [
            'a list' => [[['Species', 'Stock', 'Soil'], ['Rowan', 12, 'moist'], ['Aspen', 7, 'dry'], ['Hazel', 9, 'any']]],
            'a column of figures under its heading' => [[['Name', 'Count'], ['Rowan', 12], ['Aspen', 7], ['Hazel', 9], ['Elm', 4]]],
            'a column of figures and a stray' => [[
                ['Name', 'Count'], ['Rowan', 12], ['Aspen', 'lost'], ['Hazel', 9], ['Elm', 4], ['Oak', 8],
            ]],
            'a statement' => [[['Item', 2024, 2025], ['Sales', 900, 950], ['Costs', 400, 420], ['Margin', 500, 530]]],
            'all words' => [[['Task', 'Who', 'When'], ['Sow', 'Ida', 'spring'], ['Water', 'Ben', 'summer'], ['Prune', 'Uma', 'winter']]],
            'names that come twice' => [[['Soil', 'dry', 'any', 'dry'], ['Stock', 1, 2, 3], ['Stock', 4, 5, 6], ['Keeper', 'a', 'b', 'c']]],
            'figures down the first column' => [[[1, 'a', 'b', 'c'], [2, 4, 5, 6], [3, 'd', 'e', 'f'], [4, 7, 8, 9]]],
            'named by the file' => [[['Site', 'Area']]],
        ];
    }

    public function test_long_tables_are_not_turned_and_cost_nothing(): void
    {
        $rows = array_map(fn (int $row) => ["Key $row", $row % 2 === 0 ? $row : "word $row",
            $row % 2 === 0 ? 1 : 'b'], range(1, 4_000));
        self::assertFalse(self::read($rows)->tables[0]->isTurned());
        $records = [['Stock', 5], ['Soil', 'dry'], ['Price', 2.5], ['Keeper', 'Ida']];
        $wide = array_map(fn (array $row) => [$row[0], ...array_fill(0, 4_000, $row[1])], $records);
        $table = self::read($wide)->tables[0];
        self::assertTrue($table->isTurned());
        self::assertCount(4, $table->lines);
    }

    public function test_it_is_dressed_with_headings_at_the_left_in_every_stylebook(): void
    {
        foreach (Builtin::all() as $stylebook) {
            $sheet = self::dressed(self::KEYS, $stylebook->name)->sheet(1);
            $dressed = new DressedSheet($sheet, new LookBook);
            $heading = $stylebook->part(Part::Heading);
            foreach ([1, 3, 6] as $row) {
                $look = $dressed->at($row, 1)->look;
                foreach ([Attribute::Bold, Attribute::Fill, Attribute::Ink, Attribute::Font] as $attribute) {
                    $wanted = $heading->text($attribute) !== '' ? $heading->text($attribute) : $stylebook->ground->text($attribute);
                    self::assertSame($wanted, $look->text($attribute), "$stylebook->name, {$attribute->value}");
                }
                self::assertSame($heading->text(Attribute::Bottom), $look->text(Attribute::Right), 'the rule stands beside them');
                self::assertSame('', $look->text(Attribute::Bottom));
                self::assertSame(Part::Body, $dressed->at($row, 2)->part);
            }
            // Each value is placed as its own kind is, not as most of its column.
            self::assertNotSame($dressed->at(1, 2)->look->text(Attribute::Number), $dressed->at(5, 2)->look->text(Attribute::Number));
        }
    }

    public function test_html_says_that_a_heading_is_of_its_row(): void
    {
        $html = self::written(self::ACROSS, 'html');
        self::assertMatchesRegularExpression('~<th scope="col"[^>]*>Rowan</th>~', $html);
        self::assertMatchesRegularExpression('~<th scope="row"[^>]*>Soil</th>~', $html);
        self::assertMatchesRegularExpression('~<td[^>]*>moist</td>~', $html);
    }

    public function test_it_is_stored_and_moved(): void
    {
        $reading = self::read(self::ACROSS);
        /** @phpstan-ignore argument.type */
        $stored = Reading::fromArray(json_decode((string) json_encode($reading->toArray()), true));
        self::assertSame($reading->toArray(), $stored->toArray());
        self::assertSame([2, 3, 4, 5, 6], array_keys($stored->tables[0]->lines));
        $moved = $stored->moved(new Shift(true, 3, 2, true))->tables[0];
        self::assertSame([2, 5, 6, 7, 8], array_keys($moved->lines));
        self::assertSame('amount', $moved->readingOf(7, 2)?->kind->value);
        $gone = $stored->moved(new Shift(true, 5, 1, false))->tables[0];
        self::assertSame([2, 3, 4, 5], array_keys($gone->lines));
        self::assertSame('Keeper', $gone->lines[5]->heading);
    }

    public function test_a_person_says_that_a_table_is_turned_and_that_it_is_not(): void
    {
        $rows = [['Item', 'This year', 'Last year'], ['Sales', 900, 950], ['Costs', 400.25, 420.5], ['Margin', 500, 530]];
        $workbook = self::workbook($rows);
        self::assertFalse($workbook->sheet(1)->reading->tables[0]->isTurned());
        $said = (new CorrectReading(1, new ColumnIs(2, 1, null, ColumnRole::Heading)))->on($workbook);
        $table = $said->sheet(1)->reading->tables[0];
        self::assertSame([Part::Heading, Part::Body], [$table->partAt(2, 1), $table->partAt(2, 2)]);
        self::assertSame(['integer', 'amount', 'amount'], self::kinds($table), 'costs and margins are money');
        $back = (new CorrectReading(1, new ColumnIs(2, 1, null, ColumnRole::Label)))->on($said)->sheet(1)->reading->tables[0];
        self::assertFalse($back->isTurned());
        self::assertSame('decimal', $back->readingOf(3, 2)?->kind->value, 'the column counts again');
    }

    /** @return list<string> */
    private static function kinds(TableReading $table): array
    {
        return array_values(array_map(fn (ColumnReading $line) => $line->kind->value, $table->lines));
    }

    /** @param  list<list<float|int|string|null>>  $rows */
    private static function read(array $rows): Reading
    {
        return Finder::read(SheetFacts::of(MemorySheet::of('S', $rows)));
    }

    /** @param  list<list<float|int|string|null>>  $rows */
    private static function workbook(array $rows): Workbook
    {
        return new Workbook('W', [1 => new Worksheet(MemorySheet::of('S', $rows), 'S', self::read($rows))], new LookBook);
    }

    /** @param  list<list<float|int|string|null>>  $rows */
    private static function dressed(array $rows, string $stylebook): Workbook
    {
        return (new Dress([1], Builtin::named($stylebook)))->on(self::workbook($rows));
    }

    /** @param  list<list<float|int|string|null>>  $rows */
    private static function written(array $rows, string $format): string
    {
        $file = tempnam(sys_get_temp_dir(), 'turned');
        assert(is_string($file));
        Writers::for($format)?->write(self::dressed($rows, 'River ledger'), $file);
        $text = (string) file_get_contents($file);
        unlink($file);

        return $text;
    }
}
