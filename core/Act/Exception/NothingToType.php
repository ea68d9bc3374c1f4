<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class NothingToType extends Refusal
{
    public static function column(string $name): self
    {
        return new self("Column $name did not come as text, so there is no typing to change.");
    }
}
