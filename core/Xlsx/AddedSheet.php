<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Length;
use Rilvet\Paper\Printed;
use Rilvet\Work\Extent;
use Rilvet\Work\Worksheet;
use Rilvet\Xlsx\Frame\Framed;

/** The worksheet part of a sheet that was made here, for the package of a workbook that came from elsewhere. */
final class AddedSheet
{
    /** @param  string  $namespace  of the workbook that it goes into: strict or transitional */
    public static function xml(Worksheet $sheet, LookBook $looks, StylesWriting $styles, string $namespace, string $relations, int $digit,
        Printed $pages): string
    {
        $dressed = new DressedSheet($sheet, $looks);
        $formats = new CellLooks($sheet, $styles);
        [$rows, $columns] = array_map(fn (int $reach) => max(1, $reach), Extent::of($sheet));
        $frame = new SheetFrame($sheet->name, new Framed($sheet, $styles, $digit, $pages));
        $xml = $frame->first($namespace, $relations, 'A1'.($rows * $columns > 1 ? ':'.Place::address($rows, $columns) : ''));
        foreach ($sheet->cells->read(1, $sheet->cells->rows()) as $row => $cells) {
            $height = $sheet->setup->sizes->ownHeight($row);
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

        return $xml.$frame->last();
    }
}
