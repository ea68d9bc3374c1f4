<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Address;
use Rilvet\Grid\RangeSet;
use Rilvet\Grid\Shift;

/** What an act touches, as it says itself before any sheet is looked at: what has to be at hand, and what follows. */
final readonly class Reach
{
    /**
     * @param  list<int>  $sheets  numbers of those that it goes to
     * @param  bool  $isPlaced  it names addresses, which mean other cells once rows or columns have moved
     * @param  bool  $isOfData  it changes what cells hold or where they stand; formulas of any sheet may look there
     * @param  bool  $ofSizes  texts may need more or less room; what is fitted settles within the same act and the same undo
     * @param  array<int, RangeSet>  $typed  cells that it types over, by sheet; a set may reach a little further than what is typed
     * @param  list<int>  $moved  sheets on which an address means another cell afterwards
     * @param  Shift|null  $shift  rows or columns that it puts in or takes out there
     * @param  array<int, Address>  $sorted  a cell of the table whose rows it puts in order, by sheet
     * @param  bool  $isSettled  its parts have gone the way of acts each by itself: nothing is left to calculate and to settle
     * @param  array<int, Address>  $renewed  a cell of the table that gets other rows and columns, by sheet
     */
    private function __construct(
        public array $sheets,
        public bool $isPlaced = true,
        public bool $needsAll = false,
        public bool $isOfData = false,
        public bool $ofSizes = false,
        public array $typed = [],
        public array $moved = [],
        public ?Shift $shift = null,
        public array $sorted = [],
        public array $renewed = [],
        public bool $isSettled = false,
    ) {
    }

    public static function on(int ...$sheets): self
    {
        return new self(array_values($sheets));
    }

    /** Whole sheets, parts or columns by their heading: rows that moved meanwhile do not change what is meant. */
    public static function whole(int ...$sheets): self
    {
        return new self(array_values($sheets), isPlaced: false);
    }

    public static function targets(Targets $targets): self
    {
        return new self($targets->sheets);
    }

    public function sizing(bool $sizes = true): self
    {
        return $this->with(['ofSizes' => $sizes]);
    }

    /** Formulas or names of any sheet may say something of those that it goes to. */
    public function withFormulas(): self
    {
        return $this->with(['needsAll' => true]);
    }

    /** Cells that collide with the typing of somebody else. */
    public function over(RangeSet $cells): self
    {
        return $this->with(['typed' => array_fill_keys($this->sheets, $cells)]);
    }

    /** Cells that hold something else afterwards. */
    public function typing(RangeSet $cells): self
    {
        return $this->over($cells)->with(['needsAll' => true, 'isOfData' => true]);
    }

    public function moving(Shift $shift): self
    {
        return $this->with(['needsAll' => true, 'isOfData' => true, 'moved' => $this->sheets, 'shift' => $shift]);
    }

    public function sorting(Address $cell): self
    {
        return $this->with([
            'needsAll' => true,
            'isOfData' => true,
            'moved' => $this->sheets,
            'sorted' => array_fill_keys($this->sheets, $cell),
        ]);
    }

    /** New data comes into the table of a cell. */
    public function renewing(Address $cell): self
    {
        return $this->with(['needsAll' => true, 'isOfData' => true, 'moved' => $this->sheets,
            'renewed' => array_fill_keys($this->sheets, $cell)]);
    }

    /** Several acts were done one after the other, each to its end. */
    public function settled(bool $isOfData): self
    {
        return $this->with(['isSettled' => true, 'isOfData' => $isOfData, 'moved' => $isOfData ? $this->sheets : []]);
    }

    /** Of several acts that are one. */
    public static function together(self $first, self ...$others): self
    {
        foreach ($others as $other) {
            $typed = $first->typed;
            foreach ($other->typed as $sheet => $ranges) {
                $typed[$sheet] = RangeSet::of(...($typed[$sheet] ?? []), ...$ranges);
            }
            $first = new self(
                array_values(array_unique([...$first->sheets, ...$other->sheets])),
                $first->isPlaced || $other->isPlaced,
                $first->needsAll || $other->needsAll,
                $first->isOfData || $other->isOfData,
                $first->ofSizes || $other->ofSizes,
                $typed,
                array_values(array_unique([...$first->moved, ...$other->moved])),
                $first->shift ?? $other->shift,
                $first->sorted + $other->sorted,
                $first->renewed + $other->renewed,
            );
        }

        return $first;
    }

    /** @param  array<string, mixed>  $parts by the names of the constructor's arguments */
    private function with(array $parts): self
    {
        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + get_object_vars($this)));
    }
}
