<?php

declare(strict_types=1);

namespace Rilvet\Number;

use Locale;
use NumberFormatter;

/** Currencies by ISO 4217, as intl writes them in the places where they are paid with. */
final class Currencies
{
    /** Regions whose money is offered, with one language each. */
    private const LOCALES = [
        'en-GB',
        'en-IE',
        'de-DE',
        'fr-FR',
        'nl-NL',
        'en-US',
        'en-CA',
        'fr-CA',
        'de-CH',
        'da-DK',
        'sv-SE',
        'nb-NO',
        'is-IS',
        'pl-PL',
        'cs-CZ',
        'hu-HU',
        'ro-RO',
        'bg-BG',
        'tr-TR',
        'uk-UA',
        'ja-JP',
        'zh-CN',
        'ko-KR',
        'en-IN',
        'id-ID',
        'th-TH',
        'vi-VN',
        'en-AU',
        'en-NZ',
        'en-SG',
        'en-ZA',
        'en-NG',
        'en-KE',
        'ar-EG',
        'he-IL',
        'es-MX',
        'pt-BR',
        'es-AR',
        'es-CL',
        'es-CO',
    ];

    /** @return list<array{code: string, symbol: string, place: string, decimals: int, region: string}> */
    public static function list(): array
    {
        static $list = null;
        if ($list === null) {
            $list = array_map(self::of(...), self::LOCALES);
        }

        /** @var list<array{code: string, symbol: string, place: string, decimals: int, region: string}> */
        return $list;
    }

    /** @return array{code: string, symbol: string, place: string, decimals: int, region: string} */
    public static function of(string $locale): array
    {
        $format = new NumberFormatter($locale, NumberFormatter::CURRENCY);
        $code = (string) $format->getTextAttribute(NumberFormatter::CURRENCY_CODE);
        $symbol = (string) $format->getSymbol(NumberFormatter::CURRENCY_SYMBOL);
        $pattern = explode(';', (string) $format->getPattern())[0];

        return [
            'code' => $code,
            // Marks of direction take no room and would only confuse a format code.
            'symbol' => trim((string) preg_replace('/[\x{200E}\x{200F}]/u', '', $symbol)),
            'place' => mb_strpos($pattern, '¤') > mb_strpos($pattern, '0') ? 'behind' : 'before',
            'decimals' => (int) $format->getAttribute(NumberFormatter::FRACTION_DIGITS),
            'region' => (string) Locale::getDisplayRegion($locale, 'en'),
        ];
    }
}
