<?php

declare(strict_types=1);

namespace Rilvet\Package;

/** What a part points at: a part of the package, or something outside of it (ISO/IEC 29500-2, 9.3). */
final readonly class Relationship
{
    /**
     * @param  string  $kind  the last word of its type, the same for strict and transitional packages: worksheet, styles, theme
     * @param  string  $target  name of a part, or an address where it is outside
     */
    public function __construct(public string $id, public string $kind, public string $target, public bool $outside)
    {
    }
}
