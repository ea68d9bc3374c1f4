<?php

declare(strict_types=1);

namespace Rilvet\Number;

/** What a cell shows: the text, where it may be stretched to the cell's width, and the ink that the code asks for. */
final readonly class Formatted
{
    /**
     * @param  string  $text  pads are no-break spaces
     * @param  int|null  $fillAt  byte offset at which the text is pushed apart to fill the cell's width
     * @param  string|null  $ink  a hex colour, "#RRGGBB"
     * @param  bool  $fits  false where the value cannot be shown by the code (a negative date)
     */
    public function __construct(
        public string $text,
        public ?int $fillAt = null,
        public ?string $ink = null,
        public bool $fits = true,
    ) {
    }

    /** @return array{string, string}|null the pieces for the left and the right edge of the cell */
    public function pieces(): ?array
    {
        return $this->fillAt === null ? null : [substr($this->text, 0, $this->fillAt), substr($this->text, $this->fillAt)];
    }
}
