<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Act\Wipe;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;

/** Looks far beyond what a sheet holds. */
final readonly class LooksBeyond implements SheetCheck
{
    public function about(): About
    {
        return new About('looks-beyond', 'Looks far below the data',
            'They make the file heavier, and scrolling and printing longer, for nothing.', Severity::Note, Subject::Reading);
    }

    /** Rows below the data that somebody may yet fill in. */
    private const ROOM = 1_000;

    public function find(Checked $sheet): iterable
    {
        $rows = max(1, $sheet->sheet->cells->rows());
        $count = $last = 0;
        foreach ($sheet->sheet->file->runs() as $runs) {
            foreach (array_slice($runs, -1) as [$first, $end]) {
                // A column that is formatted whole is one entry in a file, and is meant for rows to come.
                if ($end > $rows + self::ROOM && $end < Address::ROWS && $first > 1) {
                    $count++;
                    $last = max($last, $end);
                }
            }
        }
        if ($count > 0 && ! $sheet->sheet->clean) {
            $range = Range::of($rows + 1, 1, $last, max(1, $sheet->sheet->cells->columns()));
            yield $sheet->finding($this, $range, $count, 'The data ends in row '.number_format($rows).', looks go on to row '.
                number_format($last).'.', ['last row' => $last], Mend::looks(new Wipe($sheet->targets($range), null, true)));
        }
    }
}
