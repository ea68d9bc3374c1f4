<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Shift;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;

/** Several stretches of rows of the table at a cell are each a part: the answer to a question about all that is read alike. */
final readonly class RowsAreEach implements Correction
{
    /** Stretches that one correction may name. */
    public const MOST = 3_000;

    /** @param  list<RowsAre>  $each  from the top, none over another */
    public function __construct(public array $each)
    {
    }

    /** @param  list<array{int, int, Part|null}>  $rows  first, last, part */
    public static function of(int $row, int $column, array $rows): self
    {
        return new self(array_map(fn (array $one) => new RowsAre($row, $column, ...$one), $rows));
    }

    public function because(string $why): self
    {
        return new self(array_map(fn (RowsAre $rows) => $rows->because($why), $this->each));
    }

    public function on(Reading $reading): Reading
    {
        $table = $this->each === [] ? null : $reading->tableAt($this->each[0]->row, $this->each[0]->column);
        $runs = array_map(fn (RowsAre $rows) => $rows->run(), $this->each);

        return $table === null ? $reading : $reading->replace($table, $table->overlaid($runs));
    }

    public function moved(Shift $shift): ?self
    {
        $each = array_values(array_filter(array_map(fn (RowsAre $rows) => $rows->moved($shift), $this->each)));

        return $each === [] ? null : new self($each);
    }

    public function words(): string
    {
        $first = $this->each[0] ?? null;
        $more = count($this->each) - 1;

        return ($first?->words() ?? 'Read as before').($more > 0 ? " and $more more" : '');
    }

    /** @return array{type: string, row: int, column: int, rows: list<list<bool|int|string|null>>} */
    public function toArray(): array
    {
        return [
            'type' => 'each',
            'row' => $this->each[0]->row ?? 1,
            'column' => $this->each[0]->column ?? 1,
            'rows' => array_map(fn (RowsAre $rows) => [
                $rows->first, $rows->last, $rows->part?->value, ...($rows->coded ? [true] : []),
            ], $this->each),
        ];
    }
}
