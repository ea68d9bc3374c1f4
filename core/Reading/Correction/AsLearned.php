<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Shift;
use Rilvet\Reading\Reading;

/** What a person corrected once in a table with the same headings. */
final readonly class AsLearned implements Correction
{
    /**
     * @param  int  $row  of the table's corner
     * @param  int  $column  the same
     * @param  string  $from  the workbook in which it was corrected
     * @param  list<Correction>  $said
     */
    public function __construct(public int $row, public int $column, public string $from, public array $said)
    {
    }

    /** It says what columns are, and nothing of rows. */
    public function isOfColumns(): bool
    {
        return array_filter($this->said, fn (Correction $one) => ! $one instanceof ColumnIs) === [];
    }

    public function on(Reading $reading): Reading
    {
        $why = "as it was corrected in \"$this->from\"";
        foreach ($this->said as $one) {
            $reading = ($one instanceof RowsAreEach ? $one->because($why) : $one)->on($reading);
        }

        return $reading;
    }

    public function moved(Shift $shift): ?self
    {
        $row = $shift->rows ? $shift->place($this->row) : $this->row;
        $column = $shift->rows ? $this->column : $shift->place($this->column);
        $said = array_values(array_filter(array_map(fn (Correction $one) => $one->moved($shift), $this->said)));

        return $row === null || $column === null || $said === [] ? null : new self($row, $column, $this->from, $said);
    }

    public function words(): string
    {
        return "Read as it was corrected in \"$this->from\"";
    }

    public function toArray(): array
    {
        return [
            'type' => 'learned',
            'row' => $this->row,
            'column' => $this->column,
            'from' => $this->from,
            'said' => array_map(fn (Correction $one) => $one->toArray(), $this->said),
        ];
    }
}
