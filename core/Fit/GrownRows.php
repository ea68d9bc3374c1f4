<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Ruler;
use Rilvet\Text\Fonts;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Rows of which their file says no height, as tables of words and files of libraries do: they are as high as what they hold wants
 * wherever they are opened (ISO/IEC 29500-1 18.3.1.73: a height is a row's own only where the row says so).
 */
final class GrownRows
{
    /** Rows from the top that are looked at, and cells of them. */
    private const ROWS = 2_000;

    private const CELLS = 40_000;

    /** What a row must want beyond the usual height, as a share of it: typefaces that stand for others differ by less. */
    private const MORE = 1.1;

    /**
     * A sheet as it is seen when it has come in.
     *
     * @param  array<int, mixed>  $said  rows of which the file says that they have the usual height, as keys
     */
    public static function seen(Worksheet $sheet, Workbook $workbook, array $said = []): Worksheet
    {
        [$rows, $columns] = [$sheet->cells->rows(), $sheet->cells->columns()];
        $last = min($rows, self::ROWS, intdiv(self::CELLS, max(1, $columns)));

        return $sheet->grown(self::heights($sheet, $workbook, $last < 1 ? [] : range(1, $last), $said));
    }

    /** The same rows after columns took other widths. */
    public static function again(Worksheet $sheet, Workbook $workbook): Worksheet
    {
        return $sheet->grown(self::heights($sheet, $workbook, array_keys($sheet->setup->sizes->grown), []));
    }

    /**
     * @param  list<int>  $rows
     * @param  array<int, mixed>  $said
     * @return array<int, int> px by row
     */
    private static function heights(Worksheet $sheet, Workbook $workbook, array $rows, array $said): array
    {
        $sizes = $sheet->setup->sizes;
        $isFree = fn (int $row) => ! isset($said[$row]) && ! isset($sizes->heights[$row]) && ! $sizes->isFixed($row)
            && ! $sizes->hidesRow($row);
        $rows = array_values(array_filter($rows, $isFree));
        if (! self::grows($workbook->looks, $sizes)) {
            $rows = self::broken($sheet, $rows);
        }
        $heights = (new ColumnFit($sheet, $workbook, Fonts::shipped()))->heights($rows, merged: false);

        return array_filter($heights, fn (int $height) => $height > self::least($sizes));
    }

    /** Whether any look of the workbook wants more than the usual height of one line of text. */
    private static function grows(LookBook $looks, Sizes $sizes): bool
    {
        $ruler = new Ruler(Fonts::shipped());
        foreach ($looks->all() as $look) {
            if ($look->is(Attribute::Wrap) || $look->number(Attribute::Rotation) != 0
                || $ruler->lineHeight($look) > $sizes->height * self::MORE) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $rows
     * @return list<int> those of them with a text of several lines
     */
    private static function broken(Worksheet $sheet, array $rows): array
    {
        $broken = [];
        $wanted = array_flip($rows);
        foreach ($rows === [] ? [] : $sheet->cells->read(min($rows), max($rows)) as $row => $cells) {
            foreach (isset($wanted[$row]) ? $cells : [] as $cell) {
                if (is_string($cell->value) && str_contains($cell->value, "\n")) {
                    $broken[] = $row;

                    break;
                }
            }
        }

        return $broken;
    }

    private static function least(Sizes $sizes): int
    {
        return (int) floor($sizes->height * self::MORE) + 4;
    }
}
