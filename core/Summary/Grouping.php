<?php

declare(strict_types=1);

namespace Rilvet\Summary;

/** What rows are put together by. */
enum Grouping: string
{
    case Value = 'value';
    case Month = 'month';
    case Quarter = 'quarter';
    case Year = 'year';
    case Band = 'band';

    public function isOfDates(): bool
    {
        return $this === self::Month || $this === self::Quarter || $this === self::Year;
    }
}
