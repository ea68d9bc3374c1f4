<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\ColumnCheck;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;

/** Formulas that have lost what they looked at. */
final readonly class LostReference implements ColumnCheck
{
    public function about(): About
    {
        return new About('lost-reference', 'Formulas that lost their place',
            'What they looked at was taken out, and what they give means nothing.', Severity::Wrong, Subject::Truth);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->columns(totals: true) as [, $column, , $facts]) {
            if ($facts->lost !== null) {
                $count = $facts->lost->count;
                yield $sheet->finding($this, $facts->lost->text(), $count, Checked::called($column).': '.number_format($count).
                    ($count === 1 ? ' formula has' : ' formulas have').' lost what they looked at.');
            }
        }
    }
}
