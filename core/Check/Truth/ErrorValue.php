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

/** Cells that give an error value (ISO/IEC 29500-1 18.17.3). */
final readonly class ErrorValue implements RowCheck
{
    public function about(): About
    {
        return new About('error-value', 'Error values',
            'Whoever reads the sheet does not get the figure, and whatever is worked out from it fails as well.', Severity::Wrong,
            Subject::Truth);
    }

    public function watch(Checked $sheet, ?TableReading $table): ?Watch
    {
        return $table === null ? new ErrorWatch($this, $sheet) : null;
    }
}
