<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;

/** A rectangle of a sheet under examination: signatures of its rows, and its cells on demand. */
final class Region
{
    /** @var array<int, string> */
    private array $rows = [];

    private ?string $blank = null;

    public function __construct(public readonly SheetFacts $facts, public readonly Range $range)
    {
    }

    /** The letters of a row between the region's columns. */
    public function letters(int $row): string
    {
        $signature = $this->facts->signature($row);
        if ($signature === '') {
            // Blank rows are many, and all the same.
            return $this->blank ??= str_repeat('.', $this->range->columns());
        }

        return $this->rows[$row] ??= str_pad(
            substr($signature, $this->range->left - 1, $this->range->columns()),
            $this->range->columns(),
            '.',
        );
    }

    public function isBlank(int $row): bool
    {
        return $this->facts->signature($row) === '' || trim($this->letters($row), '.') === '';
    }

    /** How many cells of a row are filled. */
    public function filled(int $row): int
    {
        return strlen($this->letters($row)) - substr_count($this->letters($row), '.');
    }

    /** The only filled column of a row that holds one text; null otherwise. */
    public function loneText(int $row): ?int
    {
        $letters = $this->letters($row);
        if ($this->filled($row) !== 1) {
            return null;
        }
        $at = strspn($letters, '.');

        return in_array($letters[$at], ['t', 'w', 'T'], true) ? $this->range->left + $at : null;
    }

    /** The one table of which the file says that it stands here; null where there is none, or more. */
    public function said(): ?SaidTable
    {
        $range = $this->range;
        $tables = array_values(array_filter(
            $this->facts->tables($range->top, $range->bottom),
            fn (SaidTable $table) => $table->range->meetsColumns($range->left, $range->right),
        ));
        if (count($tables) !== 1) {
            return null;
        }
        // What stands beside its first row is no part of it: then it is not the table of this region.
        $said = $tables[0]->range;
        $letters = $this->letters($said->top);
        $beside = substr($letters, 0, max(0, $said->left - $range->left)).substr($letters, max(0, $said->right - $range->left + 1));

        return trim($beside, '.') === '' ? $tables[0] : null;
    }

    public function cell(int $row, int $column): Cell
    {
        return $this->facts->cell($row, $column);
    }

    public function text(int $row, int $column): string
    {
        return trim($this->facts->cell($row, $column)->text());
    }

    /** @return array<int, string> the texts of a row's filled cells, by their place in the region */
    public function texts(int $row): array
    {
        $texts = [];
        foreach (str_split($this->letters($row)) as $at => $letter) {
            if ($letter !== '.') {
                $texts[$at] = $this->text($row, $this->range->left + $at);
            }
        }

        return $texts;
    }

    public function part(Range $range): self
    {
        return new self($this->facts, $range);
    }

    /**
     * Rows that stand for the whole: all of them, or the head, the foot and a few clusters between, so that only a few
     * row blocks need to be opened.
     *
     * @return list<int>
     */
    public function sample(int $from, int $to, int $most = 400): array
    {
        if ($to - $from < $most) {
            return $to < $from ? [] : range($from, $to);
        }
        $edge = intdiv($most, 4);
        $rows = [...range($from, $from + $edge - 1), ...range($to - $edge + 1, $to)];
        for ($cluster = 1; $cluster <= 4; $cluster++) {
            $start = $from + intdiv(($to - $from) * $cluster, 5);
            array_push($rows, ...range($start, min($to, $start + intdiv($edge, 2) - 1)));
        }
        sort($rows);

        return array_values(array_unique($rows));
    }

    /** The commonest letter of a column among some rows, formulas as what they give; blanks and placeholders do not count. */
    public function majority(int $column, int $from, int $to): string
    {
        $at = $column - $this->range->left;
        $tally = [];
        foreach ($this->sample($from, $to) as $row) {
            $letter = strtolower(strtr($this->letters($row)[$at], 'SwW', 'ntt'));
            if ($letter !== '.' && $letter !== '-' && $letter !== 'e') {
                $tally[$letter] = ($tally[$letter] ?? 0) + 1;
            }
        }

        return RunningTally::most($tally);
    }
}
