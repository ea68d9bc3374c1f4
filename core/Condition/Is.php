<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Reading\ColumnKind;

/** What a condition asks of a cell (kinds of ISO/IEC 29500-1 18.18.12, operators of 18.18.15, and a list of values). */
enum Is: string
{
    case Below = 'below';
    case AtMost = 'atMost';
    case Equal = 'equal';
    case Unequal = 'unequal';
    case Above = 'above';
    case AtLeast = 'atLeast';
    case Between = 'between';
    case Outside = 'outside';
    case OneOf = 'oneOf';
    case Holds = 'holds';
    case Lacks = 'lacks';
    case Begins = 'begins';
    case Ends = 'ends';
    case Blank = 'blank';
    case Filled = 'filled';
    case Error = 'error';
    case Sound = 'sound';
    case Period = 'period';
    case Greatest = 'greatest';
    case Least = 'least';
    case AboveMean = 'aboveMean';
    case BelowMean = 'belowMean';
    case Repeated = 'repeated';
    case Single = 'single';
    case Formula = 'formula';
    /** Scales, bars and marks are worn by all that have a number. */
    case Always = 'always';
    /** A kind that is not known here: it is kept as it came. */
    case Unknown = 'unknown';

    /** How many values it is completed with; null for any number. */
    public function operands(): ?int
    {
        return match ($this) {
            self::Between, self::Outside => 2,
            self::OneOf => null,
            self::Below, self::AtMost, self::Equal, self::Unequal, self::Above, self::AtLeast, self::Holds, self::Lacks, self::Begins,
            self::Ends, self::Formula => 1,
            default => 0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Below => 'is below',
            self::AtMost => 'is at most',
            self::Equal => 'is',
            self::Unequal => 'is not',
            self::Above => 'is above',
            self::AtLeast => 'is at least',
            self::Between => 'is between',
            self::Outside => 'is not between',
            self::OneOf => 'is one of',
            self::Holds => 'contains',
            self::Lacks => 'does not contain',
            self::Begins => 'begins with',
            self::Ends => 'ends with',
            self::Blank => 'is blank',
            self::Filled => 'is not blank',
            self::Error => 'is an error',
            self::Sound => 'is no error',
            self::Period => 'falls',
            self::Greatest => 'is among the greatest',
            self::Least => 'is among the least',
            self::AboveMean => 'is above the mean',
            self::BelowMean => 'is below the mean',
            self::Repeated => 'stands more than once',
            self::Single => 'stands only once',
            self::Formula => 'makes true',
            self::Always => 'always',
            self::Unknown => 'something that is not known here',
        };
    }

    /** @return list<self> what is asked of columns of a kind, the likeliest first */
    public static function offered(?ColumnKind $kind): array
    {
        $figures = [self::Below, self::Above, self::AtMost, self::AtLeast, self::Between, self::Outside, self::Equal, self::Unequal,
            self::Greatest,
            self::Least, self::AboveMean, self::BelowMean];
        $days = [self::Period, self::Below, self::Above, self::Between, self::Equal];
        $texts = [self::OneOf, self::Equal, self::Unequal, self::Holds, self::Lacks, self::Begins, self::Ends];
        $own = match (true) {
            $kind === null => [...$figures, self::OneOf, self::Holds, self::Lacks, self::Begins, self::Ends, self::Period],
            $kind === ColumnKind::Date || $kind === ColumnKind::DateTime => $days,
            $kind === ColumnKind::Time || $kind->isNumeric() => $figures,
            $kind === ColumnKind::Boolean => [self::Equal],
            default => $texts,
        };

        return [...$own, self::Repeated, self::Single, self::Blank, self::Filled, self::Error, self::Formula];
    }

    /** It looks at all cells of its ranges before it can say anything of one. */
    public function needsAll(): bool
    {
        return in_array($this, [self::Greatest, self::Least, self::AboveMean, self::BelowMean, self::Repeated, self::Single], true);
    }
}
