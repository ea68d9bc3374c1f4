<?php

declare(strict_types=1);

namespace Rilvet\Check\Guarded;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Entry\EntryJudges;

/** Values that stand against the check on entry of their cell. */
final readonly class AgainstCheck implements SheetCheck
{
    /** Seconds that may be spent on a sheet. */
    private const SECONDS = 3.0;

    public function about(): About
    {
        return new About('against-check', 'Values against their check',
            'Typed today they would be refused: they were pasted, or were there before the check.', Severity::Look, Subject::Guard);
    }

    public function find(Checked $sheet): iterable
    {
        $entries = $sheet->sheet->entries();
        if ($entries === []) {
            return;
        }
        $judges = new EntryJudges($entries, $sheet->sheet->reading, $sheet->sheet->cells, $sheet->workbook->around($sheet->number));
        [$count, $first, $all] = $judges->against(self::SECONDS, Places::NAMED);
        if ($count > 0) {
            yield $sheet->finding($this, implode(', ', $first), $count, number_format($count).($all ? '' : ' or more').
                ($count === 1 ? ' value stands' : ' values stand').' against what may be entered.');
        }
    }
}
