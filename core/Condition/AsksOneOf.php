<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Scalars;

/** Whether a cell holds one of some values. */
final readonly class AsksOneOf implements Asks
{
    /** @param  list<Node>  $nodes */
    public function __construct(private array $nodes, private At $at)
    {
    }

    public function among(array $cells, int $column): array
    {
        $rows = array_keys($cells);
        $given = array_map(fn (Node $node) => $this->at->along($node, $rows, $column), $this->nodes);
        $held = [];
        foreach ($cells as $row => $cell) {
            foreach ($cell->error === null && $cell->value !== null ? $given : [] as $values) {
                $value = $values[$row];
                if (! $value instanceof Fault && Scalars::compare($cell->value, $value) === 0) {
                    $held[$row] = true;

                    break;
                }
            }
        }

        return $held;
    }
}
