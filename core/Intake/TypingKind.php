<?php

declare(strict_types=1);

namespace Rilvet\Intake;

/** What the text of a column is turned into. */
enum TypingKind: string
{
    case Text = 'text';
    case Number = 'number';
    case Date = 'date';
    case Time = 'time';
}
