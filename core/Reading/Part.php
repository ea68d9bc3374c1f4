<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** What a region of a table is. */
enum Part: string
{
    public const OF_CELLS = [self::EntryCell, self::ChoiceCell, self::FormulaCell];

    case Title = 'title';
    case Units = 'units';
    case ColumnGroup = 'column_group';
    case Heading = 'heading';
    case RowLabel = 'row_label';
    case Body = 'body';
    case RowGroup = 'row_group';
    case Subtotal = 'subtotal';
    case Total = 'total';
    case Note = 'note';
    case EntryCell = 'entry_cell';
    case ChoiceCell = 'choice_cell';
    case FormulaCell = 'formula_cell';

    /** In the words of the interface, one of them. */
    public function words(): string
    {
        return match ($this) {
            self::Title => 'Title',
            self::Units => 'Units line',
            self::ColumnGroup => 'Column groups',
            self::Heading => 'Column headings',
            self::RowLabel => 'Row labels',
            self::Body => 'Body',
            self::RowGroup => 'Row groups',
            self::Subtotal => 'Subtotals',
            self::Total => 'Total',
            self::Note => 'Notes',
            self::EntryCell => 'Entry cells',
            self::ChoiceCell => 'Choice cells',
            self::FormulaCell => 'Formula cells',
        };
    }

    /** What a run of rows of it is called. */
    public function ofOne(): string
    {
        return match ($this) {
            self::RowGroup => 'Row group',
            self::Subtotal => 'Subtotal',
            self::Note => 'Note',
            self::EntryCell => 'Entry cell',
            self::ChoiceCell => 'Choice cell',
            self::FormulaCell => 'Formula cell',
            default => $this->words(),
        };
    }

    /** Row labels stand in columns, single cells anywhere; all else is rows of a table. */
    public function isOfRows(): bool
    {
        return $this !== self::RowLabel && ! $this->isOfCells();
    }

    /** Single cells, told by what is done with them: each is of a part of its table too, and this lies over that. */
    public function isOfCells(): bool
    {
        return in_array($this, self::OF_CELLS, true);
    }

    /** The letter of the part's bracket, so that colour never stands alone. */
    public function letter(): string
    {
        return match ($this) {
            self::Total => 'Σ',
            self::ColumnGroup => 'G',
            self::Heading => 'H',
            self::RowLabel => 'L',
            self::RowGroup => 'R',
            self::EntryCell => 'E',
            self::ChoiceCell => 'C',
            self::FormulaCell => 'F',
            default => $this->words()[0],
        };
    }
}
