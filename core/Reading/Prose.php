<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** Letters and other lines of text that are no table. */
final class Prose
{
    /** Lines that are a letter, at the least. */
    private const LINES = 4;

    /** Lines that are looked at. */
    private const MOST = 400;

    /** How a sentence, a greeting or a line that goes on ends. */
    private const END = '/[.!?,;:…。！？、]["”»’)]?$/u';

    /**
     * One column of lines of which most end as sentences and greetings do, the first of them too: a column of remarks has a heading.
     */
    public static function is(Region $region): bool
    {
        $range = $region->range;
        if ($range->columns() > 1 || $range->rows() < self::LINES) {
            return false;
        }
        $lines = $ended = 0;
        $isFirst = null;
        foreach ($region->sample($range->top, $range->bottom, self::MOST) as $row) {
            if ($region->isBlank($row)) {
                continue;
            }
            if ($region->loneText($row) === null) {
                return false;
            }
            $ends = preg_match(self::END, $region->text($row, $range->left)) === 1;
            $isFirst ??= $ends;
            $lines++;
            $ended += $ends ? 1 : 0;
        }

        return $isFirst === true && $lines >= self::LINES && $ended >= 0.6 * $lines;
    }
}
