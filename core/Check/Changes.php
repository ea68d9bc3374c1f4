<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** What mending changes, at the most. */
enum Changes: string
{
    case Looks = 'looks';
    case Formulas = 'formulas';
    case Values = 'values';

    public function words(): string
    {
        return $this === self::Looks ? 'changes no value' : "changes $this->value";
    }
}
