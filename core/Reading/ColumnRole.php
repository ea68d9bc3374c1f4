<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** What a column is in its table. */
enum ColumnRole: string
{
    case Label = 'label';
    case Data = 'data';
    case Total = 'total';
    case Spacer = 'spacer';

    /** Its cells are the headings of their rows: the table is turned, or a block of keys and values. */
    case Heading = 'heading';
}
