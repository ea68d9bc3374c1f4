<?php

declare(strict_types=1);

namespace App\Bench;

use Rilvet\Grid\BlockStore;

/** Row blocks as they once were: those that have changed since lie over those of the database. Nothing is written. */
final class OverlaidBlocks implements BlockStore
{
    /** @var array<int, string> */
    private array $over = [];

    public function __construct(private readonly BlockStore $under)
    {
    }

    public function block(int $number): ?string
    {
        return $this->over[$number] ?? $this->under->block($number);
    }

    public function put(int $number, string $data): void
    {
        $this->over[$number] = $data;
    }
}
