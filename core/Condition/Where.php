<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Condition\Exception\WhereIsWrong;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\TableReading;
use Rilvet\Refusal;

/**
 * Where a conditional look holds: on some cells; on one column of a table, as far as its body goes; or on a part of every
 * table, on its columns of one kind or under one heading.
 *
 * @phpstan-type WhereData array{cells: string}|array{column: string}|array{part: string, kind?: string, heading?: string}
 */
final readonly class Where
{
    /** Ranges that a condition on cells may have. */
    private const RANGES = 20_000;

    /**
     * @param  list<Range>  $cells
     * @param  Address|null  $column  a cell of the column, in its table
     */
    private function __construct(
        public array $cells,
        public ?Address $column = null,
        public ?Part $part = null,
        public ?ColumnKind $kind = null,
        public ?string $heading = null,
    ) {
    }

    /** @param  list<Range>  $ranges */
    public static function cells(array $ranges): self
    {
        return new self($ranges);
    }

    public static function column(Address $cell): self
    {
        return new self([], $cell);
    }

    public static function part(Part $part, ?ColumnKind $kind = null, ?string $heading = null): self
    {
        return new self([], null, $part, $kind, $heading);
    }

    /** @throws Refusal */
    public static function of(mixed $data): self
    {
        // Most are one range.
        $cells = is_array($data) ? $data['cells'] ?? null : null;
        if (is_string($cells) && preg_match('/^[A-Z]{1,3}\d{1,7}(?::[A-Z]{1,3}\d{1,7})?$/', $cells) === 1) {
            return new self([Range::parse($cells)]);
        }
        $says = function (string $name) use ($data): ?string {
            $value = is_array($data) ? $data[$name] ?? null : null;
            if ($value !== null && ! is_string($value)) {
                throw WhereIsWrong::because("where.$name", 'a text is wanted.');
            }

            return $value === '' ? null : $value;
        };
        if ($says('cells') !== null) {
            $texts = preg_split('/[\s,]+/', trim($says('cells'))) ?: [];
            count($texts) <= self::RANGES || throw WhereIsWrong::because('where',
                'at most '.number_format(self::RANGES).' ranges are taken.');

            return new self(array_map(Range::parse(...), $texts));
        }
        if ($says('column') !== null) {
            return new self([], Address::parse($says('column')));
        }
        $part = Part::tryFrom($says('part') ?? '');
        $part !== null && ! $part->isOfCells() || throw WhereIsWrong::because('where', 'cells, a column or a part are wanted.');
        $kind = $says('kind') === null ? null
            : ColumnKind::tryFrom($says('kind')) ?? throw WhereIsWrong::because('where.kind', 'no such column kind.');
        $heading = $says('heading');
        $heading === null || mb_strlen($heading) <= 200 || throw WhereIsWrong::because('where.heading',
            'a heading of at most 200 characters is wanted.');

        return new self([], null, $part, $kind, $heading);
    }

    /** @return WhereData */
    public function toArray(): array
    {
        return match (true) {
            $this->column !== null => ['column' => (string) $this->column],
            $this->part !== null => ['part' => $this->part->value] + ($this->kind === null ? [] : ['kind' => $this->kind->value])
                + ($this->heading === null ? [] : ['heading' => $this->heading]),
            default => ['cells' => implode(' ', $this->cells)],
        };
    }

    public function isCells(): bool
    {
        return $this->column === null && $this->part === null;
    }

    /** @return list<Range> the cells that it means on a sheet now */
    public function ranges(Reading $reading): array
    {
        if ($this->column !== null) {
            $table = $reading->tableAt($this->column->row, $this->column->column);

            return $table === null ? [] : self::bodyOf($table, Part::Body, $this->column->column, $this->column->column);
        }
        if ($this->part === null) {
            return $this->cells;
        }
        $ranges = [];
        foreach ($reading->tables as $table) {
            $right = null;
            foreach ($table->columns as $column) {
                $fits = ($this->kind === null || $column->kind === $this->kind) && ($this->heading === null
                    || $column->isHeaded($this->heading))
                    && $this->isOf($column->role);
                // Columns side by side are one range.
                if ($fits && $right !== null && $right[1] === $column->column - 1) {
                    $right[1] = $column->column;
                } elseif ($fits) {
                    $right === null || array_push($ranges, ...self::bodyOf($table, $this->part, $right[0], $right[1]));
                    $right = [$column->column, $column->column];
                }
            }
            $right === null || array_push($ranges, ...self::bodyOf($table, $this->part, $right[0], $right[1]));
        }

        return $ranges;
    }

    /** A body is where data is: labels and totals across it are parts of their own. */
    private function isOf(ColumnRole $role): bool
    {
        return match ($this->part) {
            Part::Body => $role === ColumnRole::Data,
            Part::RowLabel => $role === ColumnRole::Label,
            default => true,
        };
    }

    /** @return list<Range> */
    private static function bodyOf(TableReading $table, Part $part, int $left, int $right): array
    {
        $rows = $part === Part::RowLabel ? Part::Body : $part;
        $ranges = [];
        foreach ($table->runs as $run) {
            if ($run->part === $rows) {
                $ranges[] = Range::of($run->first, $left, $run->last, $right);
            }
        }

        return $ranges;
    }

    /** After rows or columns have moved; null where nothing is left of it. */
    public function moved(Shift|RowOrder $move): ?self
    {
        if ($this->part !== null) {
            return $this;
        }
        if ($this->column !== null) {
            if ($move instanceof RowOrder) {
                return $this;
            }
            $index = $move->rows ? $this->column->row : $this->column->column;
            $to = $move->place($index) ?? ($move->rows ? $move->at : null);

            return $to === null ? null
                : new self([], Address::of($move->rows ? max(1, $to) : $this->column->row,
                    $move->rows ? $this->column->column : $to));
        }
        $ranges = [];
        foreach ($this->cells as $range) {
            array_push($ranges, ...($move instanceof RowOrder ? $move->ranges($range) : array_filter([$move->range($range)])));
        }

        return $ranges === [] ? null : new self($ranges);
    }

    public function words(): string
    {
        return match (true) {
            $this->column !== null => 'column '.Address::columnName($this->column->column),
            $this->part !== null => mb_strtolower($this->part->words())
                .($this->kind === null ? '' : ', '.mb_strtolower($this->kind->ofMany()))
                .($this->heading === null ? ''
                    : " headed \"$this->heading\""),
            default => count($this->cells) > 3 ? implode(', ', array_slice($this->cells, 0,
                2)).' and '.(count($this->cells) - 2).' more ranges'
                : implode(', ', $this->cells),
        };
    }
}
