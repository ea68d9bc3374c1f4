<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Learn\Stray;

/** Cells of one part on one sheet that differ from a stylebook in one attribute. */
final readonly class StrayRecord
{
    /** @param  list<string>  $places  the first of them */
    public function __construct(public int $sheet, public string $name, public string $words, public int $cells, public array $places)
    {
    }

    public static function of(Stray $stray): self
    {
        return new self($stray->sheet, $stray->name, $stray->words(), $stray->cells, $stray->places);
    }
}
