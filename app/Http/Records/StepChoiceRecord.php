<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Routine\Step;

/** A step as it could be meant. */
final readonly class StepChoiceRecord
{
    /**
     * @param  string  $place  where, in words
     * @param  string  $step  as JSON, to be sent back as it is
     */
    public function __construct(public string $place, public string $step)
    {
    }

    public static function of(Step $step): self
    {
        return new self(($step->at?->words() ?? 'The sheet').($step->sheets === null ? ', every sheet' : ', '.implode(', ', $step->sheets)),
            json_encode($step->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }
}
