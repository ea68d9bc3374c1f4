<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use Rilvet\Grid\Cell;
use Rilvet\Grid\Shift;
use Rilvet\Grid\Typing;

/** The typing of all columns of a sheet that came as text. */
final readonly class SheetTyping implements Typing
{
    /** @param  array<int, ColumnTyping>  $columns by column number; a column that is not named stays text */
    public function __construct(public array $columns)
    {
    }

    public function cell(int $column, string $raw): Cell
    {
        $typing = $this->columns[$column] ?? null;

        return $typing === null ? Cell::of($raw) : $typing->cell($raw);
    }

    public function values(int $column, array $raws): array
    {
        $typing = $this->columns[$column] ?? null;

        return $typing === null ? $raws : $typing->values($raws);
    }

    /** The decimal sign of its columns of figures, where they agree; else a point. */
    public function decimal(): string
    {
        return self::agreed(
            array_map(
                fn (ColumnTyping $typing) => $typing->decimal,
                array_filter($this->columns, fn (ColumnTyping $typing) => $typing->kind === TypingKind::Number && ! $typing->unsure),
            ),
        ) ?? '.';
    }

    /** The order of day and month in its columns of dates, where they agree; else the day first. */
    public function order(): string
    {
        return self::agreed(
            array_map(
                fn (ColumnTyping $typing) => $typing->order,
                array_filter($this->columns, fn (ColumnTyping $typing) => $typing->kind === TypingKind::Date && ! $typing->unsure),
            ),
        ) === 'mdy'
            ? 'mdy'
            : 'dmy';
    }

    /** @param  array<int, string>  $all */
    private static function agreed(array $all): ?string
    {
        $kinds = array_values(array_unique($all));

        return count($kinds) === 1 ? $kinds[0] : null;
    }

    public function with(int $column, ColumnTyping $typing): self
    {
        return new self([$column => $typing] + $this->columns);
    }

    public function moved(Shift $shift): self
    {
        $columns = [];
        foreach ($this->columns as $column => $typing) {
            $to = $shift->rows ? $column : $shift->place($column);
            if ($to !== null) {
                $columns[$to] = $typing;
            }
        }

        return new self($columns);
    }

    /** @return array<int, array<string, bool|string>> */
    public function toArray(): array
    {
        return array_map(fn (ColumnTyping $typing) => $typing->toArray(), $this->columns);
    }

    /** @param  array<int, array<string, bool|string>>  $data */
    public static function fromArray(array $data): self
    {
        return new self(array_map(ColumnTyping::fromArray(...), $data));
    }
}
