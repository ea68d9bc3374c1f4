<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;

/** Formulas in a circle. */
final readonly class Circle implements SheetCheck
{
    public function about(): About
    {
        return new About('circle', 'Formulas in a circle',
            'None of them has a result.', Severity::Wrong, Subject::Truth);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->truths() as $note) {
            if ($note->kind === 'circle') {
                yield $sheet->finding($this, $note->ranges, $note->count, $note->reason);
            }
        }
    }
}
