<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;

/** Named colours that come from one place. */
final readonly class SwatchGroup
{
    /**
     * @param  bool  $own  named in this workbook, and can be taken out again
     * @param  list<SwatchRecord>  $swatches
     */
    public function __construct(public string $from, public bool $own, public array $swatches)
    {
    }

    /** @param  array<string, string>  $colours  hex by name */
    public static function of(string $from, array $colours, bool $own = false): self
    {
        $swatches = [];
        foreach ($colours as $name => $hex) {
            $run = array_map(fn (Colour $colour) => $colour->toHex(), Oklch::run(Colour::hex($hex)));
            $swatches[] = new SwatchRecord((string) $name, $hex, $run);
        }

        return new self($from, $own, $swatches);
    }
}
