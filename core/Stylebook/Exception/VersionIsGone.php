<?php

declare(strict_types=1);

namespace Rilvet\Stylebook\Exception;

use Rilvet\Refusal;

/** A sheet wears, or a person asks for, what is not on the shelf any more. */
final class VersionIsGone extends Refusal
{
    public static function stylebook(int $id): self
    {
        return new self("The stylebook that is wanted (number $id) is not on the shelf any more.");
    }

    public static function draft(): self
    {
        return new self('There is no draft of this stylebook any more: somebody gave it up. Open it again.');
    }

    public static function version(int $number): self
    {
        return new self("Version $number of this stylebook is not kept any more.");
    }
}
