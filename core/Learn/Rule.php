<?php

declare(strict_types=1);

namespace Rilvet\Learn;

/** A rule that was learned, with its evidence: "parts.heading.fill: 46 of 48 cells on 5 sheets". */
final readonly class Rule
{
    /**
     * @param  string  $where  its place in the JSON of a stylebook
     * @param  int  $cells  that say so
     * @param  int  $all  that could
     */
    public function __construct(
        public string $where,
        public bool|float|int|string $value,
        public int $cells,
        public int $all,
        public int $sheets,
    ) {
    }

    public function evidence(): string
    {
        $sheets = $this->sheets === 1 ? '1 sheet' : "$this->sheets sheets";

        return number_format($this->cells).' of '.number_format($this->all)." cells on $sheets";
    }

    public function saying(bool|float|int|string $value): self
    {
        return new self($this->where, $value, $this->cells, $this->all, $this->sheets);
    }
}
