<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Range;
use Rilvet\Guard\Protection;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Length;
use Rilvet\Paper\Printed;
use Rilvet\Work\Worksheet;

/** The worksheet part of a sheet that was made here, for the package of a workbook that came from elsewhere. */
final class AddedSheet
{
    /** @param  string  $namespace  of the workbook that it goes into: strict or transitional */
    public static function xml(Worksheet $sheet, LookBook $looks, StylesWriting $styles, string $namespace, int $digit,
        Printed $pages): string
    {
        $setup = $sheet->setup;
        $dressed = new DressedSheet($sheet, $looks);
        $formats = new CellLooks($sheet, $styles);
        $columns = max(1, $sheet->reach()[1]);
        $xml = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n<worksheet xmlns=\"$namespace\">"
            .PageXml::sheetProperties($setup->tab->colour, $pages)
            .'<sheetViews><sheetView'.($setup->opening->gridlines ? '' : ' showGridLines="0"').' workbookViewId="0"/></sheetViews>'
            .'<sheetFormatPr defaultRowHeight="'.Length::points($setup->sizes->height).'"/><cols>';
        for ($column = 1; $column <= $columns; $column++) {
            $width = SheetFrame::characters($setup->sizes->widthOf($column), $digit);
            $xml .= "<col min=\"$column\" max=\"$column\" width=\"$width\" customWidth=\"1\"/>";
        }
        $xml .= '</cols><sheetData>';
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
            $height = $setup->sizes->heights[$row] ?? null;
            $xml .= "<row r=\"$row\"".($height === null ? '' : ' ht="'.Length::points($height).'" customHeight="1"').'>';
            for ($column = 1; $column <= $columns; $column++) {
                $format = $formats->format(0, $dressed->at($row, $column), $column) ?? 0;
                $cell = $cells[$column - 1] ?? null;
                $xml .= $cell === null || $cell->isBlank()
                    ? ($format === 0 ? '' : '<c r="'.Place::address($row, $column)."\" s=\"$format\"/>")
                    : CellXml::of(Place::address($row, $column), $format, $cell);
            }
            $xml .= '</row>';
        }
        $merges = array_map(fn (Range $merge) => "<mergeCell ref=\"$merge\"/>", $setup->merges);

        return $xml.'</sheetData>'
            .($setup->tab->protected ? ProtectionXml::xml('sheetProtection', ProtectionXml::attributes($sheet->aspect(
                Protection::class))) : '')
            .($merges === [] ? '' : '<mergeCells count="'.count($merges).'">'.implode('', $merges).'</mergeCells>')
            .PageXml::tail($pages).'</worksheet>';
    }
}
