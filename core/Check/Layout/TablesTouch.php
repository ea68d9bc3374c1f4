<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;

/** Two tables without a row or a column between them. */
final readonly class TablesTouch implements SheetCheck
{
    public function about(): About
    {
        return new About('tables-touch', 'Tables that touch',
            'What is done to one, a sort or a filter, takes the other for its part.', Severity::Look, Subject::Reading);
    }

    /** Tables of a sheet that are compared. */
    private const MOST = 200;

    public function find(Checked $sheet): iterable
    {
        $tables = array_slice($sheet->tables(), 0, self::MOST);
        foreach ($tables as $at => $one) {
            foreach (array_slice($tables, $at + 1) as $other) {
                [$upper, $lower] = $one->range->top <= $other->range->top ? [$one, $other] : [$other, $one];
                $isBelow = $lower->range->top === $upper->range->bottom + 1
                    && $lower->range->meetsColumns($upper->range->left, $upper->range->right);
                if ($isBelow && $upper->lastHeadRow() !== null && $lower->lastHeadRow() !== null) {
                    yield $sheet->finding($this, "$upper->range, $lower->range", 1,
                        "The table of $lower->range begins right below that of $upper->range.");
                }
            }
        }
    }
}
