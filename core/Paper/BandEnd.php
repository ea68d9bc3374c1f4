<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** Why a page ends where it does. */
enum BandEnd: string
{
    case Last = 'last';
    case Full = 'full';
    case Group = 'group';
    case Heading = 'heading';
    case Total = 'total';
    case Merge = 'merge';
    case Person = 'person';
    case Each = 'each';
    case Slice = 'slice';
    case Alone = 'alone';
    case Columns = 'columns';
}
