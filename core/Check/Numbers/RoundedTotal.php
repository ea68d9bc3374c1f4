<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;

/** Shown parts that do not add up. */
final readonly class RoundedTotal implements SheetCheck
{
    public function about(): About
    {
        return new About('rounded-total', 'Shown parts that do not add up',
            'Who adds up what the sheet shows comes to another total than the one below it.', Severity::Look, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->truths() as $note) {
            if ($note->kind === 'total') {
                yield $sheet->finding($this, $note->ranges, $note->count, $note->reason);
            }
        }
    }
}
