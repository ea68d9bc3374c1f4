<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** One way to lay a sheet on pages, and why it is so. */
final readonly class Choice
{
    /**
     * @param  float  $wanted  the scale that the rules ask for; more than is taken where the smallest type would be too small
     * @param  float  $text  size of the smallest type on the pages, pt
     * @param  list<PageArea>  $areas
     * @param  bool  $isOwn  the direction was chosen here, since nobody said it
     */
    public function __construct(
        public bool $isTurned,
        public float $scale,
        public float $wanted,
        public float $text,
        public array $areas,
        public bool $isOwn = false,
    ) {
    }

    /** The type would be smaller than can be read, so it takes more pages instead. */
    public function isHeld(): bool
    {
        return $this->wanted < $this->scale - 1e-6;
    }

    public function pages(): int
    {
        return array_sum(array_map(fn (PageArea $area) => $area->pages(), $this->areas));
    }

    public function across(): int
    {
        return max([0, ...array_map(fn (PageArea $area) => count($area->columns), $this->areas)]);
    }
}
