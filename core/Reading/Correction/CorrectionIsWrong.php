<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Refusal;

final class CorrectionIsWrong extends Refusal
{
    public static function because(string $why): self
    {
        return new self("The reading cannot be corrected like that: $why.");
    }
}
