<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Change\Change;
use Rilvet\Work\Workbook;

/** What an act came to. */
final readonly class Outcome
{
    public function __construct(private Act $act, public Workbook $before, public Workbook $after)
    {
    }

    /** What has to be saved of it: worked out only where it is. */
    public function change(): Change
    {
        return Change::between($this->before, $this->after, $this->words(), $this->act->reach()->isOfData);
    }

    public function words(): string
    {
        return $this->act->words($this->before);
    }
}
