<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Fit\ColumnFit;
use Rilvet\Fit\GrownRows;
use Rilvet\Grid\Address;
use Rilvet\Grid\EditedSheet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\ColumnKind;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Fits again what is fitted: a size that follows its contents is a state, not something that once happened. */
final readonly class Settle
{
    private const SIZES = [
        Attribute::Font, Attribute::Size, Attribute::Bold, Attribute::Italic, Attribute::Number,
        Attribute::Wrap, Attribute::Rotation, Attribute::Indent,
    ];

    private const TEMPORAL = [ColumnKind::Date, ColumnKind::DateTime, ColumnKind::Time];

    /** Changed rows up to which each is looked at where no stylebook fits them. */
    private const ROWS = 2_000;

    private const COLUMNS = 60;

    /** Changed rows up to which slanted texts are looked for: headings. */
    private const SLANTED = 200;

    /** Whether texts take other room in a look. */
    public static function depends(Look $look): bool
    {
        return ! $look->only(...self::SIZES)->isEmpty();
    }

    public static function after(Reach $reach, Workbook $before, Workbook $after): Workbook
    {
        foreach ($after->sheets as $number => $sheet) {
            $was = $before->sheets[$number] ?? null;
            $banded = $sheet === $was ? $sheet : Banding::after($was, $sheet);
            $after = $banded === $sheet ? $after : $after->withSheet($number, $banded);
        }
        if (! $reach->ofSizes) {
            return $after;
        }
        foreach ($after->sheets as $number => $sheet) {
            if ($sheet === ($before->sheets[$number] ?? null)) {
                continue;
            }
            $was = $before->sheets[$number] ?? null;
            $settled = self::grown($was, self::followed(self::fitted($sheet, $after), $after), $after);
            $settled = self::regrown($was, $settled, $after, $reach->renewed[$number] ?? null);
            $after = $settled->setup->toArray() === $sheet->setup->toArray() ? $after : $after->withSheet($number, $settled);
        }

        return $after;
    }

    /**
     * Rows that nobody sized are as high as what they hold wants (ISO/IEC 29500-1 18.3.1.73: a height is somebody's own only
     * where the row says so), also without a stylebook: those that the act has changed.
     */
    private static function grown(?Worksheet $was, Worksheet $sheet, Workbook $workbook): Worksheet
    {
        if ($was === null || $sheet->fitted !== null) {
            return $sheet;
        }
        $last = $sheet->cells->rows();
        $rows = $was->hand->differs($sheet->hand, $last, self::ROWS);
        $laid = self::otherwiseNamed($was, $sheet, $last);
        $rows = $rows === null || $laid === null ? null : $rows + $laid;
        $sheet = self::widened($was, $sheet, $workbook, array_keys($rows ?? []));
        for ($cells = $sheet->cells; $cells instanceof EditedSheet && $cells !== $was->cells; $cells = $cells->beneath) {
            $rows = $rows === null ? null : $rows + array_fill_keys(array_keys($cells->edits), true);
        }
        $setup = $sheet->setup;
        $rows = array_keys(array_diff_key($rows ?? [], array_flip($setup->sizes->heldRows)));
        $rows = array_values(array_filter($rows, fn (int $row) => ! $setup->sizes->isFixed($row)));
        if ($rows === [] || count($rows) > self::ROWS) {
            return $sheet;
        }
        $heights = self::fit($sheet, $workbook)->heights($rows);
        $sizes = $setup->sizes;
        $isOther = fn (int $row) => ($heights[$row] ?? $sizes->height) !== $sizes->heightOf($row) && ! $sizes->hidesRow($row);
        $changed = array_values(array_filter($rows, $isOther));

        return $changed === [] ? $sheet : $sheet->sized(false, array_intersect_key($heights, array_flip($changed)), $changed, false);
    }

    /**
     * Rows of which the file says no height, after columns took other widths or newer data came.
     *
     * @param  Address|null  $renewed  a cell of the table that newer data came into
     */
    private static function regrown(?Worksheet $was, Worksheet $sheet, Workbook $workbook, ?Address $renewed): Worksheet
    {
        if ($was === null || $sheet->fitted !== null) {
            return $sheet;
        }
        $table = $renewed === null ? null : $sheet->reading->tableAt($renewed->row, $renewed->column)?->range;
        $isSame = $sheet->setup->sizes->widths === $was->setup->sizes->widths;

        return $table === null && $isSame ? $sheet : GrownRows::again($sheet, $workbook, $table);
    }

    /**
     * Rows whose cells wear another named look, or one that says something else now.
     *
     * @return array<int, true>|null as keys; null for too many
     */
    private static function otherwiseNamed(Worksheet $was, Worksheet $sheet, int $last): ?array
    {
        $rows = $was->named->differs($sheet->named, $last, self::ROWS);
        if ($rows === null || $was->own === $sheet->own) {
            return $rows;
        }
        foreach ($sheet->wears as $index => $name) {
            if ($was->lookNamed($name)?->key() !== $sheet->lookNamed($name)?->key()) {
                foreach ($sheet->named->ranges($index + 1) as $range) {
                    $bottom = min($range->bottom, $last);
                    if ($bottom - $range->top >= self::ROWS || count($rows) > self::ROWS) {
                        return null;
                    }
                    for ($row = $range->top; $row <= $bottom; $row++) {
                        $rows[$row] = true;
                    }
                }
            }
        }

        return $rows;
    }

    /**
     * Columns of figures that nobody sized are as wide as a new format wants, so that no marks stand in the place of figures;
     * columns in which a text is slanted now, as wide as its box.
     *
     * @param  list<int>  $rows  in which cells look otherwise now
     */
    private static function widened(Worksheet $was, Worksheet $sheet, Workbook $workbook, array $rows): Worksheet
    {
        $setup = $sheet->setup;
        $others = array_flip([...$was->hand->columnsOther($sheet->hand), ...$was->named->columnsOther($sheet->named)]);
        $others = array_diff_key($others, array_flip($setup->sizes->heldColumns));
        if (count($others) > self::COLUMNS) {
            return $sheet;
        }
        $slanted = count($rows) > self::SLANTED ? [] : self::fit($sheet, $workbook)->needs->slanted($rows, $others);
        $columns = array_values(array_filter(array_keys($others), function (int $column) use ($sheet, $setup) {
            foreach ($sheet->reading->tables as $table) {
                $kind = $table->column($column)?->kind;
                if ($kind !== null && ($kind->isNumeric() || in_array($kind, self::TEMPORAL, true))) {
                    return ! $setup->sizes->hidesColumn($column);
                }
            }

            return false;
        }));
        $widths = $columns === [] ? [] : self::fit($sheet, $workbook)->needs->of($columns);
        foreach ($slanted as $column => $width) {
            $widths[$column] = max($widths[$column] ?? 0, $width);
        }
        $isWider = fn (int $width, int $column) => $width > $setup->sizes->widthOf($column) && ! $setup->sizes->hidesColumn($column);
        $wider = array_filter($widths, $isWider, ARRAY_FILTER_USE_BOTH);

        return $wider === [] ? $sheet : $sheet->sized(true, $wider, array_keys($wider), false);
    }

    /** What the stylebook fits. */
    private static function fitted(Worksheet $sheet, Workbook $workbook): Worksheet
    {
        if ($sheet->fitted === null) {
            return $sheet;
        }

        return $sheet->fittedTo(
            $sheet->isSettled() ? self::fit($sheet, $workbook)->resized($sheet->fitted) : self::fit($sheet, $workbook)->setup(),
        );
    }

    /** A sheet that a newer version of its stylebook has not fitted yet. */
    public static function unsettled(Workbook $workbook, int $number): Workbook
    {
        $sheet = $workbook->sheet($number);

        return $sheet->isSettled() ? $workbook : $workbook->withSheet($number, Banding::after(null, self::fitted($sheet, $workbook)));
    }

    /** What a person has fitted where no stylebook does: whole sheets without one, columns outside of tables, rows of long tables. */
    private static function followed(Worksheet $sheet, Workbook $workbook): Worksheet
    {
        $columns = $sheet->setup->sizes->autoColumns;
        $rows = array_values(array_diff($sheet->setup->sizes->autoRows, $sheet->setup->sizes->heldRows));
        if ($sheet->fitted !== null) {
            $columns = array_values(array_filter($columns, fn (int $column) => ! $sheet->reading->columnsHold($column)));
        }
        if ($columns !== []) {
            $sheet = $sheet->sized(true, self::fit($sheet, $workbook)->needs->of($columns), $columns, false);
        }

        return $rows === [] ? $sheet : $sheet->sized(false, self::fit($sheet, $workbook)->heights($rows), $rows, false);
    }

    private static function fit(Worksheet $sheet, Workbook $workbook): ColumnFit
    {
        return new ColumnFit($sheet, $workbook, Fonts::shipped());
    }
}
