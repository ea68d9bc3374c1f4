<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class NoSuchLook extends Refusal
{
    public static function stripes(int $most): self
    {
        return new self("A sheet takes stripes by hand on $most ranges at most. Choose larger ranges.");
    }

    public static function named(string $name, string $sheet): self
    {
        return new self(
            "\"$sheet\" has no look named \"".mb_strimwidth($name, 0, 60, '…').'", neither in its stylebook nor in its workbook.',
        );
    }

    public static function taken(string $name): self
    {
        return new self('A look named "'.mb_strimwidth($name, 0, 60, '…').'" is there already. Choose another name.');
    }

    public static function noStylebook(): self
    {
        return new self('This changes a stylebook, and this sheet wears none. Dress it first.');
    }
}
