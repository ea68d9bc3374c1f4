<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Act\Dress;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Compare\Comparison;
use Rilvet\Compare\Difference;
use Rilvet\Refusal;
use Rilvet\Stylebook\Stylebook;

/** A sheet that looks otherwise than a stylebook would dress it: asked for with the name of one. */
final readonly class UnlikeStylebook implements SheetCheck
{
    public function __construct(private Stylebook $stylebook)
    {
    }

    public function about(): About
    {
        return new About('unlike-stylebook', 'Sheets unlike the stylebook',
            'They do not look as it was agreed that sheets look.', Severity::Look, Subject::Consistency);
    }

    public function find(Checked $sheet): iterable
    {
        if ($sheet->tables() === [] || $sheet->sheet->cells->rows() === 0) {
            return;
        }
        $dress = new Dress([$sheet->number], $this->stylebook, true);

        try {
            $dressed = $dress->on($sheet->workbook);
        } catch (Refusal) {
            return;
        }
        $off = array_values(array_filter((new Comparison($sheet->workbook, $sheet->number, $dressed, $sheet->number, true))->differences,
            fn (Difference $one) => $one->part !== ''));
        $cells = array_sum(array_map(fn (Difference $one) => $one->count, $off));
        if ($cells > 0) {
            $said = array_map(fn (Difference $one) => "$one->facet of $one->words in ".mb_strtolower($one->part), array_slice($off, 0, 3));
            yield $sheet->finding($this, implode(', ', array_slice(array_merge(...array_map(fn (Difference $one) => $one->right,
                $off)), 0, 20)),
                $cells, "Unlike {$this->stylebook->name}: ".implode('; ', $said).(count($off) > 3 ? '; and '.(count($off) - 3).
                    ' more' : '').'.',
                [], Mend::looks($dress));
        }
    }
}
