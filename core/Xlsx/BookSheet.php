<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

/** A worksheet of a workbook. */
final readonly class BookSheet
{
    /**
     * @param  string  $part  the name of its part
     * @param  string  $state  visible, hidden or veryHidden (18.18.68)
     * @param  int  $place  among all sheets of the workbook, from 0
     */
    public function __construct(public string $name, public string $part, public string $state, public int $place)
    {
    }
}
