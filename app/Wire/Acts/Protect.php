<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\ProtectSheet;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Exception\GuardIsWrong;
use Rilvet\Guard\Password;

/** Protects sheets; a password is hashed here, and is kept nowhere. */
final readonly class Protect implements WiredAct
{
    public const NAME = 'protect';

    public const ARGUMENTS = "{ allowed: string[]; password?: string | null; sheets?: number[] | 'all' }";

    public function act(Arguments $given): Act
    {
        $allowed = [];
        foreach ($given->texts('allowed') as $name) {
            $allowed[] = Allowance::tryFrom($name) ?? throw GuardIsWrong::noAllowance(mb_strimwidth($name, 0, 40, '…'));
        }
        $password = $given->textOrNull('password') ?? '';

        return new ProtectSheet(
            $given->sheets(), array_values(array_filter(Allowance::cases(), fn (Allowance $one) => in_array($one, $allowed, true))),
            $password === '' ? null : Password::made($password),
        );
    }
}
