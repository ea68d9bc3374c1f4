<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Package\PackageXml;

/** The data styles of ISO/IEC 26300-1, 16.29, as number format codes. */
final class DataStylesIn
{
    /** @param  callable(string): ?DOMElement  $others  data styles by name */
    public static function code(DOMElement $style, callable $others): string
    {
        $parts = [];
        foreach (PackageXml::children($style, 'map') as $map) {
            $condition = trim(str_replace(['value()', ' ', '!='], ['', '', '<>'], $map->getAttributeNS(Ns::STYLE, 'condition')));
            $other = $others($map->getAttributeNS(Ns::STYLE, 'apply-style-name'));
            if ($other !== null) {
                $parts[$condition] = self::plain($other);
            }
        }
        $own = self::plain($style);
        $keys = array_keys($parts);

        return match (true) {
            $parts === [] => $own,
            $keys === ['>=0'] => $parts['>=0'].';'.$own,
            $keys === ['>0', '<0'] => $parts['>0'].';'.$parts['<0'].';'.$own,
            $keys === ['>0', '<0', '=0'] => $parts['>0'].';'.$parts['<0'].';'.$parts['=0'].';'.$own,
            $keys === ['>=-1E+300'] => $parts['>=-1E+300'].';;;'.$own,
            $keys === ['>=0', '<0'] => $parts['>=0'].';'.$parts['<0'].';;'.$own,
            default => implode(
                ';',
                array_map(
                    fn (string $condition, string $code) => "[$condition]$code",
                    array_slice($keys, 0, 2),
                    array_slice(array_values($parts), 0, 2),
                ),
            ).
                ';'.
                $own,
        };
    }

    /** The code of one data style, without those that it is mapped to. */
    private static function plain(DOMElement $style): string
    {
        $code = '';
        $isElapsed = $style->getAttributeNS(Ns::NUMBER, 'truncate-on-overflow') === 'false';
        foreach ($style->childNodes as $child) {
            if (! $child instanceof DOMElement) {
                continue;
            }
            $say = fn (string $name) => $child->getAttributeNS(Ns::NUMBER, $name);
            $long = $say('style') === 'long';
            $elapsed = function (string $code) use (&$isElapsed): string {
                $written = $isElapsed ? "[$code]" : $code;
                $isElapsed = false;

                return $written;
            };
            $code .= match ($child->localName) {
                'text-properties' => self::ink($child->getAttributeNS(Ns::FO, 'color')),
                'text' => self::quoted($child->textContent, str_contains((string) $style->localName, 'percentage')),
                'currency-symbol' => self::quoted($child->textContent, false),
                'fill-character' => '*'.$child->textContent,
                'text-content' => '@',
                'year' => $long ? 'yyyy' : 'yy',
                'month' => $say('textual') === 'true'
                    ? ($long ? 'mmmm' : 'mmm')
                    : ($long ? 'mm' : 'm'),
                'day' => $long ? 'dd' : 'd',
                'day-of-week' => $long ? 'dddd' : 'ddd',
                'hours' => $elapsed($long ? 'hh' : 'h'),
                'minutes' => $elapsed($long ? 'mm' : 'm'),
                'seconds' => $elapsed($long ? 'ss' : 's').
                    ((int) $say('decimal-places') > 0 ? '.'.str_repeat('0', min(9, (int) $say('decimal-places'))) : ''),
                'am-pm' => 'AM/PM',
                'number' => self::figures($child),
                'scientific-number' => self::figures($child).'E+'.str_repeat('0', Clamp::of((int) $say('min-exponent-digits'), 1, 9)),
                'fraction' => self::fraction($child),
                default => '',
            };
        }

        // Elapsed hours read as "[h]", where one digit is enough.
        return str_replace(['[hh]'], ['[h]'], $code === '' ? 'General' : $code);
    }

    private static function figures(DOMElement $number): string
    {
        $say = fn (string $name, int $else) => $number->hasAttributeNS(Ns::NUMBER, $name)
            ? Clamp::of((int) $number->getAttributeNS(Ns::NUMBER, $name), 0, 30)
            : $else;
        if (
            ! $number->hasAttributeNS(Ns::NUMBER, 'decimal-places') &&
            $number->localName === 'number' &&
            $number->getAttributeNS(Ns::NUMBER, 'grouping') !== 'true'
        ) {
            return 'General';
        }
        $places = $say('decimal-places', 0);
        $least = min($places, $say('min-decimal-places', $places));
        $whole = $say('min-integer-digits', 0);
        $grouped = $number->getAttributeNS(Ns::NUMBER, 'grouping') === 'true';
        $before = $grouped
            ? (string) preg_replace('/(?=(?:.{3})+$)(?!^)/', ',', str_pad(str_repeat('0', $whole), 4, '#', STR_PAD_LEFT))
            : ($whole === 0
                ? '#'
                : str_repeat('0', $whole));
        $factor = (float) ($number->getAttributeNS(Ns::NUMBER, 'display-factor') ?: 1);

        return $before.
            ($places > 0 ? '.'.str_repeat('0', $least).str_repeat('#', $places - $least) : '').
            ($factor >= 1000 ? str_repeat(',', (int) round(log($factor, 1000))) : '');
    }

    private static function fraction(DOMElement $fraction): string
    {
        $say = fn (string $name) => min(9, (int) $fraction->getAttributeNS(Ns::NUMBER, $name));
        $whole = $fraction->hasAttributeNS(Ns::NUMBER, 'min-integer-digits')
            ? ($say('min-integer-digits') > 0 ? str_repeat('0', $say('min-integer-digits')) : '#').' '
            : '';
        $value = $fraction->getAttributeNS(Ns::NUMBER, 'denominator-value');

        return $whole.
            str_repeat('?', max(1, $say('min-numerator-digits'))).
            '/'.
            (ctype_digit($value) ? $value : str_repeat('?', max(1, $say('min-denominator-digits'))));
    }

    private static function quoted(string $text, bool $isPercent): string
    {
        if ($text === '' || preg_match('/^[\-\/ :()+,.]$/', $text) === 1 && $text !== ',' && $text !== '.') {
            return $text;
        }
        if ($isPercent && trim($text) === '%') {
            return $text;
        }
        if (mb_strlen($text) === 1) {
            return preg_match('/[$€£¥+\-\/():!^&\'~{}<>= ]/u', $text) === 1 ? $text : '\\'.$text;
        }

        return str_contains($text, '"') ? implode('', array_map(fn (string $char) => '\\'.$char, mb_str_split($text))) : "\"$text\"";
    }

    private static function ink(string $colour): string
    {
        $names = [
            '#000000' => '[Black]',
            '#0000ff' => '[Blue]',
            '#00ffff' => '[Cyan]',
            '#00ff00' => '[Green]',
            '#ff00ff' => '[Magenta]',
            '#ff0000' => '[Red]',
            '#ffffff' => '[White]',
            '#ffff00' => '[Yellow]',
        ];

        return $names[strtolower($colour)] ?? '';
    }
}
