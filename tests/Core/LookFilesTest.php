<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\OdsWriter;
use App\Files\Opening;
use App\Files\Writing\WorkbookWriter;
use App\Files\Xlsx\XlsxWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Format;
use Rilvet\Act\Targets;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use SimpleXMLElement;
use Tests\AtWork;
use Tests\HandMade;

/** Every attribute of a look goes into a file and comes back, as far as the format has words for it; fixed seeds. */
final class LookFilesTest extends TestCase
{
    private const CODES = ['0.00', '#,##0', '0%', 'yyyy-mm-dd', '#,##0.00;[Red]-#,##0.00', '0.0E+00', '@', '[h]:mm', '"No. "0', '# ?/?'];

    private static function look(): Look
    {
        $colour = fn () => sprintf('#%06X', mt_rand(0, 0xFFFFFF));
        $lines = array_values(array_diff(array_map(fn (Line $line) => $line->value, Line::cases()), ['none']));
        $edge = fn () => $lines[array_rand($lines)].' '.$colour();
        $all = [
            'font' => ['Gelasio', 'Carlito', 'IBM Plex Sans'][mt_rand(0, 2)], 'size' => mt_rand(12, 80) / 2,
            'bold' => true, 'italic' => true, 'underline' => ['single', 'double'][mt_rand(0, 1)], 'strike' => true,
            'script' => ['super', 'sub'][mt_rand(0, 1)], 'ink' => $colour(), 'fill' => $colour(),
            'number' => self::CODES[array_rand(self::CODES)],
            'horizontal' => ['left', 'center', 'right', 'justify', 'fill'][mt_rand(0, 4)],
            'vertical' => ['top', 'center'][mt_rand(0, 1)], 'wrap' => true, 'rotation' => [45, -30, 90, Look::STACKED][mt_rand(0, 3)],
            'top' => $edge(), 'right' => $edge(), 'bottom' => $edge(), 'left' => $edge(), 'rising' => $edge(), 'locked' => false,
            'concealed' => true,
        ];
        $keys = array_keys($all);
        shuffle($keys);

        return Look::of(array_intersect_key($all, array_flip(array_slice($keys, 0, mt_rand(1, 9)))));
    }

    /** @return array{Workbook, list<Look>} a sheet with a look a row, in its first column */
    private static function workbook(int $rows): array
    {
        $looks = new LookBook;
        $hand = new LookMap;
        $said = [];
        for ($row = 1; $row <= $rows; $row++) {
            $said[] = $look = self::look();
            $hand->set(Range::of($row, 1, $row, 1), $looks->number($look));
        }
        $cells = MemorySheet::of('Looks', array_map(fn (int $row) => [$row / 8, null, 'x'], range(1, $rows)));
        $sheet = (new Worksheet($cells, 'Looks', Finder::read(SheetFacts::of($cells))))->touched($hand);

        return [new Workbook('W', [1 => $sheet], $looks), $said];
    }

    /** @return list<Look> what the cells of the first column wear */
    private static function worn(Workbook $workbook, int $rows): array
    {
        $dressed = new DressedSheet($workbook->sheet(1), $workbook->looks);

        return array_map(fn (int $row) => $dressed->at($row, 1)->look, range(1, $rows));
    }

    /** @return iterable<string, array{WorkbookWriter, string, list<Attribute>}> attributes that the format has no word for */
    public static function formats(): iterable
    {
        yield 'xlsx' => [new XlsxWriter, 'xlsx', []];
        // An ods draws fewer kinds of lines, and "fill" is the way in which a text is repeated.
        yield 'ods' => [new OdsWriter, 'ods', [Attribute::Top, Attribute::Right, Attribute::Bottom, Attribute::Left, Attribute::Rising]];
    }

    /** @param  list<Attribute>  $without */
    #[DataProvider('formats')]
    public function test_what_a_cell_wears_comes_back(WorkbookWriter $writer, string $ending, array $without): void
    {
        mt_srand(171);
        $path = sys_get_temp_dir().'/rilvet-looks-'.getmypid().".$ending";
        for ($round = 0; $round < 4; $round++) {
            [$workbook, $said] = self::workbook(60);
            $writer->write($workbook, $path);
            $worn = self::worn((new Opening(fn () => new MemoryBlockStore))->open($path, "a.$ending"), 60);
            foreach ($said as $at => $look) {
                foreach (array_filter($look->attributes(), fn (Attribute $one) => ! in_array($one, $without, true)) as $attribute) {
                    $is = $worn[$at]->get($attribute);
                    self::assertEquals($look->get($attribute), $is, "round $round, row ".($at + 1).", $attribute->value of ".$look->key());
                }
                foreach ($without as $side) {
                    self::assertSame($look->get($side) === null, in_array($worn[$at]->get($side), [null, 'none'], true),
                        "$side->value of ".$look->key());
                }
            }
        }
        unlink($path);
    }

    public function test_what_came_in_a_file_is_written_back_as_the_bytes_that_it_was(): void
    {
        mt_srand(172);
        [$workbook] = self::workbook(80);
        $path = sys_get_temp_dir().'/rilvet-looks-'.getmypid().'.xlsx';
        (new XlsxWriter)->write($workbook, $path);
        self::assertSame(AtWork::parts($path), AtWork::at($path)->written());
        unlink($path);
    }

    public function test_what_is_not_said_stays_unsaid(): void
    {
        mt_srand(173);
        [$workbook, $said] = self::workbook(60);
        $path = sys_get_temp_dir().'/rilvet-looks-'.getmypid().'.xlsx';
        (new XlsxWriter)->write($workbook, $path);
        $silent = [Attribute::Bold, Attribute::Italic, Attribute::Strike, Attribute::Wrap, Attribute::Shrink, Attribute::Concealed];
        foreach (self::worn((new Opening(fn () => new MemoryBlockStore))->open($path, 'a.xlsx'), 60) as $at => $worn) {
            foreach ($silent as $attribute) {
                self::assertSame($said[$at]->is($attribute), $worn->is($attribute), "$attribute->value of ".$said[$at]->key());
            }
            $said[$at]->get(Attribute::Fill) === null && self::assertContains($worn->text(Attribute::Fill), ['', 'none']);
            $said[$at]->get(Attribute::Rotation) === null && self::assertSame(0.0, $worn->number(Attribute::Rotation));
        }
        unlink($path);
    }

    /** ISO/IEC 29500-1, 18.18.40: "fill" shows a text cut off at the edge of its cell where it is longer, and repeats it where not. */
    public function test_a_text_that_is_cut_off_is_said_so_where_it_is_longer_than_its_cell(): void
    {
        $long = str_repeat('a long text ', 4);
        $rows = "<row r=\"1\"><c r=\"A1\" t=\"inlineStr\"><is><t>$long</t></is></c><c r=\"B1\" t=\"inlineStr\"><is><t>short</t></is></c>"
            ."<c r=\"C1\"><v>1234567890123</v></c><c r=\"D1\" t=\"inlineStr\"><is><t>$long</t></is></c></row>";
        $work = AtWork::on(HandMade::parts($rows))->do(new Format(new Targets([1], RangeSet::parse('A1:C1')), Look::of(['clip' => true])));
        self::assertSame(['A1' => 'fill', 'B1' => '', 'C1' => '', 'D1' => ''], self::horizontal($work->written()));
        $work->do(new Format(new Targets([1], RangeSet::parse('A1')), Look::of(['wrap' => true])));
        self::assertSame('', self::horizontal($work->written())['A1'], 'what is wrapped is not cut off');
    }

    public function test_no_format_of_its_own_is_the_general_one(): void
    {
        $work = AtWork::on(HandMade::parts('<row r="1"><c r="A1" s="2"><v>46000</v></c><c r="B1"><v>2</v></c></row>'))
            ->do(new Format(new Targets([1], RangeSet::parse('A1')), Look::of(['number' => 'General'])))
            ->do(new Format(new Targets([1], RangeSet::parse('B1')), Look::of(['number' => '0.000'])));
        $styles = $work->written()['xl/styles.xml'];
        self::assertSame(1, preg_match_all('/<numFmt /', $styles), $styles);
        self::assertStringContainsString('formatCode="0.000"', $styles);
    }

    /**
     * @param  array<string, string>  $parts
     * @return array<string, string> how the cells of the sheet are aligned across, by their addresses
     */
    private static function horizontal(array $parts): array
    {
        $styles = new SimpleXMLElement($parts['xl/styles.xml']);
        $said = [];
        foreach ((new SimpleXMLElement($parts['xl/worksheets/sheet1.xml']))->sheetData->row->c as $cell) {
            $said[(string) $cell['r']] = (string) ($styles->cellXfs->xf[(int) $cell['s']]->alignment['horizontal'] ?? '');
        }

        return $said;
    }
}
