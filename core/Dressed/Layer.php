<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

/** The layers of a cell's look, lowest first. A higher one overrides attribute by attribute, never as a whole. */
enum Layer: int
{
    case File = 1;
    case Ground = 2;
    case Part = 3;
    case Kind = 4;
    case Stripes = 5;
    case Named = 6;
    case Hand = 7;
    case Conditional = 8;
}
