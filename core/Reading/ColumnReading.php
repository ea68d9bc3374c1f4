<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/**
 * One column of a table as it was read.
 */
final readonly class ColumnReading
{
    /**
     * @param  float  $confidence  of the kind, 0 to 1
     * @param  int  $decimals  the most decimal places that the body's figures carry
     * @param  string|null  $unit  currency sign of an amount
     * @param  bool  $grouped  whether thousands may be grouped (years and identifiers may not)
     * @param  list<string>  $longest  the longest texts, for fitting
     */
    public function __construct(
        public int $column,
        public ?string $heading,
        public ColumnKind $kind,
        public float $confidence,
        public ColumnRole $role = ColumnRole::Data,
        public string $why = '',
        public int $decimals = 0,
        public ?string $unit = null,
        public bool $grouped = true,
        public array $longest = [],
    ) {
    }

    /** Whether it is headed by these words; capitals and the room between words do not count. */
    public function isHeaded(string $heading): bool
    {
        return self::plain($heading) !== '' && self::plain((string) $this->heading) === self::plain($heading);
    }

    /** A heading as it is compared: in small letters, without extra blanks. */
    public static function plain(string $heading): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $heading)));
    }

    public function at(int $column): self
    {
        return $this->with(['column' => $column]);
    }

    /** @param  list<string>  $longest */
    public function withLongest(array $longest): self
    {
        return $this->with(['longest' => $longest]);
    }

    public function withRole(ColumnRole $role, string $why): self
    {
        return $this->with(['role' => $role, 'why' => $why]);
    }

    public function withKind(ColumnKind $kind, float $confidence = 1.0): self
    {
        return $this->with(['kind' => $kind, 'confidence' => $confidence]);
    }

    /** @param  array<string, mixed>  $parts  by the names of the constructor's arguments */
    private function with(array $parts): self
    {
        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + get_object_vars($this)));
    }

    /**
     * @return array{c: int, h: string|null, k: string, p: float, r: string, w: string, d: int, u: string|null, g: bool, l: list<string>}
     */
    public function toArray(): array
    {
        return [
            'c' => $this->column, 'h' => $this->heading, 'k' => $this->kind->value, 'p' => $this->confidence, 'r' => $this->role->value,
            'w' => $this->why, 'd' => $this->decimals, 'u' => $this->unit, 'g' => $this->grouped, 'l' => $this->longest,
        ];
    }

    /**
     * @param array{c: int, h: string|null, k: string, p: float|int, r: string, w: string, d: int, u: string|null,
     *     g: bool, l: list<string>}  $data
     */
    public static function fromArray(array $data): self
    {
        return new self(
            $data['c'],
            $data['h'],
            ColumnKind::from($data['k']),
            (float) $data['p'],
            ColumnRole::from($data['r']),
            $data['w'],
            $data['d'],
            $data['u'],
            $data['g'],
            $data['l'],
        );
    }
}
