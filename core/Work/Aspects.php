<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** What a sheet knows beside its cells, its reading, its dress and its sizes; what is not held is at its default. */
final readonly class Aspects
{
    /** @param  array<class-string<Aspect>, Aspect>  $held */
    public function __construct(public array $held = [])
    {
    }

    public static function of(Aspect ...$aspects): self
    {
        $held = [];
        foreach ($aspects as $aspect) {
            $held[$aspect::class] = $aspect;
        }

        return new self($held);
    }

    /**
     * @template TAspect of Aspect
     *
     * @param  class-string<TAspect>  $class
     * @return TAspect
     */
    public function get(string $class): Aspect
    {
        $held = $this->held[$class] ?? null;

        return $held instanceof $class ? $held : $class::fromJson(null);
    }

    public function with(Aspect ...$aspects): self
    {
        $held = $this->held;
        foreach ($aspects as $aspect) {
            $held[$aspect::class] = $aspect;
        }

        return new self($held);
    }

    public function moved(Shift|RowOrder $move): self
    {
        return new self(array_map(fn (Aspect $aspect) => $aspect->moved($move), $this->held));
    }
}
