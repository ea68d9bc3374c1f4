<?php

declare(strict_types=1);

namespace Rilvet\Number;

/**
 * What a cell shows: its text, with the spans that a code asks for beside the letters. `_x` leaves as much room as the
 * character x takes, so that decimals stand in line; `*x` fills what is left of the cell's width (18.8.31).
 */
final readonly class Formatted
{
    /** Private-use characters (Unicode 23.5) that stand before the character of a pad or a fill. */
    public const PAD = "\u{F8F0}";

    public const FILL = "\u{F8F1}";

    /** The text as it can be read: pads are no-break spaces, fills are left out. */
    public string $text;

    /**
     * @param  string  $marked  the text with its pads and fills
     * @param  string|null  $ink  what the code asks for, "#RRGGBB"
     * @param  bool  $fits  false where the value cannot be shown by the code (a negative date)
     */
    public function __construct(public string $marked, public ?string $ink = null, public bool $fits = true)
    {
        $this->text = self::readable($marked);
    }

    /** A text, or a piece of one, as it can be read. */
    public static function readable(string $marked): string
    {
        // Both begin with the same two bytes.
        return str_contains($marked, "\xEF\xA3")
            ? (string) preg_replace(['/\x{F8F0}./su', '/\x{F8F1}./su'], ["\u{A0}", ''], $marked)
            : $marked;
    }

    /** @return array{string, string}|null what stands at the left and at the right edge of the cell, with pads marked */
    public function pieces(): ?array
    {
        if (! str_contains($this->marked, self::FILL)) {
            return null;
        }
        $parts = preg_split('/\x{F8F1}./su', $this->marked, 2);

        return $parts !== false && count($parts) === 2 ? [$parts[0], (string) preg_replace('/\x{F8F1}./su', '', $parts[1])] : null;
    }
}
