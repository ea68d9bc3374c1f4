<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/** Blocks in memory, for the command line and for tests. */
final class MemoryBlockStore implements BlockStore
{
    /** @var array<int, string> */
    private array $blocks = [];

    public function block(int $number): ?string
    {
        return $this->blocks[$number] ?? null;
    }

    public function put(int $number, string $data): void
    {
        $this->blocks[$number] = $data;
    }
}
