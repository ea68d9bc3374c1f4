<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\Calendar;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Scope;
use Rilvet\Grid\Sheet;

/** What conditions look at beside a cell: the other sheets, names, and the day. */
final readonly class Around
{
    /**
     * @param  array<int, Sheet>  $sheets  by number
     * @param  int  $number  of the sheet that the conditions are on
     * @param  float  $now  serial of the workbook's date system
     */
    public function __construct(
        public Scope $scope,
        public array $sheets,
        public int $number,
        public bool $from1904,
        public float $now,
    ) {
    }

    /** A sheet by itself. */
    public static function alone(Sheet $cells): self
    {
        return new self(new Scope([1 => $cells->name()], [], []), [1 => $cells], 1, false, self::serial(null, false));
    }

    /** @param  string|null  $day  "2026-11-27", from which on time stands still; null for now */
    public static function serial(?string $day, bool $from1904): float
    {
        $at = $day ?? date('Y-m-d');
        [$year, $month, $date] = array_map(intval(...), explode('-', $at)) + [1970, 1, 1];
        $serial = Calendar::of($from1904)->serial($year, $month, $date);
        $seconds = $day === null ? (int) date('H') * 3_600 + (int) date('i') * 60 + (int) date('s') : 0;

        return ($serial instanceof Fault ? 0 : $serial) + $seconds / 86_400;
    }
}
