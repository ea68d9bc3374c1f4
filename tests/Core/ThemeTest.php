<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Files\Xlsx\XlsxWriter;
use DOMDocument;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;
use ZipArchive;

/** A new xlsx carries the palette and the fonts of its stylebook in its theme, where other readers find them. */
final class ThemeTest extends TestCase
{
    public function test_other_readers_find_palette_and_fonts(): void
    {
        $path = self::written(Builtin::named('Weather book'));
        $theme = (new Xlsx)->load($path)->getTheme();
        self::assertSame('Weather book', $theme->getThemeColorName());
        $colours = array_map(strtoupper(...), $theme->getThemeColors());
        self::assertSame(['212529', 'FFFFFF', '364C63', 'EEF1F5', '8B4A1B', '566370', 'D9E1EA'], array_slice(array_values($colours), 0, 7));
        self::assertSame(['IBM Plex Sans', 'IBM Plex Mono'], [$theme->getMajorFontLatin(), $theme->getMinorFontLatin()]);
        // Another library, from the npm registry, keeps the part as it is.
        $read = shell_exec('node -e '.escapeshellarg(
            "import('exceljs').then(async ({default: L}) => { const w = new L.Workbook(); await w.xlsx.readFile(process.argv[1]);"
            .'console.log(w.model.themes.theme1) })',
        ).' '.escapeshellarg($path).' 2>/dev/null');
        self::assertStringContainsString('<a:custClr name="copper"><a:srgbClr val="8B4A1B"/></a:custClr>', (string) $read);
        unlink($path);
    }

    public function test_all_colours_stand_by_their_names_however_many_and_whatever_they_are_called(): void
    {
        $stylebook = Builtin::named('River ledger');
        for ($number = 0; $number < 40; $number++) {
            $stylebook = $stylebook->colouring("Colour number $number", sprintf('#%06X', $number * 4_099));
        }
        $path = self::written($stylebook);
        $document = self::theme($path);
        self::assertSame(count($stylebook->palette->colours), $document->getElementsByTagName('custClr')->length);
        self::assertSame(12, $document->getElementsByTagName('clrScheme')->item(0)?->childNodes->length);
        unlink($path);
        // Names and fonts are quoted for xml.
        $odd = Edit::put(Edit::put($stylebook, ['name'], 'Ours & "theirs" <b>'), ['ground', 'font'], "Jo's Hand");
        $path = self::written($odd);
        self::assertSame('Ours & "theirs" <b>', self::theme($path)->documentElement?->getAttribute('name'));
        unlink($path);
    }

    public function test_a_workbook_without_a_stylebook_has_no_theme(): void
    {
        $demo = DemoBook::named('site');
        $path = (string) tempnam(sys_get_temp_dir(), 'theme');
        (new XlsxWriter)->write($demo, $path);
        $zip = new ZipArchive;
        $zip->open($path);
        self::assertFalse($zip->locateName('xl/theme/theme1.xml'));
        $zip->close();
        unlink($path);
    }

    private static function written(Stylebook $stylebook): string
    {
        $demo = DemoBook::named('site');
        $dressed = (new Dress(array_keys($demo->sheets), $stylebook, true))->on($demo);
        assert($dressed instanceof Workbook);
        $path = (string) tempnam(sys_get_temp_dir(), 'theme');
        (new XlsxWriter)->write($dressed, $path);

        return $path;
    }

    private static function theme(string $path): DOMDocument
    {
        $document = new DOMDocument;
        self::assertTrue($document->loadXML(self::part($path)));

        return $document;
    }

    private static function part(string $path): string
    {
        $zip = new ZipArchive;
        $zip->open($path);
        $part = $zip->getFromName('xl/theme/theme1.xml');
        $zip->close();

        return is_string($part) && $part !== '' ? $part : self::fail('there is no theme');
    }
}
