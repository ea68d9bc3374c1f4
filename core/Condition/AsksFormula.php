<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Node;

/** What a formula says, seen from a cell. */
final readonly class AsksFormula implements Asks
{
    public function __construct(private Node $node, private At $at)
    {
    }

    public function among(array $cells, int $column): array
    {
        $held = [];
        foreach ($this->at->along($this->node, array_keys($cells), $column) as $row => $value) {
            if (is_bool($value) ? $value
                : (is_int($value) || is_float($value) ? $value != 0 : $value === 'TRUE')) {
                $held[$row] = true;
            }
        }

        return $held;
    }
}
