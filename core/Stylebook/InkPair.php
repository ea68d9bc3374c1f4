<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;

/** An ink on a fill, as the rules of a stylebook use them together, and how well it reads (WCAG 2.2, 1.4.3 and "large scale"). */
final readonly class InkPair
{
    public const LARGE = 3.0;

    public const USUAL = 4.5;

    /** Steps of lightness in which a better ink is looked for. */
    private const STEP = 0.005;

    /**
     * @param  list<string>  $where  places in the stylebook that the ink can be said at: "parts.heading"
     * @param  bool  $isLarge  all texts in it are large
     */
    public function __construct(public Colour $ink, public Colour $fill, public array $where, public bool $isLarge)
    {
    }

    public function ratio(): float
    {
        return $this->ink->contrast($this->fill);
    }

    /** What is wanted of it. */
    public function wanted(): float
    {
        return $this->isLarge ? self::LARGE : self::USUAL;
    }

    public function passes(): bool
    {
        return $this->ratio() >= $this->wanted();
    }

    /** The ink of the same hue, nearest to this one, that can be read on the fill. */
    public function better(): Colour
    {
        if ($this->passes()) {
            return $this->ink;
        }
        $base = Oklch::of($this->ink);
        $found = [];
        foreach ([-1, 1] as $way) {
            for ($light = $base->l; $light >= 0 && $light <= 1; $light += $way * self::STEP) {
                $ink = (new Oklch($light, $base->c, $base->h))->colour();
                if ($ink->contrast($this->fill) >= $this->wanted()) {
                    $found[(string) round(abs($light - $base->l), 4)] ??= $ink;
                    break;
                }
            }
        }
        ksort($found, SORT_NUMERIC);

        return reset($found) ?: $this->fill->readableInk([Colour::hex('#111111'), Colour::hex('#FFFFFF')]);
    }
}
