<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;

/**
 * One table of a sheet: its range, a part for each of its rows, a kind and a role for each of its columns.
 */
final readonly class TableReading
{
    /**
     * @param  float  $confidence  0 to 1
     * @param  list<RowRun>  $runs  in order, without gaps, over all rows of the range
     * @param  list<ColumnReading>  $columns  in order, one for each column of the range
     * @param  list<Range>  $asides  notes that stand beside the table
     * @param  list<Range>  $groups  what each column-group label stands over
     * @param  array<int, ColumnReading>  $lines  of a turned table: what each row of its body holds, by the row
     */
    public function __construct(
        public Range $range,
        public float $confidence,
        public array $runs,
        public array $columns,
        public array $asides = [],
        public array $groups = [],
        public array $lines = [],
    ) {
    }

    /** Its headings stand at the left. */
    public function isTurned(): bool
    {
        foreach ($this->columns as $column) {
            if ($column->role === ColumnRole::Heading) {
                return true;
            }
        }

        return false;
    }

    /** What a cell is read as: by its column, in a turned table by its row. */
    public function readingOf(int $row, int $column): ?ColumnReading
    {
        $reading = $this->column($column);

        return isset($this->lines[$row]) && $reading?->role === ColumnRole::Data && $this->isTurned() ? $this->lines[$row] : $reading;
    }

    public function runAt(int $row): ?RowRun
    {
        $low = 0;
        $high = count($this->runs) - 1;
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            $run = $this->runs[$middle];
            if ($row < $run->first) {
                $high = $middle - 1;
            } elseif ($row > $run->last) {
                $low = $middle + 1;
            } else {
                return $run;
            }
        }

        return null;
    }

    public function column(int $column): ?ColumnReading
    {
        return $this->columns[$column - $this->range->left] ?? null;
    }

    /** The part of one cell: the row decides, and in body rows the column's role. */
    public function partAt(int $row, int $column): ?Part
    {
        foreach ($this->asides as $aside) {
            if ($aside->contains($row, $column)) {
                return Part::Note;
            }
        }
        if (! $this->range->contains($row, $column)) {
            return null;
        }
        $part = $this->runAt($row)?->part;
        if ($part !== Part::Body) {
            return $part;
        }

        return match ($this->column($column)?->role) {
            ColumnRole::Label => Part::RowLabel,
            ColumnRole::Total => Part::Total,
            ColumnRole::Heading => Part::Heading,
            ColumnRole::Spacer => null,
            default => Part::Body,
        };
    }

    /** From the first row of the body to the last, with whatever stands between. */
    public function bodyRange(): ?Range
    {
        $body = array_values(array_filter($this->runs, fn (RowRun $run) => $run->part === Part::Body));
        if ($body === []) {
            return null;
        }
        $first = min(array_map(fn (RowRun $run) => $run->first, $body));
        $last = max(array_map(fn (RowRun $run) => $run->last, $body));

        return Range::of($first, $this->range->left, $last, $this->range->right);
    }

    public function firstBodyRow(): ?int
    {
        foreach ($this->runs as $run) {
            if ($run->part === Part::Body) {
                return $run->first;
            }
        }

        return null;
    }

    /** @return list<RowRun> the headings above the body; those that are said again within it are not among them */
    public function heads(): array
    {
        $heads = [];
        foreach ($this->runs as $run) {
            if ($run->part === Part::Body) {
                break;
            }
            if ($run->part === Part::Heading || $run->part === Part::ColumnGroup) {
                $heads[] = $run;
            }
        }

        return $heads;
    }

    /** The last heading row, for freezing and for repeating on each page. */
    public function lastHeadRow(): ?int
    {
        $heads = $this->heads();

        return $heads === [] ? null : $heads[count($heads) - 1]->last;
    }

    public function lastLabelColumn(): ?int
    {
        $last = null;
        foreach ($this->columns as $column) {
            if ($column->role === ColumnRole::Label || $column->role === ColumnRole::Heading) {
                $last = $column->column;
            }
        }

        return $last;
    }

    /**
     * Where each part stands, in the order of the rows, then of the columns.
     *
     * @return list<PartRange>
     */
    public function parts(): array
    {
        $parts = [];
        foreach ($this->runs as $run) {
            if ($run->part === null) {
                continue;
            }
            if ($run->part !== Part::Body) {
                $parts[] = new PartRange(
                    $run->part,
                    Range::of($run->first, $this->range->left, $run->last, $this->range->right),
                    $run->confidence,
                    $run->why,
                );

                continue;
            }
            foreach ($this->stretches() as [$role, $left, $right, $why]) {
                $part = match ($role) {
                    ColumnRole::Label => Part::RowLabel,
                    ColumnRole::Total => Part::Total,
                    ColumnRole::Heading => Part::Heading,
                    default => Part::Body,
                };
                $parts[] = new PartRange(
                    $part,
                    Range::of($run->first, $left, $run->last, $right),
                    $run->confidence,
                    $why === '' ? $run->why : $why,
                );
            }
        }
        foreach ($this->asides as $aside) {
            $parts[] = new PartRange(Part::Note, $aside, 0.7, 'text beside the table');
        }

        return $parts;
    }

    /** @param  list<Range>  $asides */
    public function withAsides(array $asides): self
    {
        return new self($this->range, $this->confidence, $this->runs, $this->columns, $asides, $this->groups, $this->lines);
    }

    /** @param  list<ColumnReading>  $columns */
    public function withColumns(array $columns): self
    {
        return new self($this->range, $this->confidence, $this->runs, $columns, $this->asides, $this->groups, $this->lines);
    }

    /** @param  array<int, ColumnReading>  $lines */
    public function withLines(array $lines): self
    {
        return new self($this->range, $this->confidence, $this->runs, $this->columns, $this->asides, $this->groups, $lines);
    }

    /**
     * The table with some of its rows read otherwise; rows just above or below it join it, others are left out.
     *
     * @param  list<RowRun>  $laid  from the top, none over another
     */
    public function overlaid(array $laid): self
    {
        $laid = array_filter($laid, fn (RowRun $run) => $run->first <= $this->range->bottom + 1 && $run->last >= $this->range->top - 1);
        if ($laid === []) {
            return $this;
        }
        $runs = [];
        $at = $index = 0;
        foreach ([...$laid, null] as $over) {
            // What was read before stands from the last of what is laid over it up to the next.
            for (; isset($this->runs[$index]) && ($over === null || $this->runs[$index]->first < $over->first); $index++) {
                [$run, $end] = [$this->runs[$index], $over === null ? $this->range->bottom : $over->first - 1];
                [$first, $last] = [max($run->first, $at + 1), min($run->last, $end)];
                if ($first <= $last) {
                    $runs[] = $run->over($first, $last);
                }
                if ($run->last > $end) {
                    break;
                }
            }
            if ($over !== null) {
                $runs[] = $over;
                $at = $over->last;
            }
        }
        $runs = self::headed(self::joined($runs));
        $last = $runs[count($runs) - 1]->last;
        [$top, $bottom] = [min($this->range->top, $runs[0]->first), max($this->range->bottom, $last)];
        $range = Range::of($top, $this->range->left, $bottom, $this->range->right);

        return new self($range, Weighing::table($runs), $runs, $this->columns, $this->asides, $this->groups, $this->lines);
    }

    /**
     * Under headings that somebody named, the first row of the body is no candidate for one any more.
     *
     * @param  list<RowRun>  $runs
     * @return list<RowRun>
     */
    private static function headed(array $runs): array
    {
        $isHeaded = false;
        foreach ($runs as $at => $run) {
            $isHeaded = $isHeaded || $run->part === Part::Heading;
            if ($isHeaded && $run->part === Part::Body && $run->second === Part::Heading) {
                $runs[$at] = $run->weighed(max($run->confidence, Weighing::HEADED), null);
            }
        }

        return $runs;
    }

    /**
     * @param  list<RowRun>  $runs
     * @return list<RowRun> neighbouring body runs joined, so that stripes run through
     */
    private static function joined(array $runs): array
    {
        $joined = [];
        foreach ($runs as $run) {
            $last = array_key_last($joined);
            $isMore = $last !== null && $run->part === Part::Body && $joined[$last]->part === Part::Body
                && $joined[$last]->last === $run->first - 1;
            if ($isMore) {
                $joined[$last] = $joined[$last]->weighed(min($joined[$last]->confidence, $run->confidence), $joined[$last]->second)
                    ->over($joined[$last]->first, $run->last);
            } else {
                $joined[] = $run;
            }
        }

        return $joined;
    }

    /** The table after rows or columns were put in or taken out; null where nothing of it is left. */
    public function moved(Shift $shift): ?self
    {
        $range = $shift->range($this->range);
        if ($range === null) {
            return null;
        }
        $runs = $shift->rows ? $this->movedRuns($shift) : $this->runs;
        $columns = $shift->rows ? $this->columns : $this->movedColumns($shift, $range);
        $ranges = array_map(fn (array $list) => array_values(array_filter(array_map(fn (Range $range) => $shift->range($range), $list))), [
            $this->asides,
            $this->groups,
        ]);

        $lines = $this->lines;
        if ($shift->rows) {
            $lines = [];
            foreach ($this->lines as $row => $line) {
                $to = $shift->place($row);
                $lines += $to === null ? [] : [$to => $line->at($to)];
            }
        }

        return new self($range, $this->confidence, $runs, $columns, $ranges[0], $ranges[1], $lines);
    }

    /** @return list<RowRun> a new row inside the body, or at its upper edge, is body */
    private function movedRuns(Shift $shift): array
    {
        $runs = [];
        $inside = $shift->in && $shift->at > $this->range->top
            && ($shift->at <= $this->range->bottom || ($shift->growth !== null && $shift->at === $this->range->bottom + 1));
        $upper = $this->runAt($shift->at - 1);
        $lower = $this->runAt($shift->at);
        $taker = $lower !== $upper && $lower?->part === Part::Body && $upper?->part !== Part::Body ? $lower : $upper;
        foreach ($this->runs as $run) {
            $stretch = $shift->stretch($run->first, $run->last);
            if ($stretch === null) {
                continue;
            }
            if ($inside && $run === $taker) {
                $stretch = [$run->first, $run->last + $shift->count];
            }
            $runs[] = $run->over($stretch[0], $stretch[1]);
        }

        return $runs;
    }

    /** @return list<ColumnReading> */
    private function movedColumns(Shift $shift, Range $range): array
    {
        $columns = [];
        for ($column = $range->left; $column <= $range->right; $column++) {
            $from = $shift->inverse()->place($column);
            $old = $from === null ? null : $this->column($from);
            $columns[] =
                $old === null ? new ColumnReading($column, null, ColumnKind::None, 1.0, ColumnRole::Spacer, 'put in') : $old->at($column);
        }

        return $columns;
    }

    /** @return list<array{ColumnRole, int, int, string}> neighbouring columns of one role: role, first, last, reason */
    private function stretches(): array
    {
        $stretches = [];
        foreach ($this->columns as $column) {
            if ($column->role === ColumnRole::Spacer) {
                continue;
            }
            $last = array_key_last($stretches);
            if ($last !== null && $stretches[$last][0] === $column->role && $stretches[$last][2] === $column->column - 1) {
                $stretches[$last][2] = $column->column;
            } else {
                $stretches[] = [$column->role, $column->column, $column->column, $column->why];
            }
        }

        return $stretches;
    }
}
