<?php

declare(strict_types=1);

namespace App\Wire;

use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Look\Look;
use Rilvet\Refusal;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** A change of a stylebook as the browser asks for it; named and typed as a {@see WiredAct} is. */
interface WiredRevision
{
    /** Whether it goes to what the workbook itself has: a colour or look named without a stylebook, or one that no stylebook holds. */
    public function isOwn(Worksheet $sheet, Arguments $given): bool;

    /**
     * @param  Closure(): Look  $selected  the look of the selection
     *
     * @throws Refusal
     */
    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook;
}
