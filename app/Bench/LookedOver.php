<?php

declare(strict_types=1);

namespace App\Bench;

use Rilvet\Check\Finding;

/** What was found in a workbook so far. */
final readonly class LookedOver
{
    /**
     * @param  list<Finding>  $findings  the worst first
     * @param  int  $looked  sheets that are looked over
     * @param  int  $sheets  in all
     */
    public function __construct(public array $findings, public int $looked, public int $sheets)
    {
    }
}
