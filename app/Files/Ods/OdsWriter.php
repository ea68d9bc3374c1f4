<?php

declare(strict_types=1);

namespace App\Files\Ods;

use App\Files\Writing\Proof;
use App\Files\Writing\Safely;
use App\Files\Writing\WorkbookWriter;
use Rilvet\Grid\Cell;
use Rilvet\Grid\PlainRows;
use Rilvet\Look\Look;
use Rilvet\Ods\Ns;
use Rilvet\Ods\OdsBook;
use Rilvet\Ods\OpenFormula;
use Rilvet\Ods\StylesXml;
use Rilvet\Ods\Table\ProtectionPiece;
use Rilvet\Package\PackedPart;
use Rilvet\Package\ZipWriter;
use Rilvet\Paper\Printed;
use Rilvet\Work\Workbook;
use RuntimeException;

/** Writes a workbook as a new ods (ISO/IEC 26300, 1.3), a row at a time. The same workbook gives the same bytes. */
final class OdsWriter implements WorkbookWriter
{
    private const TYPE = 'application/vnd.oasis.opendocument.spreadsheet';

    public function write(Workbook $workbook, string $path, ?callable $progress = null): void
    {
        Safely::to($path, function (string $unfinished) use ($workbook, $progress) {
            $styles = new StylesXml(self::ground($workbook));
            // Styles stand before the rows that name them, and are known after.
            $body = tmpfile() ?: throw new RuntimeException('No temporary file can be made.');
            $scope = $workbook->scope();
            $validations = '';
            foreach ($workbook->sheets as $number => $sheet) {
                $part = new TablePart($sheet, $workbook->looks, $styles, $body, $workbook->from1904, $scope, $number,
                    Printed::of($workbook, $sheet));
                $part->write($progress);
                $validations .= $part->validations;
            }
            $content = new PackedPart();
            $content->write(
                '<?xml version="1.0" encoding="UTF-8"?>'.
                    "\n".
                    '<office:document-content'.
                    Ns::declared('office', 'style', 'text', 'table', 'fo', 'number', 'svg', 'of').
                    ' xmlns:calcext="urn:org:documentfoundation:names:experimental:calc:xmlns:calcext:1.0" office:version="1.3">'.
                    $styles->automatic().
                    '<office:body><office:spreadsheet'.
                    ($workbook->guard?->isOn === true
                        ? ' table:structure-protected="true"'.ProtectionPiece::key($workbook->guard->password) : '').'>'.
                    ($workbook->from1904
                        ? '<table:calculation-settings><table:null-date table:date-value="1904-01-01"/></table:calculation-settings>'
                        : '').
                    ($validations === '' ? '' : "<table:content-validations>$validations</table:content-validations>"),
            );
            rewind($body);
            while (! feof($body)) {
                $content->write((string) fread($body, 262_144));
            }
            fclose($body);
            $content->write(self::names($workbook).'</office:spreadsheet></office:body></office:document-content>');
            $content->end();
            $out = fopen($unfinished, 'wb') ?: throw new RuntimeException('The file cannot be written.');
            $zip = new ZipWriter($out);
            $zip->add('mimetype', self::TYPE, 0);
            $zip->place('content.xml', $content);
            $zip->add('styles.xml', $styles->part());
            $zip->add('settings.xml', self::settings($workbook));
            $zip->add(
                'meta.xml',
                '<?xml version="1.0" encoding="UTF-8"?>'.
                    "\n".
                    '<office:document-meta'.
                    Ns::declared('office').
                    ' xmlns:meta="urn:oasis:names:tc:opendocument:xmlns:meta:1.0" xmlns:dc="http://purl.org/dc/elements/1.1/" '
                    .'office:version="1.3"><office:meta><meta:generator>Rilvet</meta:generator></office:meta></office:document-meta>',
            );
            $zip->add(
                'META-INF/manifest.xml',
                '<?xml version="1.0" encoding="UTF-8"?>'.
                    "\n".
                    '<manifest:manifest'.
                    Ns::declared('manifest').
                    ' manifest:version="1.3"><manifest:file-entry manifest:full-path="/" manifest:version="1.3" manifest:media-type="'.
                    self::TYPE.
                    '"/>'.
                    implode(
                        '',
                        array_map(
                            fn (string $name) => "<manifest:file-entry manifest:full-path=\"$name\" manifest:media-type=\"text/xml\"/>",
                            ['content.xml', 'styles.xml', 'settings.xml', 'meta.xml'],
                        ),
                    ).
                    '</manifest:manifest>',
            );
            $zip->finish();
            fclose($out);
        });
    }

    public function prove(Workbook $workbook, string $path, ?callable $progress = null): Proof
    {
        $proof = new Proof;
        $stream = fopen($path, 'rb') ?: throw new RuntimeException('The written file is not there.');
        $tables = (new OdsBook($stream))->tables();
        $numbers = array_keys($workbook->sheets);
        $scope = $workbook->scope();
        foreach ($tables as $index => $table) {
            $sheet = $workbook->sheets[$numbers[$index] ?? 0] ?? throw new RuntimeException('The written file has a table too many.');
            $rows = $table->rows();
            foreach (PlainRows::of($sheet->cells) as $row => $meant) {
                while ($rows->valid() && $rows->current()[0] + $rows->current()[1] <= $row) {
                    $rows->next();
                }
                $stored = $rows->valid() && $rows->current()[0] <= $row ? $rows->current()[2] : [];
                for ($column = 0; $column < max(count($meant), count($stored)); $column++) {
                    $cell = Cell::fromStored($meant[$column] ?? null);
                    $proof->compare(
                        $sheet->name,
                        $row,
                        $column + 1,
                        $cell->formula === null ? $cell : CellContent::carried($cell, $scope, $numbers[$index], $row, $column + 1),
                        Cell::fromStored($stored[$column] ?? null),
                    );
                }
            }
        }
        fclose($stream);

        return $proof;
    }

    private static function ground(Workbook $workbook): Look
    {
        foreach ($workbook->sheets as $sheet) {
            if ($sheet->stylebook !== null) {
                return $sheet->stylebook->ground;
            }
        }

        return Look::of(['font' => 'Carlito', 'size' => 11]);
    }

    private static function names(Workbook $workbook): string
    {
        $xml = '';
        foreach ($workbook->names as $name => $refers) {
            $written = substr(OpenFormula::of(ltrim($refers, '=')), 4);
            $isRange = preg_match('/^\[([^\[\]]+)\]$/', $written, $found) === 1;
            $xml .=
                '<table:named-'.
                ($isRange ? 'range' : 'expression').
                ' table:name="'.
                Ns::text((string) $name).
                '" table:base-cell-address="$\''.
                Ns::text(str_replace("'", "''", array_values($workbook->sheets)[0]->name)).
                '\'.$A$1" '.
                ($isRange ? 'table:cell-range-address="'.Ns::text($found[1]).'"' : 'table:expression="'.Ns::text($written).'"').
                '/>';
        }

        return $xml === '' ? '' : "<table:named-expressions>$xml</table:named-expressions>";
    }

    private static function settings(Workbook $workbook): string
    {
        $item = fn (
            string $name,
            string $type,
            string $value,
        ) => "<config:config-item config:name=\"$name\" config:type=\"$type\">$value</config:config-item>";
        $tables = '';
        foreach ($workbook->sheets as $sheet) {
            $setup = $sheet->setup;
            $tables .=
                '<config:config-item-map-entry config:name="'.
                Ns::text($sheet->name).
                '">'.
                $item('HorizontalSplitMode', 'short', $setup->opening->freezeColumn > 0 ? '2' : '0').
                $item('VerticalSplitMode', 'short', $setup->opening->freezeRow > 0 ? '2' : '0').
                $item('HorizontalSplitPosition', 'int', (string) $setup->opening->freezeColumn).
                $item('VerticalSplitPosition', 'int', (string) $setup->opening->freezeRow).
                $item('ActiveSplitRange', 'short', $setup->opening->freezeRow > 0 && $setup->opening->freezeColumn > 0 ? '3' : '2').
                $item('PositionLeft', 'int', '0').
                $item('PositionRight', 'int', (string) max($setup->opening->freezeColumn, $setup->opening->firstColumn - 1)).
                $item('PositionTop', 'int', '0').
                $item('PositionBottom', 'int', (string) max($setup->opening->freezeRow, $setup->opening->firstRow - 1)).
                $item('ZoomType', 'short', '0').
                $item('ZoomValue', 'int', (string) $setup->opening->zoom).
                $item('ShowGrid', 'boolean', $setup->opening->gridlines ? 'true' : 'false').
                '</config:config-item-map-entry>';
        }

        return '<?xml version="1.0" encoding="UTF-8"?>'.
            "\n".
            '<office:document-settings'.
            Ns::declared('office', 'config').
            ' office:version="1.3"><office:settings><config:config-item-set config:name="ooo:view-settings">'
            .'<config:config-item-map-indexed config:name="Views"><config:config-item-map-entry>'.
            $item('ViewId', 'string', 'view1').
            "<config:config-item-map-named config:name=\"Tables\">$tables</config:config-item-map-named>".
            '</config:config-item-map-entry></config:config-item-map-indexed></config:config-item-set></office:settings>'
            .'</office:document-settings>';
    }
}
