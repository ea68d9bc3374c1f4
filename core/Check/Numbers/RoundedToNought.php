<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;

/** Figures shown as nought. */
final readonly class RoundedToNought implements SheetCheck
{
    public function about(): About
    {
        return new About('rounded-to-nought', 'Figures shown as nought',
            'A reader takes them for nothing at all.', Severity::Look, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->truths() as $note) {
            if ($note->kind === 'hidden') {
                yield $sheet->finding($this, $note->ranges, $note->count, $note->reason);
            }
        }
    }
}
