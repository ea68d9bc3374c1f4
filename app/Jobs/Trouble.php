<?php

declare(strict_types=1);

namespace App\Jobs;

use Rilvet\Refusal;
use Throwable;

/** What a person is told of work that could not be done. */
final class Trouble
{
    public const DISK = 'The disk of the server is full. Nothing was stored and nothing was lost; make room on it, and do it again.';

    public static function words(Throwable $fault, string $else): string
    {
        return match (true) {
            $fault instanceof Refusal => $fault->getMessage(),
            self::isFullDisk($fault) => self::DISK,
            default => $else,
        };
    }

    public static function isFullDisk(Throwable $fault): bool
    {
        for ($cause = $fault; $cause !== null; $cause = $cause->getPrevious()) {
            if (
                preg_match(
                    '/database or disk is full|No space left on device|disk I\/O error|possibly out of free disk space/i',
                    $cause->getMessage(),
                ) === 1
            ) {
                return true;
            }
        }

        return false;
    }
}
