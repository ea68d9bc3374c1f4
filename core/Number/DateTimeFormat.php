<?php

declare(strict_types=1);

namespace Rilvet\Number;

use IntlDateFormatter;

/**
 * Shows serial numbers through the date and time tokens of one section, which are looked through once. Names of months and
 * days come from intl.
 */
final class DateTimeFormat
{
    private bool $elapsed = false;

    /** The code shows only twelve hours. */
    private readonly bool $half;

    /** Places behind the seconds, at most 3. */
    private int $places;

    private bool $hasDay = false;

    private bool $hasTime = false;

    /** For sprintf, with one directive for each of what is asked. */
    private string $template = '';

    /** @var list<string> what is asked of a moment, in the order of the template */
    private array $asked = [];

    private readonly string $locale;

    public function __construct(private readonly Section $section)
    {
        $this->locale = $section->locale ?? 'en';
        $tokens = $section->tokens;
        $this->places = self::secondPlaces($tokens);
        $this->half = array_filter($tokens, fn (Token $token) => $token->kind === 'date' && strtoupper($token->text[0]) === 'A') !== [];
        $seconds = false;
        for ($at = 0; $at < count($tokens); $at++) {
            $token = $tokens[$at];
            if ($token->kind === 'date') {
                $this->elapsed = $this->elapsed || $token->text[0] === '[';
                $seconds = $seconds || str_contains($token->text, 's');
                $this->ask($token->text, $token->text[0] === 'm' && strlen($token->text) <= 2 && self::isMinute($tokens, $at));
            } elseif ($token->kind === 'point' && ($tokens[$at + 1]->kind ?? '') === 'digit' && $tokens[$at + 1]->text === '0') {
                $this->template .= ".%0{$this->places}d";
                $this->asked[] = 'fraction';
                while (($tokens[$at + 1]->kind ?? '') === 'digit') {
                    $at++;
                }
            } else {
                $this->template .= str_replace('%', '%%', $token->text);
            }
        }
        $this->places = $seconds ? $this->places : 0;
    }

    /** @return Formatted one that does not fit for a negative date, or one beyond 9999, which no code can show */
    public function show(float $value, bool $from1904): Formatted
    {
        if (($value < 0 && ! $this->elapsed) || $value >= SerialDate::LAST + 1 - ($from1904 ? SerialDate::BETWEEN : 0)) {
            return new Formatted('', fits: false);
        }
        // Minutes and hours are cut, not rounded; seconds are rounded to what the code shows of them.
        $perSecond = 10 ** $this->places;
        $unit = 86400 * $perSecond;
        // A date alone is the day that has begun.
        $ticks = (int) floor(abs($value) * $unit + ($this->hasTime ? 0.5 : 0));
        $seconds = intdiv($ticks % $unit, $perSecond);
        [$year, $month, $date, $weekday] = $this->hasDay ? SerialDate::day(intdiv($ticks, $unit), $from1904) : [0, 1, 1, 0];
        $values = [];
        foreach ($this->asked as $asked) {
            $values[] = match ($asked) {
                'year' => $year,
                'yy' => $year % 100,
                'month' => $month,
                'LLL', 'LLLL' => self::name($asked, $this->locale, $month),
                'initial' => mb_substr(self::name('LLLL', $this->locale, $month), 0, 1),
                'date' => $date,
                'ccc', 'cccc' => self::name($asked, $this->locale, $weekday),
                'hour' => $this->half ? (intdiv($seconds, 3600) + 11) % 12 + 1 : intdiv($seconds, 3600),
                'minute' => intdiv($seconds, 60) % 60,
                'second' => $seconds % 60,
                'fraction' => $ticks % $perSecond,
                'A/P', 'a/p', 'A/p', 'a/P' => $asked[$seconds < 43_200 ? 0 : 2],
                'AM/PM' => $seconds < 43_200 ? 'AM' : 'PM',
                'hours' => intdiv($ticks, $perSecond * 3600),
                'minutes' => intdiv($ticks, $perSecond * 60),
                default => intdiv($ticks, $perSecond),
            };
        }

        return new Formatted(($value < 0 ? '-' : '').vsprintf($this->template, $values), $this->section->ink);
    }

    private function ask(string $token, bool $isMinute): void
    {
        $length = strlen($token);
        $two = min(2, $length);
        [$asked, $directive] = match ($token[0]) {
            '[' => [['h' => 'hours', 'm' => 'minutes', 's' => 'seconds'][$token[1]] ?? 'seconds', '%0'.($length - 2).'d'],
            'A', 'a' => [$token, '%s'],
            'y' => $length <= 2 ? ['yy', '%02d'] : ['year', '%d'],
            'e' => ['year', '%d'],
            'm' => match (true) {
                $isMinute => ['minute', "%0{$length}d"],
                $length <= 2 => ['month', "%0{$length}d"],
                default => [[3 => 'LLL', 4 => 'LLLL'][$length] ?? 'initial', '%s'],
            },
            'd' => $length <= 2 ? ['date', "%0{$length}d"]
                : [$length === 3 ? 'ccc' : 'cccc', '%s'],
            'h' => ['hour', "%0{$two}d"],
            's' => ['second', "%0{$two}d"],
            default => [null, ''],
        };
        if ($asked !== null) {
            $this->template .= $directive;
            $this->asked[] = $asked;
            $this->hasTime = $this->hasTime || $isMinute || in_array($token[0], ['h', 's', '[', 'A', 'a'], true);
            $this->hasDay = $this->hasDay || (in_array($token[0], ['y', 'e', 'd', 'm'], true) && ! $isMinute);
        }
    }

    /**
     * "m" is minutes right after an hour or right before a second (18.8.31).
     *
     * @param  list<Token>  $tokens
     */
    private static function isMinute(array $tokens, int $at): bool
    {
        for ($before = $at - 1; $before >= 0; $before--) {
            if ($tokens[$before]->kind === 'date') {
                if (in_array($tokens[$before]->text[0], ['h', '['], true) && $tokens[$before]->text !== '[s]') {
                    return true;
                }
                break;
            }
        }
        for ($after = $at + 1; $after < count($tokens); $after++) {
            if ($tokens[$after]->kind === 'date') {
                return $tokens[$after]->text[0] === 's';
            }
        }

        return false;
    }

    /** @param  list<Token>  $tokens */
    private static function secondPlaces(array $tokens): int
    {
        $places = 0;
        $counting = false;
        foreach ($tokens as $token) {
            $counting = $token->kind === 'point' ? true : ($counting && $token->kind === 'digit');
            $places += $counting && $token->kind === 'digit' ? 1 : 0;
        }

        return min(3, $places);
    }

    /** @param  int  $number  of the month, from 1, or of the weekday, from 0 for Sunday; June 2003 began on a Sunday */
    private static function name(string $pattern, string $locale, int $number): string
    {
        /** @var array<string, array<string, array<int, string>>> $names */
        static $names = [];

        [$language, $genitive] = explode('@', $locale.'@');
        $symbols = $genitive !== '' && $pattern[0] === 'L' ? str_replace('L', 'M', $pattern) : $pattern;
        $write = fn (string $text) => str_starts_with($locale, 'ru') && $genitive === '' && $pattern === 'LLLL'
            ? mb_convert_case($text, MB_CASE_TITLE)
            : $text;

        return $names[$locale][$pattern][$number] ??= $write(
            (string) (new IntlDateFormatter(
                $language,
                IntlDateFormatter::NONE,
                IntlDateFormatter::NONE,
                'UTC',
                IntlDateFormatter::GREGORIAN,
                $symbols,
            ))->format((int) gmmktime(12, 0, 0, $pattern[0] === 'L' ? $number : 6,
                $pattern[0] === 'L' ? 15 : $number + 8, 2003)),
        );
    }
}
