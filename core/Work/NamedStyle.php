<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Look\Look;

/** The style, with a name, that a file says a cell belongs to: a look that a person named, else its part in the stylebook. */
final readonly class NamedStyle
{
    private function __construct(public string $name, public Look $look)
    {
    }

    public static function of(Worksheet $sheet, Worn $worn): ?self
    {
        $stylebook = $sheet->stylebook;
        if ($stylebook === null) {
            return null;
        }
        foreach (array_reverse($worn->layers) as [$layer, $look]) {
            $name = $layer === Layer::Named ? array_search($look, $stylebook->looks, true) : false;
            if (is_string($name)) {
                return new self($name, $stylebook->ground->under($look));
            }
        }

        return $worn->part === null ? null : new self($stylebook->name.': '.mb_strtolower($worn->part->words()), $stylebook->ground->under($stylebook->part($worn->part)));
    }
}
