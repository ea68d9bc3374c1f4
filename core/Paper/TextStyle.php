<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** The type that a text is set in. */
final readonly class TextStyle
{
    /** @param  float  $size  px */
    public function __construct(public string $family, public bool $bold, public bool $italic, public float $size, public string $ink)
    {
    }

    public function key(): string
    {
        return "$this->family|".($this->bold ? 'b' : '')
            .($this->italic ? 'i' : '')."|$this->size|$this->ink";
    }
}
