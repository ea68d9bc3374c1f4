<?php

declare(strict_types=1);

namespace App\Files;

/** How much a file may hold. The figures stand in config/rilvet.php; the command line uses the same defaults. */
final readonly class Limits
{
    /**
     * @param  int  $bytes  of the file as it comes
     * @param  int  $entries  in a zip package
     * @param  int  $expanded  bytes of all entries together
     * @param  int  $ratio  expanded to compressed bytes of one entry
     * @param  int  $cells  in one workbook
     */
    public function __construct(
        public int $bytes = 256 * 1024 * 1024,
        public int $entries = 5_000,
        public int $expanded = 4 * 1024 * 1024 * 1024,
        public int $ratio = 400,
        public int $cells = 40_000_000,
    ) {
    }
}
