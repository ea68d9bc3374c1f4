<?php

declare(strict_types=1);

namespace Rilvet\Routine;

/** Something of a routine that was not done. */
final readonly class Note
{
    /**
     * @param  int  $step  which, from 1
     * @param  string  $words  what it would have done
     * @param  string|null  $sheet  where; null where none of its sheets is there
     */
    public function __construct(public int $step, public string $words, public ?string $sheet, public string $why)
    {
    }

    /** "Step 2, Body of Amount: bold (Stock): There is no column ..." */
    public function line(): string
    {
        return "Step $this->step, $this->words".($this->sheet === null ? '' : " ($this->sheet)").": $this->why";
    }
}
