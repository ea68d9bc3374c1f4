<?php

declare(strict_types=1);

namespace Tests;

use App\Files\Opening;
use App\Files\Writing\Writers;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Work\Workbook;

/** A workbook as it comes back from a file that it was written to. */
final class ThroughFile
{
    /** @param  string  $ending  of the format */
    public static function of(Workbook $workbook, string $ending): Workbook
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'through');
        try {
            Writers::for($ending)?->write($workbook, $path);

            return (new Opening(fn () => new MemoryBlockStore))->open($path, "there.$ending");
        } finally {
            unlink($path);
        }
    }
}
