<?php

declare(strict_types=1);

namespace Rilvet\Summary;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/** What a sheet sums up: a table of another sheet, by its columns. A sheet that sums up nothing has none. */
final readonly class Summary implements Aspect
{
    /** Columns that rows can be put together by, one within the other. */
    private const FIELDS = 2;

    private const VALUES = 8;

    /** Characters of a heading. */
    public const LONGEST = 1_000;

    /**
     * @param  int  $sheet  number of the sheet that is summed up; 0 for none
     * @param  list<Field>  $rows  the outer one first
     * @param  Field|null  $across  what stands side by side
     * @param  list<Value>  $values
     * @param  bool  $isLive  figures are formulas where the format has them; else values
     */
    public function __construct(
        public int $sheet = 0,
        public array $rows = [],
        public ?Field $across = null,
        public array $values = [],
        public bool $isLive = true,
    ) {
    }

    /** @throws SummaryIsWrong */
    public static function of(mixed $data): self
    {
        is_array($data) || throw SummaryIsWrong::says('what it is made of is wanted');
        $list = fn (string $name, int $most) => is_array($data[$name] ?? null) && $data[$name] !== [] && count($data[$name]) <= $most
            ? array_values($data[$name]) : throw SummaryIsWrong::says("1 to $most $name are wanted");
        $sheet = $data['sheet'] ?? 0;
        is_int($sheet) && $sheet > 0 || throw SummaryIsWrong::says('the number of a sheet is wanted');

        return new self($sheet, array_map(Field::fromArray(...), $list('rows', self::FIELDS)),
            ($data['across'] ?? null) === null ? null : Field::fromArray($data['across']),
            array_map(Value::fromArray(...), $list('values', self::VALUES)), ($data['live'] ?? true) === true);
    }

    public static function name(): string
    {
        return 'summary';
    }

    public static function fromJson(mixed $data): static
    {
        return $data === null ? new self : self::of($data);
    }

    /** @return array<string, mixed>|null */
    public function toJson(): ?array
    {
        return $this->sheet === 0 ? null : [
            'sheet' => $this->sheet, 'rows' => array_map(fn (Field $one) => $one->toArray(), $this->rows),
            'across' => $this->across?->toArray(), 'values' => array_map(fn (Value $one) => $one->toArray(), $this->values),
            'live' => $this->isLive,
        ];
    }

    public function moved(Shift|RowOrder $move): static
    {
        return $this;
    }

    public function isNone(): bool
    {
        return $this->sheet === 0;
    }

    /** "Worth and rows by Customer and Day, by month". */
    public function words(): string
    {
        $fields = array_map(fn (Field $one) => $one->words(), [...$this->rows, ...($this->across === null ? [] : [$this->across])]);

        return self::listed(array_map(fn (Value $one) => $one->words(), $this->values)).' by '.self::listed($fields);
    }

    /** @param  list<string>  $words */
    private static function listed(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words)." and $last";
    }

    /**
     * The table that is summed up: the first with all of the columns.
     *
     * @throws SummaryIsWrong
     */
    public function table(Worksheet $source): TableReading
    {
        $missing = null;
        foreach ($source->reading->tables as $table) {
            if ($table->firstBodyRow() === null || $table->isTurned()) {
                continue;
            }
            $gone = null;
            foreach ($this->headings() as $heading) {
                self::column($table, $heading) ?? $gone ??= $heading;
            }
            if ($gone === null) {
                return $table;
            }
            $missing ??= $gone;
        }
        throw $missing === null ? SummaryIsWrong::noTable() : SummaryIsWrong::noColumn($missing);
    }

    /** @return list<string> */
    private function headings(): array
    {
        $fields = array_map(fn (Field $one) => $one->heading, [...$this->rows, ...($this->across === null ? [] : [$this->across])]);

        return [...$fields, ...array_values(array_filter(array_map(fn (Value $one) => $one->heading, $this->values),
            fn (?string $heading) => $heading !== null))];
    }

    public static function column(TableReading $table, string $heading): ?ColumnReading
    {
        foreach ($table->columns as $column) {
            if ($column->isHeaded($heading)) {
                return $column;
            }
        }

        return null;
    }
}
