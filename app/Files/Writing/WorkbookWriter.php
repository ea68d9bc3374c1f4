<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Work\Workbook;

interface WorkbookWriter
{
    /**
     * Writes a workbook to a path. The file is whole or not there: what is unfinished never has the path's name.
     *
     * @param  (callable(int): void)|null  $progress  told the number of rows done
     */
    public function write(Workbook $workbook, string $path, ?callable $progress = null): void;

    /**
     * Reads the written file back and compares it with the workbook, cell by cell.
     *
     * @param  (callable(int): void)|null  $progress  told the number of rows compared
     */
    public function prove(Workbook $workbook, string $path, ?callable $progress = null): Proof;
}
