<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Colour\Colour;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;

/** Looks for what stands out, at one press: made of what the cells wear, so that they fit it. */
final class Press
{
    public const KINDS = ['reversed', 'stronger', 'quieter', 'mark'];

    /** Contrast of text that is still easily read (WCAG 2.2, 1.4.3). */
    private const READ = 4.6;

    /** @param  Look  $plain  what the cells wear without it */
    public static function look(string $kind, Look $plain): Look
    {
        [$ink, $paper] = [$plain->ink(), $plain->paper()];

        return Look::of(match ($kind) {
            // Ink and fill change places: their contrast stays what it was.
            'reversed' => ['ink' => $paper->toHex(), 'fill' => $ink->toHex(), 'bold' => true],
            'stronger' => ['bold' => true, 'ink' => $paper->readableInk([$ink, Colour::hex('#000000'), Colour::hex('#FFFFFF')])->toHex()],
            'quieter' => ['ink' => self::quiet($ink, $paper)->toHex(), 'bold' => false],
            default => ['number' => self::marked($plain->text(Attribute::Number))],
        });
    }

    /**
     * Tints of the ink on the paper, for a bar and for the ends of a scale.
     *
     * @return array{string, string, string} of a bar, of the least, of the greatest
     */
    public static function tints(Look $plain): array
    {
        [$ink, $paper] = [$plain->ink(), $plain->paper()];

        return [self::mixed($ink, $paper, 0.78)->toHex(), self::mixed($ink, $paper, 0.97)->toHex(), self::mixed($ink, $paper,
            0.55)->toHex()];
    }

    private static function mixed(Colour $ink, Colour $paper, float $share): Colour
    {
        $mix = fn (int $a, int $b) => (int) round($a + ($b - $a) * $share);

        return Colour::rgb($mix($ink->red, $paper->red), $mix($ink->green, $paper->green), $mix($ink->blue, $paper->blue));
    }

    /** As near to the paper as can still be read. */
    private static function quiet(Colour $ink, Colour $paper): Colour
    {
        $best = $ink;
        for ($share = 5; $share < 100; $share += 5) {
            $mixed = self::mixed($ink, $paper, $share / 100);
            if ($paper->contrast($mixed) < self::READ) {
                break;
            }
            $best = $mixed;
        }

        return $best;
    }

    /** A number format with a mark before what it shows: files carry it, and it needs no colour. */
    public static function marked(string $code): string
    {
        $code = $code === '' ? 'General' : $code;
        preg_match_all('/(?:"[^"]*"|\\\\.|[^;"\\\\])+/su', $code, $found);
        $sections = array_map(fn (string $section) => (string) preg_replace('/^((?:\[[^\]]*\])*)/', '$1"▲ "', $section), $found[0]);
        if (count($sections) === 1) {
            return "$sections[0];".preg_replace('/^((?:\[[^\]]*\])*"▲ ")/', '$1-', $sections[0]).";$sections[0];\"▲ \"@";
        }

        return implode(';', count($sections) === 3 ? [...$sections, '"▲ "@'] : $sections);
    }
}
