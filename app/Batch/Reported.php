<?php

declare(strict_types=1);

namespace App\Batch;

/** What became of one file: how it was read, what was done, what was not, and the proof of what was written. */
final readonly class Reported
{
    /**
     * @param  string|null  $fault  why nothing came of it
     * @param  list<string>  $parts  what was read: "Stock: A1:H24, read 96 %, 22 rows"
     * @param  list<string>  $doubts  what looks uncertain
     * @param  list<string>  $done  steps
     * @param  list<string>  $left  steps that did not find their place, and why
     * @param  array<string, int>  $findings  how many are left, by the title of the check
     * @param  int  $cells  compared between what was meant and what was written
     * @param  int  $values  of them, other than meant
     * @param  int  $formulas  likewise
     */
    public function __construct(
        public string $file,
        public ?string $output = null,
        public ?string $fault = null,
        public array $parts = [],
        public array $doubts = [],
        public array $done = [],
        public array $left = [],
        public array $findings = [],
        public int $cells = 0,
        public int $values = 0,
        public int $formulas = 0,
        public float $seconds = 0,
    ) {
    }

    public static function failed(string $file, string $fault): self
    {
        return new self($file, fault: $fault);
    }

    /** The same of another name. */
    public function of(string $file): self
    {
        return $this->with(['file' => $file]);
    }

    public function writtenAs(string $output): self
    {
        return $this->with(['output' => $output]);
    }

    public function taking(float $seconds): self
    {
        return $this->with(['seconds' => round($seconds, 2)]);
    }

    /** @param  array<string, mixed>  $parts  by the names of the constructor's arguments */
    private function with(array $parts): self
    {
        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + get_object_vars($this)));
    }

    /** "412 cells compared, 0 values and 0 formulas changed, 3 findings, 0.2 s". */
    public function words(): string
    {
        $found = array_sum($this->findings);

        return number_format($this->cells)." cells compared, $this->values values and $this->formulas formulas changed, "
            .($found === 1 ? '1 finding' : number_format($found).' findings').", $this->seconds s";
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return [
            'file' => $this->file, 'output' => $this->output, 'fault' => $this->fault, 'parts' => $this->parts, 'doubts' => $this->doubts,
            'done' => $this->done, 'left' => $this->left, 'findings' => (object) $this->findings, 'cells' => $this->cells,
            'values' => $this->values, 'formulas' => $this->formulas, 'seconds' => $this->seconds,
        ];
    }

    /** @param  array<string, mixed>  $data  what {@see toArray()} gave */
    public static function fromArray(array $data): self
    {
        $texts = fn (string $name) => array_values(array_filter(is_array($data[$name] ?? null) ? $data[$name] : [], is_string(...)));
        $text = fn (string $name) => is_string($data[$name] ?? null) ? $data[$name] : null;
        $count = fn (string $name) => is_int($data[$name] ?? null) ? $data[$name] : 0;
        $findings = array_filter(is_array($data['findings'] ?? null) ? $data['findings'] : [], is_int(...));

        return new self($text('file') ?? '', $text('output'), $text('fault'), $texts('parts'), $texts('doubts'), $texts('done'),
            $texts('left'), array_combine(array_map(strval(...), array_keys($findings)), array_values($findings)),
            $count('cells'), $count('values'), $count('formulas'), is_numeric($data['seconds'] ?? null) ? (float) $data['seconds'] : 0.0);
    }
}
