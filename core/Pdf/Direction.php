<?php

declare(strict_types=1);

namespace Rilvet\Pdf;

/**
 * The order in which letters stand that are written from right to left: runs of them are turned around, figures within stay
 * (what of Unicode's bidirectional algorithm, UAX 9, a line of one cell needs; brackets are mirrored).
 */
final class Direction
{
    private const RIGHT = '[\x{0590}-\x{08FF}\x{FB1D}-\x{FDFF}\x{FE70}-\x{FEFC}]';

    private const MIRRORED = ['(' => ')', ')' => '(', '[' => ']', ']' => '[', '{' => '}', '}' => '{', '<' => '>', '>' => '<'];

    public static function visual(string $text): string
    {
        if (preg_match('/'.self::RIGHT.'/u', $text) !== 1) {
            return $text;
        }
        // From the first such letter to the last: what stands between two of them goes with them.
        $pattern = '/'.self::RIGHT.'(?:[^A-Za-z]*'.self::RIGHT.')?[)\]}]?/u';

        return (string) preg_replace_callback($pattern, fn (array $found) => self::closed($found[0]), $text);
    }

    /** A bracket behind the last letter goes with them where it was opened among them (UAX 9, N0). */
    private static function closed(string $run): string
    {
        $last = substr($run, -1);
        $open = [')' => '(', ']' => '[', '}' => '{'][$last] ?? null;
        $isTheirs = $open === null || substr_count($run, $open) >= substr_count($run, $last);

        return $isTheirs ? self::turned($run) : self::turned(substr($run, 0, -1)).$last;
    }

    private static function turned(string $run): string
    {
        preg_match_all('/\d+(?:[.,:\/]\d+)*|\X/u', $run, $pieces);

        return implode('', array_map(fn (string $piece) => self::MIRRORED[$piece] ?? $piece, array_reverse($pieces[0])));
    }
}
