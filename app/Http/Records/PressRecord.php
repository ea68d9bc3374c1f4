<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Look\Look;

/** A look at one press. */
final readonly class PressRecord
{
    public function __construct(public string $name, public Look $look)
    {
    }
}
