<?php

declare(strict_types=1);

namespace Rilvet\Entry;

/** What a check on entry looks at (ISO/IEC 29500-1 18.18.21). */
enum EntryKind: string
{
    case Any = 'any';
    case List = 'list';
    case Whole = 'whole';
    case Decimal = 'decimal';
    case Date = 'date';
    case Time = 'time';
    case Length = 'length';
    case Formula = 'formula';

    public function words(): string
    {
        return match ($this) {
            self::Any => 'anything',
            self::List => 'one of a list',
            self::Whole => 'a whole number',
            self::Decimal => 'a number',
            self::Date => 'a date',
            self::Time => 'a time',
            self::Length => 'a text of a length',
            self::Formula => 'what a formula says',
        };
    }

    /** It compares with one or two values. */
    public function compares(): bool
    {
        return ! in_array($this, [self::Any, self::List, self::Formula], true);
    }

    /** The standard's own word. */
    public function xlsx(): string
    {
        return match ($this) {
            self::Any => 'none',
            self::Length => 'textLength',
            self::Formula => 'custom',
            default => $this->value,
        };
    }

    public static function ofXlsx(string $type): ?self
    {
        foreach (self::cases() as $case) {
            if ($case->xlsx() === ($type === '' ? 'none' : $type)) {
                return $case;
            }
        }

        return null;
    }
}
