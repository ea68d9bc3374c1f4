<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Check\About;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Check\WorkbookCheck;
use Rilvet\Look\Look;

/** Sheets with the same headings that look different. */
final readonly class SheetsDiffer implements WorkbookCheck
{
    public function about(): About
    {
        return new About('sheets-differ', 'Sheets of one kind that look different',
            'Who turns from one to the other has to find everything anew.', Severity::Look, Subject::Consistency);
    }

    public function across(array $sheets): iterable
    {
        foreach (SheetKinds::of($sheets) as $kind) {
            yield from $kind->differing($this);
        }
    }
}
