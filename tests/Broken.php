<?php

declare(strict_types=1);

namespace Tests;

/** Broken packages, made from good ones with a fixed seed: the same number gives the same package. */
final class Broken
{
    private const ROWS = '<row r="1"><c r="A1" s="1" t="s"><v>0</v></c><c r="B1" t="inlineStr"><is><t>Count</t></is></c></row><row '
        .'r="2"><c r="A2" t="s"><v>1</v></c><c r="B2"><v>12</v></c><c r="C2" s="2"><v>45000.5</v></c></row><row r="3"><c r="A3"><f '
        .'t="shared" ref="A3:A4" si="0">B2*2</f><v>24</v></c><c r="B3" t="b"><v>1</v></c></row><row r="4"><c r="A4"><f t="shared" '
        .'si="0"/><v>0</v></c></row>';

    /** @return iterable<int, array{string, string}> kind of fault, bytes */
    public static function packages(int $count): iterable
    {
        $kinds = array_values(array_filter(get_class_methods(self::class), fn (string $name) => str_starts_with($name, 'with')));
        for ($index = 0; $index < $count; $index++) {
            $kind = $kinds[$index % count($kinds)];
            mt_srand(1_000 + $index);
            /** @var string $bytes */
            $bytes = self::$kind();
            yield $index => [strtolower(trim((string) preg_replace('/([A-Z])/', ' $1', substr($kind, 4)))), $bytes];
        }
    }

    private static function withCutEnd(): string
    {
        $bytes = self::zipped(self::parts());

        return substr($bytes, 0, mt_rand(1, strlen($bytes) - 1));
    }

    private static function withFlippedBits(): string
    {
        $bytes = self::zipped(self::parts());
        for ($flip = mt_rand(1, 12); $flip > 0; $flip--) {
            $at = mt_rand(0, strlen($bytes) - 1);
            $bytes[$at] = chr(ord($bytes[$at]) ^ (1 << mt_rand(0, 7)));
        }

        return $bytes;
    }

    /** Inside of the xml, with a checksum that is right. */
    private static function withFlippedXml(): string
    {
        $parts = self::parts();
        $name = self::any($parts);
        for ($flip = mt_rand(1, 4); $flip > 0 && $parts[$name] !== ''; $flip--) {
            $at = mt_rand(0, strlen($parts[$name]) - 1);
            $parts[$name][$at] = chr(ord($parts[$name][$at]) ^ (1 << mt_rand(0, 7)));
        }

        return self::zipped($parts);
    }

    private static function withCutXml(): string
    {
        $parts = self::parts();
        $name = self::any($parts);
        $parts[$name] = substr($parts[$name], 0, mt_rand(0, strlen($parts[$name]) - 1));

        return self::zipped($parts);
    }

    private static function withSwappedParts(): string
    {
        $parts = self::parts();
        [$one, $other] = [self::any($parts), self::any($parts)];
        [$parts[$one], $parts[$other]] = [$parts[$other], $parts[$one]];

        return self::zipped($parts);
    }

    private static function withMissingParts(): string
    {
        $parts = self::parts();
        unset($parts[self::any($parts)]);

        return self::zipped($parts);
    }

    private static function withWrongTargets(): string
    {
        $parts = self::parts();
        $targets = [
            'workbook.xml',
            '../../../etc/passwd',
            '/',
            '',
            'worksheets/',
            'http://127.0.0.1/x',
            '%00',
            'sharedStrings.xml',
            '_rels/workbook.xml.rels',
            str_repeat('../', 500).'x',
        ];
        $parts['xl/_rels/workbook.xml.rels'] = (string) preg_replace_callback(
            '/Target="[^"]*"/',
            fn () => 'Target="'.$targets[mt_rand(0, count($targets) - 1)].'"',
            $parts['xl/_rels/workbook.xml.rels'],
            mt_rand(1, 3),
        );

        return self::zipped($parts);
    }

    private static function withAnEntryTwice(): string
    {
        $parts = self::parts();
        $name = self::any($parts);

        return self::zipped($parts + [strtoupper($name) => $parts[$name]]);
    }

    private static function withAbsurdCounts(): string
    {
        $parts = self::parts();
        $huge = ['99999999999999999999', '-1', '4294967295', '1e9', 'NaN', '0x7fffffff'];
        $parts[($name = self::any($parts))] = (string) preg_replace_callback(
            '/(\s(?:r|s|si|count|xfId|fontId|fillId|numFmtId|borderId|ht|min|max|width|style)=")[^"]*"/',
            fn (array $found) => mt_rand(0, 2) === 0 ? $found[1].$huge[mt_rand(0, 5)].'"' : $found[0],
            $parts[$name],
        );

        return self::zipped($parts);
    }

    private static function withAbsurdValues(): string
    {
        $values = [
            '1e999',
            '-1e999',
            '99999999999999999999999',
            'INF',
            '',
            ' ',
            '0x1A',
            '1,5',
            "\u{FFFF}",
            '&#0;',
            '&bogus;',
            '_x0000_',
            str_repeat('9', 5_000),
        ];
        $rows = (string) preg_replace_callback(
            '~<v>[^<]*</v>~',
            fn () => '<v>'.$values[mt_rand(0, count($values) - 1)].'</v>',
            self::ROWS,
        );

        return self::zipped(self::parts($rows));
    }

    /** Bytes that are no UTF-8, in a cell or in a shared text. */
    private static function withBytesThatAreNoText(): string
    {
        $bytes = ["\xFF", "\xC3", "\xED\xA0\x80", "\xF4\x90\x80\x80"][mt_rand(0, 3)];
        $parts = self::parts(str_replace('Count', "Co{$bytes}unt", self::ROWS));
        if (mt_rand(0, 1) === 0) {
            $parts = self::parts();
            $parts['xl/sharedStrings.xml'] = str_replace('Tree', "Tr{$bytes}ee", $parts['xl/sharedStrings.xml']);
        }

        return self::zipped($parts);
    }

    /** Texts, cells or rows without an end that compress no better than real ones, so that no ratio gives them away. */
    private static function withOneHugePiece(): string
    {
        $noise = implode('', array_map(fn (int $index) => md5((string) $index), range(1, 3_000)));
        $noise = str_repeat($noise, mt_rand(60, 700));
        if (mt_rand(0, 1) === 0) {
            return self::zipped(self::parts('<row r="1"><c r="A1" t="inlineStr"><is><t>'.$noise.'</t></is></c></row>'));
        }
        $parts = self::parts();
        $parts['xl/sharedStrings.xml'] = str_replace('Tree', $noise, $parts['xl/sharedStrings.xml']);

        return self::zipped($parts);
    }

    private static function withDeepNesting(): string
    {
        $parts = self::parts();
        $depth = mt_rand(150, 40_000);
        $name = self::any($parts);
        $parts[$name] = (string) preg_replace(
            '~(</[\w:]+>)\s*$~',
            str_repeat('<a>', $depth).str_repeat('</a>', $depth).'$1',
            $parts[$name],
        );

        return self::zipped($parts);
    }

    private static function withEntities(): string
    {
        $parts = self::parts();
        $name = self::any($parts);
        $laugh = '<!ENTITY a "ha">';
        for ($step = 0; $step < 12; $step++) {
            $laugh .= '<!ENTITY '.chr(98 + $step).' "'.str_repeat('&'.chr(97 + $step).';', 12).'">';
        }
        $head = [
            '<!DOCTYPE x ['.$laugh.']>',
            '<!DOCTYPE x SYSTEM "file:///etc/passwd">',
            '<!DOCTYPE x [<!ENTITY % p SYSTEM "http://127.0.0.1:1/x"> %p;]>',
            str_repeat(' ', 70_000).'<!DOCTYPE x>',
        ][mt_rand(0, 3)];
        $parts[$name] =
            mt_rand(0, 1) === 0
                ? $head.$parts[$name]
                : mb_convert_encoding('<?xml version="1.0" encoding="UTF-16"?>'.$head.$parts[$name], 'UTF-16');

        return self::zipped($parts);
    }

    private static function withBombs(): string
    {
        $parts = self::parts();
        $name = mt_rand(0, 1) === 0 ? self::any($parts) : 'xl/media/a.bin';
        $parts[$name] = ($parts[$name] ?? '').str_repeat(mt_rand(0, 1) === 0 ? ' ' : "\0", mt_rand(2_000_000, 60_000_000));

        return self::zipped($parts);
    }

    private static function withPathsThatLeave(): string
    {
        $paths = ['../x.xml', '/etc/x.xml', 'xl/../../x.xml', 'xl\\..\\x.xml', "xl/\0x.xml", 'C:\\x.xml', '..', ''];

        return self::zipped(self::parts() + [$paths[mt_rand(0, count($paths) - 1)] => '<a/>']);
    }

    private static function withManyEntries(): string
    {
        $parts = self::parts();
        for ($index = mt_rand(4_990, 5_100); $index > 0; $index--) {
            $parts["xl/p$index.xml"] = '<a/>';
        }

        return self::zipped($parts);
    }

    private static function withRowsOutOfOrder(): string
    {
        preg_match_all('~<row.*?</row>~', self::ROWS, $rows);
        $rows = $rows[0];
        shuffle($rows);
        mt_rand(0, 1) === 0 && $rows[] = $rows[0];

        return self::zipped(self::parts(implode('', $rows)));
    }

    private static function withCellsOutOfOrder(): string
    {
        $rows = (string) preg_replace('~(<c .*?</c>)(<c .*?</c>)~', '$2$1$2', self::ROWS, mt_rand(1, 3));

        return self::zipped(self::parts($rows));
    }

    /** @return array<string, string> */
    private static function parts(string $rows = self::ROWS): array
    {
        $parts = HandMade::parts($rows);
        $parts['xl/worksheets/sheet1.xml'] = str_replace(
            ['<sheetData>', '</sheetData>'],
            [
                '<sheetViews><sheetView workbookViewId="0"><pane ySplit="1" topLeftCell="A2" '
                .'state="frozen"/></sheetView></sheetViews><cols><col min="1" max="3" width="12" style="1"/></cols><sheetData>',
                '</sheetData><mergeCells count="1"><mergeCell ref="A6:B6"/></mergeCells>',
            ],
            $parts['xl/worksheets/sheet1.xml'],
        );

        return $parts;
    }

    /** @param  array<string, string>  $parts */
    private static function any(array $parts): string
    {
        return (string) array_keys($parts)[mt_rand(0, count($parts) - 1)];
    }

    /** @param  array<string, string>  $parts */
    private static function zipped(array $parts): string
    {
        $path = HandMade::package($parts);
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}
