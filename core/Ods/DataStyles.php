<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Number\NumberFormat;
use Rilvet\Number\Section;
use Rilvet\Number\Token;
use Rilvet\Package\PackageXml;

/**
 * Number format codes as the data styles of ISO/IEC 26300-1, 16.29, and back. Padding and question marks have no form
 * there: a pad is a blank, a question mark a place that may be left out.
 */
final class DataStyles
{
    private const MONTHS = 3;

    /** The xml of a data style, and of those that it is mapped to. */
    public static function xml(string $code, string $name): string
    {
        $sections = NumberFormat::of($code)->sections();
        $text = isset($sections[3]) ? $sections[3] : null;
        $numbers = array_slice($sections, 0, 3);
        $count = count($numbers);
        $xml = '';
        $maps = '';
        // The last section is the style; those before it are mapped to by their conditions.
        foreach ($numbers as $at => $section) {
            if ($at === $count - 1 && $text === null) {
                break;
            }
            $condition = $section->condition !== null ? $section->condition[0].$section->condition[1] : match (true) {
                $count === 1 => '>=-1E+300',
                $at === 0 => $count === 2 ? '>=0' : '>0',
                $at === 1 => '<0',
                default => '=0',
            };
            $xml .= self::section($section, "{$name}P$at", '');
            $maps .=
                '<style:map style:condition="value()'.
                Ns::text(str_replace('<>', '!=', $condition)).
                "\" style:apply-style-name=\"{$name}P$at\"/>";
        }

        return $xml.self::section($text ?? $numbers[$count - 1], $name, $maps);
    }

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

    private static function section(Section $section, string $name, string $maps): string
    {
        $ink = $section->ink === null ? '' : '<style:text-properties fo:color="'.strtolower($section->ink).'"/>';
        [$tag, $body, $more] = $section->isDate ? self::moment($section) : self::digits($section);

        return "<number:$tag style:name=\"$name\"$more>$ink$body$maps</number:$tag>";
    }

    /** @return array{string, string, string} kind of style, content, attributes */
    private static function moment(Section $section): array
    {
        $xml = '';
        $hasDay = $isElapsed = false;
        $tokens = $section->tokens;
        foreach ($tokens as $at => $token) {
            $length = strlen(trim($token->text, '[]'));
            $style = $length > 1 ? ' number:style="long"' : '';
            $letter = trim($token->text, '[')[0] ?? '';
            if ($token->kind !== 'date') {
                // Places behind the seconds are said with them.
                if ($token->kind === 'point' && ($tokens[$at + 1]->kind ?? '') === 'digit' || $token->kind === 'digit') {
                    continue;
                }
                $xml .= self::literal($token);

                continue;
            }
            $isElapsed = $isElapsed || $token->text[0] === '[';
            $isMinute = $letter === 'm' && ($isElapsed && $token->text[0] === '[' || $length <= 2 && self::isMinute($tokens, $at));
            $hasDay = $hasDay || in_array($letter, ['y', 'd', 'e'], true) || $letter === 'm' && ! $isMinute;
            $xml .= match (true) {
                $letter === 'y' || $letter === 'e' => $length > 2 || $letter === 'e'
                    ? '<number:year number:style="long"/>'
                    : '<number:year/>',
                $letter === 'd' => $length <= 2
                    ? "<number:day$style/>"
                    : ($length === 3
                        ? '<number:day-of-week/>'
                        : '<number:day-of-week number:style="long"/>'),
                $letter === 'h' => "<number:hours$style/>",
                $letter === 's' => "<number:seconds$style".
                    (self::places($tokens, $at) > 0 ? ' number:decimal-places="'.self::places($tokens, $at).'"' : '').
                    '/>',
                $isMinute => "<number:minutes$style/>",
                $letter === 'm' => $length >= self::MONTHS
                    ? '<number:month number:textual="true"'.($length === self::MONTHS ? '' : ' number:style="long"').'/>'
                    : "<number:month$style/>",
                $letter === 'A' => '<number:am-pm/>',
                default => '',
            };
        }

        return [$hasDay ? 'date-style' : 'time-style',
            $xml, $isElapsed ? ' number:truncate-on-overflow="false"' : ''];
    }

    /** @return array{string, string, string} */
    private static function digits(Section $section): array
    {
        $tokens = $section->tokens;
        if ($section->has('text') && ! $section->has('digit')) {
            return [
                'text-style',
                implode(
                    '',
                    array_map(fn (Token $token) => $token->kind === 'text' ? '<number:text-content/>' : self::literal($token), $tokens),
                ),
                '',
            ];
        }
        $first = $last = null;
        foreach ($tokens as $at => $token) {
            if (in_array($token->kind, ['digit', 'general'], true)) {
                $first ??= $at;
                $last = $at;
            }
        }
        $xml = '';
        foreach ($tokens as $at => $token) {
            if ($at === $first && $last !== null) {
                $xml .= self::number(array_slice($tokens, $first, self::end($tokens, $last) - $first + 1));
            } elseif ($first === null || $at < $first || $at > self::end($tokens, (int) $last)) {
                $xml .=
                    $token->kind === 'percent' ? '<number:text>%</number:text>'
                        : ($token->kind === 'comma' ? '' : self::literal($token));
            }
        }

        return [$section->has('percent') ? 'percentage-style' : 'number-style', $xml, ''];
    }

    /**
     * Commas behind the last digit scale the number and are part of it.
     *
     * @param  list<Token>  $tokens
     */
    private static function end(array $tokens, int $last): int
    {
        while (($tokens[$last + 1]->kind ?? '') === 'comma') {
            $last++;
        }
        // A denominator that is said outright is of the fraction as well.
        if (($tokens[$last + 1]->kind ?? '') === 'slash') {
            for ($last++; ctype_digit($tokens[$last + 1]->text ?? ''); $last++);
        }

        return $last;
    }

    /** @param  list<Token>  $tokens  from the first digit to the last */
    private static function number(array $tokens): string
    {
        if ($tokens[0]->kind === 'general') {
            return '<number:number number:min-integer-digits="1"/>';
        }
        $before = $after = $exponent = $over = $under = '';
        $stage = 'before';
        $grouped = false;
        $scale = 0;
        $fixed = '';
        foreach ($tokens as $at => $token) {
            match ($token->kind) {
                'point' => $stage = 'after',
                'exponent' => $stage = 'exponent',
                'slash' => $stage = 'under',
                'comma' => self::isDigitAhead($tokens, $at) ? $grouped = true : $scale++,
                'digit' => match ($stage) {
                    'before' => $before .= $token->text,
                    'after' => $after .= $token->text,
                    'exponent' => $exponent .= $token->text,
                    default => $under .= $token->text,
                },
                'literal' => $stage === 'under' && ctype_digit($token->text)
                    ? ($fixed .= $token->text)
                    : ($stage === 'before' && $token->text === ' '
                        ? ($over = $before)
                        : null),
                default => null,
            };
        }
        if ($stage === 'under') {
            $whole = $over === '' ? '' : $over;
            $numerator = substr($before, strlen($whole));

            return '<number:fraction'.
                ($whole === '' ? '' : ' number:min-integer-digits="'.substr_count($whole, '0').'"').
                ' number:min-numerator-digits="'.
                max(1, strlen($numerator)).
                '" '.
                ($fixed !== '' ? "number:denominator-value=\"$fixed\"" : 'number:min-denominator-digits="'.max(1, strlen($under)).'"').
                '/>';
        }
        $attributes =
            ' number:decimal-places="'.
            strlen($after).
            '"'.
            (substr_count($after, '0') === strlen($after) ? '' : ' number:min-decimal-places="'.substr_count($after, '0').'"').
            ' number:min-integer-digits="'.
            substr_count($before, '0').
            '"';

        return $exponent !== ''
            ? "<number:scientific-number$attributes number:min-exponent-digits=\"".strlen($exponent).'"/>'
            : "<number:number$attributes".
                    ($grouped ? ' number:grouping="true"' : '').
                    ($scale > 0 ? ' number:display-factor="'. 1000 ** $scale.'"' : '').
                    '/>';
    }

    /** @param  list<Token>  $tokens */
    private static function isDigitAhead(array $tokens, int $at): bool
    {
        for ($next = $at + 1; isset($tokens[$next]) && $tokens[$next]->kind !== 'point'; $next++) {
            if ($tokens[$next]->kind === 'digit') {
                return true;
            }
        }

        return false;
    }

    private static function literal(Token $token): string
    {
        return match ($token->kind) {
            'pad' => '<number:text> </number:text>',
            'fill' => '<number:fill-character>'.Ns::text(mb_substr($token->text, -1)).'</number:fill-character>',
            default => '<number:text>'.Ns::text($token->text).'</number:text>',
        };
    }

    /** @param  list<Token>  $tokens */
    private static function isMinute(array $tokens, int $at): bool
    {
        $near = function (int $step) use ($tokens, $at): string {
            for ($next = $at + $step; isset($tokens[$next]); $next += $step) {
                if ($tokens[$next]->kind === 'date') {
                    return trim($tokens[$next]->text, '[]')[0] ?? '';
                }
            }

            return '';
        };

        return $near(-1) === 'h' || $near(1) === 's';
    }

    /** @param  list<Token>  $tokens */
    private static function places(array $tokens, int $at): int
    {
        $places = 0;
        if (($tokens[$at + 1]->kind ?? '') === 'point') {
            for ($next = $at + 2; ($tokens[$next]->kind ?? '') === 'digit'; $next++) {
                $places++;
            }
        }

        return $places;
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
