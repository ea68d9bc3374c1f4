<?php

declare(strict_types=1);

namespace Rilvet\Colour\Exception;

use Rilvet\Refusal;

final class ColourIsWrong extends Refusal
{
    public static function text(string $text): self
    {
        return new self('"'.mb_strimwidth($text, 0, 40, '…').'" is no colour. Write it as #RRGGBB, for instance #3F2F55.');
    }
}
