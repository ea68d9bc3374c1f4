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

    public function words(): string
    {
        return match ($this) {
            self::LongText => 'long text',
            self::DateTime => 'date and time',
            self::Boolean => 'yes or no',
            default => $this->value,
        };
    }

    /** What several columns of it hold. */
    public function ofMany(): string
    {
        return match ($this) {
            self::Amount => 'Amounts',
            self::Integer => 'Integers',
            self::Decimal => 'Decimals',
            self::Percent => 'Percents',
            self::Date => 'Dates',
            self::Code => 'Codes',
            self::Category => 'Categories',
            self::Text => 'Texts',
            default => "{$this->words()} columns",
        };
    }

    public function isNumeric(): bool
    {
        return match ($this) {
            self::Integer, self::Decimal, self::Amount, self::Percent, self::Duration => true,
            default => false,
        };
    }

    public function isTemporal(): bool
    {
        return $this === self::Date || $this === self::Time || $this === self::DateTime;
    }

    /** Names, words and codes: what rows are told apart by. */
    public function isWordy(): bool
    {
        return $this === self::Text || $this === self::Code || $this === self::Category || $this === self::LongText;
    }
}
