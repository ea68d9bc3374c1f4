<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

/** A stylebook is to change from a sheet that would not follow. */
final class VersionIsHeld extends Refusal
{
    public static function by(string $sheet, int $version): self
    {
        return new self(
            "\"$sheet\" holds version $version of its stylebook and would not change with it. Let the sheet follow the newest first.",
        );
    }
}
