<?php

declare(strict_types=1);

namespace Rilvet\Look;

use Rilvet\Colour\Colour;
use Rilvet\Look\Exception\LookIsWrong;

/** One side of a cell: a kind of line and its colour. Written "thin #3F2F55"; "none" wipes the side. */
final readonly class Edge
{
    private function __construct(public Line $line, public string $colour)
    {
    }

    public static function of(Line $line, string $colour = '#000000'): self
    {
        return new self($line, $line === Line::None ? '#000000' : Colour::hex($colour)->toHex());
    }

    /** @throws LookIsWrong */
    public static function parse(string $text): self
    {
        $parts = explode(' ', trim($text), 2);
        $line = Line::tryFrom($parts[0]) ?? throw LookIsWrong::line($parts[0]);

        return self::of($line, $parts[1] ?? '#000000');
    }

    public function isNone(): bool
    {
        return $this->line === Line::None;
    }

    public function __toString(): string
    {
        return $this->isNone() ? 'none' : $this->line->value.' '.$this->colour;
    }
}
