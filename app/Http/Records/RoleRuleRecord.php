<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Guard\Role;
use Rilvet\Stylebook\Stylebook;

/** What follows from what a sheet is for, by one stylebook. */
final readonly class RoleRuleRecord
{
    public function __construct(
        public string $role,
        public string $words,
        public ?string $colour,
        public bool $hidden,
        public bool $protected,
    ) {
    }

    public static function of(Role $role, Stylebook $stylebook): self
    {
        $rule = $stylebook->role($role);

        return new self($role->value, $role->words(), $rule->colour, $rule->isHidden, $rule->isProtected);
    }
}
