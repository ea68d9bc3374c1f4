<?php

declare(strict_types=1);

namespace Rilvet\Act;

/** One document of one sheet before and after a change, as JSON. Sheet 0 is the workbook itself. */
final readonly class Patch
{
    public function __construct(
        public int $sheet,
        public string $document,
        public string $before,
        public string $after,
    ) {
    }

    public function inverse(): self
    {
        return new self($this->sheet, $this->document, $this->after, $this->before);
    }

    /** @return array{int, string, string, string} */
    public function toArray(): array
    {
        return [$this->sheet, $this->document, $this->before, $this->after];
    }
}
