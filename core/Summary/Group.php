<?php

declare(strict_types=1);

namespace Rilvet\Summary;

/** One group of rows: how it is called, where it stands among the others, and how formulas ask for it. */
final readonly class Group
{
    /**
     * @param  string|int|float|bool|null  $label  as its cell holds it; null for what is blank
     * @param  int|float|string  $order  by which groups are put in order: figures before texts
     * @param  list<string>|null  $criteria  as formulas say them, each for the column once; null where a formula cannot ask for it
     */
    public function __construct(
        public string $key,
        public string|int|float|bool|null $label,
        public int|float|string $order,
        public ?array $criteria,
    ) {
    }
}
