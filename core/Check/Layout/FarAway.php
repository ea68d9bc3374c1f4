<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\RowCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Check\Watch;
use Rilvet\Reading\TableReading;

/** Cells far away from all the rest. */
final readonly class FarAway implements RowCheck
{
    public function about(): About
    {
        return new About('far-away', 'Data far away from the rest',
            'Nobody sees it, and it makes every scroll bar and every print longer.', Severity::Look, Subject::Reading);
    }

    public function watch(Checked $sheet, ?TableReading $table): ?Watch
    {
        return $table === null ? new FarAwayWatch($this, $sheet) : null;
    }
}
