<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\FollowRoles;

/** Colours, hides, protects and orders sheets by what they are for. */
final readonly class ByRole implements WiredAct
{
    public const NAME = 'followRoles';

    public const ARGUMENTS = "{ sheets?: number[] | 'all'; order?: boolean }";

    public function act(Arguments $given): Act
    {
        return new FollowRoles($given->sheets(), $given->flag('order'));
    }
}
