<?php

declare(strict_types=1);

namespace Rilvet\Guard\Exception;

use Rilvet\Refusal;

final class GuardIsWrong extends Refusal
{
    public static function tooManyRanges(int $most): self
    {
        return new self('At most '.number_format($most).' ranges of a sheet can be said to be entry cells or none.');
    }

    public static function noPart(string $name): self
    {
        return new self("\"$name\" is none of entry_cell, choice_cell and formula_cell.");
    }

    public static function noAllowance(string $name): self
    {
        return new self("\"$name\" is nothing that a protected sheet can allow.");
    }

    public static function password(int $most): self
    {
        return new self("A password of at most $most characters is taken, the most that the format knows.");
    }

    public static function wrongPassword(string $what): self
    {
        return new self("That is not the password of $what. Nothing was changed.");
    }

    public static function costly(string $what, int $spins, int $most): self
    {
        return new self("The password of $what is hashed ".number_format($spins).' times over, which is not worked out here (at most '
            .number_format($most).'). The protection stays as it is; whoever set it can lift it where it was made.');
    }

    public static function unknown(string $what, string $algorithm): self
    {
        return new self("The password of $what is hashed by \"$algorithm\", which is not known here. The protection stays as it is.");
    }

    public static function notProtected(string $name): self
    {
        return new self("The sheet \"$name\" is not protected.");
    }
}
