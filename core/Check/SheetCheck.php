<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** A check of what is known of a sheet without going through its cells. */
interface SheetCheck extends Check
{
    /** @return iterable<Finding> */
    public function find(Checked $sheet): iterable;
}
