<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Closure;
use Rilvet\Grid\Cell;

/** What looks at nothing but what a cell holds. */
final readonly class AsksCells implements Asks
{
    /** @param  Closure(Cell): bool  $test */
    public function __construct(private Closure $test)
    {
    }

    /** @param  Closure(int|float): bool  $test  of cells that hold numbers */
    public static function numbers(Closure $test): self
    {
        return new self(function (Cell $cell) use ($test) {
            $number = $cell->error === null ? $cell->value : null;

            return (is_float($number) || is_int($number)) && $test($number);
        });
    }

    public function among(array $cells, int $column): array
    {
        $held = [];
        foreach ($cells as $row => $cell) {
            if (($this->test)($cell)) {
                $held[$row] = true;
            }
        }

        return $held;
    }
}
