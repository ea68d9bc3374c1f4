<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** A resolved look as the browser paints it; sizes in px. */
final readonly class WindowLook
{
    public function __construct(
        public string $font,
        public float $size,
        public bool $bold,
        public bool $italic,
        public string $underline,
        public bool $strike,
        public string $script,
        public string $ink,
        public ?string $fill,
        public string $vertical,
        public int $indent,
        public bool $wrap,
        public int $rotation,
    ) {
    }
}
