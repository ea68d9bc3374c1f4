<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Formula\Expression\At;
use Rilvet\Formula\Expression\Fault;
use Rilvet\Formula\Expression\Node;
use Rilvet\Formula\Expression\Scalars;

/** Whether a cell lies between two values, or outside of them. */
final readonly class AsksBetween implements Asks
{
    public function __construct(private bool $within, private Node $from, private Node $to, private At $at)
    {
    }

    public function among(array $cells, int $column): array
    {
        $rows = array_keys($cells);
        [$ones, $others] = [$this->at->along($this->from, $rows, $column), $this->at->along($this->to, $rows, $column)];
        $held = [];
        foreach ($cells as $row => $cell) {
            [$one, $other] = [$ones[$row], $others[$row]];
            if ($cell->error !== null || $one instanceof Fault || $other instanceof Fault) {
                continue;
            }
            // Ends may stand either way round (common practice).
            if (Scalars::compare($one, $other) > 0) {
                [$one, $other] = [$other, $one];
            }
            if ((Scalars::compare($cell->value, $one) >= 0 && Scalars::compare($cell->value, $other) <= 0) === $this->within) {
                $held[$row] = true;
            }
        }

        return $held;
    }
}
