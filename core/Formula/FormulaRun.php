<?php

declare(strict_types=1);

namespace Rilvet\Formula;

/** A formula filled down a column: in each of its rows it says of its own place what it says in the first. */
final readonly class FormulaRun
{
    /**
     * @param  string  $formula  as it stands in the first row
     * @param  string|null  $array  the range that an array formula fills; such a one is a run of its own
     */
    public function __construct(
        public int $column,
        public int $first,
        public int $last,
        public string $formula,
        public ?string $array = null,
    ) {
    }

    public function at(int $row): string
    {
        return $row === $this->first ? $this->formula : References::translated($this->formula, $row - $this->first, 0);
    }
}
