<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\FollowsNames;
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

    /**
     * What names other sheets, after those have moved or are called otherwise; the same where nothing of it changes.
     *
     * @param  callable(string): string  $change  of a formula that names a sheet
     */
    public function following(callable $change): self
    {
        $held = array_map(fn (Aspect $aspect) => $aspect instanceof FollowsNames ? $aspect->following($change) : $aspect, $this->held);

        return $held === $this->held ? $this : new self($held);
    }

    /**
     * Whether any of them may look at another sheet.
     *
     * @param  array<string, string>  $names  defined names
     */
    public function looksAway(array $names): bool
    {
        foreach ($this->held as $aspect) {
            if ($aspect instanceof FollowsNames && $aspect->looksAway($names)) {
                return true;
            }
        }

        return false;
    }

    public function moved(Shift|RowOrder $move): self
    {
        return new self(array_map(fn (Aspect $aspect) => $aspect->moved($move), $this->held));
    }
}
