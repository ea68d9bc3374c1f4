<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Act\Dress;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Check\WorkbookCheck;

/** A sheet without the stylebook that its workbook wears. */
final readonly class NotWearing implements WorkbookCheck
{
    public function about(): About
    {
        return new About('not-wearing', 'Sheets without the stylebook of the others',
            'They will not follow when it changes.', Severity::Look, Subject::Consistency);
    }

    public function across(array $sheets): iterable
    {
        $sheets = array_values(array_filter($sheets, fn (Checked $one) => $one->sheet->reading->tables !== []));
        $wear = [];
        foreach ($sheets as $one) {
            $one->sheet->stylebook === null || $wear[$one->sheet->stylebook->name][] = $one;
        }
        uasort($wear, fn (array $one, array $other) => count($other) <=> count($one));
        $most = reset($wear);
        if ($most === false || count($most) < 2 || count($most) * 2 <= count($sheets)) {
            return;
        }
        foreach ($sheets as $one) {
            if ($one->sheet->stylebook === null && $one->sheet->setup->tab->state === 'visible') {
                $name = (string) array_key_first($wear);
                $worn = $most[0]->sheet;
                yield [$one, $one->finding($this, '', 1, count($most).' of '.count($sheets)." sheets wear $name, this one wears none.", [],
                    Mend::looks(new Dress([$one->number], $worn->stylebook, $worn->clean, null, $worn->reference)))];
            }
        }
    }
}
