<?php

declare(strict_types=1);

namespace Rilvet\Window;

/** One layer of a cell's layers: where it is from and what it says. */
final readonly class LayerView
{
    public function __construct(public int $layer, public string $from, public string $says)
    {
    }
}
