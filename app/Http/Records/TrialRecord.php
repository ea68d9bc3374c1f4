<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Look\Look;

/** A conditional look while it is written. */
final readonly class TrialRecord
{
    /**
     * @param  int  $worn  cells that would wear it
     * @param  int  $of  cells that were asked
     * @param  list<OccurringRecord>  $values  that stand in the column, the most frequent first
     * @param  float|null  $contrast  of ink on fill, where it says either
     * @param  string|null  $told  by what it is told apart without its colour; null for by its hue alone
     * @param  list<PressRecord>  $presses  looks for what stands out, made of what the cells wear
     * @param  list<string>  $tints  for a bar, for the least and for the greatest of a scale
     * @param  string|null  $why  it cannot be used as it is
     */
    public function __construct(
        public string $sentence,
        public int $worn,
        public int $of,
        public bool $counted,
        public array $values,
        public ?float $contrast,
        public ?string $told,
        public array $presses,
        public ?string $why,
        public Look $plain,
        public array $tints,
    ) {
    }
}
