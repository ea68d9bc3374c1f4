<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Act\Act;

/** How a finding is put right: an act like any other, so that it is tried, undone and refused like one. */
final readonly class Mend
{
    /** @param  string  $words  what it does, beside the button: "puts 1 formula in" */
    public function __construct(public Act $act, public Changes $changes, public string $words)
    {
    }

    public static function looks(Act $act, string $words = ''): self
    {
        return new self($act, Changes::Looks, $words === '' ? Changes::Looks->words() : $words);
    }

    public static function formulas(Act $act, int $count): self
    {
        return new self($act, Changes::Formulas, 'changes '.number_format($count).($count === 1 ? ' formula' : ' formulas'));
    }

    public static function values(Act $act, int $count, string $words = ''): self
    {
        return new self($act, Changes::Values, $words !== '' ? $words
            : 'changes '.number_format($count).($count === 1 ? ' value'
            : ' values'));
    }
}
