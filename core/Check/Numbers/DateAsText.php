<?php

declare(strict_types=1);

namespace Rilvet\Check\Numbers;

use Rilvet\Act\ConvertCells;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Window\TruthNote;

/** Dates that are only texts in a column of dates. */
final readonly class DateAsText implements SheetCheck
{
    public function about(): About
    {
        return new About('date-as-text', 'Dates stored as texts',
            'They sort by their letters, and no date format changes them.', Severity::Wrong, Subject::Numbers);
    }

    public function find(Checked $sheet): iterable
    {
        foreach ($sheet->truths() as $note) {
            if ($note->kind === 'text_date' || $note->kind === 'ambiguous_date') {
                $act = in_array($note->act, ConvertCells::ACTS, true) && $note->kind === 'text_date' ? $note->act : null;
                yield $sheet->finding($this, $note->ranges, $note->count, $note->reason, self::such($note), $act === null ? null
                    : Mend::values(new ConvertCells($sheet->targets($note->ranges), $act), $note->count));
            }
        }
    }

    /** @return array<string, string> */
    private static function such(TruthNote $note): array
    {
        return $note->samples === [] ? [] : ['such as' => $note->samples[0]];
    }
}
