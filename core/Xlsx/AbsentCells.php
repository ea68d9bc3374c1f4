<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;

/** Cells that have to be made where a worksheet part has none: where the place wears something of its own, or holds something now. */
final class AbsentCells
{
    /** @var array<string, array<int, string>> cells of rows without one, as of row 1, by what rows wear and their format */
    private array $ofRows = [];

    /**
     * @param  array<int, int>  $had  number of the format of whole columns as they were, by column
     * @param  array<int, int>  $has  and as they are written
     */
    public function __construct(
        private readonly CellLooks $looks,
        private readonly DressedSheet $dressed,
        private readonly array $had,
        private readonly array $has,
    ) {
    }

    /**
     * The cells that have to be made where a row has none, as of row 1. Of rows that wear the same it is known; a sheet may have
     * a million of them.
     *
     * @param  string  $key  of what the row wears
     * @param  array<int, ResolvedLook>  $worn  by column
     * @return array<int, string>
     */
    public function ofRow(int $own, string $key, array $worn): array
    {
        return $this->ofRows["$own|$key"] ??= array_filter(
            array_map(fn (int $column) => $this->at(1, $column, $own, $worn[$column], null), array_keys($worn)),
        );
    }

    /** @param  array<int, string>  $cells  as of row 1 */
    public static function placed(int $row, array $cells): string
    {
        $xml = '';
        foreach ($cells as $cell) {
            $end = (int) strpos($cell, '"', 6);
            $xml .= substr($cell, 0, $end - 1).$row.substr($cell, $end);
        }

        return $xml;
    }

    /**
     * The cell of a place; nothing where none is needed.
     *
     * @param  int  $own  the format of the row, or RowReader::NONE
     */
    public function at(int $row, int $column, int $own, ?ResolvedLook $worn, ?Cell $cell): string
    {
        $had = $own === RowReader::NONE ? $this->had[$column] ?? RowReader::NONE : $own;
        $target = $this->looks->format($had, $worn ?? $this->dressed->at($row, $column), $column, isAbsent: true);
        if ($cell === null || $cell->isBlank()) {
            // Without a cell its place wears what its row or its column says.
            $bare = $own === RowReader::NONE ? $this->has[$column] ?? 0 : $own;

            return ($target ?? 0) === max(0, $bare) ? '' : '<c r="'.Place::address($row, $column).'" s="'.($target ?? 0).'"/>';
        }

        return CellXml::of(Place::address($row, $column), $target ?? 0, $cell);
    }
}
