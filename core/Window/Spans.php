<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Work\Worksheet;

/** How far a text that is centred over several cells reaches: over blank cells of the same alignment, within its group. */
final readonly class Spans
{
    public function __construct(private Worksheet $sheet, private DressedSheet $dressed)
    {
    }

    /**
     * The last column of the span that begins at a cell; the cell's own where it is not spanned.
     *
     * @param  list<Cell>  $values of the whole row
     */
    public function end(int $row, int $column, array $values): int
    {
        $to = $column;
        if (! $this->isSpanned($row, $column)) {
            return $to;
        }
        while (
            ($values[$to] ?? Cell::blank())->isBlank() &&
            $to < $this->sheet->cells->columns() &&
            $this->isSpanned($row, $to + 1) &&
            $this->sameGroup($row, $column, $to + 1)
        ) {
            $to++;
        }

        return $to;
    }

    private function isSpanned(int $row, int $column): bool
    {
        return $this->dressed->at($row, $column)->look->text(Attribute::Horizontal) === 'span';
    }

    private function sameGroup(int $row, int $column, int $next): bool
    {
        foreach ($this->sheet->reading->tableAt($row, $column)->groups ?? [] as $group) {
            if ($group->contains($row, $column)) {
                return $group->contains($row, $next);
            }
        }

        return true;
    }
}
