<?php

declare(strict_types=1);

namespace App\Files;

use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Look\LookBook;

/** Reads a workbook file sheet by sheet, row by row. Its looks are put into a book as they are met. */
interface WorkbookReader
{
    /**
     * @return iterable<IncomingSheet>
     *
     * @throws FileIsWrong
     */
    public function sheets(string $path, LookBook $looks): iterable;

    /** Whether dates count from 1904; known once the sheets were asked for. */
    public function from1904(): bool;

    /** @return array<string, string> defined names and what they refer to; known once the sheets were asked for */
    public function names(): array;
}
