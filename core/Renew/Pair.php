<?php

declare(strict_types=1);

namespace Rilvet\Renew;

/** A column of the new data and the one that it goes into; one of the two may be missing. */
final readonly class Pair
{
    /**
     * @param  int|null  $from  column of the new data; null where it has none
     * @param  int|null  $to  column of the table; null where it has none yet
     * @param  string  $heading  of the table, or of the new data where the table has none
     * @param  string|null  $other  the heading in the new data, where it is another
     * @param  float|null  $share  of what the new column holds, how much the old one holds too, 0 to 1; null where the headings say it
     * @param  bool  $isFormula  the table works it out, and goes on doing so
     * @param  bool  $isLeft  a column of the new data that is not wanted
     * @param  bool  $isGone  a column of the table that is taken out
     */
    public function __construct(
        public ?int $from,
        public ?int $to,
        public string $heading,
        public ?string $other = null,
        public ?float $share = null,
        public bool $isFormula = false,
        public bool $isLeft = false,
        public bool $isGone = false,
    ) {
    }

    /** Whether values go from one to the other. */
    public function carries(): bool
    {
        return $this->from !== null && ! $this->isLeft && ! $this->isFormula;
    }

    public function isNew(): bool
    {
        return $this->from !== null && $this->to === null && ! $this->isLeft;
    }

    /** What it comes to: "same", "renamed", "new", "left", "missing", "gone", "formula". */
    public function state(): string
    {
        return match (true) {
            $this->isLeft => 'left',
            $this->isGone => 'gone',
            $this->from === null => $this->isFormula ? 'formula' : 'missing',
            $this->to === null => 'new',
            $this->isFormula => 'formula',
            default => $this->other === null ? 'same' : 'renamed',
        };
    }
}
