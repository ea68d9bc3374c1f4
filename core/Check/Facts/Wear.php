<?php

declare(strict_types=1);

namespace Rilvet\Check\Facts;

use Rilvet\Check\Places;
use Rilvet\Dressed\ResolvedLook;

/** A look, and where in a column it is worn. */
final readonly class Wear
{
    public function __construct(public ResolvedLook $look, public Places $places)
    {
    }

    /** With the places of another that is worn in the same column. */
    public function and(self $other): self
    {
        return new self($this->look, Places::together($this->places, $other->places));
    }
}
