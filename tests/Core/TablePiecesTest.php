<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\OdsWriter;
use App\Files\Opening;
use PHPUnit\Framework\TestCase;
use Rilvet\Condition\AsFormula;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Ods\StyleMaps;
use Rilvet\Page\PageSetup;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\RandomSheet;
use ZipArchive;

/** What stands around the rows of a table of an ods is read as it was written, as far as the format has words for it. */
final class TablePiecesTest extends TestCase
{
    private static function path(): string
    {
        return sys_get_temp_dir().'/rilvet-tables-'.getmypid().'.ods';
    }

    private static function back(Worksheet ...$sheets): Workbook
    {
        $numbered = array_combine(range(1, count($sheets)), $sheets);
        (new OdsWriter)->write(new Workbook('W', $numbered, new LookBook), self::path());

        return (new Opening(fn () => new MemoryBlockStore))->open(self::path(), 'a.ods');
    }

    protected function tearDown(): void
    {
        @unlink(self::path());
    }

    /** @return list<string> what conditions say that an ods has a word for, with their cells; pieces of one come together */
    private static function said(Worksheet $sheet): array
    {
        $said = [];
        foreach ($sheet->conditions() as $one) {
            $ranges = $one->where->ranges($sheet->reading);
            if ($ranges !== [] && StyleMaps::written($one, AsFormula::of($one, $ranges)) !== null) {
                $said[] = json_encode($one->look)." $one->id";
            }
        }

        return $said;
    }

    public function test_random_sheets_come_back_as_they_went_out(): void
    {
        mt_srand(3011);
        $kept = 0;
        for ($round = 0; $round < 40; $round++) {
            $sheet = RandomSheet::of();
            $read = self::back($sheet)->sheet(1);
            $opening = $sheet->setup->opening;
            // Where a sheet is scrolled to when it opens stands with its view, which names frozen cells alone.
            self::assertSame(
                [$opening->freezeRow, $opening->freezeColumn, $opening->gridlines, $opening->zoom, $opening->rightToLeft],
                [$read->setup->opening->freezeRow, $read->setup->opening->freezeColumn, $read->setup->opening->gridlines,
                    $read->setup->opening->zoom, $read->setup->opening->rightToLeft], "round $round");
            self::assertEqualsCanonicalizing(array_map(strval(...), $sheet->setup->merges),
                array_map(strval(...), $read->setup->merges), "round $round");
            foreach (range(1, 6) as $column) {
                self::assertEqualsWithDelta($sheet->setup->sizes->widthOf($column), $read->setup->sizes->widthOf($column), 1,
                    "round $round, column $column");
                self::assertSame($sheet->setup->sizes->hidesColumn($column), $read->setup->sizes->hidesColumn($column));
            }
            self::assertSame([$sheet->setup->tab->colour, $sheet->setup->tab->protected], [$read->setup->tab->colour,
                $read->setup->tab->protected], "round $round");
            $checks = fn (Worksheet $one) => array_map(fn (EntryCheck $each) => [$each->kind->value, $each->is->value, $each->of,
                $each->blank, implode(' ', $each->where->cells), $each->title, $each->message], $one->aspect(EntryChecks::class)->all());
            // A cell has one check there: the first that holds for it.
            $wanted = [];
            foreach ($checks($sheet) as $one) {
                in_array($one[4], array_column($wanted, 4), true) || $wanted[] = $one;
            }
            self::assertEqualsCanonicalizing($wanted, $checks($read), "round $round");
            $kept += count($read->conditions());
            self::assertSame(self::said($sheet) === [], $read->conditions() === [], "round $round");
            foreach ($read->conditions() as $one) {
                $looks = array_map(fn (Condition $each) => $each->look->toArray(), $sheet->conditions());
                self::assertContains($one->look->toArray(), $looks, "round $round");
            }
            // An end of a page below all that is filled has nothing to part.
            $ends = array_filter($sheet->aspect(PageSetup::class)->rows, fn (int $row) => $row < $sheet->cells->rows());
            self::assertSame($ends, array_intersect($ends, $read->aspect(PageSetup::class)->rows), "round $round");
            self::assertEqualsWithDelta($sheet->aspect(PageSetup::class)->said->number('left'),
                $read->aspect(PageSetup::class)->came->number('left'), 0.2, "round $round");
        }
        self::assertGreaterThan(20, $kept, 'conditions were seen');
    }

    public function test_checks_and_looks_of_whole_columns_reach_to_the_last_row(): void
    {
        $cells = MemorySheet::of('Beds', [['Lot', 'Count'], ['L1', 4], ['L2', -2]]);
        $check = EntryCheck::of(['id' => 'n1', 'kind' => 'whole', 'is' => 'atLeast', 'of' => ['0'], 'where' => ['cells' => 'B2:B1048576']]);
        $below = fn (string $cells) => Condition::of(['id' => 'n1', 'test' => ['is' => 'below', 'of' => ['0']],
            'where' => ['cells' => $cells], 'look' => ['bold' => true, 'ink' => '#9B2335']]);
        // Of columns beside all that is filled nothing is kept.
        foreach (['B2:B1048576' => 'B2:B1048576', 'A1:XFD1048576' => 'A1:B1048576'] as $where => $reaches) {
            $sheet = (new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells))))
                ->withAspects(new Conditions([$below($where)]), new EntryChecks([$check]));
            $read = self::back($sheet)->sheet(1);
            self::assertSame(['B2:B1048576'], array_map(fn (EntryCheck $one) => implode(' ', $one->where->cells),
                $read->aspect(EntryChecks::class)->all()));
            self::assertSame([$reaches], array_map(fn (Condition $one) => implode(' ', $one->where->cells), $read->conditions()));
            self::assertSame([3, 2], [$read->cells->rows(), $read->cells->columns()]);
            self::assertLessThan(40_000, filesize(self::path()));
        }
    }

    public function test_two_sheets_keep_apart_what_stands_around_them(): void
    {
        mt_srand(3012);
        [$one, $other] = [RandomSheet::of(), RandomSheet::of()->arranged('Lists', 'hidden', '#123456')];
        $read = self::back($one, $other);
        self::assertSame(['Beds', 'Lists'], [$read->sheet(1)->name, $read->sheet(2)->name]);
        self::assertSame([$one->setup->tab->colour, '#123456'], [$read->sheet(1)->setup->tab->colour, $read->sheet(2)->setup->tab->colour]);
        self::assertSame(['visible', 'hidden'], [$read->sheet(1)->setup->tab->state, $read->sheet(2)->setup->tab->state]);
        foreach ([[$one, $read->sheet(1)], [$other, $read->sheet(2)]] as [$was, $is]) {
            self::assertSame([$was->setup->opening->freezeRow, $was->setup->tab->protected],
                [$is->setup->opening->freezeRow, $is->setup->tab->protected]);
        }
    }

    /** Attributes of table:table as ISO/IEC 26300-1 19.696 (protected), 19.738 (print-ranges) name them. */
    public function test_what_a_table_says_of_itself_stands_in_its_attributes(): void
    {
        mt_srand(3013);
        do {
            $sheet = RandomSheet::of();
        } while (! $sheet->setup->tab->protected || $sheet->aspect(EntryChecks::class)->all() === []);
        self::back($sheet);
        $zip = new ZipArchive;
        $zip->open(self::path());
        $xml = (string) $zip->getFromName('content.xml');
        $zip->close();
        self::assertMatchesRegularExpression('/<table:table [^>]*table:name="Beds"[^>]*table:protected="true"/', $xml);
        $checks = count($sheet->aspect(EntryChecks::class)->all());
        self::assertSame($checks, preg_match_all('/<table:content-validation /', $xml));
        // They stand before all tables (9.4.4).
        self::assertLessThan(strpos($xml, '<table:table '), strrpos($xml, '</table:content-validation>'));
    }
}
