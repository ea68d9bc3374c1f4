<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** Row blocks that a change has made, over those that are kept: they are put where the others stand when it is saved. */
final class FreshBlocks implements BlockStore, KeepsFigures
{
    private int $next;

    /**
     * @param  array<int, string>  $fresh  by their numbers
     * @param  array<int, string>  $formulas  what was worked out of their formulas, so that it is done once
     */
    private function __construct(public readonly BlockStore $beneath, public array $fresh = [], public array $formulas = [])
    {
        // Two changes may be made at once on one sheet, each not knowing of the other; numbers by chance keep their blocks apart.
        $this->next = random_int(1 << 24, 1 << 50);
    }

    public static function over(BlockStore $store): self
    {
        return $store instanceof self ? new self($store->beneath, $store->fresh, $store->formulas) : new self($store);
    }

    /** @return int the number of the new block */
    public function add(string $data): int
    {
        $this->fresh[$this->next] = $data;

        return $this->next++;
    }

    /** A number from which on none is taken, far from those of {@see add()}. */
    public function spare(): int
    {
        return $this->next + (1 << 21);
    }

    public function block(int $number): ?string
    {
        return $this->fresh[$number] ?? $this->beneath->block($number);
    }

    /** What is known of blocks that the change has not made. */
    public function figures(int $number, string $key): ?string
    {
        return $this->beneath instanceof KeepsFigures && ! isset($this->fresh[$number]) ? $this->beneath->figures($number, $key) : null;
    }

    public function keepFigures(int $number, string $key, string $json): void
    {
        if ($this->beneath instanceof KeepsFigures && ! isset($this->fresh[$number])) {
            $this->beneath->keepFigures($number, $key, $json);
        }
    }

    public function put(int $number, string $data): void
    {
        $this->fresh[$number] = $data;
    }
}
