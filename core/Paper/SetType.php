<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Measure\Lines;
use Rilvet\Number\Formatted;
use Rilvet\Text\FontMetrics;
use Rilvet\Window\WindowLook;

/** A type in which texts of a sheet are set on a page: measured as on the Bench, in px of the sheet, and placed in px of the page. */
final readonly class SetType
{
    /** @param  float  $px  its size on the sheet */
    public function __construct(
        private FontMetrics $face,
        public TextStyle $style,
        private WindowLook $look,
        private float $px,
        private float $scale,
    ) {
    }

    public function lineHeight(): float
    {
        return $this->face->lineHeight($this->px) * $this->scale;
    }

    /** Of letters that stand below each other. */
    public function letterHeight(): float
    {
        return $this->face->letterHeight($this->px) * $this->scale;
    }

    /** From the top of a line. */
    public function baseline(): float
    {
        return $this->face->baseline($this->px) * $this->scale;
    }

    public function width(string $text): float
    {
        return $this->advances($text) * $this->scale;
    }

    /**
     * @param  float  $room  px of the page, after which a text that wraps is broken
     * @return non-empty-list<string>
     */
    public function lines(string $text, float $room): array
    {
        return $this->look->wrap ? Lines::of($text, (int) round($room / $this->scale), $this->advances(...)) : explode("\n", $text);
    }

    /**
     * Draws lines below each other.
     *
     * @param  list<string>  $lines
     * @param  Box  $box  whose height does not matter
     */
    public function block(Canvas $canvas, array $lines, string $align, Box $box): void
    {
        foreach ($lines as $at => $line) {
            $room = $box->width - $this->width($line);
            $x = $box->x + match ($align) {
                'right' => $room,
                'center' => $room / 2,
                default => 0.0,
            };
            $this->line($canvas, $line, $x, $box->y + $at * $this->lineHeight());
        }
    }

    /** @param  float  $y  of the top of the line */
    public function line(Canvas $canvas, string $text, float $x, float $y): void
    {
        $baseline = $y + $this->baseline();
        $begin = $x;
        foreach (self::seen($text) as [$piece, $isSeen]) {
            $isSeen && trim($piece) !== '' && $canvas->text($x, $baseline, $piece, $this->style);
            $x += $this->width($piece);
        }
        $thickness = max(1.0, round($this->px / 16)) * $this->scale;
        $under = match ($this->look->underline) {
            'none' => [],
            'double' => [0.11, 0.24],
            default => [0.13],
        };
        foreach ([...$under, ...($this->look->strike ? [-0.26] : [])] as $depth) {
            $level = $baseline + $depth * $this->style->size;
            $canvas->stroke($begin, $level, $x, $level, $thickness, $this->style->ink);
        }
    }

    private function advances(string $text): float
    {
        return $this->face->advances(str_contains($text, Formatted::PAD) ? str_replace(Formatted::PAD, '', $text) : $text, $this->px);
    }

    /**
     * Room that a number format asks for is kept, and not drawn.
     *
     * @return list<array{string, bool}>
     */
    private static function seen(string $text): array
    {
        if (! str_contains($text, Formatted::PAD)) {
            return [[$text, true]];
        }
        $pieces = [];
        foreach (preg_split('/\x{F8F0}(.)/su', $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $at => $piece) {
            $piece === '' || $pieces[] = [$piece, $at % 2 === 0];
        }

        return $pieces;
    }
}
