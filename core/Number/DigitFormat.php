<?php

declare(strict_types=1);

namespace Rilvet\Number;

/** Shows a number through the digit placeholders of one section: grouping, scaling, percent, exponent, fractions. */
final readonly class DigitFormat
{
    public function __construct(private Section $section)
    {
    }

    /** @param  float  $value not negative */
    public function show(float $value, bool $negative): Formatted
    {
        if ($this->section->has('slash') && $this->section->has('digit')) {
            return $this->wrap((new FractionFormat($this->section))->show($value), $negative);
        }
        if ($this->section->has('exponent')) {
            return $this->wrap($this->exponent($value), $negative);
        }
        if (! $this->section->has('digit')) {
            return $this->wrap($this->section->has('general') || $this->section->has('text') ? self::general($value) : '', $negative);
        }

        return $this->decimals($value, $negative);
    }

    /** A number without any format: up to 11 characters, then the exponent form (common practice). */
    public static function general(float $value): string
    {
        if ($value == 0.0) {
            return '0';
        }
        $magnitude = (int) floor(log10(abs($value)) + 1e-12);
        if ($magnitude >= 11 || $magnitude < -9) {
            $text = sprintf('%.5E', $value);
            [$mantissa, $exponent] = explode('E', $text);
            $mantissa = str_contains($mantissa, '.') ? rtrim(rtrim($mantissa, '0'), '.') : $mantissa;

            return sprintf('%sE%s%02d', $mantissa, (int) $exponent < 0 ? '-' : '+', abs((int) $exponent));
        }
        $rounded = Decimal::of($value)->round(max(0, $magnitude < 0 ? 9 : 9 - $magnitude));
        $whole = $rounded->whole();

        return ($value < 0 ? '-' : '').($whole === '' ? '0' : $whole).($rounded->fraction() === '' ? '' : '.'.$rounded->fraction());
    }

    private function decimals(float $value, bool $negative): Formatted
    {
        $before = [];
        $after = [];
        $seenPoint = false;
        $scale = 0;
        $grouped = false;
        $tokens = $this->section->tokens;
        $lastDigit = $this->lastDigit();
        foreach ($tokens as $at => $token) {
            if ($token->kind === 'point' && ! $seenPoint) {
                $seenPoint = true;
            } elseif ($token->kind === 'digit') {
                $seenPoint ? $after[] = $token->text : $before[] = $token->text;
            } elseif ($token->kind === 'comma') {
                $this->isScaling($at) ? $scale -= 3 : $grouped = $grouped || ($before !== [] && $at < $lastDigit);
            } elseif ($token->kind === 'percent') {
                $scale += 2;
            }
        }
        $number = Decimal::of($value)->shift($scale)->round(count($after));
        $whole = self::whole($number->whole(), $before, $grouped);
        $fraction = self::fraction($number->fraction(), $after);

        return $this->lay($whole, $fraction, $negative && ! $number->isZero(), count($before), $seenPoint);
    }

    /** Writes the tokens out; the digits before the point go where their first placeholder stands. */
    private function lay(string $whole, string $fraction, bool $negative, int $wholePlaces, bool $hasPoint): Formatted
    {
        $text = $negative ? '-' : '';
        $fillAt = null;
        $placed = 0;
        $tail = 0;
        $seenPoint = false;
        $lastDigit = $this->lastDigit();
        // Literals between placeholders, as in phone numbers, cut the digits up from the right.
        $split = $this->interrupted();
        foreach ($this->section->tokens as $at => $token) {
            switch ($token->kind) {
                case 'digit':
                    if ($seenPoint) {
                        $text .= $fraction[$tail] ?? '';
                        $tail++;
                    } elseif ($split) {
                        $placed++;
                        $remaining = $wholePlaces - $placed;
                        $text .= $placed === 1
                            ? substr($whole, 0, max(0, strlen($whole) - $remaining))
                            : (strlen($whole) > $remaining ? substr($whole, strlen($whole) - $remaining - 1, 1) : '');
                    } elseif ($placed++ === 0) {
                        $text .= $whole;
                    }
                    break;
                case 'point':
                    if (! $seenPoint && $wholePlaces === 0) {
                        $text .= ltrim($whole, '0');
                    }
                    $seenPoint = true;
                    $text .= '.';
                    break;
                case 'comma':
                    $text .= $at > $lastDigit && ! $this->isScaling($at) ? ',' : '';
                    break;
                case 'pad':
                    $text .= "\u{A0}";
                    break;
                case 'fill':
                    $fillAt = strlen($text);
                    break;
                case 'general':
                    $text .= $whole;
                    break;
                default:
                    $text .= $token->text;
            }
        }

        return new Formatted($text, $fillAt, $this->section->ink);
    }

    private function interrupted(): bool
    {
        $seen = false;
        $literal = false;
        foreach ($this->section->tokens as $token) {
            if ($token->kind === 'point') {
                return false;
            }
            if ($token->kind === 'digit') {
                if ($literal) {
                    return true;
                }
                $seen = true;
            } elseif ($token->kind === 'literal' && $seen) {
                $literal = true;
            }
        }

        return false;
    }

    private function lastDigit(): int
    {
        $last = -1;
        foreach ($this->section->tokens as $at => $token) {
            if ($token->kind === 'digit') {
                $last = $at;
            }
        }

        return $last;
    }

    /** A comma right behind the last digit before the point, or behind another such comma, divides by a thousand. */
    private function isScaling(int $at): bool
    {
        $tokens = $this->section->tokens;
        $before = $at - 1;
        while ($before >= 0 && $tokens[$before]->kind === 'comma') {
            $before--;
        }
        $after = $at + 1;
        while (isset($tokens[$after]) && $tokens[$after]->kind === 'comma') {
            $after++;
        }

        return $before >= 0 && $tokens[$before]->kind === 'digit' && (! isset($tokens[$after]) || ! in_array($tokens[$after]->kind, ['digit'], true));
    }

    /** @param  list<string>  $places */
    private static function whole(string $digits, array $places, bool $grouped): string
    {
        $text = '';
        $missing = count($places) - strlen($digits);
        if ($missing > 0) {
            foreach (array_slice($places, 0, $missing) as $place) {
                $text .= $place === '0' ? '0' : ($place === '?' ? "\u{2007}" : ($text === '' ? '' : '0'));
            }
        }
        $text .= $digits;
        if (! $grouped) {
            return $text;
        }
        $lead = strspn($text, "\u{2007}");

        return substr($text, 0, $lead).strrev(implode(',', str_split(strrev(substr($text, $lead)), 3)));
    }

    /** @param  list<string>  $places */
    private static function fraction(string $digits, array $places): string
    {
        $text = '';
        foreach ($places as $at => $place) {
            $text .= $digits[$at] ?? match ($place) {
                '0' => '0',
                '?' => ' ',
                default => '',
            };
        }

        return $text;
    }

    private function exponent(float $value): string
    {
        $before = 0;
        $after = 0;
        $digits = 0;
        $stage = 0;
        $sign = '+';
        foreach ($this->section->tokens as $token) {
            if ($token->kind === 'point') {
                $stage = 1;
            } elseif ($token->kind === 'exponent') {
                $stage = 2;
                $sign = $token->text;
            } elseif ($token->kind === 'digit') {
                match ($stage) {
                    0 => $before++,
                    1 => $after++,
                    default => $digits++,
                };
            }
        }
        $before = max(1, $before);
        $exponent = $value == 0.0 ? 0 : Decimal::of($value)->point - 1;
        // With several digits before the point the exponent is a multiple of their number.
        $exponent = $before > 1 ? (int) (floor($exponent / $before) * $before) : $exponent;
        $mantissa = Decimal::of($value)->shift(-$exponent)->round($after);
        if (strlen($mantissa->whole()) > $before) {
            $exponent += $before;
            $mantissa = Decimal::of($value)->shift(-$exponent)->round($after);
        }
        $whole = $mantissa->whole() === '' ? '0' : $mantissa->whole();

        return $whole.($after > 0 ? '.'.str_pad($mantissa->fraction(), $after, '0') : '').'E'.($exponent < 0 ? '-' : ($sign === '+' ? '+' : '')).str_pad((string) abs($exponent), $digits, '0', STR_PAD_LEFT);
    }

    /** Literals around a body that was made as a whole. */
    private function wrap(string $body, bool $negative): Formatted
    {
        $text = $negative ? '-' : '';
        $fillAt = null;
        $placed = false;
        foreach ($this->section->tokens as $token) {
            if (in_array($token->kind, ['digit', 'point', 'comma', 'exponent', 'slash', 'general', 'text'], true)) {
                $text .= $placed ? '' : $body;
                $placed = true;
            } elseif ($token->kind === 'fill') {
                $fillAt = strlen($text);
            } elseif ($token->kind === 'pad') {
                $text .= "\u{A0}";
            } elseif (! ($token->kind === 'literal' && $token->text === ' ' && $placed && $this->section->has('slash'))) {
                $text .= $token->text;
            }
        }

        return new Formatted($text, $fillAt, $this->section->ink);
    }
}
