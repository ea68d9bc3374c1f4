<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** A check of sheets beside each other: of one workbook, or of several. */
interface WorkbookCheck extends Check
{
    /**
     * @param  list<Checked>  $sheets
     * @return iterable<array{Checked, Finding}> each with the sheet that it is about
     */
    public function across(array $sheets): iterable;
}
