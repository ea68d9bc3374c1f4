<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Check\About;

/** A kind of finding that a batch can mend. */
final readonly class MendableRecord
{
    /** @param  string  $reason  why it matters */
    public function __construct(public string $name, public string $title, public string $reason)
    {
    }

    public static function of(About $about): self
    {
        return new self($about->name, $about->title, $about->reason);
    }
}
