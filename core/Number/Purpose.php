<?php

declare(strict_types=1);

namespace Rilvet\Number;

/** What a person wants a number to read as. */
enum Purpose: string
{
    case AsItIs = 'as_it_is';
    case Plain = 'plain';
    case Grouped = 'grouped';
    case Money = 'money';
    case Percent = 'percent';
    case Date = 'date';
    case Time = 'time';
    case DateTime = 'datetime';
    case Duration = 'duration';
    case Thousands = 'thousands';
    case Millions = 'millions';
    case Fraction = 'fraction';
    case Scientific = 'scientific';
    case Code = 'code';
    case Text = 'text';
    case Hidden = 'hidden';

    public function words(): string
    {
        return match ($this) {
            self::AsItIs => 'As it is',
            self::DateTime => 'Date and time',
            self::Code => 'Code of a fixed length',
            default => ucfirst($this->value),
        };
    }

    /** Digits behind the point can be chosen. */
    public function hasDecimals(): bool
    {
        return in_array(
            $this,
            [self::Plain, self::Grouped, self::Money, self::Percent, self::Thousands, self::Millions, self::Scientific],
            true,
        );
    }

    /** Negative numbers and zeros can be shown in other ways. */
    public function hasSigns(): bool
    {
        return $this->hasDecimals() && $this !== self::Scientific;
    }

    /**
     * Patterns that are offered, the first where none is chosen: dates as readers of several regions write them, and ISO 8601.
     *
     * @return list<string>
     */
    public function patterns(): array
    {
        return match ($this) {
            self::Date => [
                'dd mmm yyyy',
                'yyyy-mm-dd',
                'd mmmm yyyy',
                'ddd d mmm yyyy',
                'dddd d mmmm',
                'dd/mm/yyyy',
                'mm/dd/yyyy',
                'dd.mm.yyyy',
                'd mmm',
                'mmm yyyy',
                'mmmm',
                'yyyy',
            ],
            self::Time => ['hh:mm', 'hh:mm:ss', 'h:mm AM/PM', 'mm:ss.0'],
            self::DateTime => ['dd mmm yyyy hh:mm', 'yyyy-mm-dd hh:mm', 'yyyy-mm-dd hh:mm:ss', 'ddd d mmm hh:mm'],
            self::Duration => ['[h]:mm', '[h]:mm:ss', '[m]:ss', '[h]" h "mm" min"'],
            self::Fraction => ['# ?/?', '# ??/??', '# ?/2', '# ?/4', '# ?/8', '# ??/16'],
            default => [],
        };
    }
}
