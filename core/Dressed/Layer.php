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

    public function words(): string
    {
        return match ($this) {
            self::File => 'came with the file',
            self::Ground => 'ground',
            self::Part => 'part',
            self::Kind => 'column kind',
            self::Stripes => 'stripes',
            self::Named => 'named look',
            self::Hand => 'hand touch',
            self::Conditional => 'conditional look',
        };
    }
}
