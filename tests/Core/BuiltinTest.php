<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Writing\HtmlWriter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Colour\Colour;
use Rilvet\Colour\Dichromacy;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Look\Attribute;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\InkPair;
use Rilvet\Stylebook\InkPairs;
use Rilvet\Stylebook\PaletteCheck;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Window\CutTexts;
use Rilvet\Work\Workbook;

/** The stylebooks that come with Rilvet: readable, told apart by every reader, and fit for tables of all shapes. */
final class BuiltinTest extends TestCase
{
    /** @return array<string, array{Stylebook}> */
    public static function all(): array
    {
        $all = [];
        foreach (Builtin::all() as $stylebook) {
            $all[$stylebook->name] = [$stylebook];
        }

        return $all;
    }

    public function test_there_is_one_for_each_purpose(): void
    {
        self::assertGreaterThanOrEqual(8, count(Builtin::all()));
        $names = array_map(fn (Stylebook $one) => $one->name, Builtin::all());
        self::assertCount(count($names), array_unique($names));
        foreach (['Long list', 'Clear account', 'Bed calendar', 'Weather book', 'Market board', 'Open form', 'Night heads',
            'Thin ink'] as $name) {
            self::assertContains($name, $names);
        }
        self::assertSame(Builtin::named('thin INK'), Builtin::named(' Thin ink '));
    }

    /** WCAG 2.2, 1.4.3, for every ink on every fill; colours of a palette at least 3 apart (CIEDE2000), for every reader. */
    #[DataProvider('all')]
    public function test_every_ink_reads_and_every_colour_is_told_apart(Stylebook $stylebook): void
    {
        $failing = array_filter(InkPairs::of($stylebook), fn (InkPair $pair) => ! $pair->passes());
        self::assertSame([], array_map(fn (InkPair $pair) => "{$pair->ink->toHex()} on {$pair->fill->toHex()}", $failing));
        self::assertSame([], PaletteCheck::near($stylebook->palette));
        foreach (Dichromacy::cases() as $reader) {
            self::assertSame([], PaletteCheck::alike($stylebook->palette, $reader), $reader->value);
        }
    }

    #[DataProvider('all')]
    public function test_every_part_and_every_kind_is_thought_of(Stylebook $stylebook): void
    {
        self::assertGreaterThan(20, mb_strlen($stylebook->about));
        $says = $stylebook->toArray();
        foreach (Part::cases() as $part) {
            self::assertArrayHasKey($part->value, $says['parts']);
        }
        foreach (ColumnKind::cases() as $kind) {
            self::assertArrayHasKey($kind->value, $says['kinds']);
            $place = $stylebook->kind($kind)->place->text(Attribute::Horizontal);
            // Common practice: figures stand right, so that digits of one worth stand below each other.
            self::assertSame($kind->isNumeric() ? 'right' : $place, $place, $kind->value);
        }
        self::assertTrue($stylebook->part(Part::Heading)->is(Attribute::Bold), 'headings are known without colour');
        self::assertTrue($stylebook->part(Part::Total)->is(Attribute::Bold), 'totals too');
    }

    /** In the demo's tables of all shapes no cell has an ink that cannot be read on its fill, and no text of a table is cut. */
    #[DataProvider('all')]
    public function test_tables_of_all_shapes_can_be_read_in_it(Stylebook $stylebook): void
    {
        static $demo = null;
        $demo ??= DemoBook::named('year');
        assert($demo instanceof Workbook);
        $workbook = (new Dress(array_keys($demo->sheets), $stylebook, true))->on($demo);
        $hard = [];
        foreach ($workbook->sheets as $number => $sheet) {
            $looks = new DressedSheet($sheet, $workbook->looks);
            for ($row = 1; $row <= min(60, $sheet->cells->rows()); $row++) {
                foreach ($looks->row($row, $sheet->cells->columns()) as $at => $worn) {
                    $fill = $worn->look->text(Attribute::Fill, 'none');
                    $ink = Colour::hex($worn->look->text(Attribute::Ink, '#000000'));
                    $ratio = $ink->contrast(Colour::hex($fill === 'none' ? '#FFFFFF' : $fill));
                    $ratio >= 4.5 || $hard["$sheet->name $row.".($at + 1)] = round($ratio, 1);
                }
            }
            self::assertSame(0, CutTexts::of($workbook, $number)->count, "$sheet->name in $stylebook->name");
        }
        self::assertSame([], $hard);
    }

    public function test_what_stands_in_braces_is_the_places_alone(): void
    {
        foreach (['0{ places }', '0{place}', '{places}}', '0{'] as $code) {
            try {
                Stylebook::of(['name' => 'T', 'kinds' => ['amount' => ['number' => $code]]]);
                self::fail("$code was taken");
            } catch (StylebookIsWrong $refusal) {
                self::assertStringContainsString('kinds.amount.number', $refusal->getMessage());
            }
        }
    }

    /** The room that `_)` leaves is blank in html too, also where a sign stands at the left edge. */
    public function test_pads_of_accounting_are_blank_in_html(): void
    {
        $demo = DemoBook::named('year');
        $workbook = (new Dress(array_keys($demo->sheets), Builtin::named('Clear account'), true))->on($demo);
        $path = (string) tempnam(sys_get_temp_dir(), 'html');
        (new HtmlWriter)->write($workbook, $path);
        $html = (string) file_get_contents($path);
        unlink($path);
        self::assertMatchesRegularExpression('/<i>£<\/i><i>[\d.,]+\x{A0}<\/i>/u', $html);
        self::assertDoesNotMatchRegularExpression('/\d\)<\/i>.{0,30}<i>£<\/i><i>[\d.,]+\)/u', $html);
        self::assertStringNotContainsString("\u{F8F0}", $html);
    }
}
