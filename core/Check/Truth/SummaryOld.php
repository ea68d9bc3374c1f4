<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Act\Summarise;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Finding;
use Rilvet\Check\Mend;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Grid\Cell;
use Rilvet\Refusal;
use Rilvet\Summary\Laid;
use Rilvet\Summary\Summary;

/** A summary whose table has other groups, or other figures, by now. */
final readonly class SummaryOld implements SheetCheck
{
    public function about(): About
    {
        return new About('summary-old', 'Summaries that are not up to date',
            'Groups that came since are missing in it, and its totals are not those of the table.', Severity::Wrong, Subject::Truth);
    }

    public function find(Checked $sheet): iterable
    {
        $summary = $sheet->sheet->aspect(Summary::class);
        $source = $summary->isNone() ? null : $sheet->workbook->sheets[$summary->sheet] ?? null;
        if ($source === null) {
            return;
        }
        try {
            $laid = Laid::of($summary, $source, $sheet->workbook->from1904);
        } catch (Refusal) {
            return;
        }
        $differ = $missing = 0;
        $there = iterator_to_array($sheet->sheet->cells->read(1, max(count($laid->rows), $sheet->sheet->cells->rows())));
        $labels = array_map(fn (array $cells) => ($cells[0] ?? Cell::blank())->text(), $there);
        foreach ($laid->rows as $index => $cells) {
            foreach ($cells as $at => $cell) {
                $is = $there[$index + 1][$at] ?? Cell::blank();
                $isSame = $cell->number() !== null && $is->number() !== null
                    ? abs($cell->number() - $is->number()) <= 1e-9 * max(1.0, abs($cell->number())) : $cell->text() === $is->text();
                $differ += $isSame ? 0 : 1;
            }
            $missing += $cells === [] || in_array($cells[0]->text(), $labels, true) ? 0 : 1;
        }
        if ($differ > 0 || count($laid->rows) !== $sheet->sheet->cells->rows()) {
            $words = $missing > 0
                ? ($missing === 1 ? 'One group of the table is missing in the summary.'
                : number_format($missing).' groups of the table are missing in the summary.')
                : ($differ <= 1 ? 'One of its cells says something else than the table does now.'
                : number_format($differ).' of its cells say something else than the table does now.');
            yield new Finding('summary-old', Severity::Wrong, $sheet->sheet->name, $sheet->number, '', max(1, $differ), $words, [],
                Mend::values(new Summarise($sheet->number, null), max(1, $differ), 'Make the summary anew'));
        }
    }
}
