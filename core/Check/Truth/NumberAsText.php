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

/** Numbers that are kept as texts in a column of numbers. */
final readonly class NumberAsText implements RowCheck
{
    public function about(): About
    {
        return new About('number-as-text', 'Numbers kept as texts',
            'Sums pass over them, and sorting puts them after all others.', Severity::Wrong, Subject::Numbers);
    }

    public function watch(Checked $sheet, ?TableReading $table): ?Watch
    {
        return $table === null ? null : new NumberAsTextWatch($this, $sheet, $table);
    }
}
