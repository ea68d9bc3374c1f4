<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use App\Files\Writing\Proof;
use App\Files\Writing\RowMarks;
use App\Files\Writing\Safely;
use App\Files\Writing\WorkbookWriter;
use Rilvet\Look\Look;
use Rilvet\Package\PackedPart;
use Rilvet\Package\ZipWriter;
use Rilvet\Paper\Printed;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\DressedTables;
use Rilvet\Xlsx\PrintTitles;
use Rilvet\Xlsx\ProtectionXml;
use Rilvet\Xlsx\StripeConditions;
use Rilvet\Xlsx\StylesWriting;

/**
 * Writes a workbook as a new xlsx package (ISO/IEC 29500, transitional), a sheet at a time as a stream. The same workbook
 * gives the same bytes: no times, no random names.
 */
final class XlsxWriter implements WorkbookWriter
{
    private const TYPES = 'application/vnd.openxmlformats-officedocument.spreadsheetml.';

    /**
     * @param  bool  $conditions  stripes are conditional formats, and no fills
     * @param  bool  $tables  dressed tables are tables of the format, as far as it can have them
     */
    public function __construct(private readonly bool $conditions = false, private readonly bool $tables = false)
    {
    }

    private ?Workbook $written = null;

    /** @var array<string, RowMarks> what was written of it, by the name of the sheet */
    private array $marks = [];

    public function write(Workbook $workbook, string $path, ?callable $progress = null): void
    {
        Safely::to($path, function (string $unfinished) use ($workbook, $progress) {
            $out = fopen($unfinished, 'wb');
            assert($out !== false);
            $zip = new ZipWriter($out);
            $styles = StylesWriting::fresh(self::ground($workbook));
            $number = 0;
            $sheets = array_values($workbook->sheets);
            $themed = ThemePart::of($workbook);
            $dressed = new DressedTables(array_map(strval(...), array_keys($workbook->names)));
            $tables = array_map(fn (Worksheet $sheet) => $this->tables ? $dressed->of($sheet) : [], $sheets);
            $zip->add('[Content_Types].xml', self::contentTypes(count($sheets), $themed !== null, count(array_merge(...$tables))));
            $zip->add(
                '_rels/.rels',
                Xml::HEAD.
                    '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="rId1" Type="'.
                    Xml::RELATIONS.
                    '/officeDocument" Target="xl/workbook.xml"/></Relationships>',
            );
            $pages = array_map(fn (Worksheet $sheet) => Printed::of($workbook, $sheet), $sheets);
            $zip->add('xl/workbook.xml', self::workbook($workbook, $sheets, $pages));
            $zip->add('xl/_rels/workbook.xml.rels', self::relations(count($sheets), $themed !== null));
            foreach ($sheets as $sheet) {
                $number++;
                $part = new PackedPart;
                $this->marks[$sheet->name] = new RowMarks;
                [$bare, $conditions] = $this->conditions ? StripeConditions::of($sheet, $workbook->looks) : [$sheet, []];
                (new SheetPart($bare, $workbook->looks, $styles, $part, $this->marks[$sheet->name], $conditions, $pages[$number - 1],
                    count($tables[$number - 1])))
                    ->write($number === 1, $progress);
                $part->end();
                $zip->place("xl/worksheets/sheet$number.xml", $part);
            }
            self::tables($zip, $tables);
            $made = $dressed->styles($styles->differential(...));
            $zip->add('xl/styles.xml', $made === '' ? $styles->xml()
                : (string) preg_replace('~</dxfs>|<dxfs[^>]*/>~', '$0'.strtr($made, ['\\' => '\\\\', '$' => '\\$']), $styles->xml(), 1));
            $themed === null || $zip->add('xl/theme/theme1.xml', ThemePart::xml($themed));
            $zip->finish();
            fclose($out);
            $this->written = $workbook;
        });
    }

    public function prove(Workbook $workbook, string $path, ?callable $progress = null): Proof
    {
        return XlsxProof::of($workbook, $path, $progress, $this->written === $workbook ? $this->marks : []);
    }

    private static function ground(Workbook $workbook): Look
    {
        foreach ($workbook->sheets as $sheet) {
            if ($sheet->stylebook !== null) {
                return $sheet->stylebook->ground;
            }
        }

        return Look::none();
    }

    /** @param  list<list<string>>  $tables  parts of the tables, by sheet */
    private static function tables(ZipWriter $zip, array $tables): void
    {
        $number = 0;
        foreach ($tables as $index => $parts) {
            $relations = '';
            foreach ($parts as $at => $xml) {
                $number++;
                $zip->add("xl/tables/table$number.xml", $xml);
                $relations .= '<Relationship Id="rId'.($at + 1).'" Type="'.Xml::RELATIONS
                    ."/table\" Target=\"../tables/table$number.xml\"/>";
            }
            $parts === [] || $zip->add('xl/worksheets/_rels/sheet'.($index + 1).'.xml.rels', Xml::HEAD
                .'<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'.$relations.'</Relationships>');
        }
    }

    private static function contentTypes(int $sheets, bool $themed, int $tables): string
    {
        $overrides = $themed ? '<Override PartName="/xl/theme/theme1.xml" ContentType="'.ThemePart::TYPE.'"/>' : '';
        for ($number = 1; $number <= $tables; $number++) {
            $overrides .= "<Override PartName=\"/xl/tables/table$number.xml\" ContentType=\"".self::TYPES.'table+xml"/>';
        }
        for ($number = 1; $number <= $sheets; $number++) {
            $overrides .= "<Override PartName=\"/xl/worksheets/sheet$number.xml\" ContentType=\"".self::TYPES.'worksheet+xml"/>';
        }

        return Xml::HEAD.
            '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" '
            .'ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" '
            .'ContentType="application/xml"/>'.
            '<Override PartName="/xl/workbook.xml" ContentType="'.
            self::TYPES.
            'sheet.main+xml"/><Override PartName="/xl/styles.xml" ContentType="'.
            self::TYPES.
            'styles+xml"/>'.
            $overrides.
            '</Types>';
    }

    private static function relations(int $sheets, bool $themed): string
    {
        $theme = 'rId'.($sheets + 2);
        $relations = $themed ? "<Relationship Id=\"$theme\" Type=\"".Xml::RELATIONS.'/theme" Target="theme/theme1.xml"/>' : '';
        for ($number = 1; $number <= $sheets; $number++) {
            $relations .= "<Relationship Id=\"rId$number\" Type=\"".Xml::RELATIONS."/worksheet\" Target=\"worksheets/sheet$number.xml\"/>";
        }

        return Xml::HEAD.
            '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'.
            $relations.
            '<Relationship Id="rId'.
            ($sheets + 1).
            '" Type="'.
            Xml::RELATIONS.
            '/styles" Target="styles.xml"/></Relationships>';
    }

    /**
     * @param  list<Worksheet>  $sheets
     * @param  list<Printed>  $pages  how they go to paper
     */
    private static function workbook(Workbook $workbook, array $sheets, array $pages): string
    {
        $list = '';
        $names = '';
        $allHidden = array_filter($sheets, fn (Worksheet $sheet) => $sheet->setup->tab->state === 'visible') === [];
        foreach ($sheets as $index => $sheet) {
            // A workbook in which no sheet can be seen is invalid, so the first one is shown.
            $state =
                $sheet->setup->tab->state === 'visible' || ($allHidden && $index === 0) ? '' : " state=\"{$sheet->setup->tab->state}\"";
            $list .=
                '<sheet name="'.
                Xml::attribute($sheet->name).
                '" sheetId="'.
                ($index + 1).
                '"'.
                $state.
                ' r:id="rId'.
                ($index + 1).
                '"/>';
            $of = $pages[$index];
            foreach ([PrintTitles::AREA => PrintTitles::area($sheet, $of->areas),
                PrintTitles::TITLES => PrintTitles::of($sheet, $of)] as $name => $refers) {
                $names .= $refers === '' ? '' : "<definedName name=\"$name\" localSheetId=\"$index\">".Xml::text($refers).'</definedName>';
            }
        }
        foreach ($workbook->names as $name => $refers) {
            $names .= '<definedName name="'.Xml::attribute($name).'">'.Xml::text(ltrim($refers, '=')).'</definedName>';
        }

        return Xml::HEAD.
            '<workbook xmlns="'.
            Xml::MAIN.
            '" xmlns:r="'.
            Xml::RELATIONS.
            '">'.
            ($workbook->from1904 ? '<workbookPr date1904="1"/>' : '<workbookPr/>').
            ($workbook->guard?->isOn === true
                ? ProtectionXml::xml('workbookProtection', ProtectionXml::orderAttributes($workbook->guard)) : '').
            "<sheets>$list</sheets>".
            ($names === '' ? '' : "<definedNames>$names</definedNames>").
            '<calcPr fullCalcOnLoad="1"/></workbook>';
    }
}
