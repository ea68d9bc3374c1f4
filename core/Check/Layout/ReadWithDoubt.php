<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;

/** A table that may be something else. */
final readonly class ReadWithDoubt implements SheetCheck
{
    public function about(): About
    {
        return new About('read-with-doubt', 'Tables read with doubt',
            'Looks follow what a table is read as, and it may be read wrongly.', Severity::Note, Subject::Reading);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->tables() as $table) {
            if ($table->confidence < 0.5 && $table->range->cells() >= 12) {
                yield $sheet->finding($this, $table->range, 1, "The table of $table->range is read with ".round(100 * $table->confidence).
                    ' % certainty: look whether its headings, data and totals are what they are taken for.');
            }
        }
    }
}
