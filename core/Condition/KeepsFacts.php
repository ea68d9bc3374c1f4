<?php

declare(strict_types=1);

namespace Rilvet\Condition;

/** A store of row blocks that keeps what was worked out of all its cells, for as long as they are the same. */
interface KeepsFacts
{
    /** @return string|null null where it is not known, or no longer */
    public function fact(string $key): ?string;

    public function keepFact(string $key, string $data): void;
}
