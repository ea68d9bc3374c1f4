<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Look;

/** What one layer says of a cell. */
final readonly class LayerEntry
{
    public function __construct(public Layer $layer, public Look $look)
    {
    }
}
