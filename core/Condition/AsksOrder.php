<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Scalars;

/** How a cell compares with a value. */
final readonly class AsksOrder implements Asks
{
    private bool $less;

    private bool $same;

    private bool $more;

    public function __construct(Is $is, private Node $node, private At $at)
    {
        [$this->less, $this->same, $this->more] = match ($is) {
            Is::Below => [true, false, false],
            Is::AtMost => [true, true, false],
            Is::Equal => [false, true, false],
            Is::Unequal => [true, false, true],
            Is::Above => [false, false, true],
            default => [false, true, true],
        };
    }

    public function among(array $cells, int $column): array
    {
        $values = $this->at->along($this->node, array_keys($cells), $column);
        $held = [];
        foreach ($cells as $row => $cell) {
            $value = $values[$row];
            if ($cell->error !== null || $value instanceof Fault) {
                continue;
            }
            $order = Scalars::compare($cell->value, $value);
            if ($order < 0 ? $this->less
                : ($order === 0 ? $this->same : $this->more)) {
                $held[$row] = true;
            }
        }

        return $held;
    }
}
