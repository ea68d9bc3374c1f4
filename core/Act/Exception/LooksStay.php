<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

/** Cells of a part have looks of their own that would cover what the part is given; a person says which of the two is meant. */
final class LooksStay extends Refusal
{
    public int $cells = 0;

    public static function on(int $count): self
    {
        $refusal = new self(
            $count === 1
                ? '1 cell keeps a look of its own, which would cover this. Override it?'
                : number_format($count).' cells keep a look of their own, which would cover this. Override them?',
        );
        $refusal->cells = $count;

        return $refusal;
    }
}
