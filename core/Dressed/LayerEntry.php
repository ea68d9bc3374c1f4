<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Look;

/** What one layer says of a cell. */
final readonly class LayerEntry
{
    /** @param  string|null  $name  what it is called, where a layer has several that are told apart */
    public function __construct(public Layer $layer, public Look $look, public ?string $name = null)
    {
    }
}
