<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** What a column holds, judged from its body alone. */
enum ColumnKind: string
{
    case Text = 'text';
    case LongText = 'longtext';
    case Code = 'code';
    case Category = 'category';
    case Integer = 'integer';
    case Decimal = 'decimal';
    case Amount = 'amount';
    case Percent = 'percent';
    case Date = 'date';
    case Time = 'time';
    case DateTime = 'datetime';
    case Duration = 'duration';
    case Boolean = 'boolean';
    case None = 'empty';

    public function isNumeric(): bool
    {
        return match ($this) {
            self::Integer, self::Decimal, self::Amount, self::Percent, self::Duration => true,
            default => false,
        };
    }

    /** Names, words and codes: what rows are told apart by. */
    public function isWordy(): bool
    {
        return $this === self::Text || $this === self::Code || $this === self::Category || $this === self::LongText;
    }
}
