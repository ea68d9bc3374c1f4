<?php

declare(strict_types=1);

namespace Rilvet\Number;

/** Shows a number as a fraction: with a free denominator of so many digits, or a fixed one. */
final readonly class FractionFormat
{
    public function __construct(private Section $section)
    {
    }

    /** @param  float  $value not negative */
    public function show(float $value): string
    {
        $code = implode('', array_map(fn (Token $token) => in_array($token->kind, ['digit', 'slash', 'literal'], true) ? $token->text : '', $this->section->tokens));
        if (preg_match('#^(?<whole>[0\#?]+ )?\s*(?<top>[0\#?]+)\s*/\s*(?<bottom>[0\#?]+|\d+)#', $code, $found) !== 1) {
            return DigitFormat::general($value);
        }
        $whole = $found['whole'] === '' ? 0 : (int) floor($value + 1e-12);
        $rest = $value - $whole;
        [$top, $bottom] = preg_match('/[1-9]/', $found['bottom']) === 1
            ? [(int) round($rest * (int) $found['bottom']), (int) $found['bottom']]
            : self::nearest($rest, 10 ** strlen($found['bottom']) - 1);
        if ($found['whole'] !== '' && $top === $bottom) {
            $whole++;
            $top = 0;
        }
        $topText = str_pad((string) $top, strlen($found['top']), ' ', STR_PAD_LEFT);
        $bottomText = str_pad((string) $bottom, strlen($found['bottom']));
        if ($found['whole'] === '') {
            return "$topText/$bottomText";
        }
        $wholeText = $whole === 0 && ($top !== 0 && ! str_contains($found['whole'], '0')) ? '' : (string) $whole;

        return $top === 0
            ? $wholeText.str_repeat(' ', strlen($found['top']) + strlen($found['bottom']) + 2)
            : ($wholeText === '' ? '' : "$wholeText ")."$topText/$bottomText";
    }

    /**
     * The best approximation with a denominator up to a limit (at most 999), the smallest denominator first.
     *
     * @return array{int, int}
     */
    private static function nearest(float $value, int $limit): array
    {
        $best = [(int) round($value), 1];
        $off = abs($value - $best[0]);
        for ($bottom = 2; $bottom <= min($limit, 999) && $off > 1e-12; $bottom++) {
            $top = (int) round($value * $bottom);
            if (abs($value - $top / $bottom) < $off - 1e-12) {
                $off = abs($value - $top / $bottom);
                $best = [$top, $bottom];
            }
        }

        return $best;
    }
}
