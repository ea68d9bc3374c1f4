<?php

declare(strict_types=1);

namespace Rilvet\Check\Access;

use Rilvet\Check\About;
use Rilvet\Check\Checked;
use Rilvet\Check\Severity;
use Rilvet\Check\SheetCheck;
use Rilvet\Check\Subject;

/** A sheet whose name says nothing. */
final readonly class SheetName implements SheetCheck
{
    public function about(): About
    {
        return new About('sheet-name', 'Sheet names that say nothing',
            'Who cannot see the sheet chooses it by its name alone.', Severity::Note, Subject::Access);
    }

    /** What programs call a sheet that nobody has named, in some languages. */
    private const UNNAMED = '/^(sheet|table|tabelle|feuille?|hoja|foglio|blad|ark|list|planilha|arkusz)[ _]?\\d*$/iu';

    public function find(Checked $sheet): iterable
    {
        if (preg_match(self::UNNAMED, $sheet->sheet->name) === 1 && $sheet->sheet->cells->rows() > 0 && $sheet->sheet->typing === null) {
            yield $sheet->finding($this, '', 1, 'The name "'.$sheet->sheet->name.'" does not say what the sheet holds.');
        }
    }
}
