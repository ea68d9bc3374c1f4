<?php

declare(strict_types=1);

namespace Rilvet\Check;

/** One thing that was found: where, what, by which figures, and how it is put right. */
final readonly class Finding
{
    /**
     * @param  string  $check  name of the check
     * @param  int  $number  of the sheet, as acts name it
     * @param  string  $range  "C2:C41", or several: "C2, C5:C9"; blank for the sheet as a whole
     * @param  int  $count  places of it in all; the range may name the first of them only
     * @param  string  $words  one sentence with the figures
     * @param  array<string, string|int|float>  $evidence
     * @param  Mend|null  $mend  null where only a person can tell
     */
    public function __construct(
        public string $check,
        public Severity $severity,
        public string $sheet,
        public int $number,
        public string $range,
        public int $count,
        public string $words,
        public array $evidence = [],
        public ?Mend $mend = null,
    ) {
    }

    /** The same as long as it says the same of the same place: by this it is mended, and left. */
    public function key(): string
    {
        return hash('xxh64', "$this->check|$this->number|$this->range|$this->words");
    }

    /**
     * @return array{check: string, severity: string, sheet: string, range: string, count: int, words: string,
     *     evidence: object, mend: string|null, changes: string|null}  ready for JSON
     */
    public function toArray(): array
    {
        return [
            'check' => $this->check, 'severity' => $this->severity->value, 'sheet' => $this->sheet, 'range' => $this->range,
            'count' => $this->count, 'words' => $this->words, 'evidence' => (object) $this->evidence,
            'mend' => $this->mend?->words, 'changes' => $this->mend?->changes->value,
        ];
    }
}
