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

/** A total that was typed and adds up. */
final readonly class TotalTyped implements RowCheck
{
    public function about(): About
    {
        return new About('total-typed', 'Totals that were typed',
            'They do not follow when a figure above them changes.', Severity::Note, Subject::Truth);
    }

    public function watch(Checked $sheet, ?TableReading $table): ?Watch
    {
        // A file of texts holds no formulas.
        $row = $table === null || $sheet->sheet->typing !== null ? null : TotalIsNotTheSum::totalRow($table);

        return $table === null || $row === null || $table->isTurned() ? null : new TotalWatch($this, $sheet, $table, $row, isRight: true);
    }
}
