<?php

declare(strict_types=1);

namespace Rilvet\Colour;

use Rilvet\Clamp;
use Rilvet\Colour\Exception\ColourIsWrong;

/** An opaque sRGB colour, 8 bits a channel (IEC 61966-2-1). */
final readonly class Colour
{
    private function __construct(public int $red, public int $green, public int $blue)
    {
    }

    /** @throws ColourIsWrong for anything but "#RRGGBB" or "RRGGBB" */
    public static function hex(string $text): self
    {
        if (preg_match('/^#?([0-9A-Fa-f]{6})$/', trim($text), $found) !== 1) {
            throw ColourIsWrong::text($text);
        }

        return new self(
            (int) hexdec(substr($found[1], 0, 2)),
            (int) hexdec(substr($found[1], 2, 2)),
            (int) hexdec(substr($found[1], 4, 2)),
        );
    }

    public static function rgb(int $red, int $green, int $blue): self
    {
        return new self(Clamp::of($red, 0, 255), Clamp::of($green, 0, 255), Clamp::of($blue, 0, 255));
    }

    public function toHex(): string
    {
        return sprintf('#%02X%02X%02X', $this->red, $this->green, $this->blue);
    }

    /** Relative luminance, 0 to 1, by WCAG 2.2 (definition of "relative luminance"). */
    public function luminance(): float
    {
        [$red, $green, $blue] = $this->linear();

        return 0.2126 * $red + 0.7152 * $green + 0.0722 * $blue;
    }

    /** Contrast ratio, 1 to 21, by WCAG 2.2 (definition of "contrast ratio"). */
    public function contrast(self $other): float
    {
        $a = $this->luminance();
        $b = $other->luminance();

        return (max($a, $b) + 0.05) / (min($a, $b) + 0.05);
    }

    /**
     * The most readable of some inks on this fill. The first that reaches 7:1 wins, so that a palette's own ink goes
     * before plain black; else the one with the greatest contrast.
     *
     * @param  non-empty-list<self>  $inks
     */
    public function readableInk(array $inks): self
    {
        $best = $inks[0];
        foreach ($inks as $ink) {
            if ($this->contrast($ink) >= 7.0) {
                return $ink;
            }
            $best = $this->contrast($ink) > $this->contrast($best) ? $ink : $best;
        }

        return $best;
    }

    /** @return array{float, float, float} linear-light channels, 0 to 1 */
    public function linear(): array
    {
        return [self::toLinear($this->red), self::toLinear($this->green), self::toLinear($this->blue)];
    }

    /** @param  array{float, float, float}  $channels linear light; values outside 0 to 1 are clipped */
    public static function fromLinear(array $channels): self
    {
        return self::rgb(self::fromChannel($channels[0]), self::fromChannel($channels[1]), self::fromChannel($channels[2]));
    }

    private static function toLinear(int $channel): float
    {
        $value = $channel / 255;

        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }

    private static function fromChannel(float $value): int
    {
        $value = Clamp::of($value, 0.0, 1.0);

        return (int) round(255 * ($value <= 0.0031308 ? 12.92 * $value : 1.055 * $value ** (1 / 2.4) - 0.055));
    }
}
