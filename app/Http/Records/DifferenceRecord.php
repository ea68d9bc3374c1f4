<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Stylebook\Difference;

/** One rule in which two versions differ. */
final readonly class DifferenceRecord
{
    /** @param  string|null  $before  null where it says nothing */
    public function __construct(public string $words, public ?string $before, public ?string $after)
    {
    }

    public static function of(Difference $one): self
    {
        $shown = fn (bool|float|int|string|null $value) => $value === null ? null : Difference::shown($value);

        return new self($one->words, $shown($one->before), $shown($one->after));
    }
}
