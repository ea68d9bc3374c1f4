<?php

declare(strict_types=1);

namespace Rilvet\Renew;

/** What differs between the rows that both tables have, while they are gone through. */
final class Tally
{
    /** @var array<int, list<int>> columns by row */
    public array $changed = [];

    /** @var list<array{key: string, row: int, heading: string, was: string, is: string}> */
    public array $changes = [];

    public int $formulas = 0;
}
