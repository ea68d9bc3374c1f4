<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** A store of row blocks that keeps what was worked out of a block beside it, for as long as the block is the same. */
interface KeepsFigures
{
    /**
     * @param  string  $key  what it was worked out with
     * @return string|null null where it is not known, or no longer
     */
    public function figures(int $number, string $key): ?string;

    public function keepFigures(int $number, string $key, string $json): void;
}
