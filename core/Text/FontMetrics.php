<?php

declare(strict_types=1);

namespace Rilvet\Text;

/**
 * Advance widths of one face, from the very font files that the browser uses, and the width of a text in px as Chromium
 * measures it with kerning and ligatures off.
 *
 * @phpstan-type FaceData array{upem: int, ascent: int, descent: int, gap: int, advances: array<int, int>}
 */
final class FontMetrics
{
    /** Code points that take no room: soft hyphen, joiners, marks of direction. */
    private const NO_WIDTH = [0xAD, 0x200B, 0x200C, 0x200D, 0x200E, 0x200F, 0x2060, 0xFEFF];

    /** @var array<string, int> */
    private array $memo = [];

    private readonly bool $evenDigits;

    /**
     * @param  FaceData  $face
     * @param  FaceData|null  $fallback  for what the face lacks (symbols)
     */
    public function __construct(private readonly array $face, private readonly ?array $fallback = null)
    {
        $digits = array_map(fn (int $digit) => $face['advances'][$digit] ?? 0, range(48, 57));
        $this->evenDigits = count(array_unique($digits)) === 1;
    }

    /** The width that a column needs to show the text whole, its longest line, in whole px; right at device ratios 1, 1.25, 1.5 and 2. */
    public function fit(string $text, float $px): int
    {
        $units = str_contains($text, "\n") ? max(array_map($this->units(...), explode("\n", $text))) : $this->units($text);

        return (int) ceil($units * $px / $this->face['upem']);
    }

    /** The width of the text's box in the browser, in px, a multiple of 1/64. */
    public function width(string $text, float $px): float
    {
        $size = floor($px * 64) / 64;

        return ceil($this->units($text) * $size / $this->face['upem'] * 64 - 1e-6) / 64;
    }

    /** The sum of the advances in px, as the browser sets the text: what boxes are rounded from. Texts beside each other add up. */
    public function advances(string $text, float $px): float
    {
        return $this->units($text) * floor($px * 64) / 64 / $this->face['upem'];
    }

    /** Line height "normal" in px. */
    public function lineHeight(float $px): int
    {
        $k = $px / $this->face['upem'];

        return (int) (round($this->face['ascent'] * $k) + round(-$this->face['descent'] * $k) + round($this->face['gap'] * $k));
    }

    /** px from letter to letter where they stand upright below each other (CSS Writing Modes 4, 5.1: as high as ascent and descent). */
    public function letterHeight(float $px): int
    {
        $k = $px / $this->face['upem'];

        return (int) (round($this->face['ascent'] * $k) + round(-$this->face['descent'] * $k));
    }

    /** px from the top of a line to its baseline: half of what a line has beyond its letters stands above them (CSS 2.2, 10.8.1). */
    public function baseline(float $px): float
    {
        $k = $px / $this->face['upem'];
        $letters = round($this->face['ascent'] * $k) + round(-$this->face['descent'] * $k);

        return round($this->face['ascent'] * $k) + floor(($this->lineHeight($px) - $letters) / 2);
    }

    /** Greatest width of a digit in whole px, which the file format's column widths are counted in (18.3.1.13). */
    public function digitWidth(float $px): int
    {
        $widest = max(array_map(fn (int $digit) => $this->face['advances'][$digit] ?? 0, range(48, 57)));

        return (int) round($widest * $px / $this->face['upem']);
    }

    /** Sum of the advances, in the face's units. */
    private function units(string $text): int
    {
        $key = $this->evenDigits ? strtr($text, '123456789', '000000000') : $text;
        if (isset($this->memo[$key])) {
            return $this->memo[$key];
        }
        $sum = 0;
        if (preg_match('/[^\x20-\x7E]/', $key) !== 1) {
            // Each character counts as often as it stands there.
            foreach (count_chars($key, 1) as $point => $times) {
                $sum += $times * $this->advance($point);
            }

            return $this->kept($key, $sum);
        }
        $normal = \Normalizer::normalize($key) ?: $key;
        assert(is_string($normal));
        foreach (mb_str_split($normal) as $char) {
            $sum += $this->advance((int) mb_ord($char));
        }

        return $this->kept($key, $sum);
    }

    private function kept(string $key, int $sum): int
    {
        if (count($this->memo) > 50_000) {
            $this->memo = [];
        }

        return $this->memo[$key] = $sum;
    }

    private function advance(int $point): int
    {
        if ($point < 32 || in_array($point, self::NO_WIDTH, true)) {
            return 0;
        }
        if (isset($this->face['advances'][$point])) {
            return $this->face['advances'][$point];
        }
        if ($this->fallback !== null && isset($this->fallback['advances'][$point])) {
            return (int) round($this->fallback['advances'][$point] * $this->face['upem'] / $this->fallback['upem']);
        }

        // Unknown to every shipped face: a full em, which is right for ideographs and wide enough for the rest.
        return $this->face['upem'];
    }
}
