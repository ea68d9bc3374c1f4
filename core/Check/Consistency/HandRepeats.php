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

/** What was formatted by hand as the stylebook says it anyway. */
final readonly class HandRepeats implements SheetCheck
{
    public function about(): About
    {
        return new About('hand-repeats', 'Hand touches that repeat the stylebook',
            'They hold on to the old look when the stylebook changes.', Severity::Note, Subject::Consistency);
    }

    public function find(Checked $sheet): iterable
    {
        [$ranges, $count] = HandTouched::of($sheet, true);
        if ($count > 0) {
            yield $sheet->finding($this, $ranges, $count, number_format($count).($count === 1 ? ' cell was' : ' cells were').
                ' formatted by hand as the stylebook formats them.', [], Mend::looks(new Wipe($sheet->targets($ranges), null)));
        }
    }
}
