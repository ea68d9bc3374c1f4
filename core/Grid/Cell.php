<?php

declare(strict_types=1);

namespace Rilvet\Grid;

/**
 * What one cell holds: a value or a formula with the value it last gave. Never a format.
 *
 * Dates and times are numbers (serial days, ISO/IEC 29500-1 18.17.4); what makes them dates is their format.
 *
 * @phpstan-type Stored null|bool|int|float|string|array{f?: string, v?: null|bool|int|float|string, e?: string, a?: string, t?: string}
 */
final readonly class Cell
{
    /**
     * @param  string|null  $formula  without the leading "="
     * @param  string|null  $raw  the text as it came, where the value was read from text
     * @param  string|null  $error  an error value such as "#DIV/0!" (18.17.3)
     * @param  string|null  $array  the range that an array formula fills, on the first of its cells (18.3.1.40)
     */
    private function __construct(
        public null|bool|int|float|string $value,
        public ?string $formula = null,
        public ?string $raw = null,
        public ?string $error = null,
        public ?string $array = null,
    ) {
    }

    public static function blank(): self
    {
        /** @var self|null $blank */
        static $blank = null;

        return $blank ??= new self(null);
    }

    public static function of(null|bool|int|float|string $value): self
    {
        return $value === null || $value === '' ? self::blank() : new self($value);
    }

    /** A value read from text, with that text kept. */
    public static function read(null|bool|int|float|string $value, string $raw): self
    {
        return new self($value, raw: $raw);
    }

    /** A text that stays one, whatever the column around it is read as. */
    public static function kept(string $text): self
    {
        return new self($text, raw: $text);
    }

    public static function formula(string $formula, null|bool|int|float|string $value, ?string $error = null, ?string $array = null): self
    {
        return new self($value, $formula, error: $error, array: $array);
    }

    /** The same cell with its formula said otherwise; what it gave stays. */
    public function saying(string $formula): self
    {
        return new self($this->value, $formula, error: $this->error, array: $this->array);
    }

    /** The same formula with what it gives now. */
    public function giving(null|bool|int|float|string $value, ?string $error): self
    {
        return new self($error === null ? $value : null, $this->formula, error: $error, array: $this->array);
    }

    /** The same array formula over another range. */
    public function filling(?string $array): self
    {
        return new self($this->value, $this->formula, error: $this->error, array: $array);
    }

    public static function error(string $error): self
    {
        return new self(null, error: $error);
    }

    /**
     * The inverse of {@see stored()}.
     *
     * @param  Stored  $stored
     */
    public static function fromStored(null|bool|int|float|string|array $stored): self
    {
        if (! is_array($stored)) {
            return self::of($stored);
        }
        if (isset($stored['t'])) {
            return self::kept($stored['t']);
        }

        return new self($stored['v'] ?? null, $stored['f'] ?? null, error: $stored['e'] ?? null, array: $stored['a'] ?? null);
    }

    /**
     * The smallest form that JSON keeps exactly: plain values as themselves, texts that stay texts as {t}, the rest as {f, v, e, a}.
     *
     * @return Stored
     */
    public function stored(): null|bool|int|float|string|array
    {
        if ($this->formula === null && $this->error === null) {
            return $this->raw !== null && is_string($this->value) ? ['t' => $this->raw] : $this->raw ?? $this->value;
        }

        return array_filter(
            ['f' => $this->formula, 'v' => $this->value, 'e' => $this->error, 'a' => $this->array],
            fn ($part) => $part !== null,
        );
    }

    public function isBlank(): bool
    {
        return $this->value === null && $this->formula === null && $this->error === null;
    }

    public function isNumber(): bool
    {
        return is_int($this->value) || is_float($this->value);
    }

    public function number(): ?float
    {
        return is_int($this->value) || is_float($this->value) ? (float) $this->value : null;
    }

    public function isText(): bool
    {
        return is_string($this->value);
    }

    /** The value as plain text, without any format: for csv, for searching, for labels. */
    public function text(): string
    {
        return match (true) {
            $this->error !== null => $this->error,
            $this->raw !== null => $this->raw,
            is_bool($this->value) => $this->value ? 'TRUE' : 'FALSE',
            is_float($this->value) => self::plain($this->value),
            default => (string) $this->value,
        };
    }

    /** Same value, formula and error. The text it was read from does not count. */
    public function sameDataAs(self $other): bool
    {
        $same = $this->value === $other->value
            || ($this->number() !== null && $other->number() !== null && $this->number() === $other->number())
            || (($this->value ?? '') === '' && ($other->value ?? '') === '');

        return $same && $this->error === $other->error && $this->sameFormulaAs($other);
    }

    public function sameFormulaAs(self $other): bool
    {
        return $this->formula === $other->formula;
    }

    /** The shortest text that reads back as the same number; never in locale form. */
    private static function plain(float $number): string
    {
        // Nought has no sign: a sum that came to it from below would be another value.
        return $number === 0.0 ? '0' : (string) json_encode($number);
    }
}
