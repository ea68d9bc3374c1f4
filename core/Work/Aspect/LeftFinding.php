<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

/** A finding that was let be. */
final readonly class LeftFinding
{
    public function __construct(public string $check, public string $range, public string $words, public string $reason)
    {
    }

    /** Whether it is the same finding, whatever the reason. */
    public function isOf(self $other): bool
    {
        return $this->check === $other->check && $this->range === $other->range && $this->words === $other->words;
    }
}
