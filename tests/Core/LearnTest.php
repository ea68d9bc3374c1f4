<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Learn\Colours;
use Rilvet\Learn\Exception\NothingToLearn;
use Rilvet\Learn\Learned;
use Rilvet\Learn\Learner;
use Rilvet\Learn\NumberRule;
use Rilvet\Learn\Rule;
use Rilvet\Learn\Stray;
use Rilvet\Learn\Strays;
use Rilvet\Learn\Votes;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Number\NumberFormat;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;
use Tests\ThroughFile;

/** A stylebook learned from sheets that already look right. */
final class LearnTest extends TestCase
{
    /** What a look says by not saying it. */
    private const USUAL = [
        'bold' => false, 'italic' => false, 'wrap' => false, 'fill' => 'none', 'underline' => 'none', 'strike' => false, 'indent' => 0,
        'rotation' => 0, 'vertical' => 'bottom', 'script' => 'none',
    ];

    /**
     * Law: what a stylebook dressed, written and brought in again, gives the stylebook back, but for what the format has no form for
     * (a heading centred over several cells in an ods); and dressing with what was learned changes nothing that is seen.
     */
    #[DataProvider('dressed')]
    public function test_a_dressed_sheet_gives_its_stylebook_back(string $name, string $ending, string $demo): void
    {
        $source = Builtin::named($name);
        $workbook = DemoBook::named($demo);
        $there = ThroughFile::of((new Dress(array_keys($workbook->sheets), $source, true))->on($workbook), $ending);
        $learned = Learner::of([[$there, array_keys($there->sheets)]], $name)->stylebook;

        [$same, $all] = [0, 0];
        $used = self::partsOf($there);
        foreach ($used as $part) {
            $is = $learned->ground->under($learned->part($part))->toArray();
            foreach ($source->ground->under($source->part($part))->toArray() as $attribute => $value) {
                $all++;
                $same += ($is[$attribute] ?? self::USUAL[$attribute] ?? null) === $value ? 1 : 0;
            }
        }
        self::assertGreaterThan(30, $all);
        self::assertGreaterThanOrEqual(0.95, $same / $all);
        self::assertSame($source->stripes?->every, $learned->stripes?->every);

        $again = (new Dress(array_keys($there->sheets), $learned))->on($there);
        self::assertSame([], self::differences($there, $again));
    }

    /** @return array<string, array{string, string, string}> */
    public static function dressed(): array
    {
        $cases = [];
        foreach (Builtin::all() as $stylebook) {
            foreach (['xlsx', 'ods'] as $ending) {
                foreach (['year', 'site'] as $demo) {
                    $cases["$stylebook->name, $demo as $ending"] = [$stylebook->name, $ending, $demo];
                }
            }
        }

        return $cases;
    }

    /** Sixty thousand formats, one a cell: nothing is quadratic, and what no two cells share is no rule. */
    public function test_a_sheet_of_sixty_thousand_formats_is_learned_from_in_no_time(): void
    {
        $rows = [['Tree', 'Bags', 'Worth']];
        $map = new LookMap;
        $book = new LookBook;
        for ($row = 2; $row <= 20_001; $row++) {
            $rows[] = ["Tree $row", $row, $row / 4];
            foreach ([1, 2, 3] as $column) {
                $map->append($row, $column, $book->number(Look::of(['fill' => sprintf('#%06X', 3 * $row + $column), 'bold' => true])));
            }
        }
        $cells = MemorySheet::of('Many', $rows);
        $sheet = new Worksheet($cells, 'Many', Finder::read(SheetFacts::of($cells)), aspects: Aspects::of(new FileLooks($map)));
        $began = Spent::now();
        $learned = Learner::of([[new Workbook('Many', [1 => $sheet], $book), [1]]], 'Many');
        self::assertLessThan(10, Spent::now() - $began);
        self::assertNull($learned->stylebook->stripes);
        self::assertTrue($learned->stylebook->part(Part::Body)->is(Attribute::Bold), 'what they share is');
        self::assertLessThanOrEqual(200, count($learned->stylebook->palette->colours));
    }

    public function test_each_rule_shows_its_evidence(): void
    {
        $looks = ['A1:C1' => ['fill' => '#224466', 'ink' => '#FFFFFF', 'bold' => true], 'A1' => ['bold' => false]];
        $rules = array_column(self::learned($looks)->rules, null, 'where');
        self::assertSame('3 of 3 cells on 1 sheet', $rules['parts.heading.fill']->evidence());
        self::assertSame('2 of 3 cells on 1 sheet', $rules['parts.heading.bold']->evidence());
        self::assertTrue($rules['parts.heading.bold']->value);
        self::assertSame('1,200 of 1,201 cells on 5 sheets', (new Rule('x', 1, 1_200, 1_201, 5))->evidence());
    }

    public function test_half_of_the_cells_make_no_rule_and_near_same_colours_are_one(): void
    {
        $votes = new Votes;
        foreach (['#224466' => 4, '#234567' => 3, '#AA3322' => 5] as $fill => $cells) {
            $votes->add('fill', $fill, 'one', $cells);
        }
        self::assertNull($votes->rule('fill'), 'none has more than half, and what leads has nothing near it');
        $votes->add('fill', '#224466', 'two', 3);
        self::assertEquals(new Rule('fill', '#224466', 10, 15, 2), $votes->rule('fill'));
        $votes->add('bold', true, 'one', 5);
        $votes->add('bold', false, 'one', 5);
        self::assertNull($votes->rule('bold'));
        self::assertNull($votes->rule('nothing'));
    }

    public function test_stripes_are_learned_as_stripes_however_many_rows_they_take(): void
    {
        foreach ([1, 2, 3] as $every) {
            $looks = [];
            for ($row = 2; $row <= 19; $row++) {
                $looks["A$row:C$row"] = ['fill' => intdiv($row - 2, $every) % 2 === 1 ? '#EEF4EE' : '#FFFFFF'];
            }
            $stylebook = self::learned($looks)->stylebook;
            $stripes = $stylebook->stripes;
            self::assertSame([$every, '#EEF4EE'], [$stripes?->every, $stripes?->look(1)->text(Attribute::Fill)]);
            self::assertSame('#FFFFFF', $stylebook->part(Part::Body)->text(Attribute::Fill));
        }
        self::assertNull(self::learned(['A2:C19' => ['fill' => '#EEF4EE']])->stylebook->stripes);
        $near = [];
        for ($row = 2; $row <= 19; $row++) {
            $near["A$row:C$row"] = ['fill' => $row % 2 === 0 ? '#E8F1EA' : '#E6F0E9'];
        }
        $stylebook = self::learned($near)->stylebook;
        self::assertNull($stylebook->stripes, 'colours that nobody tells apart are no stripes');
        self::assertSame('#E8F1EA', $stylebook->part(Part::Body)->text(Attribute::Fill));
        $byHand = ['A4:C4' => ['fill' => '#EEF4EE'], 'A9:C9' => ['fill' => '#EEF4EE'], 'A10:C10' => ['fill' => '#EEF4EE']];
        self::assertNull(self::learned($byHand)->stylebook->stripes, 'rows that somebody marked are no stripes');
    }

    public function test_number_formats_become_rules_that_fill_in_their_places(): void
    {
        $rule = fn (string $code) => [NumberRule::pattern(NumberRule::figures($code)), NumberRule::places(NumberRule::figures($code))];
        self::assertSame(['#,##0{places}', 2], $rule('#,##0.00'));
        self::assertSame(['#,##0{places}', 2], $rule('"£"* #,##0.00;"£"* -#,##0.00'));
        self::assertSame(['#,##0{places}', 2], $rule('[$£-809]#,##0.00;[Red]-[$£-809]#,##0.00'));
        self::assertSame(['0{places}%', 1], $rule('0.0%'));
        self::assertSame(['0{places}', 0], $rule('0'));
        self::assertSame(['dd mmm yyyy', 0], $rule('dd mmm yyyy'));
        self::assertSame(['[h]:mm', 0], $rule('[h]:mm'));
        self::assertSame(['0.00E+00', 0], $rule('0.00E+00'), 'what no rule can fill stays as it is');
        foreach (['#,##0.00', '0.0%', 'dd mmm yyyy', '0.00E+00'] as $code) {
            NumberFormat::of(str_replace('{places}', '', $rule($code)[0]));
        }
    }

    public function test_the_sign_of_a_currency_is_learned_as_where_it_stands(): void
    {
        $code = '"£"* #,##0.00;"£"* -#,##0.00';
        $sign = fn (array $looks) => self::learned($looks)->stylebook->toArray()['kinds']['amount']['sign'] ?? null;
        self::assertSame('every', $sign(['C2:C19' => ['number' => $code, 'italic' => true]]));
        self::assertSame('first', $sign(['C2' => ['number' => $code, 'italic' => true], 'C3:C19' => ['number' => '#,##0.00']]));
        self::assertSame('none', $sign(['C2:C19' => ['number' => '#,##0.00', 'italic' => true]]));
        $data = self::learned(['C2:C19' => ['number' => '#,##0.00', 'italic' => true]])->stylebook->toArray();
        self::assertSame(['#,##0{places}', 2, 2], [
            $data['kinds']['amount']['number'], $data['kinds']['amount']['least'], $data['kinds']['amount']['most'],
        ]);
    }

    public function test_colours_are_named_by_what_they_are_for_and_those_that_cannot_be_told_apart_are_one(): void
    {
        $colours = new Colours;
        self::assertSame('@ink', $colours->named('#2A2230', 'ink'));
        self::assertSame('thin @line', $colours->named('thin #88AACC', 'line'));
        self::assertSame('@ink', $colours->named('#2a2230', 'colour'));
        self::assertSame('@ink', $colours->named('#2A2231', 'colour'), 'one unit of CIEDE2000 cannot be seen');
        self::assertSame('@line-2', $colours->named('#992211', 'line'));
        self::assertSame(['ink' => '#2A2230', 'line' => '#88AACC', 'line-2' => '#992211'], $colours->palette);
    }

    public function test_several_workbooks_teach_together_and_the_most_cells_decide(): void
    {
        $one = self::workbook(['A1:C1' => ['fill' => '#224466']]);
        $two = self::workbook(['A1:C1' => ['fill' => '#117733']]);
        $learned = Learner::of([[$one, [1]], [$two, [1]], [self::workbook(['A1:C1' => ['fill' => '#224466']]), [1]]], 'Both');
        $rule = array_column($learned->rules, null, 'where')['parts.heading.fill'];
        self::assertSame(['#224466', 6, 9], [$rule->value, $rule->cells, $rule->all]);
        self::assertSame('Both', $learned->stylebook->name);
    }

    public function test_a_workbook_without_any_look_teaches_nothing(): void
    {
        foreach ([[], ['C2:C19' => ['number' => '0.00']]] as $looks) {
            try {
                self::learned($looks);
                self::fail('there is nothing to learn');
            } catch (NothingToLearn $nothing) {
                self::assertStringContainsString('nothing to learn from in this workbook', $nothing->getMessage());
            }
        }
        $this->expectException(NothingToLearn::class);
        Learner::of([[new Workbook('W', [1 => self::sheet([], new LookBook, [['one']])], new LookBook), [1]]], 'None');
    }

    public function test_sixty_thousand_looks_are_gone_through(): void
    {
        $cells = MemorySheet::of('S', [
            ['Species', ...array_map(fn (int $at) => "Plot $at", range(1, 299))],
            ...array_map(fn (int $row) => ["Tree $row", ...range($row, $row + 298)], range(1, 200)),
        ]);
        $book = new LookBook;
        $map = new LookMap;
        for ($column = 1; $column <= 300; $column++) {
            for ($row = 1; $row <= 201; $row++) {
                $map->append($row, $column, $book->number(Look::of(['fill' => sprintf('#%06X', $row * 300 + $column)])));
            }
        }
        $sheet = new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), aspects: Aspects::of(new FileLooks($map)));
        $start = Spent::now();
        $learned = Learner::of([[new Workbook('W', [1 => $sheet], $book), [1]]], 'Many');
        self::assertLessThan(10.0, Spent::now() - $start);
        self::assertArrayNotHasKey('parts.heading.fill', array_column($learned->rules, null, 'where'));
    }

    /** A workbook that another library wrote, of headings that somebody filled by hand. */
    public function test_a_workbook_from_elsewhere_teaches_what_most_of_its_cells_wear(): void
    {
        $book = new Spreadsheet;
        $sheet = $book->getActiveSheet()->fromArray([
            ['Species', 'Stock', 'Price'], ['Rowan', 12, 3.5], ['Aspen', 7, 2.25], ['Hazel', 9, 4.75], ['Elm', 4, 8.5], ['Oak', 3, 9.25],
        ]);
        $sheet->getStyle('A1:C1')->getFont()->setBold(true)->setName('Tinos')->setSize(12);
        $sheet->getStyle('A1:C1')->getFill()->setFillType('solid')->getStartColor()->setRGB('DDEEDD');
        $sheet->getStyle('C2:C6')->getNumberFormat()->setFormatCode('#,##0.00');
        $file = (string) tempnam(sys_get_temp_dir(), 'learn');
        (new Xlsx($book))->save($file);
        $workbook = (new Opening(fn () => new MemoryBlockStore))->open($file, 'own.xlsx');
        unlink($file);
        $data = Learner::of([[$workbook, [1]]], 'Own')->stylebook->toArray();
        $heading = $data['parts']['heading'];
        self::assertSame(['@heading', true, 'Tinos'], [$heading['fill'], $heading['bold'], $heading['font']]);
        self::assertSame('#DDEEDD', $data['palette']['heading']);
        self::assertSame('#,##0{places}', $data['kinds']['amount']['number']);
    }

    /** @param  array<string, array<string, bool|int|float|string>>  $looks  by range */
    private static function learned(array $looks): Learned
    {
        return Learner::of([[self::workbook($looks), [1]]], 'Learned');
    }

    /** @param  array<string, array<string, bool|int|float|string>>  $looks  by range */
    private static function workbook(array $looks): Workbook
    {
        $rows = array_map(fn (int $row) => ["Tree $row", 7 * $row % 23, 1.25 + $row], range(1, 18));
        $book = new LookBook;

        return new Workbook('W', [1 => self::sheet($looks, $book, [['Species', 'Stock', 'Price'], ...$rows])], $book);
    }

    /**
     * @param  array<string, array<string, bool|int|float|string>>  $looks  by range
     * @param  list<list<float|int|string|null>>  $rows
     */
    private static function sheet(array $looks, LookBook $book, array $rows): Worksheet
    {
        $cells = MemorySheet::of('S', $rows);
        $map = new LookMap;
        foreach ($looks as $range => $look) {
            $map->map(Range::parse($range), fn (int $old) => $book->number($book->look($old)->under(Look::of($look))));
        }

        return new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), aspects: Aspects::of(new FileLooks($map)));
    }

    /** @return list<Part> */
    private static function partsOf(Workbook $workbook): array
    {
        $parts = [];
        foreach ($workbook->sheets as $sheet) {
            foreach ($sheet->reading->tables as $table) {
                foreach ($table->parts() as $part) {
                    $parts[$part->part->value] = $part->part;
                }
            }
        }

        return array_values($parts);
    }

    /** @return array<string, int> cells that are seen otherwise, by part and attribute */
    private static function differences(Workbook $one, Workbook $other): array
    {
        $differences = [];
        foreach ($one->sheets as $number => $sheet) {
            [$before, $after] = [new DressedSheet($sheet, $one->looks), new DressedSheet($other->sheet($number), $other->looks)];
            foreach ($sheet->reading->tables as $table) {
                for ($row = $table->range->top; $row <= min($table->range->bottom, $table->range->top + 60); $row++) {
                    for ($column = $table->range->left; $column <= $table->range->right; $column++) {
                        [$was, $is] = [$before->at($row, $column)->look->toArray(), $after->at($row, $column)->look->toArray()];
                        foreach (array_keys($was + $is) as $attribute) {
                            $usual = self::USUAL[$attribute] ?? '';
                            // A sign of currency is the same with quotes around it.
                            if (self::plain($was[$attribute] ?? $usual) !== self::plain($is[$attribute] ?? $usual)) {
                                $key = ($table->partAt($row, $column)->value ?? 'blank')." $attribute";
                                $differences[$key] = ($differences[$key] ?? 0) + 1;
                            }
                        }
                    }
                }
            }
        }

        return $differences;
    }

    private static function plain(bool|float|int|string $value): bool|float|int|string
    {
        // An ods has no form for the room of a bracket: it is a space there, and no room at the end of the last section.
        return is_string($value) ? (string) preg_replace('/ (?=;|$)|["\\\\]/', '', str_replace('_)', ' ', $value)) : $value;
    }

    /** Cells of one part that are seen otherwise than the stylebook has it, by part and by what of them. */
    public function test_what_does_not_follow_is_counted_by_part_and_named(): void
    {
        $cells = MemorySheet::of('S', [['Tree', 'Count'], ['Rowan', 3], ['Aspen', 4], ['Hazel', 5], [null, null]]);
        $looks = new LookBook;
        $hand = new LookMap;
        $say = fn (string $ranges, array $look) => array_map(fn (Range $range) => $hand->set($range, $looks->number(Look::of($look))),
            iterator_to_array(RangeSet::parse($ranges), false));
        $say('A1:B1', ['bold' => true, 'fill' => '#224466', 'ink' => '#FFFFFF']);
        $say('B2:B4', ['number' => '"£"0.00']);
        $say('B3', ['number' => '"£"0.00', 'ink' => '#AA0000', 'bold' => true]);
        // What is blank, and what says the usual outright, strays from nothing.
        $say('A5:B5', ['bold' => true]);
        $say('A2', ['italic' => false, 'fill' => 'none']);
        $sheet = (new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells))))->touched($hand);
        $workbook = new Workbook('W', [1 => $sheet], $looks);
        $book = Stylebook::of(['name' => 'Plain', 'parts' => ['heading' => ['bold' => true, 'fill' => '#224466', 'ink' => '#FFFFFF']]]);
        $dressed = (new Dress([1], $book, true))->on($workbook);
        [$strays, $cut] = Strays::of($workbook, $dressed->withSheet(1, $dressed->sheet(1)->touched(new LookMap)), [1]);
        self::assertSame([], $cut);
        $found = [];
        foreach ($strays as $stray) {
            $found["$stray->part $stray->attribute"] = implode(' ', $stray->places);
        }
        self::assertSame('B2 B3 B4', $found['body number'] ?? null);
        self::assertSame(['B3', 'B3'], [$found['body bold'] ?? null, $found['body ink'] ?? null]);
        self::assertArrayNotHasKey('body italic', $found);
        self::assertArrayNotHasKey('heading fill', $found);
        self::assertSame('Body, number: 3 cells', $strays[0]->words(), 'the most first');
        self::assertSame('Body, bold: 1 cell', array_values(array_filter($strays,
            fn (Stray $one) => $one->attribute === 'bold'))[0]->words());
    }

    public function test_a_large_sheet_is_looked_at_as_far_as_it_is_said_and_names_are_few(): void
    {
        $cells = MemorySheet::of('Long', [['Tree', 'Count'], ...array_map(fn (int $row) => ["Tree $row", $row], range(1, 30_100))]);
        $looks = new LookBook;
        $hand = new LookMap;
        $hand->set(Range::of(2, 2, 30_101, 2), $looks->number(Look::of(['bold' => true])));
        $sheet = new Worksheet($cells, 'Long', Finder::read(SheetFacts::of($cells)));
        $workbook = new Workbook('W', [1 => $sheet->touched($hand)], $looks);
        [$strays, $cut] = Strays::of($workbook, new Workbook('W', [1 => $sheet], $looks), [1]);
        self::assertSame(['Long'], $cut);
        // 60,000 cells: two of the heading, then rows of two.
        self::assertSame([[29_999, 20]], array_map(fn (Stray $one) => [$one->cells, count($one->places)], $strays));
    }
}
