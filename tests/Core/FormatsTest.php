<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Opening;
use App\Files\Writing\Writers;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Is;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Reading;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\Opening as SheetOpening;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Tab;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What each format carries, attribute by attribute, written and read again; docs/formats.md is the table that this gives. */
final class FormatsTest extends TestCase
{
    private const TABLE = __DIR__.'/../../docs/formats.md';

    private const LINES = [
        'hair',
        'dotted',
        'dashed',
        'dashDot',
        'dashDotDot',
        'thin',
        'slantDashDot',
        'mediumDashDotDot',
        'mediumDashDot',
        'mediumDashed',
        'medium',
        'double',
        'thick',
    ];

    /** @return array<string, list<bool|int|float|string>> values to try, by attribute */
    private static function tried(): array
    {
        return [
            'font' => ['Gelasio'],
            'size' => [7.5, 18.0],
            'bold' => [true],
            'italic' => [true],
            'underline' => ['single', 'double'],
            'strike' => [true],
            'ink' => ['#9B2335'],
            'script' => ['super', 'sub'],
            'number' => ['#,##0.00', '0.0%', 'dd mmm yyyy', '[h]:mm', '0;[Red]-0', '#,##0_);(#,##0)', '# ?/?', '@'],
            'horizontal' => ['left', 'center', 'right', 'justify', 'fill', 'span', 'distributed'],
            'vertical' => ['top', 'center', 'justify', 'distributed'],
            'indent' => [3],
            'wrap' => [true],
            'shrink' => [true],
            'clip' => [true],
            'rotation' => [45, 90, -30, Look::STACKED],
            'fill' => ['#EFE7EE'],
            'top' => array_map(fn (string $line) => "$line #3F2F55", self::LINES),
            'right' => ['thin #3F2F55'],
            'bottom' => ['double #3F2F55'],
            'left' => ['medium #3F2F55'],
            'rising' => ['thin #3F2F55'],
            'falling' => ['thin #3F2F55'],
            'locked' => [false],
            'concealed' => [true],
        ];
    }

    public function test_the_table_says_what_comes_back(): void
    {
        $lost = ['xlsx' => [], 'ods' => []];
        foreach (array_keys($lost) as $format) {
            $looks = [];
            foreach (self::tried() as $name => $values) {
                foreach ($values as $value) {
                    $looks[] = [$name, $value];
                }
            }
            $again = self::through($format, self::book(array_map(fn (array $pair) => Look::of([$pair[0] => $pair[1]]), $looks)));
            foreach ($looks as $at => [$name, $value]) {
                $there = $again->looks->look($again->sheet(1)->file->at($at + 1, 1))->toArray();
                $same = array_key_exists($name, $there) && $there[$name] == $value;
                if (! $same) {
                    $lost[$format][$name][] = is_bool($value)
                        ? ''
                        : "`$value`".(isset($there[$name]) ? " comes back as `{$there[$name]}`" : '');
                }
            }
        }
        $table =
            "# What each format carries\n\nWritten by `tests/Core/FormatsTest.php`: each attribute is written to the format and read "
            ."again. A dash means that all of it comes back.\n\n| attribute | xlsx | ods |\n| --- | --- | --- |\n";
        foreach (self::tried() as $name => $values) {
            $say = fn (string $format) => ! isset($lost[$format][$name])
                ? '-'
                : (count($lost[$format][$name]) === count($values) &&
                array_filter($lost[$format][$name], fn (string $each) => str_contains($each, 'comes back')) === []
                    ? 'not carried'
                    : implode(
                        ', ',
                        array_map(
                            fn (string $each) => str_contains($each, 'comes back') ? $each : "$each is not carried",
                            $lost[$format][$name],
                        ),
                    ));
            $table .= "| $name | {$say('xlsx')} | {$say('ods')} |\n";
        }
        $table .=
            "\nValues, formulas with their results, errors, merges, column widths, row heights, hidden rows, columns and sheets, "
            .'colours of sheets, frozen parts, gridlines, zoom, named ranges and named styles go into both. A text with a character '
            ."that xml has no form for goes into xlsx alone.\nAn xlsx that is handed over again keeps charts, pictures, comments, pivot "
            ."tables, macros and all else that came in it; the other formats carry none of them.\nhtml carries what is seen of the "
            .'visible sheets, with results in the place of formulas, and the pieces of the faces that it is drawn in; its columns grow '
            .'where figures need more room; csv and tsv carry the values of one sheet. In an ods, columns of tables that formulas name '
            ."become ranges, and formulas that look into other workbooks their results.\n".self::conditions().self::entries();
        if (getenv('RILVET_WRITE_TABLES') === '1') {
            file_put_contents(self::TABLE, $table);
        }
        self::assertSame(
            (string) file_get_contents(self::TABLE),
            $table,
            'RILVET_WRITE_TABLES=1 vendor/bin/phpunit tests/Core/FormatsTest.php writes it anew',
        );
    }

    /** The table of conditional looks: each goes through both formats alone, over the same cells. */
    private static function conditions(): string
    {
        $table = "\n## Conditional looks\n\nEach is written to a new file and read again. A dash: it comes back as it was; else what it "
            ."comes back as. In a package that goes back as xlsx those that were not touched stay to the byte.\n\n"
            ."| condition | xlsx | ods |\n| --- | --- | --- |\n";
        foreach (self::said() as $name => $says) {
            $condition = Condition::of(['id' => 'f1', 'where' => ['cells' => 'A1:A12']] + $says + ['test' => ['is' => 'always']]);
            $table .= "| $name |";
            foreach (['xlsx', 'ods'] as $format) {
                $sheet = new Worksheet(self::twelve(str_contains($name, 'error')), 'S', Reading::none());
                $before = new Workbook('Book', [1 => $sheet->conditioned([$condition])], new LookBook);
                $after = self::through($format, $before);
                $back = $after->sheet(1)->aspect(Conditions::class)->all;
                $table .= match (true) {
                    $back === [] => ' not carried',
                    self::seen($before) !== self::seen($after) => ' looks otherwise',
                    count($back) === 1 && $back[0]->key() === $condition->key() => ' -',
                    count($back) === 1 && $back[0]->test->is === Is::Formula => ' a formula that says the same',
                    default => ' said otherwise, looks the same',
                }.' |';
            }
            $table .= "\n";
        }

        return $table."\nWhere cells hold errors, an ods has no greatest and least values and no deviations: its formulas give "
            ."errors then. Conditional looks and checks on entry go into an ods as far as 256 columns beside what is filled, while\n"
            ."that is half a million cells at most, and in a thousand ranges below it.\n";
    }

    /** The table of checks on entry and of protection, each through both formats alone. */
    private static function entries(): string
    {
        $table = "\n## Entry and guard\n\nEach is written to a new file and read again. In a package that goes back as xlsx those that "
            ."were not touched stay to the byte.\n\n| what | xlsx | ods |\n| --- | --- | --- |\n";
        $list = ['kind' => 'list', 'of' => ['"late,paid"']];
        foreach ([
            'choices that are written' => $list, 'choices from cells' => ['kind' => 'list', 'of' => ['$A$1:$A$9']],
            'choices that are not offered' => ['shows' => false] + $list, 'choices of what the column holds' => ['kind' => 'list',
                'column' => true],
            'whole numbers, between and outside' => ['kind' => 'whole', 'is' => 'outside', 'of' => ['1', '$B$2']],
            'numbers' => ['kind' => 'decimal', 'is' => 'atMost', 'of' => ['2.5']],
            'dates' => ['kind' => 'date', 'is' => 'above', 'of' => ['46350']],
            'times' => ['kind' => 'time', 'is' => 'below', 'of' => ['0.5']],
            'lengths of texts' => ['kind' => 'length', 'is' => 'between', 'of' => ['2', '5']],
            'a formula' => ['kind' => 'formula', 'of' => ['MOD($A1,2)=0']],
            'a prompt' => ['kind' => 'any', 'promptTitle' => 'Lot', 'prompt' => "As it\nstands"],
            'a message, a warning, no blank' => ['title' => 'No', 'message' => 'Choose', 'severity' => 'warning', 'blank' => false] + $list,
        ] as $name => $says) {
            $check = EntryCheck::of(['id' => 'f0', 'where' => ['cells' => 'A1:A12']] + $says);
            $table .= "| $name |";
            foreach (['xlsx', 'ods'] as $format) {
                $sheet = (new Worksheet(self::twelve(false), 'S', Reading::none()))->withAspects(new EntryChecks([$check]));
                $back = self::through($format, new Workbook('Book', [1 => $sheet], new LookBook))->sheet(1)->entries();
                $table .= match (true) {
                    $back === [] => ' not carried',
                    $back[0]->key() === $check->key() => ' -',
                    $back[0]->typed() !== null => ' as choices that are written',
                    default => ' said otherwise',
                }.' |';
            }
            $table .= "\n";
        }
        foreach (['a protected sheet' => new Protection, 'what it allows' => new Protection([Allowance::Sort]),
            'its password' => new Protection(Protection::USUAL, Password::made('x'))] as $name => $protection) {
            $table .= "| $name |";
            foreach (['xlsx', 'ods'] as $format) {
                $sheet = (new Worksheet(self::twelve(false), 'S', Reading::none()))->protecting(true, $protection);
                $back = self::through($format, new Workbook('Book', [1 => $sheet], new LookBook))->sheet(1);
                $table .= $back->setup->tab->protected && $back->aspect(Protection::class)->isAs($protection) ? ' - |' : ' not carried |';
            }
            $table .= "\n";
        }

        return $table."\nA password that came in an ods goes out as ods. html, csv and tsv carry none of it.\n";
    }

    /** @return array<string, array<string, mixed>> */
    private static function said(): array
    {
        $test = fn (string $is, mixed ...$more) => ['test' => ['is' => $is] + $more, 'look' => ['bold' => true, 'ink' => '#9B2335',
            'fill' => '#EFE7EE']];
        $of = fn (string $is, string ...$of) => $test($is, of: $of);
        $scale = fn (string ...$colours) => ['scale' => array_map(
            fn (string $colour, int $at) => ['colour' => $colour, 'point' => $at === 0 ? ['at' => 'least'] : ($at === count($colours) - 1
                ? ['at' => 'greatest'] : ['at' => 'percentile', 'value' => '50'])],
            $colours,
            array_keys($colours),
        )];

        return [
            'is below, at most, above, at least' => $of('below', '3'),
            'is, is not' => $of('equal', '"late"'),
            'is between, is outside' => $of('between', '2', '4'),
            'is one of' => $of('oneOf', '"late"', '"paid"'),
            'holds, lacks' => $of('holds', '"at"'),
            'begins, ends' => $of('begins', '"la"'),
            'is blank, is filled' => $test('blank'),
            'is an error, is sound' => $test('error'),
            'dates of a period' => $test('period', period: 'lastMonth'),
            'n greatest, n least' => $test('greatest', count: 3),
            'greatest per cent' => $test('least', count: 20, percent: true),
            'above, below the mean' => $test('aboveMean'),
            'by standard deviations' => $test('aboveMean', deviations: 1),
            'repeated, single' => $test('repeated'),
            'a formula' => $of('formula', 'MOD($A1,2)=0'),
            'stops those after it' => ['stops' => true] + $of('below', '3'),
            'turned off' => ['off' => true] + $of('below', '3'),
            'number format, lines' => ['look' => ['number' => '0.00', 'top' => 'thin #3F2F55']] + $of('below', '3'),
            'scale of two colours' => $scale('#FFFFFF', '#8E5A8A'),
            'scale of three colours' => $scale('#FFFFFF', '#FFE08A', '#8E5A8A'),
            'bar' => ['bar' => ['colour' => '#8FA6BF']],
            'bar, other below nought' => ['bar' => ['colour' => '#8FA6BF', 'below' => '#C98A6B']],
            'bar, values hidden' => ['bar' => ['colour' => '#8FA6BF', 'hidesText' => true]],
            'marks of a set' => ['marks' => ['set' => '3Arrows']],
            'marks turned round, values hidden' => ['marks' => ['set' => '5Quarters', 'reversed' => true, 'hidesText' => true]],
            'marks put together' => ['marks' => ['set' => '3Arrows', 'own' => [['3Flags', 2], null, ['3Symbols', 2]]]],
        ];
    }

    private static function twelve(bool $withError): MemorySheet
    {
        return new MemorySheet('S', array_map(fn (Cell $cell) => [$cell], [
            Cell::of(1), Cell::of(2), Cell::of(2), Cell::of(3.5), Cell::of(4), Cell::of(9), Cell::of(-2), Cell::of('late'),
            Cell::of('paid'),
            $withError ? Cell::error('#N/A') : Cell::of(7), Cell::of(46310), Cell::of(12),
        ]));
    }

    /** @return list<mixed> what each cell wears on a day */
    private static function seen(Workbook $workbook): array
    {
        $sheet = $workbook->sheet(1);
        $dressed = new DressedSheet($sheet, $workbook->looks, $workbook->around(1, '2026-11-27'));
        $seen = [];
        foreach ($sheet->cells->read(1, 12) as $row => [$cell]) {
            $verdict = $dressed->verdict($row, 1, $cell);
            $bar = $verdict?->bar;
            $seen[] = [
                array_map(fn (array $worn) => $worn[1]->toArray(), $verdict->looks ?? []),
                $bar === null ? null : [round($bar->start, 6), round($bar->end, 6), $bar->colour],
                $verdict->mark ?? null,
                $verdict->hidesText ?? false,
                $bar->hidesText ?? false,
            ];
        }

        return $seen;
    }

    #[DataProvider('formats')]
    public function test_values_sizes_and_opening_come_back_and_a_reference_library_reads_them(string $format): void
    {
        $cells = new MemorySheet('Beds & "rows"', [
            [Cell::of('Tree'), Cell::of('Count'), Cell::of('  two  blanks '), Cell::of("two\nlines & <tag>\ttab")],
            [Cell::of('Rowan'), Cell::of(12), Cell::of(-0.1), Cell::of(1e-9)],
            [Cell::of(true), Cell::error('#N/A'), Cell::formula('B2*2', 24), Cell::formula('1/0', null, '#DIV/0!')],
            [Cell::of('=no formula'), Cell::formula("'Beds & \"rows\"'!A2&\"x\"", 'Rowanx'), Cell::blank(), Cell::of(46095.5)],
        ]);
        $looks = new LookBook;
        $file = new LookMap;
        $file->set(Range::parse('D4'), $looks->number(Look::of(['number' => 'yyyy-mm-dd hh:mm'])));
        $setup = new Setup(
            new Sizes([1 => 133, 3 => 40], [2 => 44], [4], [3]),
            new SheetOpening(1, 2, false, 85),
            [Range::parse('A6:C7')],
            new Tab('#2C6E66'),
        );
        $other = new Worksheet(
            new MemorySheet('Second', [[Cell::of('x')]]),
            'Second',
            Reading::none(),
            came: new Setup(tab: new Tab(state: 'hidden')),
        );
        $workbook = new Workbook(
            'Book',
            [
                1 => new Worksheet($cells, 'Beds & "rows"', Reading::none(), came: $setup, aspects: Aspects::of(new FileLooks($file))),
                2 => $other,
            ],
            $looks,
            false,
            ['Counts' => "'Beds & \"rows\"'!\$B\$2:\$B\$3"],
        );
        $again = self::through($format, $workbook, $path);
        foreach ($cells->read(1, 4) as $row => $meant) {
            foreach ($again->sheet(1)->cells->read($row, $row) as $found) {
                foreach ($meant as $index => $cell) {
                    self::assertTrue(
                        $cell->sameDataAs($found[$index]),
                        "$format row $row column $index: ".json_encode([$cell->stored(), $found[$index]->stored()]),
                    );
                }
            }
        }
        $back = $again->sheet(1)->setup;
        self::assertSame(
            [133, 40, 44, [4], [3], ['A6:C7'], 1, 2, false, 85, '#2C6E66'],
            [
                $back->sizes->widths[1],
                $back->sizes->widths[3],
                $back->sizes->heights[2],
                $back->sizes->hiddenColumns,
                $back->sizes->hiddenRows,
                array_map(strval(...), $back->merges),
                $back->opening->freezeRow,
                $back->opening->freezeColumn,
                $back->opening->gridlines,
                $back->opening->zoom,
                $back->tab->colour,
            ],
        );
        self::assertSame(
            [['Beds & "rows"', 'Second'], 'hidden'],
            [[$again->sheet(1)->name, $again->sheet(2)->name], $again->sheet(2)->setup->tab->state],
        );
        self::assertSame(['Counts' => "'Beds & \"rows\"'!\$B\$2:\$B\$3"], $again->names);
        $library = IOFactory::load($path)->getSheet(0);
        self::assertSame(
            [12, '=B2*2', 'Rowan', -0.1],
            [
                $library->getCell('B2')->getValue(),
                $library->getCell('C3')->getValue(),
                (string) $library->getCell('A2')->getValue(),
                $library->getCell('C2')->getValue(),
            ],
        );
        self::assertEqualsWithDelta(46095.5, $library->getCell('D4')->getValue(), 1e-9);
        unlink($path);
    }

    #[DataProvider('formats')]
    public function test_the_same_workbook_gives_the_same_bytes(string $format): void
    {
        $write = function () use ($format) {
            self::through($format, self::book([Look::of(['bold' => true]), Look::of(['fill' => '#EFE7EE'])]), $path);
            $bytes = (string) file_get_contents($path);
            unlink($path);

            return $bytes;
        };
        self::assertSame($write(), $write());
    }

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        yield 'xlsx' => ['xlsx'];
        yield 'ods' => ['ods'];
    }

    /** @param  list<Look>  $looks  of the cells of column A, from row 1 on */
    private static function book(array $looks): Workbook
    {
        $book = new LookBook;
        $file = new LookMap;
        foreach ($looks as $at => $look) {
            $file->set(Range::of($at + 1, 1, $at + 1, 1), $book->number($look));
        }
        $cells = new MemorySheet(
            'S',
            array_map(fn (Look $look) => [Cell::of($look->get(Attribute::Number) === '@' ? 'text' : 3.5)], $looks),
        );

        return new Workbook('Book', [1 => new Worksheet($cells, 'S', Reading::none(), aspects: Aspects::of(new FileLooks($file)))], $book);
    }

    private static function through(string $format, Workbook $workbook, ?string &$path = null): Workbook
    {
        $path = sys_get_temp_dir().'/rilvet-through-'.getmypid().".$format";
        $writer = Writers::for($format);
        self::assertNotNull($writer);
        $writer->write($workbook, $path);
        self::assertTrue($writer->prove($workbook, $path)->holds(), implode(', ', $writer->prove($workbook, $path)->places));
        $again = (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($path, "a.$format");
        if (func_num_args() < 3) {
            unlink($path);
        }

        return $again;
    }
}
