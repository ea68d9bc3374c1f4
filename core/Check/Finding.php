<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** One thing that was found: where, what, and by which figures. */
final readonly class Finding
{
    /**
     * @param  string  $check  name of the check
     * @param  string  $range  "C2:C41", or several: "C2, C5:C9"
     * @param  int  $count  places of it in all; the range may name the first of them only
     * @param  string  $words  one sentence with the figures
     * @param  array<string, string|int|float>  $evidence
     */
    public function __construct(
        public string $check,
        public Severity $severity,
        public string $sheet,
        public string $range,
        public int $count,
        public string $words,
        public array $evidence = [],
    ) {
    }

    /**
     * @return array{check: string, severity: string, sheet: string, range: string, count: int, words: string,
     *     evidence: object}  ready for JSON
     */
    public function toArray(): array
    {
        return [
            'check' => $this->check, 'severity' => $this->severity->value, 'sheet' => $this->sheet, 'range' => $this->range,
            'count' => $this->count, 'words' => $this->words, 'evidence' => (object) $this->evidence,
        ];
    }
}
