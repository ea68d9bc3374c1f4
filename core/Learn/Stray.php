<?php

declare(strict_types=1);

namespace Rilvet\Learn;

use Rilvet\Reading\Part;

/** Cells of one part on one sheet that differ from a stylebook in one attribute. */
final readonly class Stray
{
    /** @param  list<string>  $places  the first of them, as addresses */
    public function __construct(
        public int $sheet,
        public string $name,
        public string $part,
        public string $attribute,
        public int $cells,
        public array $places,
    ) {
    }

    public function words(): string
    {
        $part = Part::from($this->part)->words();

        return "$part, $this->attribute: ".number_format($this->cells).($this->cells === 1 ? ' cell' : ' cells');
    }
}
