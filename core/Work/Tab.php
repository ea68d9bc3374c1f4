<?php

declare(strict_types=1);

namespace Rilvet\Work;

/** How a sheet stands among the others. */
final readonly class Tab
{
    /**
     * @param  string|null  $colour  "#RRGGBB"
     * @param  string  $state  visible, hidden or veryHidden (18.18.68)
     */
    public function __construct(public ?string $colour = null, public string $state = 'visible', public bool $protected = false)
    {
    }
}
