<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Shift;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;

/**
 * Rows first..last of the table at a cell are this part, or blank spacers. Moving a bracket's end is the same act with
 * other rows; rows just above or below the table join it.
 */
final readonly class RowsAre implements Correction
{
    /**
     * @param  bool  $coded  the rows are labelled by codes, which keep the place of their column also in a total
     * @param  string  $why  in the words of the reading
     */
    public function __construct(
        public int $row,
        public int $column,
        public int $first,
        public int $last,
        public ?Part $part,
        public bool $coded = false,
        private string $why = 'corrected by hand',
    ) {
    }

    public function because(string $why): self
    {
        return new self($this->row, $this->column, $this->first, $this->last, $this->part, $this->coded, $why);
    }

    /** The same of rows that are labelled by codes. */
    public function ofCodes(): self
    {
        return new self($this->row, $this->column, $this->first, $this->last, $this->part, true);
    }

    public function on(Reading $reading): Reading
    {
        $table = $reading->tableAt($this->row, $this->column);

        return $table === null ? $reading : $reading->replace($table, $table->overlaid([$this->run()]));
    }

    public function run(): RowRun
    {
        return new RowRun($this->first, $this->last, $this->part, 1.0, $this->why, $this->coded);
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
}
