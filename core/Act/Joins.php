<?php

declare(strict_types=1);

namespace Rilvet\Act;

/** An act of which several are done at once for the price of one: a sheet is read again after each change of its cells. */
interface Joins extends Act
{
    /** The same for acts that can be joined. */
    public function joinsBy(): string;

    /** @param  list<Act>  $others  that join by the same */
    public function joined(array $others): Act;
}
