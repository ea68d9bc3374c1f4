<?php

declare(strict_types=1);

namespace Rilvet\Check\Consistency;

use Rilvet\Act\SetOpening;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\Subject;
use Rilvet\Check\WorkbookCheck;

/** Sheets of one workbook that open in different ways. */
final readonly class OpenDifferently implements WorkbookCheck
{
    public function about(): About
    {
        return new About('open-differently', 'Sheets that open in different ways',
            'Sizes jump when one turns from sheet to sheet.', Severity::Note, Subject::Consistency);
    }

    public function across(array $sheets): iterable
    {
        $sheets = array_values(array_filter($sheets, fn (Checked $one) => $one->sheet->setup->tab->state === 'visible'
            && $one->sheet->cells->rows() > 0));
        if (count($sheets) < 3) {
            return;
        }
        $zoom = self::most(array_map(fn (Checked $one) => $one->sheet->setup->opening->zoom, $sheets));
        $lines = self::most(array_map(fn (Checked $one) => (int) $one->sheet->setup->opening->gridlines, $sheets));
        foreach ($sheets as $one) {
            $opening = $one->sheet->setup->opening;
            $words = [];
            $zoom === null || $opening->zoom === $zoom || $words[] = "opens at $opening->zoom %, most others at $zoom %";
            $lines === null || (int) $opening->gridlines === $lines
                || $words[] = $opening->gridlines ? 'shows gridlines, most others do not' : 'shows no gridlines, most others do';
            if ($words !== []) {
                yield [$one, $one->finding($this, '', 1, 'The sheet '.implode(', and ', $words).'.', [], Mend::looks(
                    new SetOpening([$one->number], gridlines: $lines === null ? null : $lines === 1, zoom: $zoom)))];
            }
        }
    }

    /**
     * @param  non-empty-list<int>  $values
     * @return int|null null where none is had by more than half
     */
    private static function most(array $values): ?int
    {
        $counts = array_count_values($values);
        arsort($counts);

        return reset($counts) * 2 > count($values) ? array_key_first($counts) : null;
    }
}
