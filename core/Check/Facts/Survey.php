<?php

declare(strict_types=1);

namespace Rilvet\Check\Facts;

use Rilvet\Check\Places;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/** What the cells of tables wear, counted, without a look at what they hold: rows that wear the same are looked at once. */
final class Survey
{
    /** Rows and columns that are resolved one by one; what is beyond is left alone. */
    private const CELLS = 150_000;

    private int $resolved = 0;

    /** @var array<int, array<int, list<Wear>>> by the object of the table, then by column */
    private array $bodies = [];

    /** @param  CellFacts|null  $facts  where they are known, columns without blank cells are not read again */
    public function __construct(private readonly Worksheet $sheet, private readonly DressedSheet $dressed,
        private readonly ?CellFacts $facts = null)
    {
    }

    /**
     * What the cells of a column wear in the body of a table, the most frequent first.
     *
     * @return list<Wear>
     */
    public function column(TableReading $table, int $column): array
    {
        $this->bodies[spl_object_id($table)] ??= $this->body($table);

        return $this->bodies[spl_object_id($table)][$column] ?? [];
    }

    /**
     * What they wear, told apart by one thing only.
     *
     * @param  callable(ResolvedLook): string  $by
     * @return array<string, Wear> the most frequent first
     */
    public function by(TableReading $table, int $column, callable $by): array
    {
        $groups = [];
        foreach ($this->column($table, $column) as $wear) {
            $key = $by($wear->look);
            $groups[$key] = isset($groups[$key]) ? $groups[$key]->and($wear) : $wear;
        }
        uasort($groups, fn (Wear $one, Wear $other) => $other->places->count <=> $one->places->count);

        return $groups;
    }

    /** Whether any of some places holds something; at most some hundred cells are read for it. */
    public function isFilled(Places $places, int $column): bool
    {
        if ($this->facts?->isFull($column) === true) {
            return true;
        }
        $read = 0;
        foreach ($places->stretches() as [$from, $to]) {
            $to = min($to, $from + 200);
            $read += $to - $from + 1;
            foreach ($this->sheet->cells->read($from, $to, $column, $column) as $cells) {
                if (($cells[$column - 1] ?? null)?->isBlank() === false) {
                    return true;
                }
            }
            if ($read > 1_000) {
                return true;
            }
        }

        return false;
    }

    /** @return array<int, list<Wear>> by column */
    private function body(TableReading $table): array
    {
        [$left, $right] = [$table->range->left, min($table->range->right, $table->range->left + 500)];
        /** @var array<string, array{array<int, ResolvedLook>, list<array{int, int}>, int}> $kinds */
        $kinds = [];
        $last = '';
        foreach ($table->runs as $run) {
            for ($row = $run->first; $run->part === Part::Body && $row <= $run->last; $row++) {
                $key = $this->dressed->key($row);
                $at = $key ?? "=$row";
                if (! isset($kinds[$at])) {
                    if ($this->resolved > self::CELLS || count($kinds) > 5_000) {
                        return [];
                    }
                    $this->resolved += $right - $left + 1;
                    $kinds[$at] = [$this->dressed->stretch($row, $left, $right)[1], [], 0];
                }
                $until = $key === null ? $row : min($run->last, $this->dressed->sameUntil($row));
                $kinds[$at][2] += $until - $row + 1;
                $end = count($kinds[$at][1]) - 1;
                if ($last === $at && $kinds[$at][1][$end][1] === $row - 1) {
                    $kinds[$at][1][$end][1] = $until;
                } elseif ($end < Places::NAMED) {
                    $kinds[$at][1][] = [$row, $until];
                }
                $row = $until;
                $last = $at;
            }
        }
        $columns = [];
        for ($column = $left; $column <= $right; $column++) {
            $looks = [];
            foreach ($kinds as [$row, $stretches, $count]) {
                $wear = new Wear($row[$column], Places::at($column, $stretches, $count));
                $number = $row[$column]->number;
                $looks[$number] = isset($looks[$number]) ? $looks[$number]->and($wear) : $wear;
            }
            usort($looks, fn (Wear $one, Wear $other) => $other->places->count <=> $one->places->count);
            $columns[$column] = $looks;
        }

        return $columns;
    }
}
