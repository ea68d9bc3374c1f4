<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Reading\ColumnKind;

/** Shares written in two ways in one column. */
final readonly class PercentsMixed implements ColumnCheck
{
    public function about(): About
    {
        return new About('percents-mixed', 'Percents written in two ways',
            'Beside 0.12 a 12 is a hundred times as much.', Severity::Wrong, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns() as [$table, $column, $range, $facts]) {
            $isShare = $column->kind === ColumnKind::Percent || str_contains((string) $column->heading, '%');
            $below = $facts->numbers - $facts->beyondOne - $facts->noughts;
            if (! $isShare || $facts->texts > 0 || $facts->numbers < 5 || $below < 2 || $facts->beyondOne < 1) {
                continue;
            }
            // Growth goes a little beyond a hundred percent; whole percents are tens of times as much, and few are of no kind.
            if ($facts->greatest >= 5 && $facts->greatest <= 100 && $facts->beyondOne * 2 < $facts->numbers) {
                yield $sheet->finding($this, $range, $facts->beyondOne, Checked::called($column).': '.
                    number_format($facts->beyondOne).' of '.
                    number_format($facts->numbers).' shares are beyond 100 %, the greatest '.number_format(100 * $facts->greatest).
                    ' %: they may be whole percents.', ['greatest' => $facts->greatest]);
            }
        }
    }
}
