<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Reading\Part;

/** The look that a cell wears in the end, with the layers it came from, lowest first. */
final readonly class Worn
{
    public Look $look;

    /** @param  list<array{Layer, Look}>  $layers */
    public function __construct(public int $number, public array $layers, public ?Part $part = null)
    {
        $this->look = array_reduce($layers, fn (Look $look, array $layer) => $look->under($layer[1]), Look::none());
    }

    /** The layer that an attribute came from: the highest that says it. */
    public function from(Attribute $attribute): ?Layer
    {
        foreach (array_reverse($this->layers) as [$layer, $look]) {
            if ($look->get($attribute) !== null) {
                return $layer;
            }
        }

        return null;
    }
}
