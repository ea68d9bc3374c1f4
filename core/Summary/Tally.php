<?php

declare(strict_types=1);

namespace Rilvet\Summary;

/** What is counted of one group and one column while the rows are gone through. */
final class Tally
{
    public float $sum = 0.0;

    /** Cells that hold a figure. */
    public int $figures = 0;

    /** Cells that hold something. */
    public int $cells = 0;

    public float $least = INF;

    public float $greatest = -INF;

    public function take(null|bool|int|float|string $value): void
    {
        if ($value === null) {
            return;
        }
        $this->cells++;
        if (is_int($value) || is_float($value)) {
            $this->sum += $value;
            $this->figures++;
            $value < $this->least && $this->least = (float) $value;
            $value > $this->greatest && $this->greatest = (float) $value;
        }
    }

    /** What another one has counted is counted here too. */
    public function add(self $other): void
    {
        $this->sum += $other->sum;
        $this->figures += $other->figures;
        $this->cells += $other->cells;
        $this->least = min($this->least, $other->least);
        $this->greatest = max($this->greatest, $other->greatest);
    }

    public function figure(Figure $figure): int|float|null
    {
        if ($this->cells === 0 || ($this->figures === 0 && $figure !== Figure::Count && $figure !== Figure::Sum)) {
            return null;
        }

        return match ($figure) {
            Figure::Count => $this->cells,
            Figure::Sum => self::whole($this->sum),
            Figure::Mean => self::whole($this->sum / $this->figures),
            Figure::Least => self::whole($this->least),
            Figure::Greatest => self::whole($this->greatest),
        };
    }

    private static function whole(float $number): int|float
    {
        return floor($number) === $number && abs($number) < 9e15 ? (int) $number : $number;
    }
}
