<?php

declare(strict_types=1);

namespace Rilvet\Formula\Expression;

/** Serial days and what they are of (ISO/IEC 29500-1 18.17.4): from 1900, in which 29 February is counted, or from 1904. */
final readonly class Calendar
{
    /** Serial of 1970-01-01 in either system. */
    private const EPOCH = [25_569, 24_107];

    private function __construct(private bool $from1904)
    {
    }

    public static function of(bool $from1904): self
    {
        return new self($from1904);
    }

    /** @return array{int, int, int}|null year, month, day; null for what is no date */
    public function parts(int|float $serial): ?array
    {
        if ($serial < 0 || $serial >= 2_958_466) {
            return null;
        }
        $day = (int) floor($serial);
        if (! $this->from1904 && $day === 60) {
            return [1900, 2, 29];
        }
        if (! $this->from1904 && $day === 0) {
            return [1900, 1, 0];
        }
        $unix = ($day - self::EPOCH[(int) $this->from1904] + (! $this->from1904 && $day < 60 ? 1 : 0)) * 86_400;

        return [(int) gmdate('Y', $unix), (int) gmdate('n', $unix), (int) gmdate('j', $unix)];
    }

    /** Months and days beyond their year and month count on. */
    public function serial(int $year, int $month, int $day): int|Fault
    {
        if (abs($year) > 10_000 || abs($month) > 120_000 || abs($day) > 4_000_000) {
            return Fault::number();
        }
        $serial = intdiv((int) gmmktime(0, 0, 0, $month, $day, $year), 86_400) + self::EPOCH[(int) $this->from1904];
        $serial -= ! $this->from1904 && $serial <= 60 ? 1 : 0;

        return $serial < 0 || $serial >= 2_958_466 ? Fault::number() : $serial;
    }

    public function monthsOn(int|float $serial, int $months): int|Fault
    {
        $parts = $this->parts($serial);
        if ($parts === null) {
            return Fault::number();
        }
        $first = $this->serial($parts[0], $parts[1] + $months, 1);
        $last = $this->serial($parts[0], $parts[1] + $months + 1, 0);

        return $first instanceof Fault ? $first
            : min($first + $parts[2] - 1, $last instanceof Fault ? $first : $last);
    }

    /** @return int 1 for Monday to 7 for Sunday */
    public function weekday(int $serial): int
    {
        // Before March 1900 the days of the week are those of the serials (18.17.4.1).
        return (($serial + ($this->from1904 ? 4 : 5)) % 7 + 7) % 7 + 1;
    }

    /** The week of ISO 8601. */
    public function week(int $serial): int|Fault
    {
        $parts = $this->parts($serial);

        return $parts === null ? Fault::number() : (int) gmdate('W', (int) gmmktime(0, 0, 0, $parts[1], $parts[2], $parts[0]));
    }
}
