<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Act\GatherConditions;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\Gathering;

/** Conditional looks that fell into pieces. */
final readonly class RulesMultiply implements SheetCheck
{
    public function about(): About
    {
        return new About('rules-multiply', 'Conditional looks in pieces',
            'Each copy and each row put in makes one more of the same, until nobody can change them.', Severity::Look,
            Subject::Consistency);
    }

    public function find(Checked $sheet): iterable
    {
        $all = $sheet->sheet->aspect(Conditions::class)->all;
        $gathered = count($all) < 3 ? $all : Gathering::of($all);
        if (count($all) - count($gathered) >= 2) {
            yield $sheet->finding($this, '', count($all), number_format(count($all)).' conditional looks say no more than '.
                number_format(count($gathered)).' would.', [], Mend::looks(new GatherConditions([$sheet->number])));
        }
    }
}
