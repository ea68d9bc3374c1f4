<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Renew\Pair;

/** A column of the new data and the one that it goes into. */
final readonly class RenewalColumnRecord
{
    /**
     * @param  int|null  $from  column of the new data
     * @param  int|null  $to  column of the table
     * @param  string|null  $other  the heading in the new data, where it is another
     * @param  float|null  $share  how much of what the one holds the other holds too, 0 to 1
     * @param  string  $state  same, renamed, new, left, missing, gone, formula
     */
    public function __construct(
        public ?int $from,
        public ?int $to,
        public string $heading,
        public ?string $other,
        public ?float $share,
        public string $state,
    ) {
    }

    public static function of(Pair $pair): self
    {
        return new self($pair->from, $pair->to, $pair->heading, $pair->other, $pair->share, $pair->state());
    }
}
