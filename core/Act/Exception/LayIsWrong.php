<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class LayIsWrong extends Refusal
{
    public static function tooMany(int $most): self
    {
        return new self(
            'A block of several rows can be laid on at most '.
                number_format($most).
                ' cells at once. Lay it on fewer, or lift a single row, which goes down any number of rows.',
        );
    }

    public static function pieces(int $most): self
    {
        return new self('What looks so lies in more than '.number_format($most).' pieces, as stripes do, and is not changed as '
            .'a whole. Format it in parts, or change the stripes or the stylebook that it comes from.');
    }
}
