<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** How much a finding matters to whoever reads the sheet. */
enum Severity: string
{
    /** What the sheet says is not so, or will not be. */
    case Wrong = 'wrong';
    /** It may be meant, and is worth a look. */
    case Look = 'worth a look';
    case Note = 'note';

    /** @return list<string> names by which one is asked for on the command line, the least first */
    public static function names(): array
    {
        return ['note', 'look', 'wrong'];
    }

    public static function named(string $name): ?self
    {
        return match ($name) {
            'wrong' => self::Wrong,
            'look' => self::Look,
            'note' => self::Note,
            default => null,
        };
    }

    public function isAtLeast(self $other): bool
    {
        return $this->weight() >= $other->weight();
    }

    /** The worst is the heaviest. */
    public function weight(): int
    {
        return match ($this) {
            self::Wrong => 2,
            self::Look => 1,
            self::Note => 0,
        };
    }
}
