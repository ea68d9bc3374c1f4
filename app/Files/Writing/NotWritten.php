<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Refusal;

/** A file that was asked for and is not there. */
final class NotWritten extends Refusal
{
    public static function format(string $ending): self
    {
        return new self("nothing is written as \"$ending\".");
    }

    /** @param  list<string>  $places */
    public static function differs(array $places): self
    {
        return new self('the written file differs at '.implode(', ', $places));
    }
}
