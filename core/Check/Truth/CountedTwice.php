<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\RowCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Check\Watch;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/** A total that holds the subtotals above it once more. */
final readonly class CountedTwice implements RowCheck
{
    public function about(): About
    {
        return new About('counted-twice', 'Subtotals counted twice',
            'The total is about twice of what there is.', Severity::Wrong, Subject::Truth);
    }

    public function watch(Checked $sheet, ?TableReading $table): ?Watch
    {
        $rows = fn (Part $part) => array_values(array_filter($table->runs ?? [], fn (RowRun $run) => $run->part === $part));
        $total = $rows(Part::Total);
        if ($table === null || $table->isTurned() || $rows(Part::Subtotal) === [] || count($total) !== 1
            || $total[0]->first !== $total[0]->last) {
            return null;
        }

        return new CountedTwiceWatch($this, $sheet, $table, $total[0]->first);
    }
}
