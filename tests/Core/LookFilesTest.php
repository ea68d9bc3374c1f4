<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Ods\OdsWriter;
use App\Files\Opening;
use App\Files\Writing\WorkbookWriter;
use App\Files\Xlsx\XlsxWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\AtWork;

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
}
