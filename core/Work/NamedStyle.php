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
        $ground = $sheet->stylebook->ground ?? Look::none();
        foreach (array_reverse($worn->layers) as [$layer, $look]) {
            $name = $layer === Layer::Named ? array_search($look, $sheet->namedLooks(), true) : false;
            if ($name !== false) {
                return new self((string) $name, $ground->under($look));
            }
        }
        $stylebook = $sheet->stylebook;

        return $stylebook === null || $worn->part === null
            ? null
            : new self($stylebook->name.': '.mb_strtolower($worn->part->words()), $ground->under($stylebook->part($worn->part)));
    }
}
