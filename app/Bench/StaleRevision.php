<?php

declare(strict_types=1);

namespace App\Bench;

use Rilvet\Refusal;

/** The workbook was changed elsewhere since the person saw it. Nothing was done, and nothing is lost. */
final class StaleRevision extends Refusal
{
    public int $revision = 0;

    public static function now(int $revision): self
    {
        $refusal = new self('This workbook was changed in another window. What you see is brought up to date; do your last step again.');
        $refusal->revision = $revision;

        return $refusal;
    }
}
