<?php

declare(strict_types=1);

namespace App\Bench;

use Rilvet\Refusal;

/** The workbook was changed elsewhere since the person saw it. Nothing was done, and nothing is lost. */
final class StaleRevision extends Refusal
{
    public int $revision = 0;

    /** What is asked for was done before: its answer got lost. */
    public bool $done = false;

    /** What was done then, in words. */
    public ?string $words = null;

    public static function now(int $revision): self
    {
        $refusal = new self(
            'Somebody else changed meanwhile what your last step goes to. You see the newest state now; your step is kept.',
        );
        $refusal->revision = $revision;

        return $refusal;
    }

    public static function done(int $revision, ?string $words = null): self
    {
        $refusal = new self('This step was done already.');
        $refusal->revision = $revision;
        $refusal->done = true;
        $refusal->words = $words;

        return $refusal;
    }
}
