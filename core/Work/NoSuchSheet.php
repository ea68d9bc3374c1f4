<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Refusal;

final class NoSuchSheet extends Refusal
{
    public static function number(int $number): self
    {
        return new self("There is no sheet $number in this workbook.");
    }

    public static function place(int $place, int $count): self
    {
        return new self("There is no place $place among the sheets of this workbook; it has $count.");
    }

    public static function named(string $name): self
    {
        return new self('There is no sheet named "'.mb_strimwidth($name, 0, 60, '…').'" in this workbook.');
    }
}
