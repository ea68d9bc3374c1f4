<?php

declare(strict_types=1);

namespace Rilvet\Measure;

use IntlBreakIterator;

/**
 * How many lines a text takes in a width: broken where Unicode's line breaking (UAX 14, through intl) lets it be, at line
 * breaks, and inside a word that is longer than a whole line. Spaces at the end of a line hang beyond it. So the browser
 * breaks it (CSS Text 3: white-space pre-wrap, overflow-wrap anywhere).
 */
final class Lines
{
    /** @param  callable(string): float  $measure  the sum of a text's advances, px */
    public static function count(string $text, int $width, callable $measure): int
    {
        return count(self::of($text, $width, $measure));
    }

    /**
     * The lines themselves.
     *
     * @param  callable(string): float  $measure  the sum of a text's advances, px
     * @return non-empty-list<string> without the spaces at their ends
     */
    public static function of(string $text, int $width, callable $measure): array
    {
        $lines = [];
        foreach (explode("\n", $text) as $paragraph) {
            $whole = rtrim($paragraph, ' ');
            array_push($lines, ...self::fits($measure($whole), $width) ? [$whole] : self::broken($paragraph, max(1, $width), $measure));
        }

        return $lines;
    }

    /** A box is as wide as its advances, up to the next 1/64 px. */
    private static function fits(float $advances, int $width): bool
    {
        return ceil($advances * 64 - 1e-6) / 64 <= $width;
    }

    /**
     * @param  callable(string): float  $measure
     * @return non-empty-list<string>
     */
    private static function broken(string $paragraph, int $width, callable $measure): array
    {
        $lines = [];
        $line = '';
        // Advances add up, so each piece is measured once.
        $taken = 0.0;
        foreach (self::pieces($paragraph) as $piece) {
            if (self::fits($taken + $measure(rtrim($piece, ' ')), $width)) {
                $taken += $measure($piece);
                $line .= $piece;

                continue;
            }
            $line === '' || $lines[] = rtrim($line, ' ');
            while (! self::fits($measure(rtrim($piece, ' ')), $width)) {
                $letters = self::fitting($piece, $width, $measure);
                $lines[] = mb_substr($piece, 0, $letters);
                $piece = mb_substr($piece, $letters);
            }
            $line = $piece;
            $taken = $measure($piece);
        }

        return [...$lines, rtrim($line, ' ')];
    }

    /**
     * How many letters of a word go in a line, at least one.
     *
     * @param  callable(string): float  $measure
     */
    private static function fitting(string $word, int $width, callable $measure): int
    {
        $low = 1;
        $high = mb_strlen($word);
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            self::fits($measure(mb_substr($word, 0, $middle)), $width) ? $low = $middle : $high = $middle - 1;
        }

        return $low;
    }

    /** @return iterable<string> what stands between two places where a line may end */
    private static function pieces(string $text): iterable
    {
        static $breaks = null;
        $breaks ??= IntlBreakIterator::createLineInstance('en');
        assert($breaks instanceof IntlBreakIterator);
        $breaks->setText($text);
        $from = 0;
        foreach ($breaks as $to) {
            if (is_int($to) && $to > $from) {
                yield substr($text, $from, $to - $from);
                $from = $to;
            }
        }
    }
}
