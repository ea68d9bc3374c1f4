<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use Rilvet\Grid\Cell;
use Rilvet\Number\NumberFormat;

/** What a cell could be meant as: a text as a number or a date, 10 as 10 %. */
final class Conversion
{
    public const KINDS = ['numbers', 'hundredths', 'dates_dmy', 'dates_mdy'];

    /** The number that a text is meant as: with a point, or with a comma where it can be nothing else. */
    public static function number(string $text): int|float|null
    {
        return NumberText::parse($text, '.') ?? NumberText::parse($text, ',');
    }

    /** What a cell would become, as it would be shown. */
    public static function shown(Cell $cell, string $to): string
    {
        $turned = self::of($cell, $to);

        return match (true) {
            $turned === null => $cell->text(),
            $to === 'hundredths' => NumberFormat::of('General')->number(100 * $turned)->text.' %',
            default => NumberFormat::of($to === 'numbers' ? 'General' : 'd mmmm yyyy')->number((float) $turned)->text,
        };
    }

    /** What a cell becomes; null where it can be turned into nothing. */
    public static function of(Cell $cell, string $to): int|float|null
    {
        if ($cell->formula !== null) {
            return null;
        }
        if ($to === 'hundredths') {
            $number = $cell->number();

            // Through its decimal digits, so that 0.57 comes of 57 and not 0.5700000000000001.
            return $number === null ? null : (float) sprintf('%.15g', $number / 100);
        }
        if (! $cell->isText()) {
            return null;
        }

        return $to === 'numbers' ? self::number($cell->text()) : DateText::parse($cell->text(), substr($to, 6));
    }
}
