<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Stylebook\Stripes;

/** Stripes that a person laid on a range, whatever is read there. */
final readonly class LaidStripe
{
    /** @param  int|null  $key  the column whose changes count, where the stripes follow one */
    public function __construct(public Range $range, public Stripes $stripes, public ?int $key = null)
    {
    }

    public function moved(Shift $shift): ?self
    {
        $range = $shift->range($this->range);
        $key = $this->key === null || $shift->rows ? $this->key : $shift->place($this->key);
        if ($range === null || ($this->key !== null && $key === null)) {
            return null;
        }

        return new self($range, $this->stripes, $key);
    }

    /** @return array{range: string, key: int|null, stripes: array<string, mixed>} */
    public function toArray(): array
    {
        return ['range' => (string) $this->range, 'key' => $this->key, 'stripes' => $this->stripes->toArray()];
    }
}
