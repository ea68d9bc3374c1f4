<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Reading\Correction\RowsAreEach;

/** What is asked of a table that is read with doubt: its weakest part, the two likeliest readings of it, and how each is kept. */
final readonly class Question
{
    /** Confidence of a table below which it is asked about. */
    public const ASKED = 0.6;

    /** Rows that are named in words. */
    private const NAMED = 4;

    /** @param  list<RowRun>  $runs  rows that are read by the same ground, as surely */
    private function __construct(public TableReading $table, public array $runs, private Part $second)
    {
    }

    public static function of(TableReading $table): ?self
    {
        if ($table->confidence >= self::ASKED) {
            return null;
        }
        $weakest = null;
        foreach ($table->runs as $run) {
            $weakest = $run->second !== null && $run->confidence < ($weakest->confidence ?? 1.0) ? $run : $weakest;
        }
        if ($weakest?->second === null) {
            return null;
        }
        $alike = array_filter($table->runs, fn (RowRun $run) => $run->part === $weakest->part && $run->confidence === $weakest->confidence);

        return new self($table, array_slice(array_values($alike), 0, RowsAreEach::MOST), $weakest->second);
    }

    /** @return list<self> in the order of the tables */
    public static function all(Reading $reading): array
    {
        return array_values(array_filter(array_map(self::of(...), $reading->tables)));
    }

    /** What it is read as, and why. */
    public function words(): string
    {
        $first = $this->runs[0];
        if ($this->isFirstRow()) {
            return "No headings were found: row $first->first looks like the rows below it.";
        }
        $is = $this->count() === 1 ? 'is' : 'are';

        return $this->rows()." $is read as ".self::name($first->part, $this->count()).": $first->why.";
    }

    public function asRead(): RowsAreEach
    {
        return $this->each(array_map(fn (RowRun $run) => [$run->first, $run->last, $run->part], $this->runs));
    }

    public function otherwise(): RowsAreEach
    {
        $first = $this->runs[0];
        if (! $this->isFirstRow()) {
            return $this->each(array_map(fn (RowRun $run) => [$run->first, $run->last, $this->second], $this->runs));
        }
        // Without headings: it is the first row that may be one; the others stay what they are.
        $rows = [[$first->first, $first->first, $this->second]];
        foreach ($this->runs as $run) {
            $from = $run === $first ? $run->first + 1 : $run->first;
            $from <= $run->last && $rows[] = [$from, $run->last, $run->part];
        }

        return $this->each($rows);
    }

    /** The two readings in a few words, as they stand on buttons. */
    public function asReadWords(): string
    {
        return $this->isFirstRow() ? 'No headings' : ucfirst(self::name($this->runs[0]->part, $this->count()));
    }

    public function otherwiseWords(): string
    {
        return $this->isFirstRow()
            ? "Row {$this->runs[0]->first} holds the headings"
            : ucfirst(self::name($this->second, $this->count()));
    }

    private function isFirstRow(): bool
    {
        return $this->runs[0]->part === Part::Body && $this->second === Part::Heading;
    }

    private function count(): int
    {
        return array_sum(array_map(fn (RowRun $run) => $run->rows(), $this->runs));
    }

    private function rows(): string
    {
        $names = array_map(fn (RowRun $run) => $run->rows() === 1 ? (string) $run->first : "$run->first to $run->last", $this->runs);
        $more = count($names) - self::NAMED;

        $named = implode(', ', array_slice($names, 0, self::NAMED));

        return ($this->count() === 1 ? 'Row ' : 'Rows ').$named
            .($more > 0 ? " and $more more" : '');
    }

    /** @param  list<array{int, int, Part|null}>  $rows */
    private function each(array $rows): RowsAreEach
    {
        return RowsAreEach::of($this->table->range->top, $this->table->range->left, array_slice($rows, 0, RowsAreEach::MOST));
    }

    private static function name(?Part $part, int $count): string
    {
        return match ($part) {
            null => 'no table',
            Part::Body => 'data',
            default => mb_strtolower($count === 1 ? $part->ofOne() : $part->words()),
        };
    }
}
