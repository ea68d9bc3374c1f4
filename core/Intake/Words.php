<?php

declare(strict_types=1);

namespace Rilvet\Intake;

use IntlDateFormatter;
use ResourceBundle;

/** Words that stand for values in tables: placeholders, yes and no, currencies, month names. */
final class Words
{
    /** Languages whose month names are known; names come from intl (Unicode CLDR). */
    private const LOCALES = ['en', 'de', 'fr', 'es', 'it', 'pt', 'nl', 'sv', 'da', 'nb', 'fi', 'pl', 'cs'];

    private const PLACEHOLDERS = [
        '-',
        '–',
        '—',
        '--',
        '...',
        '…',
        '.',
        '?',
        'n/a',
        'na',
        'n.a.',
        'nil',
        'null',
        'none',
        'nan',
        'k.a.',
        'x',
        '#n/a',
        'tbc',
        'tba',
    ];

    private const YES_NO = [
        ['yes', 'no'],
        ['y', 'n'],
        ['true', 'false'],
        ['ja', 'nein'],
        ['ja', 'nej'],
        ['ja', 'nee'],
        ['ja', 'nei'],
        ['oui', 'non'],
        ['sí', 'no'],
        ['si', 'no'],
        ['sì', 'no'],
        ['sim', 'não'],
        ['tak', 'nie'],
        ['ano', 'ne'],
        ['kyllä', 'ei'],
        ['wahr', 'falsch'],
        ['vrai', 'faux'],
        ['✓', '✗'],
        ['✓', '✕'],
        ['x', ''],
    ];

    /** Stands for "no value here". */
    public static function isPlaceholder(string $text): bool
    {
        return in_array(mb_strtolower(trim($text)), self::PLACEHOLDERS, true);
    }

    /** A placeholder that ticks a box where nothing else stands in its column. */
    public static function isTick(string $text): bool
    {
        return mb_strtolower(trim($text)) === 'x';
    }

    /** @param  list<string>  $words lower case, distinct */
    public static function areYesNo(array $words): bool
    {
        if ($words === [] || count($words) > 2) {
            return false;
        }
        foreach (self::YES_NO as [$yes, $no]) {
            if ($no !== '' && array_diff($words, [$yes, $no]) === []) {
                return true;
            }
        }

        return false;
    }

    /** The number of a month (1 to 12) by its full or short name in any of the known languages. */
    public static function month(string $name): ?int
    {
        static $months = null;
        /** @var array<string, int>|null $months */
        if ($months === null) {
            $months = [];
            foreach (array_reverse(self::LOCALES) as $locale) {
                foreach (['MMMM', 'MMM', 'LLLL', 'LLL'] as $pattern) {
                    $format = new IntlDateFormatter(
                        $locale,
                        IntlDateFormatter::NONE,
                        IntlDateFormatter::NONE,
                        'UTC',
                        IntlDateFormatter::GREGORIAN,
                        $pattern,
                    );
                    for ($month = 1; $month <= 12; $month++) {
                        $word = $format->format((int) gmmktime(0, 0, 0, $month, 15, 2001));
                        $months[rtrim(mb_strtolower((string) $word), '.')] = $month;
                    }
                }
            }
            $months['sept'] = 9;
        }

        return $months[rtrim(mb_strtolower($name), '.')] ?? null;
    }

    /**
     * The sign that is shown for a currency sign, word or ISO 4217 code; null where the text is none.
     */
    public static function currency(string $text): ?string
    {
        $text = trim($text);
        if (preg_match('/^(?:[A-Z]{1,2})?\p{Sc}$/u', $text) === 1) {
            return $text;
        }
        if (in_array($text, ['kr', 'kr.', 'zł', 'Kč', 'Ft', 'Fr.', 'lei', 'R'], true)) {
            return $text;
        }

        return preg_match('/^[A-Z]{3}$/', $text) === 1 && in_array($text, self::currencyCodes(), true) ? $text : null;
    }

    /** @return list<string> ISO 4217 codes that are in use, as intl knows them */
    private static function currencyCodes(): array
    {
        static $codes = null;
        if ($codes === null) {
            $codes = [];
            $currencies = ResourceBundle::create('en', 'ICUDATA-curr')?->get('Currencies');
            foreach ($currencies instanceof ResourceBundle ? $currencies : [] as $code => $names) {
                $codes[] = is_string($code) ? $code : '';
            }
        }

        /** @var list<string> $codes */
        return $codes;
    }
}
