<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** What a check is called, and why it is there. */
final readonly class About
{
    /**
     * @param  string  $name  as it stands on the command line and in reports: "number-as-text"
     * @param  string  $title  a few words, as a heading over what it finds
     * @param  string  $reason  why it matters, in one sentence
     */
    public function __construct(
        public string $name,
        public string $title,
        public string $reason,
        public Severity $severity,
        public Subject $subject,
    ) {
    }
}
