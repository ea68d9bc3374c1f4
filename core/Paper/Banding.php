<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Closure;

/**
 * Breaks rows, or columns, into pages. A break that a person made within reach ends a page; else it ends where nothing comes
 * apart, as late as can be, and the page is not emptier than a quarter for it.
 */
final readonly class Banding
{
    /** The share of a page that has to be filled for a break that keeps things together. */
    private const FILLED = 0.25;

    /**
     * @param  Closure(int): int  $size  px of a row or column
     * @param  Closure(int): (array{int, int}|null)  $repeated  what is repeated before a page that begins with one
     * @param  list<int>  $breaks  after which a person ends a page, in order
     * @param  Closure(int, int, float, float): (array{int, BandEnd}|null)  $think  first, last that fits, least and whole room: where
     *     to end instead, and why
     */
    public function __construct(
        private Closure $size,
        private Closure $repeated,
        private array $breaks,
        private Closure $think,
    ) {
    }

    /** @return list<PageBand> */
    public function bands(int $first, int $last, float $whole): array
    {
        $bands = [];
        $at = $first;
        $next = 0;
        while ($at <= $last) {
            $repeated = ($this->repeated)($at);
            $taken = 0.0;
            for ($one = $repeated[0] ?? 1; $one <= ($repeated[1] ?? 0) && $taken <= $whole / 2; $one++) {
                $taken += ($this->size)($one);
            }
            // What would leave less than half of the page is not repeated.
            if ($taken > $whole / 2) {
                [$repeated, $taken] = [null, 0.0];
            }
            $room = $whole - $taken;
            $sum = 0.0;
            $end = $at - 1;
            while ($end < $last && $sum + ($now = ($this->size)($end + 1)) <= $room) {
                $sum += $now;
                $end++;
            }
            if ($end < $at) {
                array_push($bands, ...$this->slices($at, $room, $repeated));
                $at++;

                continue;
            }
            while (isset($this->breaks[$next]) && $this->breaks[$next] < $at) {
                $next++;
            }
            $said = $this->breaks[$next] ?? PHP_INT_MAX;
            [$to, $why] = match (true) {
                $said <= $end => [$said, $said >= $last ? BandEnd::Last : BandEnd::Person],
                default => ($this->think)($at, $end, self::FILLED * $room, $room) ?? [$end, $end >= $last ? BandEnd::Last : BandEnd::Full],
            };
            for ($one = $to + 1; $one <= $end; $one++) {
                $sum -= ($this->size)($one);
            }
            $bands[] = new PageBand($at, $to, $sum, $room, $why, $end, $repeated);
            $at = $to + 1;
        }

        return $bands;
    }

    /**
     * One that is larger than a page goes on over as many as it takes.
     *
     * @param  array{int, int}|null  $repeated
     * @return list<PageBand>
     */
    private function slices(int $at, float $room, ?array $repeated): array
    {
        $size = ($this->size)($at);
        $bands = [];
        for ($skip = 0.0; $skip < $size; $skip += $room) {
            $part = min($room, $size - $skip);
            $bands[] = new PageBand($at, $at, $part, $room, BandEnd::Slice, $at, $repeated, $skip);
        }

        return $bands;
    }
}
