<?php

declare(strict_types=1);

namespace Rilvet\Entry;

/** What becomes of a value that a check does not allow (ISO/IEC 29500-1 18.18.18). */
enum Severity: string
{
    case Stop = 'stop';
    case Warning = 'warning';
    case Note = 'note';

    public function words(): string
    {
        return match ($this) {
            self::Stop => 'is refused',
            self::Warning => 'is asked about',
            self::Note => 'is told about',
        };
    }

    public function xlsx(): string
    {
        return $this === self::Note ? 'information' : $this->value;
    }

    public static function ofXlsx(string $style): self
    {
        return match ($style) {
            'warning' => self::Warning,
            'information' => self::Note,
            default => self::Stop,
        };
    }
}
