<?php

declare(strict_types=1);

namespace Rilvet\Package;

/** How much a package may hold: entries, bytes of all of them together, and how many times an entry may expand. */
final readonly class PackageLimits
{
    public function __construct(public int $entries = 5_000, public int $expanded = 4_294_967_296, public int $ratio = 400)
    {
    }
}
