<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Act\FitCut;
use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;
use Rilvet\Window\CutTexts;

/** Texts and figures that are not seen whole. */
final readonly class CutTextsFound implements SheetCheck
{
    public function about(): About
    {
        return new About('cut-texts', 'Texts and figures that are cut',
            'What is cut is not read, and marks in the place of a figure say nothing.', Severity::Wrong, Subject::Place);
    }

    public function find(Checked $sheet): iterable
    {
        if ($sheet->sheet->cells->columns() > 2_000) {
            return;
        }
        $cut = CutTexts::of($sheet->workbook, $sheet->number);
        if ($cut->count > 0) {
            yield $sheet->finding($this, implode(', ', array_slice($cut->places, 0, Places::NAMED)), $cut->count,
                number_format($cut->count).
                ($cut->count === 1 ? ' cell is' : ' cells are').' not seen whole in '.self::said($cut).'.', [],
                Mend::looks(new FitCut($sheet->number)));
        }
    }

    private static function said(CutTexts $cut): string
    {
        [$columns, $rows] = [count($cut->columns), count($cut->rows)];
        $words = [];
        $columns === 0 || $words[] = $columns === 1 ? '1 column' : "$columns columns";
        $rows === 0 || $words[] = $rows === 1 ? '1 row that is too low' : "$rows rows that are too low";

        return implode(' and ', $words);
    }
}
