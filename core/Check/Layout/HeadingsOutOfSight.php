<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Act\SetOpening;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Range;

/** Headings that are gone as soon as one scrolls. */
final readonly class HeadingsOutOfSight implements SheetCheck
{
    public function about(): About
    {
        return new About('headings-out-of-sight', 'Headings that scroll away',
            'Below the first screen nobody knows what a column is.', Severity::Look, Subject::Place);
    }

    /** Rows that a usual screen shows. */
    private const SCREEN = 40;

    public function find(Checked $sheet): iterable
    {
        $tables = $sheet->tables();
        $head = ($tables[0] ?? null)?->lastHeadRow();
        if (count($tables) !== 1 || $head === null || $head > 20 || $tables[0]->range->bottom - $head <= self::SCREEN) {
            return;
        }
        if ($sheet->sheet->setup->opening->freezeRow < $head) {
            yield $sheet->finding($this, Range::of($head, $tables[0]->range->left, $head, $tables[0]->range->right), 1,
                'The headings in row '.$head.' scroll away above '.number_format($tables[0]->range->bottom - $head).' rows.', [],
                Mend::looks(new SetOpening([$sheet->number], freezeRow: $head)));
        }
    }
}
