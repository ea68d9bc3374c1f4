<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Measure\Ruler;
use Rilvet\Stylebook\FitRules;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Rows of which their file says no height, as tables of words and files of libraries do: they are as high as what they hold wants
 * wherever they are opened (ISO/IEC 29500-1 18.3.1.73: a height is a row's own only where the row says so).
 */
final class GrownRows
{
    /** Rows from the top that are looked at, and cells of them: long texts that wrap in all of these take half a second. */
    private const ROWS = 2_000;

    private const CELLS = 10_000;

    /** What a row must want beyond the usual height, as a share of it: typefaces that stand for others differ by less. */
    private const MORE = 1.1;

    /**
     * A sheet as it is seen when it has come in.
     *
     * @param  array<int, mixed>  $said  rows of which the file says that they have the usual height, as keys
     */
    public static function seen(Worksheet $sheet, Workbook $workbook, array $said = []): Worksheet
    {
        $last = self::last($sheet);
        $rows = array_keys(array_diff_key($last < 1 ? [] : array_fill(1, $last, true), $said));

        return self::measured($sheet, $workbook, self::grows($sheet, $workbook->looks) ? $rows : self::broken($sheet, $rows));
    }

    /**
     * The same rows once more: their columns took other widths, or a stylebook no longer says how high they are.
     *
     * @param  Range|null  $renewed  rows that hold something else now
     */
    public static function again(Worksheet $sheet, Workbook $workbook, ?Range $renewed = null): Worksheet
    {
        $rows = $sheet->setup->sizes->grown;
        for ($row = $renewed->top ?? 1, $last = min($renewed->bottom ?? 0, self::last($sheet)); $row <= $last; $row++) {
            $rows[$row] = true;
        }

        return self::measured($sheet, $workbook, array_keys($rows));
    }

    private static function last(Worksheet $sheet): int
    {
        return min($sheet->cells->rows(), self::ROWS, intdiv(self::CELLS, max(1, $sheet->cells->columns())));
    }

    /** @param  list<int>  $rows */
    private static function measured(Worksheet $sheet, Workbook $workbook, array $rows): Worksheet
    {
        $sizes = $sheet->setup->sizes;
        $rows = array_values(array_filter($rows, fn (int $row) => ! isset($sizes->heights[$row]) && ! $sizes->isFixed($row)));
        $heights = (new ColumnFit($sheet, $workbook, Fonts::shipped()))->heights($rows, merged: false);
        $least = (int) floor($sizes->height * self::MORE) + ($sheet->stylebook->fit ?? new FitRules)->rowAir;

        return $sheet->grown(array_filter($heights, fn (int $height) => $height > $least));
    }

    /** Whether any look that came with the sheet wants more than the usual height for one line of text. */
    private static function grows(Worksheet $sheet, LookBook $looks): bool
    {
        $ruler = new Ruler(Fonts::shipped());
        $numbers = [];
        foreach ($sheet->file->runs() as $runs) {
            $numbers += array_flip(array_column($runs, 2));
        }
        foreach (array_keys($numbers) as $number) {
            $look = $looks->look($number);
            if ($look->is(Attribute::Wrap) || $look->number(Attribute::Rotation) != 0
                || $ruler->lineHeight($look) > $sheet->setup->sizes->height * self::MORE) {
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
}
