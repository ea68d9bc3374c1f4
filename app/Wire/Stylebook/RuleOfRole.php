<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Guard\Role;
use Rilvet\Look\Attribute;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Says what follows from what a sheet is for; null lets that be the usual. */
final readonly class RuleOfRole implements WiredRevision
{
    public const NAME = 'roleRule';

    public const ARGUMENTS = '{ role: string; rule: { colour?: string | null; hidden?: boolean; protected?: boolean; '
        .'gridlines?: boolean | null; zoom?: number | null } | null }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        $role = Role::tryFrom($given->text('role')) ?? throw ActIsWrong::argument('role', 'what a sheet can be for');
        $rule = $given->mapOrNull('rule');
        if (isset($rule['colour'])) {
            $rule['colour'] = Edit::named($stylebook->palette, Attribute::Fill->value, $rule['colour']);
        }

        return new ReviseStylebook(Edit::put($stylebook, ['roles', $role->value], $rule), "Rule of the role {$role->words()}", false);
    }
}
