<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

/** A worksheet of a workbook. */
final readonly class BookSheet
{
    /**
     * @param  int  $number  by which the workbook at work knows it for good, wherever it is moved
     * @param  string  $part  the name of its part
     * @param  string  $state  visible, hidden or veryHidden (18.18.68)
     * @param  int  $place  among all sheets of the workbook, from 0
     */
    public function __construct(public int $number, public string $name, public string $part, public string $state, public int $place)
    {
    }
}
