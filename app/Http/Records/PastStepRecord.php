<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\Routines;
use App\Models\Change;

/** A step of the history, and whether it can be part of a routine. */
final readonly class PastStepRecord
{
    /** @param  StepRecord|null  $step  null where it cannot be done again elsewhere */
    public function __construct(public int $id, public string $words, public ?StepRecord $step)
    {
    }

    public static function of(Change $change): self
    {
        $step = Routines::step($change);

        return new self($change->id, $change->words, $step === null ? null : StepRecord::of($step));
    }
}
