<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/**
 * What a row is taken for a part by. Each ground has its weight: how much it says by itself, in log odds (2.2 is nine to one, 4.6 is
 * 99 to one). The weights were fitted on the odd seeds of the examination by `php bench/reading/weigh.php`, rounded, and are
 * tested on the even ones.
 */
enum Ground: string
{
    case FileHeadings = 'the file names headings';
    case FileTotals = 'the file names totals';
    case Kept = 'rows that the sheet keeps in sight';
    case OverFigures = 'words over figures';
    case Names = 'names that do not occur below';
    case OverRows = 'words over the rows of a named table';
    case Fewer = 'fewer labels than below';
    case Again = 'headings said again';
    case Above = 'a lone text above';
    case Units = 'names units';
    case Second = 'a second line';
    case Label = 'only a label';
    case Rows = 'rows of data';
    case Details = 'sums of details below';
    case Indented = 'sums of indented rows below';
    case Sum = 'the figures come out';
    case SumSaid = 'the figures come out, and a word says so';
    case Formulas = 'formulas that sum';
    case Word = 'a word for a total';
    case NoteWord = 'begins like a note';
    case Below = 'text below';
    case Sentences = 'lines that end as sentences';
    case Blank = 'blank';

    public function weight(): float
    {
        return match ($this) {
            self::FileHeadings, self::FileTotals, self::Blank => 6.0,
            self::Kept => 4.5,
            self::OverFigures => 5.6,
            self::Names => 3.9,
            self::OverRows => 3.0,
            self::Fewer => 4.1,
            self::Again => 4.6,
            self::Above => 4.8,
            self::Units => 5.0,
            self::Second => 4.3,
            self::Label => 0.9,
            self::Rows => 4.2,
            self::Details => 4.0,
            self::Indented => 3.0,
            self::Sum => 3.4,
            self::SumSaid => 4.6,
            self::Formulas => 4.0,
            self::Word => 3.5,
            self::NoteWord => 4.6,
            self::Below => 3.0,
            self::Sentences => 1.4,
        };
    }

    /** What such a row would be if it were not what it is taken for; null where nothing else is likely. */
    public function second(?Part $part): ?Part
    {
        return match ($this) {
            self::Kept, self::OverFigures, self::Names, self::OverRows, self::Again,
            self::Sentences, self::Formulas, self::Word => Part::Body,
            self::FileHeadings, self::Fewer => $part === Part::Heading ? Part::ColumnGroup : Part::Heading,
            self::FileTotals, self::Sum, self::SumSaid => $part === Part::Total ? Part::Subtotal : Part::Total,
            self::Details, self::Indented, self::Label => Part::Body,
            self::Above => Part::RowGroup,
            self::Units, self::Second => Part::Title,
            self::NoteWord, self::Below => Part::RowGroup,
            self::Rows, self::Blank => null,
        };
    }
}
