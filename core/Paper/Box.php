<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** A rectangle on a page, px. */
final readonly class Box
{
    public function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }

    /** Whether another lies right beside it, and is as high. */
    public function continues(self $next): bool
    {
        return abs($next->x - $this->x - $this->width) < 0.01 && abs($next->y - $this->y) < 0.01
            && abs($next->height - $this->height) < 0.01;
    }

    public function with(self $next): self
    {
        return new self($this->x, $this->y, $next->x + $next->width - $this->x, $this->height);
    }
}
