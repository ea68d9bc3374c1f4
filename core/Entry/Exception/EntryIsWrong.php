<?php

declare(strict_types=1);

namespace Rilvet\Entry\Exception;

use Rilvet\Refusal;

final class EntryIsWrong extends Refusal
{
    public static function because(string $where, string $why): self
    {
        return new self("A check on entry is wrong at \"$where\": $why");
    }

    public static function noSuch(string $id): self
    {
        return new self("There is no check on entry \"$id\" on this sheet any more.");
    }

    public static function tooMany(int $most): self
    {
        return new self('A sheet can have at most '.number_format($most).' checks on entry.');
    }

    public static function longList(int $length, int $most): self
    {
        return new self("The choices are $length characters long together; a typed list has at most $most. Put them into cells, and name "
            .'those.');
    }

    public static function comma(string $choice): self
    {
        return new self('The choice "'.mb_strimwidth($choice, 0, 40, '…').'" has a comma in it, which a typed list cannot hold. Put the '
            .'choices into cells, and name those.');
    }

    public static function gone(): self
    {
        return new self('The cells that the choices are taken from are not there any more.');
    }
}
