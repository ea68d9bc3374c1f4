<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** For tables that came as plain text. */
final class NoHints implements FormatHints
{
    public function numberFormat(int $row, int $column): ?string
    {
        return null;
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
