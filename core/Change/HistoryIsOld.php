<?php

declare(strict_types=1);

namespace Rilvet\Change;

use Rilvet\Refusal;

/** A step of the history was written by an earlier version, in a way that is no longer read. */
final class HistoryIsOld extends Refusal
{
    public static function patch(string $what): self
    {
        $said = $what === 'shift' ? 'put rows or columns in or took them out' : "changed \"$what\"";

        return new self("This step $said in an earlier version of Rilvet, and cannot be taken back. Everything stays as it is.");
    }
}
