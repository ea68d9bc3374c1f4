<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use Rilvet\Number\NumberFormat;
use Rilvet\Number\Section;
use Rilvet\Number\Token;

/**
 * Number format codes as the data styles of ISO/IEC 26300-1, 16.29. Padding and question marks have no form there: a pad is
 * a blank, a question mark a place that may be left out.
 */
final class DataStylesOut
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
}
