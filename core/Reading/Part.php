<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** What a region of a table is. */
enum Part: string
{
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
        };
    }

    /** What a run of rows of it is called. */
    public function ofOne(): string
    {
        return match ($this) {
            self::RowGroup => 'Row group',
            self::Subtotal => 'Subtotal',
            self::Note => 'Note',
            default => $this->words(),
        };
    }

    /** Row labels stand in columns; all else is rows of a table. */
    public function isOfRows(): bool
    {
        return $this !== self::RowLabel;
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
            default => $this->words()[0],
        };
    }
}
