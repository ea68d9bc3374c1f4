<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Fit\ColumnFit;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Fits again what is fitted: a size that follows its contents is a state, not something that once happened. */
final readonly class Settle
{
    private const SIZES = [Attribute::Font, Attribute::Size, Attribute::Bold, Attribute::Italic, Attribute::Number, Attribute::Wrap, Attribute::Rotation, Attribute::Indent];

    /** Whether texts take other room in a look. */
    public static function depends(Look $look): bool
    {
        return ! $look->only(...self::SIZES)->isEmpty();
    }

    public static function after(Act $act, Workbook $before, Workbook $after): Workbook
    {
        if (! $act instanceof ChangesSizes || ! $act->changesSizes()) {
            return $after;
        }
        foreach ($after->sheets as $number => $sheet) {
            if ($sheet === ($before->sheets[$number] ?? null)) {
                continue;
            }
            $settled = self::followed(self::fitted($sheet, $after), $after);
            $after = $settled->setup->toArray() === $sheet->setup->toArray() ? $after : $after->withSheet($number, $settled);
        }

        return $after;
    }

    /** What the stylebook fits. */
    private static function fitted(Worksheet $sheet, Workbook $workbook): Worksheet
    {
        return $sheet->fitted === null ? $sheet : $sheet->fittedTo((new ColumnFit($sheet, $workbook, Fonts::shipped()))->resized($sheet->fitted));
    }

    /** What a person has fitted where no stylebook does: whole sheets without one, columns outside of tables, rows of long tables. */
    private static function followed(Worksheet $sheet, Workbook $workbook): Worksheet
    {
        $columns = $sheet->setup->autoColumns;
        $rows = array_values(array_diff($sheet->setup->autoRows, $sheet->setup->heldRows));
        if ($sheet->fitted !== null) {
            $columns = array_values(array_filter($columns, fn (int $column) => ! $sheet->reading->columnsHold($column)));
        }
        if ($columns !== []) {
            $sheet = $sheet->sized(true, (new ColumnFit($sheet, $workbook, Fonts::shipped()))->widths($columns), $columns, false);
        }

        return $rows === [] ? $sheet : $sheet->sized(false, (new ColumnFit($sheet, $workbook, Fonts::shipped()))->heights($rows), $rows, false);
    }
}
