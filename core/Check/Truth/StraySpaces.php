<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\RowCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Check\Watch;
use Rilvet\Reading\TableReading;

/** Texts of a column that differ from others of it by spaces alone. */
final readonly class StraySpaces implements RowCheck
{
    public function about(): About
    {
        return new About('stray-spaces', 'Spaces that break matching',
            'One thing is counted, filtered and looked up as two.', Severity::Look, Subject::Consistency);
    }

    public function watch(Checked $sheet, ?TableReading $table): ?Watch
    {
        return $table === null ? null : new StraySpacesWatch($this, $sheet, $table);
    }
}
