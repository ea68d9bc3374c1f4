<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Look;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

/** What is known of where a cell stands, as far as looks depend on it. */
final readonly class Place
{
    /**
     * @param  int  $file  number of the look that came with the file and is seen; 0 for none
     * @param  int  $odd  number of the look that came with the cell, where its number format is one of its own; else 0
     * @param  int  $named  number of the named look, from 1; 0 for none
     * @param  int  $hand  number of the hand touch; 0 for none
     * @param  string  $sides  of the table that the cell stands at: some of "tlbr"
     * @param  Look|null  $laid  what stripes that were laid by hand say there
     * @param  int|null  $band  of the stripes that it stands in, -1 before the first; null where there are none
     * @param  bool  $isSigned  it shows the sign of its currency where not every row does
     * @param  bool  $isGrouped  a column group that spans what is below it
     * @param  bool  $isAcross  a total that is a column, in a row of the body
     * @param  bool  $isLowest  in the last row of headings
     * @param  bool  $isCoded  in a total that is labelled by a code
     * @param  bool  $isAtLeft  a heading of its row
     * @param  Part|null  $below  of a heading: what the cells of its column are, where it says so
     * @param  string|null  $shows  of a heading that is shown in other letters: the text as it is shown
     * @param  Part|null  $cell  entry, choice or formula cell, whatever part of its table it is of
     */
    public function __construct(
        public int $column,
        public int $file,
        public int $odd,
        public int $named,
        public int $hand,
        public ?TableReading $table = null,
        public ?Part $part = null,
        public ?ColumnReading $reading = null,
        public ?int $band = null,
        public bool $isSigned = false,
        public bool $isGrouped = false,
        public bool $isAcross = false,
        public bool $isLowest = false,
        public bool $isCoded = false,
        public bool $isAtLeft = false,
        public ?Look $laid = null,
        public string $sides = '',
        public ?Part $cell = null,
        public ?Part $below = null,
        public ?string $shows = null,
    ) {
    }

    /** Where all that is said of columns is the same, cells of different columns look alike, but for their headings. */
    public function alike(): string
    {
        $reading = $this->reading;
        $says =
            $reading === null
                ? ''
                : "{$reading->kind->value}.{$reading->role->value}.{$reading->decimals}.{$reading->unit}.{$reading->grouped}";
        $flags = [
            $this->isSigned, $this->isGrouped, $this->isAcross, $this->isLowest, $this->isCoded, $this->isAtLeft,
        ];

        return "{$this->part?->value}|$says|$this->file.$this->named.$this->hand|".
            implode('.', array_map(intval(...), $flags)).
            "|$this->odd|$this->band|$this->sides|".($this->laid?->key() ?? '').'|'.
            ($this->cell->value ?? '').($this->below->value ?? '').($this->shows === null ? '' : "|$this->shows");
    }
}
