<?php

declare(strict_types=1);

namespace Rilvet\Fit;

use IntlBreakIterator;

/**
 * How many lines a text takes in a width: broken where Unicode's line breaking (UAX 14, through intl) lets it be, at line
 * breaks, and inside a word that is longer than a whole line. Spaces at the end of a line hang beyond it. So the browser
 * breaks it (CSS Text 3: white-space pre-wrap, overflow-wrap anywhere).
 */
final class Lines
{
    /** @param  callable(string): float  $measure  px */
    public static function count(string $text, int $width, callable $measure): int
    {
        $lines = 0;
        foreach (explode("\n", $text) as $paragraph) {
            $lines += $measure(rtrim($paragraph, ' ')) <= $width ? 1 : self::broken($paragraph, max(1, $width), $measure);
        }

        return $lines;
    }

    /** @param  callable(string): float  $measure */
    private static function broken(string $paragraph, int $width, callable $measure): int
    {
        $lines = 1;
        $line = '';
        foreach (self::pieces($paragraph) as $piece) {
            if ($measure(rtrim($line.$piece, ' ')) <= $width) {
                $line .= $piece;

                continue;
            }
            $lines += $line === '' ? 0 : 1;
            $line = $piece;
            while ($measure(rtrim($line, ' ')) > $width) {
                $line = mb_substr($line, self::fitting($line, $width, $measure));
                $lines++;
            }
        }

        return $lines;
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
            $measure(mb_substr($word, 0, $middle)) <= $width ? $low = $middle : $high = $middle - 1;
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
