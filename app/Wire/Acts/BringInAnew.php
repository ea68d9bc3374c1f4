<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\GivenRenewal;
use App\Wire\WiredAct;
use Rilvet\Act\Act;

/** Brings the data of another workbook, or of a file that came for it, into a table. */
final readonly class BringInAnew implements WiredAct
{
    public const NAME = 'bringAnew';

    public const ARGUMENTS = GivenRenewal::TYPE;

    public function act(Arguments $given): Act
    {
        return GivenRenewal::act($given);
    }
}
