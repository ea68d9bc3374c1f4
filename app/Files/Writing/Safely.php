<?php

declare(strict_types=1);

namespace App\Files\Writing;

use RuntimeException;
use Throwable;

/** Writes to a neighbour of the path and puts it in place when all is there. */
final class Safely
{
    /** @param  callable(string): void  $write */
    public static function to(string $path, callable $write): void
    {
        $unfinished = dirname($path).'/.'.basename($path).'.'.bin2hex(random_bytes(4)).'.part';
        try {
            $write($unfinished);
            if (! @rename($unfinished, $path)) {
                throw new RuntimeException('The file cannot be put in its place.');
            }
        } catch (Throwable $fault) {
            @unlink($unfinished);
            throw $fault;
        }
    }
}
