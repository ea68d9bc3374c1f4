<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;

/**
 * Rows first..last of the table at a cell are this part, or blank spacers. Moving a bracket's end is the same act with
 * other rows; rows just above or below the table join it.
 */
final readonly class RowsAre implements Correction
{
    /** @param  bool  $coded  the rows are labelled by codes, which keep the place of their column also in a total */
    public function __construct(
        public int $row,
        public int $column,
        public int $first,
        public int $last,
        public ?Part $part,
        public bool $coded = false,
    ) {
    }

    /** The same of rows that are labelled by codes. */
    public function ofCodes(): self
    {
        return new self($this->row, $this->column, $this->first, $this->last, $this->part, true);
    }

    public function on(Reading $reading): Reading
    {
        $table = $reading->tableAt($this->row, $this->column);
        if ($table === null) {
            return $reading;
        }
        $range = $table->range;
        if ($this->first > $range->bottom + 1 || $this->last < $range->top - 1) {
            return $reading;
        }
        $grown = Range::of(min($range->top, $this->first), $range->left, max($range->bottom, $this->last), $range->right);
        $runs = [];
        foreach ($table->runs as $run) {
            if ($run->first < $this->first) {
                $runs[] = $run->over($run->first, min($run->last, $this->first - 1));
            }
        }
        $runs[] = new RowRun($this->first, $this->last, $this->part, 1.0, 'corrected by hand', $this->coded);
        foreach ($table->runs as $run) {
            if ($run->last > $this->last) {
                $runs[] = $run->over(max($run->first, $this->last + 1), $run->last);
            }
        }

        return $reading->replace(
            $table,
            new TableReading($grown, $table->confidence, self::joined($runs), $table->columns, $table->asides, $table->groups),
        );
    }

    public function moved(Shift $shift): ?self
    {
        if (! $shift->rows) {
            $column = $shift->place($this->column);

            return $column === null ? null : new self($this->row, $column, $this->first, $this->last, $this->part, $this->coded);
        }
        $rows = $shift->stretch($this->first, $this->last);

        return $rows === null
            ? null
            : new self($shift->place($this->row) ?? $rows[0], $this->column, $rows[0], $rows[1], $this->part, $this->coded);
    }

    public function words(): string
    {
        $rows = $this->first === $this->last ? "Row $this->first" : "Rows $this->first to $this->last";

        return "$rows read as ".mb_strtolower($this->part?->words() ?? 'blank');
    }

    public function toArray(): array
    {
        $data = [
            'type' => 'rows',
            'row' => $this->row,
            'column' => $this->column,
            'first' => $this->first,
            'last' => $this->last,
            'part' => $this->part?->value,
        ];

        return $this->coded ? $data + ['coded' => true] : $data;
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
            if (
                $last !== null &&
                $joined[$last]->part === $run->part &&
                $run->part === Part::Body &&
                $joined[$last]->last === $run->first - 1
            ) {
                $joined[$last] = $joined[$last]->over($joined[$last]->first, $run->last);
            } else {
                $joined[] = $run;
            }
        }

        return $joined;
    }
}
