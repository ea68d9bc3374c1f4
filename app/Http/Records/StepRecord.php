<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Routine\Alternatives;
use Rilvet\Routine\Step;

/** A step of a routine, as a sentence. */
final readonly class StepRecord
{
    /**
     * @param  string  $does  what kind of step it is
     * @param  string  $step  as JSON, to be sent back as it is
     * @param  bool  $isSure  its place says the cells that were meant, and no others
     * @param  string|null  $said  the addresses that were meant
     * @param  list<StepChoiceRecord>  $choices  what its place could mean, as it is first
     */
    public function __construct(
        public string $words,
        public string $does,
        public string $step,
        public bool $isSure,
        public ?string $said,
        public array $choices,
    ) {
    }

    public static function of(Step $step): self
    {
        $choices = array_map(StepChoiceRecord::of(...), Alternatives::of($step));

        return new self($step->words(), $step->does, $choices[0]->step, $step->isSure, $step->said, $choices);
    }
}
