<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\GiveRole;
use Rilvet\Guard\Role;

/** Says what sheets are for; null lets that be read again. */
final readonly class SayRole implements WiredAct
{
    public const NAME = 'role';

    public const ARGUMENTS = "{ role: string | null; purpose?: string; sheets?: number[] | 'all' }";

    public function act(Arguments $given): Act
    {
        $role = $given->textOrNull('role');
        $purpose = $given->textOrNull('purpose');
        $purpose === null || mb_strlen($purpose) <= 200 || throw ActIsWrong::argument('purpose', 'at most 200 characters');

        return new GiveRole($given->sheets(),
            $role === null ? null : Role::tryFrom($role) ?? throw ActIsWrong::argument('role', 'what a sheet can be for'), $purpose);
    }
}
