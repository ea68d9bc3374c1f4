<?php

declare(strict_types=1);

namespace Rilvet\Number;

/**
 * Shows numbers through the digit placeholders of one section, which are looked through once: grouping, scaling, percent, exponent,
 * fractions.
 */
final class DigitFormat
{
    private readonly string $mode;

    private readonly bool $isGeneral;

    /** @var list<string> placeholders before the point */
    private array $before = [];

    /** @var list<string> placeholders behind the point */
    private array $after = [];

    /** Powers of ten that the value is scaled by. */
    private int $scale = 0;

    private bool $grouped = false;

    private bool $hasPoint = false;

    private readonly int $lastDigit;

    /** Literals stand between placeholders, as in phone numbers, and cut the digits up from the right. */
    private readonly bool $split;

    /** @var array{int, list<string>, list<string>, string} */
    private readonly array $scientific;

    /** @var array{string, string, bool} */
    private readonly array $around;

    /** @var array{string, string}|null what stands before and behind the digits, where they are plain: "#,##0.00" and its like */
    private readonly ?array $frame;

    public function __construct(private readonly Section $section)
    {
        $this->mode = match (true) {
            $section->has('slash') && $section->has('digit') => 'fraction',
            $section->has('exponent') => 'exponent',
            ! $section->has('digit') && ! $section->has('point') => 'whole',
            default => 'digits',
        };
        $this->isGeneral = count($section->tokens) === 1 && $section->tokens[0]->kind === 'general';
        $last = -1;
        foreach ($section->tokens as $at => $token) {
            $last = $token->kind === 'digit' ? $at : $last;
        }
        $this->lastDigit = $last;
        foreach ($section->tokens as $at => $token) {
            match ($token->kind) {
                'point' => ($this->hasPoint = true),
                'digit' => $this->hasPoint ? ($this->after[] = $token->text) : ($this->before[] = $token->text),
                'comma' => $this->isScaling($at)
                    ? ($this->scale -= 3)
                    : ($this->grouped = $this->grouped || ($this->before !== [] && $at < $last)),
                'percent' => ($this->scale += 2),
                default => null,
            };
        }
        $this->scientific = $this->scientificPlaces();
        $this->around = $this->surroundings();
        $this->split = $this->interrupted();
        $this->frame = $this->mode === 'digits' ? $this->plainFrame() : null;
    }

    /** @param  float  $value not negative */
    public function show(float $value, bool $negative): Formatted
    {
        if ($this->frame !== null && $value < 1e12) {
            $digits = number_format($value * 10 ** $this->scale, count($this->after), '.', $this->grouped ? ',' : '');

            return new Formatted(
                ($negative && strpbrk($digits, '123456789') !== false ? '-' : '').$this->frame[0].$digits.$this->frame[1],
                $this->section->ink,
            );
        }

        if ($this->isGeneral || ($this->mode === 'whole' && $this->section->has('text'))) {
            return new Formatted(($negative ? '-' : '').self::general($value), $this->section->ink);
        }

        return match ($this->mode) {
            'fraction' => new Formatted((new FractionFormat($this->section))->show($value, $negative), $this->section->ink),
            'exponent' => $this->wrap($this->exponent($value), $negative),
            'whole' => $this->wrap($this->section->has('general') ? self::general($value) : '', $negative),
            default => $this->decimals($value, $negative),
        };
    }

    /** The number that the shown digits stand for. */
    public function rounded(float $value): float
    {
        if ($this->mode !== 'digits') {
            return $value;
        }
        $number = Decimal::of($value)->shift($this->scale)->round(count($this->after))->shift(-$this->scale);

        return (float) (($value < 0 ? '-' : '').
            ($number->whole() === '' ? '0' : $number->whole()).
            '.'.
            ($number->fraction() === '' ? '0' : $number->fraction()));
    }

    /** A number without any format: up to 11 characters, then the exponent form (common practice). */
    public static function general(float $value): string
    {
        if ($value == 0.0) {
            return '0';
        }
        $size = abs($value);
        if ($size < 1e10 && $size >= 1.0) {
            $digits = number_format($size, 10 - strlen((string) (int) $size), '.', '');

            // Ten digits at most; a carry such as 9.99999999996 gives one zero more, which goes with the others.
            return ($value < 0 ? '-' : '')
                .(str_contains($digits, '.') ? rtrim(rtrim($digits, '0'), '.') : $digits);
        }
        $magnitude = (int) floor(log10($size) + 1e-12);
        if ($magnitude >= 11 || $magnitude < -9) {
            $text = sprintf('%.5E', $value);
            [$mantissa, $exponent] = explode('E', $text);
            $mantissa = str_contains($mantissa, '.') ? rtrim(rtrim($mantissa, '0'), '.') : $mantissa;

            return sprintf('%sE%s%02d', $mantissa, (int) $exponent < 0 ? '-' : '+', abs((int) $exponent));
        }
        $rounded = Decimal::of($value)->round(max(0, $magnitude < 0 ? 9 : 9 - $magnitude));
        $whole = $rounded->whole();

        return ($value < 0 ? '-' : '')
            .($whole === '' ? '0' : $whole)
            .($rounded->fraction() === '' ? '' : '.'.$rounded->fraction());
    }

    /**
     * The common shape: one zero at least before the point, zeros alone behind it. Such digits are written by PHP itself,
     * whose rounding is of the decimal value at 15 significant digits too (a test holds the two together).
     *
     * @return array{string, string}|null
     */
    private function plainFrame(): ?array
    {
        if (
            $this->split ||
            count($this->after) > 3 ||
            substr_count(implode($this->before), '0') !== 1 ||
            end($this->before) !== '0' ||
            in_array('?', $this->before, true) ||
            array_diff($this->after, ['0']) !== []
        ) {
            return null;
        }
        $lead = $tail = '';
        $seen = false;
        foreach ($this->section->tokens as $at => $token) {
            if (in_array($token->kind, ['digit', 'point', 'general'], true)) {
                if ($tail !== '') {
                    return null;
                }
                $seen = true;
            } elseif ($token->kind === 'comma') {
                $tail .= $at > $this->lastDigit && ! $this->isScaling($at) ? ',' : '';
            } elseif ($seen) {
                $tail .= $token->text;
            } else {
                $lead .= $token->text;
            }
        }

        return $this->section->has('general') || ($this->hasPoint && $this->after === []) ? null : [$lead, $tail];
    }

    private function decimals(float $value, bool $negative): Formatted
    {
        $number = Decimal::of($value)->shift($this->scale)->round(count($this->after));
        $whole = self::whole($number->whole(), $this->before, $this->grouped);

        $fraction = self::fraction($number->fraction(), $this->after);

        return $this->lay($whole, $fraction, $negative && ! $number->isZero(), count($this->before));
    }

    /**
     * Writes the tokens out; the digits before the point go where their first placeholder stands.
     *
     * @param  list<string>  $fraction
     */
    private function lay(string $whole, array $fraction, bool $negative, int $wholePlaces): Formatted
    {
        $text = $negative ? '-' : '';
        $placed = 0;
        $tail = 0;
        $seenPoint = false;
        foreach ($this->section->tokens as $at => $token) {
            switch ($token->kind) {
                case 'digit':
                    if ($seenPoint) {
                        $text .= $fraction[$tail] ?? '';
                        $tail++;
                    } elseif ($this->split) {
                        $placed++;
                        $remaining = $wholePlaces - $placed;
                        $length = mb_strlen($whole);
                        $text .= $placed === 1
                            ? mb_substr($whole, 0, max(0, $length - $remaining))
                            : ($length > $remaining ? mb_substr($whole, $length - $remaining - 1, 1) : '');
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
                    $text .= $at > $this->lastDigit && ! $this->isScaling($at) ? ',' : '';
                    break;
                case 'general':
                    $text .= $whole;
                    break;
                default:
                    $text .= $token->text;
            }
        }

        return new Formatted($text, $this->section->ink);
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

        return $before >= 0 &&
            $tokens[$before]->kind === 'digit' &&
            (! isset($tokens[$after]) || ! in_array($tokens[$after]->kind, ['digit'], true));
    }

    /** @param  list<string>  $places */
    private static function whole(string $digits, array $places, bool $grouped): string
    {
        $text = '';
        $missing = count($places) - strlen($digits);
        if ($missing > 0) {
            $isZero = false;
            foreach (array_slice($places, 0, $missing) as $place) {
                $isZero = $isZero || $place === '0';
                $text .= $isZero ? '0'
                    : ($place === '?' ? "\u{2007}" : '');
            }
        }
        $text .= $digits;
        if (! $grouped) {
            return $text;
        }
        $lead = strspn($text, "\u{2007}");

        return substr($text, 0, $lead).strrev(implode(',', str_split(strrev(substr($text, $lead)), 3)));
    }

    /**
     * What stands at each place behind the point.
     *
     * @param  list<string>  $places
     * @return list<string>
     */
    private static function fraction(string $digits, array $places): array
    {
        $shown = [];
        foreach ($places as $at => $place) {
            $shown[] = $digits[$at] ?? match ($place) {
                '0' => '0',
                '?' => "\u{2007}",
                default => '',
            };
        }

        return $shown;
    }

    private function exponent(float $value): string
    {
        [$before, $after, $digits, $sign] = $this->scientific;
        $number = Decimal::of($value)->shift($this->scale);
        $exponent = $value == 0.0 ? 0 : $number->point - 1;
        // With several digits before the point the exponent is a multiple of their number.
        $exponent = $before > 1 ? (int) (floor($exponent / $before) * $before) : $exponent;
        $mantissa = $number->shift(-$exponent)->round(count($after));
        $whole = $mantissa->whole();
        if (strlen($whole) > $before) {
            $exponent += $before;
            $mantissa = $number->shift(-$exponent)->round(count($after));
            $whole = $mantissa->whole();
        }

        $whole = self::whole(
            $whole === '' && ! in_array('0', $this->before, true) ? '0' : $whole,
            array_slice($this->before, 0, $before),
            false,
        );

        return $whole.
            ($this->hasPoint ? '.'.implode(self::fraction($mantissa->fraction(), $after)) : '').
            'E'.
            ($exponent < 0 ? '-' : $sign).
            self::whole((string) abs($exponent), $digits, false);
    }

    /** @return array{int, list<string>, list<string>, string} places before the point, those behind it, those of the exponent, its plus */
    private function scientificPlaces(): array
    {
        $before = 0;
        $after = [];
        $digits = [];
        $stage = 0;
        $sign = '';
        foreach ($this->section->tokens as $token) {
            if ($token->kind === 'point') {
                $stage = 1;
            } elseif ($token->kind === 'exponent') {
                $stage = 2;
                $sign = $token->text === '+' ? '+' : '';
            } elseif ($token->kind === 'digit') {
                match ($stage) {
                    0 => $before++,
                    1 => $after[] = $token->text,
                    default => $digits[] = $token->text,
                };
            }
        }

        return [max(1, $before), $after, $digits, $sign];
    }

    /** Literals around a body that was made as a whole. */
    private function wrap(string $body, bool $negative): Formatted
    {
        $shown = $this->around[0].($this->around[2] ? $body : '').$this->around[1];

        return new Formatted(($negative ? '-' : '').$shown, $this->section->ink);
    }

    /** @return array{string, string, bool} what stands before and behind the body, and whether there is one */
    private function surroundings(): array
    {
        $sides = ['', ''];
        $placed = false;
        foreach ($this->section->tokens as $token) {
            if (in_array($token->kind, ['digit', 'point', 'comma', 'exponent', 'slash', 'general', 'text'], true)) {
                $placed = true;
            } else {
                $sides[$placed ? 1 : 0] .= $token->text;
            }
        }

        return [$sides[0], $sides[1], $placed];
    }
}
