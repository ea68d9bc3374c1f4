<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Intake\SheetTyping;

/** For tables that came as text: what their columns were typed as is all the format there is. */
final readonly class TypingHints implements FormatHints
{
    public function __construct(private SheetTyping $typing)
    {
    }

    public function numberFormat(int $row, int $column): ?string
    {
        return $this->typing->columns[$column]->format ?? null;
    }

    public function isStrong(int $row, int $column): bool
    {
        return false;
    }

    public function merges(): array
    {
        return [];
    }

    public function tables(): array
    {
        return [];
    }

    public function frozen(): int
    {
        return 0;
    }
}
