<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Generator;
use Rilvet\Grid\Cell;
use Rilvet\Grid\FilledRows;
use Rilvet\Grid\Sheet;
use Rilvet\Package\PackageXml;

/** The cells of a sheet as they are now, beside those of its part: which of them have to be written anew. */
final class EditedCells
{
    /** A formula differs from what it was. */
    public bool $formulasChanged = false;

    /** @var list<string> cells whose formula gives something else than it did, the first hundred of them */
    public array $results = [];

    public int $countResults = 0;

    /** @var array<int, true> groups of formulas whose first is another now */
    private array $broken = [];

    /** @var Generator<int, list<Cell>> */
    private readonly Generator $rows;

    public function __construct(Sheet $sheet, private readonly RowReader $reader, private readonly string $part)
    {
        $this->rows = (fn () => yield from FilledRows::isSparse($sheet) ? FilledRows::of($sheet) : $sheet->read(1, $sheet->rows()))();
    }

    /**
     * The cells of a row as they are now; rows are asked for in their order.
     *
     * @return list<Cell>
     */
    public function at(int $row): array
    {
        while ($this->rows->valid() && $this->rows->key() < $row) {
            $this->rows->next();
        }

        return $this->rows->valid() && $this->rows->key() === $row ? $this->rows->current() : [];
    }

    /**
     * Cells of a row that hold something else than they did.
     *
     * @param  list<Cell>  $model  what the row holds now
     * @param  string  $root  start tag of the worksheet
     * @return list<Cell|null>
     */
    public function edits(int $row, string $xml, array $model, string $root): array
    {
        [$stored] = $this->reader->cells($row, $xml);
        $groups = str_contains($xml, 'shared') ? $this->groups($xml, $root) : [];
        $edits = [];
        for ($index = 0; $index < max(count($stored), count($model)); $index++) {
            $cell = $model[$index] ?? Cell::blank();
            $was = $stored[$index] ?? null;
            $now = $cell->stored();
            [$group, $isFirst] = $groups[$index + 1] ?? [null, false];
            if ($now === $was || $now === '' && $was === null) {
                // One of a group whose first formula is another now says its own.
                $edits[] = $group !== null && ! $isFirst && isset($this->broken[$group]) ? $cell : null;

                continue;
            }
            if ($group !== null && $isFirst) {
                $this->broken[$group] = true;
            }
            $formula = is_array($was) ? $was['f'] ?? null : null;
            // A result alone that is not known is left as the file has it.
            if ($formula !== null && $formula === $cell->formula && $cell->value === null && $cell->error === null) {
                $edits[] = null;

                continue;
            }
            $this->formulasChanged = $this->formulasChanged || $formula !== $cell->formula;
            if (
                $formula !== null &&
                $cell->formula !== null &&
                (($was['v'] ?? null) !== $cell->value || ($was['e'] ?? null) !== $cell->error)
            ) {
                $this->countResults++;
                if (count($this->results) < 100) {
                    $this->results[] = Place::address($row, $index + 1);
                }
            }
            $edits[] = $cell;
        }

        return $edits;
    }

    /** @return array<int, array{int, bool}> number of the group that a cell's formula is of, and whether it is the first; by column */
    private function groups(string $xml, string $root): array
    {
        $tree = PackageXml::tree("$root<row>$xml</row></worksheet>", $this->part);
        $row = PackageXml::child(PackageXml::root($tree), 'row');
        $groups = [];
        $next = 1;
        foreach ($row === null ? [] : PackageXml::children($row, 'c') as $c) {
            $column = $c->hasAttribute('r') ? Place::column($c->getAttribute('r')) : $next;
            $next = $column + 1;
            $f = PackageXml::child($c, 'f');
            if ($f?->getAttribute('t') === 'shared') {
                $groups[$column] = [(int) $f->getAttribute('si'), $f->textContent !== ''];
            }
        }

        return $groups;
    }
}
