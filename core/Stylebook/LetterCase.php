<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

/** How the letters of headings are written or shown. */
enum LetterCase: string
{
    case Capitals = 'capitals';
    case Sentence = 'sentence';

    public function words(): string
    {
        return $this === self::Capitals ? 'in capitals' : 'in sentence case';
    }

    public function of(string $text): string
    {
        if ($this === self::Capitals) {
            return mb_strtoupper($text);
        }
        // Words of capitals and figures alone that are short stand for something, and stay (common practice).
        $isShouted = mb_strtoupper($text) === $text && preg_match('/\p{L}{6}|\p{L} \p{L}/u', $text) === 1;
        $words = preg_split('/(\s+)/u', $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $words = array_map(fn (string $word) => ! $isShouted && preg_match('/^[\p{Lu}\d&.\/-]{2,5}$/u', $word) === 1 ? $word
            : mb_strtolower($word), $words);
        $text = implode('', $words);

        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }
}
