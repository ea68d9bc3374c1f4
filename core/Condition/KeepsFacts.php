<?php

declare(strict_types=1);

namespace Rilvet\Condition;

/** A store of row blocks that keeps what was worked out of all its cells, for as long as they are the same. */
interface KeepsFacts
{
    /**
     * @param  list<int>  $columns  that it was worked out of
     * @return string|null null where it is not known, or no longer
     */
    public function fact(string $key, array $columns): ?string;

    /** @param  list<int>  $columns */
    public function keepFact(string $key, array $columns, string $data): void;

    /** Small facts that were asked for are kept in one piece: the next window asks for the same dozen. */
    public function keepTogether(): void;
}
