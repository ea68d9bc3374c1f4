<?php

declare(strict_types=1);

namespace Rilvet\Act\Exception;

use Rilvet\Refusal;

final class NothingToChange extends Refusal
{
    public static function becauseNothingTurns(): self
    {
        return new self('Nothing changed: no cell there can be turned like that.');
    }

    public static function becauseReadSo(): self
    {
        return new self('Nothing changed: no table stands there, or it is read like that already.');
    }

    public static function heads(): self
    {
        return new self('Nothing changed: the headings read like that already, or a table of the file is known by them.');
    }
}
