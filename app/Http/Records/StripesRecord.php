<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Stylebook\Stripes;

/** The rule of stripes. */
final readonly class StripesRecord
{
    /** @param  list<string>  $fills  colours, or "none" */
    public function __construct(
        public string $by,
        public int $every,
        public ?string $key,
        public array $fills,
        public int $first,
        public bool $anew,
    ) {
    }

    public static function of(Stripes $stripes): self
    {
        return new self(
            $stripes->by->value, $stripes->every, $stripes->key,
            array_map(fn (Look $look) => $look->text(Attribute::Fill, 'none'), $stripes->looks),
            $stripes->first, $stripes->anew,
        );
    }
}
