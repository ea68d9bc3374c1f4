<?php

declare(strict_types=1);

namespace Rilvet\Change;

use Rilvet\Grid\Cell;

/**
 * A few cells that hold something else, and the size that the sheet has with them.
 *
 * @phpstan-import-type Stored from Cell
 *
 * @phpstan-type CellsData array{rows: int, columns: int, cells: list<array{int, int, Stored}>}
 */
final readonly class CellsPatch implements Patch
{
    /**
     * @param  CellsData  $before  size of the sheet; row, column and stored cell of each
     * @param  CellsData  $after
     */
    public function __construct(public int $sheet, public array $before, public array $after)
    {
    }

    public function inverse(): self
    {
        return new self($this->sheet, $this->after, $this->before);
    }

    public function applyTo(Applies $place): void
    {
        $place->cells($this);
    }

    public function toArray(): array
    {
        return [$this->sheet, 'cells', Json::of($this->before), Json::of($this->after)];
    }
}
