<?php

declare(strict_types=1);

namespace Rilvet\Number;

/** Shows a number as a fraction (18.8.31): with a denominator of so many digits, or a fixed one. */
final readonly class FractionFormat
{
    /** From here on a number has no fraction that its digits hold. */
    private const EXACT = 1e15;

    public function __construct(private Section $section)
    {
    }

    /** @param  float  $value not negative */
    public function show(float $value, bool $negative): string
    {
        $code = '';
        $grouped = false;
        foreach ($this->section->tokens as $token) {
            $grouped = $grouped || $token->kind === 'comma';
            $value *= $token->kind === 'percent' ? 100 : 1;
            $code .= in_array($token->kind, ['digit', 'slash', 'literal', 'percent', 'pad', 'fill'], true) ? $token->text : '';
        }
        if (
            preg_match(
                '#^(?<lead>[^0\#?]*)(?<whole>[0\#?]+ )?\s*(?<top>[0\#?]+)\s*/\s*(?<bottom>[0\#?]+|\d+)(?<tail>.*)$#su',
                $code,
                $found,
            ) !== 1
        ) {
            return ($negative ? '-' : '').DigitFormat::general($value);
        }
        $mixed = $found['whole'] !== '';
        $whole = $mixed || $value >= self::EXACT ? floor($value + 1e-12) : 0.0;
        $rest = max(0.0, $value - $whole);
        [$top, $bottom] = match (true) {
            $whole >= self::EXACT => [0, 1],
            preg_match('/[1-9]/', $found['bottom']) === 1 => [(int) round($rest * (int) $found['bottom']), (int) $found['bottom']],
            default => self::convergent($rest, min(9_999, 10 ** strlen($found['bottom']) - 1)),
        };
        if ($mixed && $top === $bottom) {
            $whole++;
            $top = 0;
        }
        $written = number_format($whole, 0, '', $grouped ? ',' : '');
        $text = ($negative && ($whole > 0 || $top !== 0) ? '-' : '').$found['lead'];
        if (! $mixed) {
            return $text.
                self::pad($whole > 0 ? $written : (string) $top, strlen($found['top']), true).
                '/'.
                self::pad((string) $bottom, strlen($found['bottom']), false).
                $found['tail'];
        }
        // A whole number that is not there leaves its place, so that fractions stand below each other.
        $text .=
            $whole == 0 && $top !== 0 && ! str_contains($found['whole'], '0')
                ? ' '
                : str_pad($written, substr_count($found['whole'], '0'), '0', STR_PAD_LEFT).' ';

        // Nothing over something is left out, unless the code wants a figure there.
        return $text.
            ($top === 0 && ! str_contains($found['top'], '0')
                ? str_repeat("\u{2007}", strlen($found['top'])).' '.str_repeat("\u{2007}", strlen($found['bottom']))
                : self::pad((string) $top, strlen($found['top']), true).
                    '/'.
                    self::pad((string) $bottom, strlen($found['bottom']), false)).
            $found['tail'];
    }

    private static function pad(string $digits, int $width, bool $left): string
    {
        $room = str_repeat("\u{2007}", max(0, $width - strlen($digits)));

        return $left ? $room.$digits : $digits.$room;
    }

    /**
     * The last convergent of the continued fraction whose denominator is within the limit: what spreadsheet programs show.
     *
     * @return array{int, int} numerator, denominator
     */
    private static function convergent(float $value, int $limit): array
    {
        [$topBefore, $top] = [0, 1];
        [$bottomBefore, $bottom] = [1, 0];
        $rest = $value;
        while (true) {
            $part = (int) floor($rest + 1e-9);
            [$nextTop, $nextBottom] = [$part * $top + $topBefore, $part * $bottom + $bottomBefore];
            if ($nextBottom > $limit) {
                break;
            }
            [$topBefore, $top, $bottomBefore, $bottom] = [$top, $nextTop, $bottom, $nextBottom];
            if ($rest - $part < 5e-8) {
                break;
            }
            $rest = 1 / ($rest - $part);
        }

        return [$top, $bottom];
    }
}
