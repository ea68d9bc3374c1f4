<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class SortIsWrong extends Refusal
{
    public static function noTable(): self
    {
        return new self('No table with rows to sort was read there. Correct the reading first.');
    }

    public static function column(string $name): self
    {
        return new self("Column $name is no column of that table.");
    }

    public static function merged(string $range): self
    {
        return new self("The merged cells $range are in the way: rows that share a cell cannot change places. Split them, and sort again.");
    }

    public static function formula(string $address): self
    {
        return new self(
            "The formula in $address looks at another row that would change its place. Turn it into its value, or leave the order "
            .'as it is.',
        );
    }
}
