<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** Consecutive rows of a table that are the same part; null is a blank spacer row. */
final readonly class RowRun
{
    /**
     * @param  float  $confidence 0 to 1
     * @param  bool  $coded  a total whose label is a code of its column, and no name
     * @param  Part|null  $second  what it would be if it were not this part
     * @param  Ground|null  $ground  what it was read by, while it is being read
     */
    public function __construct(
        public int $first,
        public int $last,
        public ?Part $part,
        public float $confidence = 1.0,
        public string $why = '',
        public bool $coded = false,
        public ?Part $second = null,
        public ?Ground $ground = null,
    ) {
    }

    public function rows(): int
    {
        return $this->last - $this->first + 1;
    }

    public function over(int $first, int $last): self
    {
        return new self($first, $last, $this->part, $this->confidence, $this->why, $this->coded, $this->second, $this->ground);
    }

    public function weighed(float $confidence, ?Part $second): self
    {
        return new self($this->first, $this->last, $this->part, $confidence, $this->why, $this->coded, $second, $this->ground);
    }

    /** @return array{0: int, 1: int, 2: string|null, 3: float, 4: string, 5?: bool, 6?: string} */
    public function toArray(): array
    {
        $data = [$this->first, $this->last, $this->part?->value, $this->confidence, $this->why];
        if ($this->second !== null) {
            return [...$data, $this->coded, $this->second->value];
        }

        return $this->coded ? [...$data, true] : $data;
    }

    /** @param  array{0: int, 1: int, 2: string|null, 3: float|int, 4: string, 5?: bool, 6?: string}  $data */
    public static function fromArray(array $data): self
    {
        return new self(
            $data[0], $data[1], $data[2] === null ? null : Part::from($data[2]), (float) $data[3], $data[4], $data[5] ?? false,
            isset($data[6]) ? Part::from($data[6]) : null,
        );
    }
}
