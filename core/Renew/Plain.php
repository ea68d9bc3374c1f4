<?php

declare(strict_types=1);

namespace Rilvet\Renew;

use Rilvet\Grid\Cell;
use Rilvet\Reading\ColumnKind;

/**
 * A value as it is compared with another, and as it comes into the table.
 *
 * @phpstan-import-type Stored from Cell
 */
final class Plain
{
    /** Days between the two ways in which dates are counted (ISO/IEC 29500-1 18.17.4.1). */
    private const FROM_1904 = 1462;

    /**
     * @param  bool  $asText  numbers are codes there
     * @param  int  $days  to be added to dates
     * @param  bool  $isTyped  what texts mean there is read by their column
     */
    private function __construct(private readonly bool $asText, private readonly int $days, private readonly bool $isTyped)
    {
    }

    /** @param  ColumnKind|null  $kind  of the column that it goes into; null where that is new */
    public static function into(?ColumnKind $kind, bool $from1904, bool $to1904, bool $isTyped): self
    {
        $isDate = $kind === ColumnKind::Date || $kind === ColumnKind::DateTime;

        $days = $isDate
            ? self::FROM_1904 * ((int) $from1904 - (int) $to1904)
            : 0;

        return new self($kind?->isWordy() === true, $days, $isTyped);
    }

    /**
     * Texts, numbers (whole ones as such), truth values; errors as themselves; null for blank.
     *
     * @param  Stored  $stored
     */
    public function of(null|bool|int|float|string|array $stored): null|bool|int|float|string
    {
        $value = self::value($stored);
        if ($value === null || $value === '' || is_string($value)) {
            return $value === '' ? null : $value;
        }
        if ($this->asText && ! is_bool($value)) {
            return Cell::of($value)->text();
        }
        if (is_float($value) && $value === floor($value) && abs($value) < 9e15) {
            $value = (int) $value;
        }

        return $this->days !== 0 && ! is_bool($value) ? $value + $this->days : $value;
    }

    /**
     * As it comes into the table: its value, and never its formula.
     *
     * @param  Stored  $stored
     */
    public function cell(null|bool|int|float|string|array $stored): Cell
    {
        if (is_array($stored) && isset($stored['e'])) {
            return Cell::error($stored['e']);
        }
        $value = $this->of($stored);
        if ($value === null) {
            return Cell::blank();
        }

        // A text stays one, whatever the column around it is read as.
        return is_string($value) && $this->isTyped ? Cell::kept($value) : Cell::of($value);
    }

    /**
     * What tells a row apart, with the spaces around it taken away.
     *
     * @param  Stored  $stored
     */
    public static function key(null|bool|int|float|string|array $stored): string
    {
        $value = self::value($stored);

        return match (true) {
            is_string($value) => trim($value),
            $value === null => '',
            is_bool($value) => $value ? 'TRUE' : 'FALSE',
            default => Cell::of($value)->text(),
        };
    }

    /** @param  Stored  $stored */
    private static function value(null|bool|int|float|string|array $stored): null|bool|int|float|string
    {
        return is_array($stored) ? $stored['t'] ?? $stored['e'] ?? $stored['v'] ?? null : $stored;
    }
}
