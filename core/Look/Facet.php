<?php

declare(strict_types=1);

namespace Rilvet\Look;

/** Groups of attributes, in the order of work. */
enum Facet: string
{
    case Type = 'type';
    case Number = 'number';
    case Place = 'place';
    case Fill = 'fill';
    case Borders = 'borders';
    case Guard = 'guard';
}
