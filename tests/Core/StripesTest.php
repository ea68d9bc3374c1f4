<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Calculation\LibraryCalculator;
use App\Files\Xlsx\XlsxWriter;
use PhpOffice\PhpSpreadsheet\Calculation\Calculation;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet as Sheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;
use Rilvet\Act\EditCells;
use Rilvet\Act\LayStripes;
use Rilvet\Act\MoveCells;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Act\Targets;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Palette;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\AsItCame;
use Rilvet\Work\Aspect\KeyBands;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\StripeConditions;
use Tests\Spent;

/** Stripes as a person would lay them: by rows, by a key, by columns; counted in sight, begun anew or not. */
final class StripesTest extends TestCase
{
    private const A = '#AAAAAA';

    private const B = '#BBBBBB';

    /** @return array<string, array{array<string, mixed>, string, 2?: list<int>}> rule, fills of the rows from 2 on, hidden rows */
    public static function rules(): array
    {
        return [
            'every row' => [['fill' => self::A], '-a-a.-a-a-..'],
            'every two rows' => [['every' => 2, 'fill' => self::A], '--aa.--aa-..'],
            'three fills in turn' => [['fills' => ['none', self::A, self::B]], '-ab-.-ab-a..'],
            'two fills' => [['fills' => [self::A, self::B]], 'abab.ababa..'],
            'from the third row' => [['fill' => self::A, 'first' => 3], '---a.---a-..'],
            'through the groups' => [['fill' => self::A, 'anew' => false, 'every' => 3], '---a.aa---..'],
            'hidden rows are not counted' => [['fill' => self::A], '-[a]a-.-a-a-..', [3]],
            'hidden rows, through the groups' => [['fill' => self::A, 'anew' => false, 'every' => 3], '---[a].aaa--..', [5]],
            'at each change of a key' => [['by' => 'key', 'key' => 'Bed', 'fill' => self::A], '--aa.--a--..'],
            'at each change, through the groups' => [['by' => 'key', 'key' => ' bed ', 'fill' => self::A, 'anew' => false], '--aa.aa-aa..'],
            'two changes a band' => [['by' => 'key', 'key' => 'Bed', 'fill' => self::A, 'every' => 2, 'anew' => false], '----.--aaa..'],
            'a key that no column has' => [['by' => 'key', 'key' => 'Colour', 'fill' => self::A], '----.-----..'],
        ];
    }

    /**
     * @param  array<string, mixed>  $rule
     * @param  list<int>  $hidden
     */
    #[DataProvider('rules')]
    public function test_rows_take_turns(array $rule, string $wanted, array $hidden = []): void
    {
        $wanted = str_replace(['[', ']'], '', $wanted);
        self::assertSame($wanted, self::column(self::dressed($rule, $hidden), 3, strlen($wanted)));
    }

    public function test_columns_take_turns_in_the_body_alone(): void
    {
        $sheet = self::dressed(['by' => 'columns', 'every' => 2, 'fill' => self::A])[0]->sheet(1);
        $looks = new DressedSheet($sheet, new LookBook);
        $fill = fn (int $row, int $column) => $looks->at($row, $column)->look->text(Attribute::Fill, 'none');
        foreach ([[2, 'none', 'none', self::A, self::A], [1, 'none', 'none', 'none', 'none'], [12, 'none', 'none', 'none',
            'none']] as [$row, $a, $b, $c, $d]) {
            self::assertSame([$a, $b, $c, $d], array_map(fn (int $column) => $fill($row, $column), [1, 2, 3, 4]), "row $row");
        }
        self::assertSame($looks->row(2, 4)[2]->look->key(), $looks->at(3, 3)->look->key());
    }

    public function test_stripes_by_a_key_follow_the_data(): void
    {
        [$workbook] = self::dressed(['by' => 'key', 'key' => 'Bed', 'fill' => self::A, 'anew' => false]);
        self::assertSame(['1.1' => [2, 4, 9, 10]], self::bands($workbook));
        // A cell of another column changes nothing of it, and nothing is read again.
        $other = self::act($workbook, new EditCells(1, [3 => [3 => '99']]));
        self::assertSame($workbook->sheet(1)->aspect(KeyBands::class), $other->sheet(1)->aspect(KeyBands::class));
        $key = self::act($workbook, new EditCells(1, [3 => [2 => 'west']]));
        self::assertSame(['1.1' => [2, 3, 4, 9, 10]], self::bands($key));
        $grown = self::act($workbook, new MoveCells(1, new Shift(true, 3, 2, true)));
        self::assertSame(['1.1' => [2, 6, 11, 12]], self::bands($grown), 'blank rows go on with what stands above');
        $plain = self::act($workbook, new Dress([1], self::book(['fill' => self::A])));
        self::assertSame([], self::bands($plain));
        self::assertNull($plain->sheet(1)->aspect(KeyBands::class)->toJson(), 'what says nothing is not stored');
    }

    public function test_what_is_stored_comes_back(): void
    {
        $bands = new KeyBands(['1.1' => [2, 4, 9, 900_000], '20.3' => [21]]);
        self::assertSame(['1.1' => '2,2,5,899991', '20.3' => '21'], $bands->toJson());
        self::assertEquals($bands, KeyBands::fromJson($bands->toJson()));
        self::assertEquals(new KeyBands, KeyBands::fromJson(null));
        foreach ([[1, 0], [2, 1], [3, 1], [4, 2], [899_999, 3], [900_000, 4], [1_048_576, 4]] as [$row, $count]) {
            self::assertSame($count, $bands->count('1.1', $row));
        }
        self::assertSame(0, $bands->count('9.9', 5));
    }

    /** A thousand changes cost a look at one column, and a row of a window none. */
    public function test_a_long_table_with_a_change_in_each_row_stays_quick(): void
    {
        $rows = [['Bed', 'Count']];
        for ($row = 0; $row < 20_000; $row++) {
            $rows[] = ["b$row", $row];
        }
        $cells = MemorySheet::of('Long', $rows);
        $workbook = new Workbook('Long', [1 => new Worksheet($cells, 'Long', Finder::read(SheetFacts::of($cells)))], new LookBook);
        $began = Spent::now();
        $workbook = self::act($workbook, new Dress([1], self::book(['by' => 'key', 'key' => 'Bed', 'fill' => self::A])));
        $looks = new DressedSheet($workbook->sheet(1), new LookBook);
        $striped = 0;
        for ($row = 2; $row <= 20_001; $row++) {
            $striped += $looks->row($row, 2)[1]->look->text(Attribute::Fill) === self::A ? 1 : 0;
        }
        self::assertSame(10_000, $striped);
        self::assertLessThan(20, Spent::now() - $began, 'not a look at all rows for each');
    }

    /** Without a stylebook, on any range: they belong to the place, and grow with rows that are put in. */
    public function test_stripes_are_laid_by_hand_on_any_range(): void
    {
        $plain = self::plain();
        $lay = fn (Workbook $on, string $range, array $says, ?int $key = null) => self::act(
            $on, new LayStripes(new Targets([1], RangeSet::parse($range)), Stripes::of($says, Palette::of([])), $key),
        );
        $fills = function (Workbook $workbook, int $column = 3): string {
            $looks = new DressedSheet($workbook->sheet(1), $workbook->looks);
            $marks = [self::A => 'a', self::B => 'b'];

            return implode('', array_map(
                fn (int $row) => $marks[$looks->row($row, 4)[$column - 1]->look->text(Attribute::Fill)] ?? '-', range(2, 13),
            ));
        };
        $rows = $lay($plain, 'B3:D8', ['fill' => self::A]);
        self::assertSame('--a-a-a-----', $fills($rows));
        self::assertSame('------------', $fills($rows, 1), 'beside the range nothing is striped');
        self::assertSame('----aaa-----', $fills($lay($plain, 'C3:D20', ['fills' => ['none', self::A, 'none'], 'every' => 3])));
        $three = $lay($plain, 'C2:D12', ['fills' => ['none', self::A, self::B]]);
        self::assertSame('-ab-ab-ab-a-', $fills($three));
        $keyed = $lay($plain, 'A2:D11', ['by' => 'key', 'key' => 'column', 'fill' => self::A], 2);
        self::assertSame('--aaaaa-aa--', $fills($keyed));
        self::assertSame(['laid A2:D11' => [2, 4, 9, 10]], self::bands($keyed));
        $columns = $lay($plain, 'B3:D8', ['by' => 'columns', 'fill' => self::A]);
        self::assertSame(['------------', '-aaaaaa-----', '------------'], [$fills($columns, 2), $fills($columns, 3), $fills($columns, 4)]);
        // Rows that are put in are striped; a sort leaves them where they are; the last one laid is seen.
        $grown = self::act($rows, new MoveCells(1, new Shift(true, 5, 2, true)));
        self::assertSame('--a-a-a-a---', $fills($grown));
        $sorted = $rows->sheet(1)->aspect(LaidStripes::class)->moved(new RowOrder(2, 6, [2 => 6, 6 => 2]));
        self::assertSame($rows->sheet(1)->aspect(LaidStripes::class), $sorted);
        $over = $lay($rows, 'C4:C5', ['fills' => [self::B, self::B]]);
        self::assertCount(1, $over->sheet(1)->aspect(LaidStripes::class)->all, 'what it meets goes');
        $none = self::act($rows, new LayStripes(new Targets([1], RangeSet::parse('D8')), null));
        self::assertNull($none->sheet(1)->aspect(LaidStripes::class)->toJson());
        // Over a stylebook's own stripes, and under hand touches.
        $dressed = self::act($rows, new Dress([1], self::book(['fill' => self::B])));
        self::assertSame('-bab', substr($fills($dressed), 0, 4), 'laid by hand goes over the stylebook');
        self::assertFalse(AsItCame::is($rows->sheet(1)));
        self::assertSame('', $rows->sheet(1)->stylebook->name ?? '');
    }

    /** What is laid by hand is in the file, for an independent reader, and the way back gives the bytes before. */
    public function test_stripes_by_hand_are_fills_in_a_file(): void
    {
        $rows = self::act(self::plain(), new LayStripes(new Targets([1], RangeSet::parse('A2:D6')), Stripes::of(['fill' => self::A],
            Palette::of([]))));
        $path = (string) tempnam(sys_get_temp_dir(), 'stripes');
        (new XlsxWriter)->write($rows, $path);
        $sheet = (new Xlsx)->load($path)->getActiveSheet();
        unlink($path);
        $fills = array_map(fn (int $row) => $sheet->getStyle("C$row")->getFill()->getStartColor()->getRGB(), range(2, 6));
        self::assertSame(['AAAAAA', 'AAAAAA'], [$fills[1], $fills[3]]);
        self::assertNotContains('AAAAAA', [$fills[0], $fills[2], $fills[4]]);
    }

    /**
     * As one conditional format they are evaluated by another library: each cell of the body is filled as on the Bench, and
     * keeps its order when rows are hidden.
     */
    public function test_stripes_as_a_conditional_format_say_what_the_fills_say(): void
    {
        $cells = MemorySheet::of('List', [['Tree', 'Bags', 'Worth'], ...array_map(fn (int $row) => ["Tree $row", $row, $row / 4],
            range(1, 12))]);
        $looks = new LookBook;
        $plain = new Workbook('W', [1 => new Worksheet($cells, 'List', Finder::read(SheetFacts::of($cells)))], $looks);
        foreach (
            [
                ['fill' => self::A], ['every' => 2, 'fills' => ['none', self::A, self::B]], ['fill' => self::A, 'first' => 4],
                ['by' => 'columns', 'fill' => self::A], ['fills' => [self::A, self::B], 'every' => 3],
            ] as $rule
        ) {
            $dressed = self::act($plain, new Dress([1], self::book($rule), true));
            $path = (string) tempnam(sys_get_temp_dir(), 'stripes');
            (new XlsxWriter(true))->write($dressed, $path);
            $sheet = (new Xlsx)->load($path)->getActiveSheet();
            unlink($path);
            self::assertCount(1, array_filter($sheet->getConditionalStylesCollection(), fn (array $all) => $all !== []), 'one format');
            $seen = new DressedSheet($dressed->sheet(1), $dressed->looks);
            foreach (range(2, 13) as $row) {
                foreach (range(1, 3) as $column) {
                    $cell = $sheet->getCell([$column, $row]);
                    self::assertNotSame('AAAAAA', $cell->getStyle()->getFill()->getStartColor()->getRGB(), 'no fill of its own');
                    $wanted = substr($seen->at($row, $column)->look->text(Attribute::Fill, '#none'), 1);
                    self::assertSame($wanted === 'one' ? 'none' : $wanted, self::conditional($sheet, $row, $column),
                        json_encode($rule)." $row.$column");
                }
            }
        }
    }

    /** Rows are counted by a column that is filled to its end, however far down its first blank cell stands; else by their numbers. */
    public function test_a_conditional_format_counts_by_a_column_without_any_blank(): void
    {
        $rows = array_map(fn (int $row) => [$row === 401 ? null : "Tree $row",
            $row, $row === 7 ? null : 'x'], range(2, 420));
        $cells = MemorySheet::of('List', [['Tree', 'Bags', 'Mark'], ...$rows]);
        $plain = new Workbook('W', [1 => new Worksheet($cells, 'List', Finder::read(SheetFacts::of($cells)))], new LookBook);
        $formulas = fn (string $range) => array_column(StripeConditions::of(self::act($plain, new LayStripes(
            new Targets([1], RangeSet::parse($range)), Stripes::of(['fill' => self::A], Palette::of([])),
        ))->sheet(1), $plain->looks)[1][0]['rules'], 'formula');
        self::assertSame(['MOD((SUBTOTAL(103,$A$2:$A2)-1),2)=1'], $formulas('A2:C400'));
        self::assertSame(['MOD((SUBTOTAL(103,$B$2:$B2)-1),2)=1'], $formulas('A2:C420'), 'a blank in row 401 would be no row');
        self::assertSame(['MOD((ROW()-2),2)=1'], $formulas('C2:C420'));
        self::assertSame(['MOD((ROW()-2),2)=1'], $formulas('A2:C430'), 'below the last row nothing can be counted');
    }

    public function test_what_would_be_covered_keeps_its_fills(): void
    {
        [$workbook] = self::dressed(['fill' => self::A]);
        $hand = clone $workbook->sheet(1)->hand;
        $hand->set(Range::parse('C3'), $workbook->looks->number(Look::of(['fill' => self::B])));
        $touched = $workbook->sheet(1)->touched($hand);
        self::assertSame([$touched, []], StripeConditions::of($touched, $workbook->looks), 'a condition lies over what was filled by hand');
        [$bare, $conditions] = StripeConditions::of($workbook->sheet(1), $workbook->looks);
        self::assertSame(['A2:D5', 'A7:D11'], array_map(fn (array $one) => (string) $one['range'], $conditions),
            'one for each that begins anew');
        self::assertNull($bare->stylebook?->stripes);
        foreach ([['by' => 'key', 'key' => 'Bed', 'fill' => self::A], ['fill' => self::A, 'anew' => false]] as $rule) {
            [$other] = self::dressed($rule);
            self::assertSame([], StripeConditions::of($other->sheet(1), $other->looks)[1]);
        }
    }

    /** What the first condition that holds fills a cell with: its formula, moved to the cell, as another library calculates it. */
    private static function conditional(Sheet $sheet, int $row, int $column): string
    {
        foreach ($sheet->getConditionalStylesCollection() as $range => $conditions) {
            foreach ($sheet->getCell([$column, $row])->isInRange($range) ? $conditions : [] as $condition) {
                $formula = (string) preg_replace(['/(?<=:\$[A-Z])\d+/', '/\bROW\(\)/', '/COLUMN\(\)/'], [$row, $row, $column],
                    $condition->getConditions()[0]);
                $calculation = Calculation::getInstance($sheet->getParent());
                $calculation->clearCalculationCache();
                if ($calculation->calculateFormula("=$formula", 'Z99', $sheet->getCell('Z99')) === true) {
                    return (string) $condition->getStyle()->getFill()->getEndColor()->getRGB();
                }
            }
        }

        return 'none';
    }

    public function test_a_rule_says_no_more_than_it_has_to_and_comes_back_the_same(): void
    {
        $palette = Palette::of(['mist' => '#F4F0F8', 'one' => '#DDDDDD', 'other' => '#DDDDDD']);
        foreach (
            [
                [['every' => 1, 'by' => 'rows', 'first' => 1, 'anew' => true, 'fills' => ['none', '#F4F0F8']], ['fill' => '@mist']],
                [['fills' => ['#f4f0f8', '#DDDDDD']], ['fills' => ['@mist', '#DDDDDD']]],
                [['by' => 'columns', 'key' => 'Bed', 'fill' => '@mist'], ['by' => 'columns', 'fill' => '@mist']],
                [
                    ['anew' => false, 'first' => 3, 'every' => 2, 'by' => 'key', 'key' => 'Bed', 'fill' => '#EEEEEE'],
                    ['by' => 'key', 'every' => 2, 'key' => 'Bed', 'fill' => '#EEEEEE', 'first' => 3, 'anew' => false],
                ],
            ] as [$given, $said]
        ) {
            $stripes = Stripes::of($given, $palette);
            self::assertSame($said, $stripes->said($palette));
            $again = Stripes::of($said, $palette);
            self::assertSame([$stripes->every, $stripes->by, $stripes->first, $stripes->anew], [$again->every, $again->by, $again->first,
                $again->anew]);
            self::assertEquals($stripes->looks, $again->looks);
        }
        self::assertSame(['#F4F0F8', '#DDDDDD'], Stripes::pale($palette), 'the palest first, each once');
        self::assertSame(['#F2F0EC', '#E4DFEA'], Stripes::pale(Palette::of(['ink' => '#222222'])));
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function wrong(): array
    {
        return [
            'another rule' => [['shape' => 1], 'stripes.shape'],
            'by what' => [['by' => 'moon'], 'stripes.by'],
            'by a list' => [['by' => []], 'stripes.by'],
            'no key' => [['by' => 'key'], 'stripes.key'],
            'a blank key' => [['by' => 'key', 'key' => ' '], 'stripes.key'],
            'a key that is a number' => [['key' => 4], 'stripes.key'],
            'one fill' => [['fills' => ['none']], 'stripes.fills'],
            'four fills' => [['fills' => ['none', 'none', 'none', 'none']], 'stripes.fills'],
            'fills by name' => [['fills' => ['a' => 'none', 'b' => 'none']], 'stripes.fills'],
            'no colour' => [['fills' => ['none', 'red;}</style>']], 'stripes'],
            'a colour that is not there' => [['fill' => '@none such'], 'stripes'],
            'none' => [['every' => 0], 'stripes.every'],
            'half' => [['every' => 1.5], 'stripes.every'],
            'a first row of none' => [['first' => 0], 'stripes.first'],
            'anew or what' => [['anew' => 'yes'], 'stripes.anew'],
        ];
    }

    /** @param  array<string, mixed>  $rule */
    #[DataProvider('wrong')]
    public function test_a_wrong_rule_is_named(array $rule, string $place): void
    {
        $this->expectException(StylebookIsWrong::class);
        $this->expectExceptionMessage("\"$place\"");
        Stylebook::of(['name' => 'T', 'stripes' => $rule]);
    }

    /**
     * @param  array<string, mixed>  $rule
     * @param  list<int>  $hidden
     * @return array{Workbook}
     */
    private static function dressed(array $rule, array $hidden = []): array
    {
        return [self::act(self::plain($hidden), new Dress([1], self::book($rule)))];
    }

    /** @param  list<int>  $hidden */
    private static function plain(array $hidden = []): Workbook
    {
        $cells = MemorySheet::of('Beds', [
            ['Lot', 'Bed', 'Bags', 'Worth'],
            ['a1', 'north', 3, 4.5], ['a2', 'north', 4, 5.5], ['a3', 'south', 5, 2.25], ['a4', null, 6, 1.5],
            ['Upper beds together', null, 18, 13.75],
            ['b1', 'south', 3, 4.5], ['b2', 'south', 4, 5.5], ['b3', 'north', 5, 2.25], ['b4', 'east', 6, 1.5], ['b5', 'east', 1, 1.5],
            ['Lower beds together', null, 19, 15.25],
            ['All beds', null, 37, 29],
        ]);
        $reading = Finder::read(SheetFacts::of($cells));
        $setup = new Setup;
        $setup = $setup->withSizes(new Sizes(hiddenRows: $hidden));

        return new Workbook('Beds', [1 => new Worksheet($cells, 'Beds', $reading, came: $setup)], new LookBook);
    }

    /** @param  array<string, mixed>  $rule */
    private static function book(array $rule): Stylebook
    {
        return Stylebook::of(['name' => 'T', 'stripes' => $rule]);
    }

    /**
     * Fills of a column from row 2 on: a, b, - for none, . for a row that is no body.
     *
     * @param  array{Workbook}  $dressed
     */
    private static function column(array $dressed, int $column, int $rows): string
    {
        $sheet = $dressed[0]->sheet(1);
        $looks = new DressedSheet($sheet, new LookBook);
        $text = '';
        for ($row = 2; $row < 2 + $rows; $row++) {
            $text .= $sheet->reading->tables[0]->runAt($row)?->part !== Part::Body
                ? '.'
                : ([self::A => 'a', self::B => 'b'][$looks->row($row, 4)[$column - 1]->look->text(Attribute::Fill)] ?? '-');
        }

        return $text;
    }

    private static function act(Workbook $workbook, Act $act): Workbook
    {
        return (new Pipeline(new Recalculate(new LibraryCalculator)))->run($act, $workbook)->after;
    }

    /** @return array<string, list<int>> */
    private static function bands(Workbook $workbook): array
    {
        return $workbook->sheet(1)->aspect(KeyBands::class)->starts;
    }
}
