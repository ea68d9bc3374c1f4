<?php

declare(strict_types=1);

namespace Rilvet\Number;

/**
 * A number as decimal digits, at 15 significant digits, which is what a worksheet shows at most (common practice).
 * Rounding is of these digits, half away from zero.
 */
final readonly class Decimal
{
    /**
     * @param  string  $digits  without leading zeros; "" is zero
     * @param  int  $point  how many of the digits stand before the decimal point; may be negative or beyond the end
     */
    private function __construct(public string $digits, public int $point)
    {
    }

    /** @param  float  $value its sign is left out */
    public static function of(float $value): self
    {
        if ($value == 0.0) {
            return new self('', 0);
        }
        $text = sprintf('%.14e', abs($value));
        [$mantissa, $exponent] = explode('e', $text);

        return new self(rtrim(str_replace('.', '', $mantissa), '0'), (int) $exponent + 1);
    }

    /** Moves the decimal point: 2 makes percent, -3 makes thousands. */
    public function shift(int $places): self
    {
        return $this->digits === '' ? $this : new self($this->digits, $this->point + $places);
    }

    /** Rounded to some places after the point, half away from zero. */
    public function round(int $places): self
    {
        $keep = $this->point + $places;
        if ($keep >= strlen($this->digits)) {
            return $this;
        }
        if ($keep < 0) {
            return new self('', 0);
        }
        $up = $this->digits[$keep] >= '5';
        $head = substr($this->digits, 0, $keep);
        if (! $up) {
            return new self(rtrim($head, '0'), $this->point);
        }
        $point = $this->point;
        $at = $keep - 1;
        while ($at >= 0 && $head[$at] === '9') {
            $at--;
        }
        $head = $at < 0 ? '1' : substr($head, 0, $at).((int) $head[$at] + 1);
        $point += $at < 0 ? 1 : 0;

        return new self($head, $point);
    }

    public function isZero(): bool
    {
        return $this->digits === '';
    }

    /** The digits before the point; "" for none. */
    public function whole(): string
    {
        return $this->point <= 0 ? '' : str_pad(substr($this->digits, 0, $this->point), $this->point, '0');
    }

    /** The digits after the point, without trailing zeros. */
    public function fraction(): string
    {
        if ($this->digits === '' || $this->point >= strlen($this->digits)) {
            return '';
        }

        return $this->point < 0 ? str_repeat('0', -$this->point).$this->digits : substr($this->digits, $this->point);
    }
}
