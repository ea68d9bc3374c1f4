<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** What a check is about: the groups that findings stand in, in their order. */
enum Subject: string
{
    case Truth = 'Truth';
    case Consistency = 'Consistency';
    case Numbers = 'Numbers';
    case Reading = 'Reading';
    case Colour = 'Type and colour';
    case Place = 'Place and fit';
    case Guard = 'Entry and guard';
    case Access = 'Access for all';
}
