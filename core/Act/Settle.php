<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Fit\ColumnFit;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;

/** Fits again what is fitted: a size that follows its contents is a state, not something that once happened. */
final class Settle
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
            if ($sheet->fitted === null || $sheet === ($before->sheets[$number] ?? null)) {
                continue;
            }
            $settled = (new ColumnFit($sheet, $after->looks, Fonts::shipped()))->resized($sheet->fitted);
            $after = $settled->toArray() === $sheet->fitted->toArray() ? $after : $after->withSheet($number, $sheet->fittedTo($settled));
        }

        return $after;
    }
}
