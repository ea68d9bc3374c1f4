<?php

declare(strict_types=1);

namespace Tests;

use Rilvet\Package\ZipWriter;

/** Packages made by hand, part by part, so that every legal oddity and every fault can be had. */
final class HandMade
{
    public const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    public const STRICT = 'http://purl.oclc.org/ooxml/spreadsheetml/main';

    private const TYPES = 'application/vnd.openxmlformats-officedocument.spreadsheetml.';

    /**
     * The parts of a small workbook with one sheet.
     *
     * @param  string  $rows  what stands in sheetData
     * @param  string  $texts  what stands in the list of shared texts
     * @return array<string, string>
     */
    public static function parts(
        string $rows,
        string $texts = '<si><t>Tree</t></si><si><r><t>Ro</t></r><r><t xml:space="preserve">wan </t></r></si><si/>',
    ): array {
        $relations = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $package = 'http://schemas.openxmlformats.org/package/2006/';

        return [
            '[Content_Types].xml' => "<Types xmlns=\"{$package}content-types\"><Default Extension=\"rels\" "
                .'ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" '
                .'ContentType="application/xml"/>'.
                '<Override PartName="/xl/workbook.xml" ContentType="'.
                self::TYPES.
                'sheet.main+xml"/><Override PartName="/xl/worksheets/sheet1.xml" ContentType="'.
                self::TYPES.
                'worksheet+xml"/><Override PartName="/xl/styles.xml" ContentType="'.
                self::TYPES.
                'styles+xml"/><Override PartName="/xl/sharedStrings.xml" ContentType="'.
                self::TYPES.
                'sharedStrings+xml"/></Types>',
            '_rels/.rels' => "<Relationships xmlns=\"{$package}relationships\"><Relationship Id=\"rId1\" "
                ."Type=\"$relations/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>",
            'xl/workbook.xml' => '<workbook xmlns="'.
                self::MAIN.
                "\" xmlns:r=\"$relations\"><sheets><sheet name=\"One\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>",
            'xl/_rels/workbook.xml.rels' => "<Relationships xmlns=\"{$package}relationships\"><Relationship Id=\"rId1\" "
                ."Type=\"$relations/worksheet\" Target=\"worksheets/sheet1.xml\"/><Relationship Id=\"rId2\" Type=\"$relations/styles\" "
                ."Target=\"styles.xml\"/><Relationship Id=\"rId3\" Type=\"$relations/sharedStrings\" "
                .'Target="/xl/sharedStrings.xml"/></Relationships>',
            'xl/styles.xml' => '<styleSheet xmlns="'.
                self::MAIN.
                '"><fonts count="2"><font><sz val="11"/><name val="Carlito"/></font><font><b/><sz val="12"/><color theme="4" '
                .'tint="-0.25"/><name val="Gelasio"/></font></fonts><fills count="3"><fill><patternFill '
                .'patternType="none"/></fill><fill><patternFill patternType="gray125"/></fill><fill><patternFill '
                .'patternType="solid"><fgColor indexed="13"/></patternFill></fill></fills><borders '
                .'count="1"><border><left/><right/><top/><bottom/><diagonal/></border></borders><cellStyleXfs count="1"><xf '
                .'numFmtId="0" fontId="0" fillId="0" borderId="0"/></cellStyleXfs><cellXfs count="3"><xf numFmtId="0" fontId="0" '
                .'fillId="0" borderId="0" xfId="0"/><xf numFmtId="0" fontId="1" fillId="2" borderId="0" xfId="0" quotePrefix="1"/><xf '
                .'numFmtId="14" fontId="0" fillId="0" borderId="0" xfId="0"/></cellXfs></styleSheet>',
            'xl/sharedStrings.xml' => '<sst xmlns="'.self::MAIN."\">$texts</sst>",
            'xl/worksheets/sheet1.xml' => '<worksheet xmlns="'.self::MAIN."\"><sheetData>$rows</sheetData></worksheet>",
        ];
    }

    /**
     * @param  array<string, string>  $parts
     * @return string the path of the package
     */
    public static function package(array $parts): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'hand');
        $out = fopen($path, 'w+b');
        assert($out !== false);
        $zip = new ZipWriter($out);
        foreach ($parts as $name => $bytes) {
            $zip->add($name, $bytes);
        }
        $zip->finish();
        fclose($out);

        return $path;
    }
}
