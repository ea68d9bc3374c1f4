<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;

/**
 * Fills of one hue that belong together: dark for headings, light for data, stronger than the data for totals. Lightness
 * is set in OKLCH, so that families of any hue are equally far apart; each fill has the ink that reads best on it.
 */
final readonly class ColourFamily
{
    /** Lightness, and how much of the colour's chroma is kept. */
    private const STEPS = ['heading' => [0.40, 1.0], 'body' => [0.965, 0.15], 'subtotal' => [0.92, 0.35], 'total' => [0.86, 0.55]];

    private function __construct(private Oklch $base)
    {
    }

    public static function of(Colour $colour): self
    {
        return new self(Oklch::of($colour));
    }

    /** @return non-empty-array<string, Look> fill and ink by part */
    public function looks(): array
    {
        return array_map(function (array $step) {
            $fill = (new Oklch($step[0], $this->base->c * $step[1], $this->base->h))->colour();

            return Look::of(['fill' => $fill->toHex(), 'ink' => Palette::of([])->readableInk($fill)->toHex()]);
        }, self::STEPS);
    }

    /** The stylebook with its headings and totals in this family, and its stripes, or else its body. */
    public function on(Stylebook $stylebook): Stylebook
    {
        foreach ($this->looks() as $part => $look) {
            $stylebook = $part === Part::Body->value ? $stylebook->striping($look) : $stylebook->saying(Part::from($part), null, $look);
        }

        return $stylebook;
    }
}
