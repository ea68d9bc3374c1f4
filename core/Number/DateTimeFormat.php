<?php

declare(strict_types=1);

namespace Rilvet\Number;

use IntlDateFormatter;

/** Shows a serial number through the date and time tokens of one section. Names of months and days come from intl. */
final class DateTimeFormat
{
    /** @return string|null null for a negative date, or one beyond 9999, which no code can show */
    public static function show(Section $section, float $value, bool $from1904): ?string
    {
        $elapsed = preg_match('/\[/', implode('', array_map(fn (Token $token) => $token->kind === 'date' ? $token->text : '', $section->tokens))) === 1;
        if (($value < 0 && ! $elapsed) || $value >= SerialDate::LAST + 1 - ($from1904 ? 1462 : 0)) {
            return null;
        }
        $places = self::secondPlaces($section);
        $unit = 86400 * 10 ** $places;
        $ticks = (int) floor(abs($value) * $unit + 0.5);
        // Minutes and hours are cut, not rounded, unless the code shows fractions of seconds.
        $showsSeconds = self::hasSeconds($section);
        if (! $showsSeconds) {
            $ticks = (int) floor(abs($value) * 86400 + 0.5);
            $unit = 86400;
            $places = 0;
        }
        $perSecond = 10 ** $places;
        $serial = intdiv($ticks, $unit);
        $seconds = intdiv($ticks % $unit, $perSecond);
        $clock = [
            'hour' => intdiv($seconds, 3600),
            'minute' => intdiv($seconds, 60) % 60,
            'second' => $seconds % 60,
            'fraction' => $ticks % $perSecond,
            'places' => $places,
            'total' => intdiv($ticks, $perSecond),
        ];

        return ($value < 0 ? '-' : '').self::write($section, $serial, $clock, $from1904);
    }

    /** @param  array{hour: int, minute: int, second: int, fraction: int, places: int, total: int}  $clock */
    private static function write(Section $section, int $serial, array $clock, bool $from1904): string
    {
        $half = array_filter($section->tokens, fn (Token $token) => in_array($token->text, ['AM/PM', 'A/P'], true) && $token->kind === 'date') !== [];
        $day = SerialDate::day($serial, $from1904);
        $text = '';
        $tokens = $section->tokens;
        for ($at = 0; $at < count($tokens); $at++) {
            $token = $tokens[$at];
            if ($token->kind === 'date') {
                $text .= self::token($token->text, $day, $clock, $half, self::isMinute($tokens, $at), $section->locale ?? 'en');
            } elseif ($token->kind === 'point' && isset($tokens[$at + 1]) && $tokens[$at + 1]->text === '0' && $tokens[$at + 1]->kind === 'digit') {
                $text .= '.'.str_pad((string) $clock['fraction'], $clock['places'], '0', STR_PAD_LEFT);
                while (isset($tokens[$at + 1]) && $tokens[$at + 1]->kind === 'digit') {
                    $at++;
                }
            } elseif ($token->kind === 'pad') {
                $text .= "\u{A0}";
            } elseif ($token->kind !== 'fill') {
                $text .= $token->text;
            }
        }

        return $text;
    }

    /**
     * @param  array{int, int, int, int}  $day
     * @param  array{hour: int, minute: int, second: int, fraction: int, places: int, total: int}  $clock
     */
    private static function token(string $token, array $day, array $clock, bool $half, bool $minute, string $locale): string
    {
        [$year, $month, $date, $weekday] = $day;
        $hour = $half ? ($clock['hour'] + 11) % 12 + 1 : $clock['hour'];
        $pad = fn (int $number, int $width) => str_pad((string) $number, $width, '0', STR_PAD_LEFT);

        return match (true) {
            $token[0] === '[' => $pad(match ($token[1]) {
                'h' => intdiv($clock['total'], 3600),
                'm' => intdiv($clock['total'], 60),
                default => $clock['total'],
            }, strlen($token) - 2),
            $token === 'AM/PM' => $clock['hour'] < 12 ? 'AM' : 'PM',
            $token === 'A/P' => $clock['hour'] < 12 ? 'A' : 'P',
            $token[0] === 'y' => strlen($token) <= 2 ? $pad($year % 100, 2) : (string) $year,
            $token[0] === 'e' => (string) $year,
            $token[0] === 'm' && $minute && strlen($token) <= 2 => $pad($clock['minute'], strlen($token)),
            $token[0] === 'm' => match (strlen($token)) {
                1, 2 => $pad($month, strlen($token)),
                3 => self::name('LLL', $locale, $month, 1),
                4 => self::name('LLLL', $locale, $month, 1),
                default => mb_substr(self::name('LLLL', $locale, $month, 1), 0, 1),
            },
            $token[0] === 'd' => match (strlen($token)) {
                1, 2 => $pad($date, strlen($token)),
                3 => self::name('ccc', $locale, 1, $weekday + 7),
                default => self::name('cccc', $locale, 1, $weekday + 7),
            },
            $token[0] === 'h' => $pad($hour, min(2, strlen($token))),
            $token[0] === 's' => $pad($clock['second'], min(2, strlen($token))),
            default => '',
        };
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
                return $tokens[$after]->text[0] === 's' || str_starts_with($tokens[$after]->text, '[s');
            }
        }

        return false;
    }

    private static function hasSeconds(Section $section): bool
    {
        foreach ($section->tokens as $token) {
            if ($token->kind === 'date' && str_contains($token->text, 's')) {
                return true;
            }
        }

        return false;
    }

    private static function secondPlaces(Section $section): int
    {
        $places = 0;
        $counting = false;
        foreach ($section->tokens as $token) {
            $counting = $token->kind === 'point' ? true : ($counting && $token->kind === 'digit');
            $places += $counting && $token->kind === 'digit' ? 1 : 0;
        }

        return min(3, $places);
    }

    /** June 2003 began on a Sunday, so that day 1 + n of it is weekday n. */
    private static function name(string $pattern, string $locale, int $month, int $day): string
    {
        /** @var array<string, string> $names */
        static $names = [];
        $key = "$pattern $locale $month $day";

        return $names[$key] ??= (string) (new IntlDateFormatter($locale, IntlDateFormatter::NONE, IntlDateFormatter::NONE, 'UTC', IntlDateFormatter::GREGORIAN, $pattern))
            ->format((int) gmmktime(12, 0, 0, $pattern[0] === 'L' ? $month : 6, $pattern[0] === 'L' ? 15 : $day + 1, 2003));
    }
}
