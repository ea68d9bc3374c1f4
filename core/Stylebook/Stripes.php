<?php

declare(strict_types=1);

namespace Rilvet\Stylebook;

use Rilvet\Look\Look;

/** Alternating fills of body rows: of every block of 2n rows, the second n wear the look. */
final readonly class Stripes
{
    public function __construct(public int $every, public Look $look)
    {
    }

    /** @param  int  $position of the row in its run of body rows, from 0 */
    public function wears(int $position): bool
    {
        return intdiv($position, $this->every) % 2 === 1;
    }
}
