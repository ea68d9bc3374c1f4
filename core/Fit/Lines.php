<?php

declare(strict_types=1);

namespace Rilvet\Fit;

/** How many lines a text takes in a width: broken at spaces and at line breaks, as the grid breaks it. */
final class Lines
{
    /** @param  callable(string): int  $measure  px */
    public static function count(string $text, int $width, callable $measure): int
    {
        $lines = 0;
        foreach (explode("\n", $text) as $paragraph) {
            $lines++;
            $line = '';
            foreach (explode(' ', $paragraph) as $word) {
                $longer = $line === '' ? $word : "$line $word";
                if ($line !== '' && $measure($longer) > $width) {
                    $lines++;
                    $line = $word;
                } else {
                    $line = $longer;
                }
            }
        }

        return $lines;
    }
}
