<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;
use Rilvet\Work\Workbook;

/** Several acts that a person asked for as one: one entry of the history, one undo. */
final readonly class Together implements Act, ChangesSizes, EditsCells, MovesPlaces
{
    /** @param  non-empty-list<Act>  $acts in their order */
    public function __construct(private array $acts, private ?string $words = null)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        return array_reduce($this->acts, fn (Workbook $so, Act $act) => $act->on($so), $workbook);
    }

    public function editedCells(): array
    {
        $all = [];
        foreach ($this->acts as $act) {
            foreach ($act instanceof EditsCells ? $act->editedCells() : [] as $sheet => $ranges) {
                $all[$sheet] = RangeSet::of(...($all[$sheet] ?? []), ...$ranges);
            }
        }

        return $all;
    }

    public function movesPlacesOn(): array
    {
        return array_values(array_unique(array_merge(...array_map(fn (Act $act) => $act instanceof MovesPlaces ? $act->movesPlacesOn() : [], $this->acts))));
    }

    public function shift(): ?Shift
    {
        foreach ($this->acts as $act) {
            if ($act instanceof MovesPlaces && $act->shift() !== null) {
                return $act->shift();
            }
        }

        return null;
    }

    public function changedCells(Workbook $before): array
    {
        $all = [];
        foreach ($this->acts as $act) {
            $all += $act instanceof MovesPlaces ? $act->changedCells($before) : [];
        }

        return $all;
    }

    public function changesSizes(): bool
    {
        return array_filter($this->acts, fn (Act $act) => $act instanceof ChangesSizes && $act->changesSizes()) !== [];
    }

    public function words(Workbook $workbook): string
    {
        return $this->words ?? implode(', ', array_map(fn (Act $act) => $act->words($workbook), $this->acts));
    }
}
