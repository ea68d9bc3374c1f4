<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Act\ConvertCells;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;

/** Percents a hundred times too great. */
final readonly class WholePercents implements SheetCheck
{
    public function about(): About
    {
        return new About('whole-percents', 'Percents a hundred times too great',
            'A share of ten percent is kept as 0.1; kept as 10 it shows as 1,000 %.', Severity::Wrong, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->truths() as $note) {
            if ($note->kind === 'percent') {
                yield $sheet->finding($this, $note->ranges, $note->count, $note->reason, [],
                    Mend::values(new ConvertCells($sheet->targets($note->ranges), 'hundredths'), $note->count));
            }
        }
    }
}
