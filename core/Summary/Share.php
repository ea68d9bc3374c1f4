<?php

declare(strict_types=1);

namespace Rilvet\Summary;

/** What a figure is shown as a share of. */
enum Share: string
{
    case None = 'none';
    case Row = 'row';
    case Column = 'column';
    case Whole = 'whole';
}
