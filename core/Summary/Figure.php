<?php

declare(strict_types=1);

namespace Rilvet\Summary;

/** What is worked out of a group of rows. */
enum Figure: string
{
    case Sum = 'sum';
    case Count = 'count';
    case Mean = 'mean';
    case Least = 'least';
    case Greatest = 'greatest';

    public function words(): string
    {
        return match ($this) {
            self::Sum => 'Sum',
            self::Count => 'Count',
            self::Mean => 'Mean',
            self::Least => 'Least',
            self::Greatest => 'Greatest',
        };
    }
}
