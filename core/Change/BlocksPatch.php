<?php

declare(strict_types=1);

namespace Rilvet\Change;

use Rilvet\Grid\BlockIndex;

/**
 * Which row blocks a sheet stands on, and its size.
 *
 * @phpstan-import-type BlockRun from BlockIndex
 *
 * @phpstan-type BlocksData array{rows: int, columns: int, blocks: non-empty-list<BlockRun>|null}
 */
final readonly class BlocksPatch implements Patch
{
    /** Blocks of one run beyond which they are those that a sheet came with. */
    private const RUN = 4_096;

    /**
     * @param  BlocksData  $before
     * @param  BlocksData  $after
     */
    public function __construct(public int $sheet, public array $before, public array $after)
    {
    }

    public function inverse(): self
    {
        return new self($this->sheet, $this->after, $this->before);
    }

    public function applyTo(Applies $place): void
    {
        $place->blocks($this);
    }

    /** @return list<int> numbers of the blocks that it made */
    public function made(): array
    {
        return array_values(array_diff(self::numbers($this->after), self::numbers($this->before)));
    }

    /** @return list<BlockIndex> of both states */
    public function indexes(): array
    {
        return [BlockIndex::fromArray($this->before['blocks']), BlockIndex::fromArray($this->after['blocks'])];
    }

    public function toArray(): array
    {
        return [$this->sheet, 'blocks', Json::of($this->before), Json::of($this->after)];
    }

    /**
     * @param  BlocksData  $state
     * @return list<int>
     */
    private static function numbers(array $state): array
    {
        $numbers = [];
        foreach ($state['blocks'] ?? BlockIndex::even()->runs as [$first, $count]) {
            array_push($numbers, ...($count > self::RUN ? [] : range($first, $first + $count - 1)));
        }

        return $numbers;
    }
}
