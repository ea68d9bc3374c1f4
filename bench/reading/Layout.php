<?php

declare(strict_types=1);

namespace Bench\Reading;

use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;

/** A table that is being laid out, with the truth of each of its cells. */
final class Layout
{
    /** @var list<list<bool|float|int|string|null>> */
    public array $rows = [];

    /** @var array<int, array<int, Part>> by row, then by column, of cells that hold something */
    public array $truth = [];

    /** @var array<int, ColumnKind> by column */
    public array $kinds = [];

    public int $tables = 1;

    /**
     * @param  string  $cause  what it is about
     * @param  string  $language  of {@see Vocabulary}
     * @param  int  $labels  columns that name the rows
     * @param  list<int>  $totals  columns of totals
     */
    public function __construct(
        public readonly string $cause,
        public readonly string $language,
        public int $labels = 1,
        public array $totals = [],
    ) {
    }

    public function word(string $name): string
    {
        return Vocabulary::WORDS[$this->language][$name];
    }

    /** @param  list<bool|float|int|string|null>  $cells */
    public function row(Part $part, array $cells): void
    {
        $row = count($this->rows) + 1;
        $this->rows[] = $cells;
        foreach ($cells as $index => $cell) {
            if ($cell !== null && $cell !== '') {
                $this->truth[$row][$index + 1] = match (true) {
                    $part !== Part::Body => $part,
                    $index < $this->labels => Part::RowLabel,
                    in_array($index + 1, $this->totals, true) => Part::Total,
                    default => Part::Body,
                };
            }
        }
    }

    public function blank(): void
    {
        $this->rows[] = [];
    }
}
