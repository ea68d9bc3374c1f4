<?php

declare(strict_types=1);

namespace Rilvet\Renew;

/**
 * What differs between the rows that both tables have, while they are gone through.
 *
 * @phpstan-import-type Value from Plan
 */
final class Tally
{
    /** @var array<int, list<int>> columns by row */
    public array $changed = [];

    /** @var list<array{key: string, row: int, column: int, heading: string, was: Value, is: Value}> */
    public array $changes = [];

    public int $formulas = 0;
}
