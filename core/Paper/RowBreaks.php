<?php

declare(strict_types=1);

namespace Rilvet\Paper;

use Rilvet\Dressed\RowTables;
use Rilvet\Grid\Range;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/** Where a page may end between two rows: what a table is read as says what belongs together. */
final class RowBreaks
{
    private readonly RowTables $near;

    /** @var list<array{int, int}>|null first and last row of groups, in order */
    private ?array $groups = null;

    /** @var list<array{int, int}> first and last of rows after which a page would end inside of a merge, disjoint, in order */
    private readonly array $merges;

    /**
     * @param  list<TableReading>  $tables
     * @param  list<Range>  $merges
     */
    public function __construct(private readonly array $tables, array $merges)
    {
        $this->near = new RowTables($tables);
        $tall = [];
        foreach ($merges as $merge) {
            $merge->bottom > $merge->top && $tall[] = [$merge->top, $merge->bottom - 1];
        }
        sort($tall);
        $joined = [];
        foreach ($tall as [$top, $bottom]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $joined[$last][1] >= $top - 1) {
                $joined[$last][1] = max($joined[$last][1], $bottom);
            } else {
                $joined[] = [$top, $bottom];
            }
        }
        $this->merges = $joined;
    }

    /** What would come apart if a page ended after a row; null where nothing does. */
    public function parted(int $row): ?BandEnd
    {
        foreach ($this->near->at($row) as [$table, $part]) {
            if ($row >= $table->range->bottom) {
                continue;
            }
            $next = $table->runAt($row + 1)?->part;
            if ($next === Part::Total || $next === Part::Subtotal) {
                return BandEnd::Total;
            }
            if (in_array($part, [Part::Title, Part::Units, Part::ColumnGroup, Part::Heading, Part::RowGroup], true)) {
                return BandEnd::Heading;
            }
        }

        return $this->crosses($row) ? BandEnd::Merge : null;
    }

    private function crosses(int $row): bool
    {
        $at = self::found($this->merges, $row);

        return $at >= 0 && $this->merges[$at][1] >= $row;
    }

    /** @return array{int, int}|null first and last row of the group that a row belongs to */
    public function group(int $row): ?array
    {
        $this->groups ??= $this->groups();
        $at = self::found($this->groups, $row);

        return $at >= 0 && $this->groups[$at][1] >= $row ? $this->groups[$at] : null;
    }

    /** @return list<int> rows, up to some row, at which a group begins */
    public function starts(int $from, int $to): array
    {
        $this->groups ??= $this->groups();
        $starts = [];
        for ($at = max(0, self::found($this->groups, $from)); $at < count($this->groups) && $this->groups[$at][0] <= $to; $at++) {
            $this->groups[$at][0] >= $from && $starts[] = $this->groups[$at][0];
        }

        return $starts;
    }

    /** @return list<array{int, int}> */
    private function groups(): array
    {
        $groups = [];
        foreach ($this->tables as $table) {
            $open = null;
            foreach ([...$table->runs, null] as $at => $run) {
                $starts = $run?->part === Part::RowGroup && ($table->runs[$at - 1] ?? null)?->part !== Part::RowGroup;
                $afterSum = $run?->part === Part::Body && ($table->runs[$at - 1] ?? null)?->part === Part::Subtotal;
                $ends = $run === null || $run->part === Part::Total || $run->part === Part::Note;
                if ($starts || $afterSum || $ends) {
                    $last = $run === null
                        ? ($table->runs === [] ? 0 : $table->runs[count($table->runs) - 1]->last)
                        : $run->first - 1;
                    $open === null || $last <= $open || $groups[] = [$open, $last];
                    $open = $run === null || $ends ? null : $run->first;
                } elseif ($run->part === Part::Body && $open === null && self::hasSums($table)) {
                    $open = $run->first;
                }
            }
        }
        sort($groups);

        return $groups;
    }

    private static function hasSums(TableReading $table): bool
    {
        return array_filter($table->runs, fn (RowRun $run) => $run->part === Part::Subtotal) !== [];
    }

    /**
     * The last pair that begins at a row or before it; -1 for none.
     *
     * @param  list<array{int, int}>  $pairs  in order
     */
    private static function found(array $pairs, int $row): int
    {
        [$low, $high] = [0, count($pairs)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $pairs[$middle][0] <= $row ? $low = $middle + 1 : $high = $middle;
        }

        return $low - 1;
    }
}
