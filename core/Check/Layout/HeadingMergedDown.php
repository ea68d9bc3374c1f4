<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Range;

/** A heading that is merged over several rows above a list. */
final readonly class HeadingMergedDown implements SheetCheck
{
    public function about(): About
    {
        return new About('heading-merged', 'Headings merged over rows',
            'A filter sits on one row, and a sort takes the lower of them for data.', Severity::Note, Subject::Reading);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->tables() as $table) {
            $last = $table->lastHeadRow();
            $body = $table->bodyRange();
            if ($last === null || $body === null || $body->rows() < 5) {
                continue;
            }
            $merges = array_values(array_filter($sheet->sheet->setup->merges, fn (Range $one) => $one->rows() > 1
                && $one->top >= $table->range->top && $one->bottom === $last && $table->range->contains($one->top, $one->left)));
            if ($merges !== []) {
                $count = count($merges);
                yield $sheet->finding($this, implode(', ', array_map(strval(...), array_slice($merges, 0, Places::NAMED))), $count,
                    number_format($count).($count === 1 ? ' heading is' : ' headings are').' merged over several rows.');
            }
        }
    }
}
