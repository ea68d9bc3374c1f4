<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\ProtectOrder;
use Rilvet\Guard\Password;

/** Protects the order of the sheets, or lifts that. */
final readonly class GuardOrder implements WiredAct
{
    public const NAME = 'protectOrder';

    public const ARGUMENTS = '{ on: boolean; password?: string | null }';

    public function act(Arguments $given): Act
    {
        $password = $given->textOrNull('password') ?? '';
        $isOn = $given->flag('on');

        return new ProtectOrder($isOn, $isOn && $password !== '' ? Password::made($password) : null, $password);
    }
}
