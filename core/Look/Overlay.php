<?php

declare(strict_types=1);

namespace Rilvet\Look;

/** Which looks of one map meet which of another, found from their runs alone. */
final class Overlay
{
    /**
     * @return array<int, array<int, true>> looks of the upper map by those of the lower; 0 stands for cells without one, and is left
     *     out where both have none
     */
    public static function of(LookMap $lower, LookMap $upper): array
    {
        $pairs = [];
        [$below, $above] = [$lower->runs(), $upper->runs()];
        foreach (array_keys($below + $above) as $column) {
            foreach (self::column($below[$column] ?? [], $above[$column] ?? []) as [$one, $other]) {
                $pairs[$one][$other] = true;
            }
        }

        return $pairs;
    }

    /**
     * @param  list<array{int, int, int}>  $below  first, last, look
     * @param  list<array{int, int, int}>  $above
     * @return iterable<array{int, int}>
     */
    private static function column(array $below, array $above): iterable
    {
        $starts = [];
        foreach ([...$below, ...$above] as [$first, $last]) {
            $starts[$first] = $first;
            $starts[$last + 1] = $last + 1;
        }
        sort($starts);
        $at = [0, 0];
        foreach ($starts as $row) {
            $looks = [];
            foreach ([$below, $above] as $which => $runs) {
                while (isset($runs[$at[$which]]) && $runs[$at[$which]][1] < $row) {
                    $at[$which]++;
                }
                $run = $runs[$at[$which]] ?? null;
                $looks[] = $run !== null && $run[0] <= $row ? $run[2] : 0;
            }
            if ($looks !== [0, 0]) {
                yield [$looks[0], $looks[1]];
            }
        }
    }
}
