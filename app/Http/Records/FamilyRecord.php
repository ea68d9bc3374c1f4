<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Look\Attribute;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\ColourFamily;

/** One member of a colour family: the part it is for, its fill, and the ink that reads best on it. */
final readonly class FamilyRecord
{
    public function __construct(public string $part, public string $words, public string $fill, public string $ink)
    {
    }

    /** @return list<self> */
    public static function list(ColourFamily $family): array
    {
        $list = [];
        foreach ($family->looks() as $part => $look) {
            $words = match (Part::from($part)) {
                Part::Heading => 'Headings',
                Part::Body => 'Data',
                Part::Total => 'Totals',
                default => Part::from($part)->words(),
            };
            $list[] = new self($part, $words, $look->text(Attribute::Fill), $look->text(Attribute::Ink));
        }

        return $list;
    }
}
