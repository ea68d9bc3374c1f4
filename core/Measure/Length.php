<?php

declare(strict_types=1);

namespace Rilvet\Measure;

use Rilvet\Measure\Exception\SizeIsWrong;

/** Widths and heights as people write them, in whole px at 96 dpi: "90", "90 px", "12 characters", "60 pt", "20 mm". */
final class Length
{
    /**
     * The format's own limits: 255 characters wide, 409.5 pt high
     * (ISO/IEC 29500-1 18.3.1.13 and 18.3.1.73, figures by common practice).
     */
    public const CHARACTERS = 255;

    public const POINTS = 409.5;

    /** Room beside the digits of a column of so many characters (18.3.1.13). */
    private const PADDING = 5;

    /**
     * @param  int  $digit  greatest width of a digit in the default font, in px
     *
     * @throws SizeIsWrong names what is wanted
     */
    public static function width(string $text, int $digit): int
    {
        $px = self::px($text, $digit);
        $most = $digit * self::CHARACTERS + self::PADDING;

        return $px >= 1 && $px <= $most ? (int) $px : throw SizeIsWrong::width($text, $most);
    }

    /** A height in px as the points that a file says, no more than it takes. */
    public static function points(int $px): float
    {
        return min(self::POINTS, round($px * 72 / 96, 2));
    }

    /** @throws SizeIsWrong */
    public static function height(string $text): int
    {
        $px = self::px($text, null);
        $most = (int) floor(self::POINTS * 96 / 72);

        return $px >= 1 && $px <= $most ? (int) $px : throw SizeIsWrong::height($text, $most);
    }

    private static function px(string $text, ?int $digit): float
    {
        if (
            preg_match(
                '/^\s*(?<number>\d{1,6}(?:[.,]\d{1,4})?)\s*(?<unit>px|pt|points?|mm|cm|in|ch|characters?)?\s*$/iu',
                $text,
                $found,
            ) !== 1
        ) {
            throw SizeIsWrong::text($text);
        }
        $number = (float) str_replace(',', '.', $found['number']);

        return round(
            match (strtolower($found['unit'] ?? '')) {
                'pt', 'point', 'points' => ($number * 96) / 72,
                'mm' => ($number * 96) / 25.4,
                'cm' => ($number * 96) / 2.54,
                'in' => $number * 96,
                'ch', 'character', 'characters' => $digit === null
                    ? throw SizeIsWrong::text($text)
                    : ($number > 0
                        ? $number * $digit + self::PADDING
                        : 0),
                default => $number,
            },
        );
    }
}
