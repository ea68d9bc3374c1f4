<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Look;
use Rilvet\Work\Worksheet;

/** The style, with a name, that a file says a cell belongs to: a look that a person named, else its part in the stylebook. */
final readonly class NamedStyle
{
    private function __construct(public string $name, public Look $look)
    {
    }

    public static function of(Worksheet $sheet, ResolvedLook $worn): ?self
    {
        $ground = $sheet->stylebook->ground ?? Look::none();
        foreach (array_reverse($worn->entries) as $entry) {
            $name = $entry->layer === Layer::Named ? array_search($entry->look, $sheet->namedLooks(), true) : false;
            if ($name !== false) {
                return new self((string) $name, $ground->under($entry->look));
            }
        }
        $stylebook = $sheet->stylebook;

        return $stylebook === null || $worn->part === null
            ? null
            : new self($stylebook->name.': '.mb_strtolower($worn->part->words()), $ground->under($stylebook->part($worn->part)));
    }
}
