<?php

declare(strict_types=1);

namespace Rilvet\Renew;

/** What a person decided about new data; what is not said is decided by what the data shows. */
final readonly class Choices
{
    /** A column of the new data that is put into the table as a new one. */
    public const PUT_IN = 0;

    /** One that is left out. */
    public const LEAVE = -1;

    /**
     * @param  list<string>|null  $key  headings of the columns that tell rows apart; none for rows as a whole; null for the best
     * @param  array<int, int>  $pairs  the column of the table, or one of the constants, by the column of the new data
     * @param  list<int>  $without  columns of the table that are taken out
     * @param  bool  $keepGone  rows that the new data does not have stay
     * @param  bool  $keepChanged  rows that both have stay as they are: only what is new is put in
     * @param  bool  $below  all rows of the new data are put below those that are there
     */
    public function __construct(
        public ?array $key = null,
        public array $pairs = [],
        public array $without = [],
        public bool $keepGone = false,
        public bool $keepChanged = false,
        public bool $below = false,
    ) {
    }
}
