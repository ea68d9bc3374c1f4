<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Act\Wipe;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;

/** What was formatted by hand otherwise than the stylebook says. */
final readonly class HandContradicts implements SheetCheck
{
    public function about(): About
    {
        return new About('hand-contradicts', 'Hand touches against the stylebook',
            'They may be meant; if not, they are what makes sheets drift apart.', Severity::Note, Subject::Consistency);
    }

    public function find(Checked $sheet): iterable
    {
        [$ranges, $count] = HandTouched::of($sheet, false);
        if ($count > 0) {
            yield $sheet->finding($this, $ranges, $count, number_format($count).($count === 1 ? ' cell says' : ' cells say').
                ' otherwise than the stylebook.', [], Mend::looks(new Wipe($sheet->targets($ranges), null)));
        }
    }
}
