<?php

declare(strict_types=1);

namespace App\CommandLine;

use App\Files\Opening;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Refusal;
use Rilvet\Work\Workbook;

/** Opens files for the command line: cells stay in memory, compressed, and no database is needed. */
final class Files
{
    /** @throws Refusal */
    public static function open(string $path): Workbook
    {
        if (! is_file($path)) {
            throw FileIsWrong::package('there is no such file');
        }
        if (! is_readable($path)) {
            throw FileIsWrong::package('the file may not be read');
        }

        return (new Opening(fn (int $sheet) => new MemoryBlockStore))->open($path, basename($path));
    }
}
