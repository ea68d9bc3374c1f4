<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Rilvet\Stylebook\Stylebook;

/** A stylebook that was learned, and what each of its rules rests on. */
final readonly class Learned
{
    /** @param  list<Rule>  $rules */
    public function __construct(public Stylebook $stylebook, public array $rules)
    {
    }
}
