<?php

declare(strict_types=1);

namespace Rilvet\Number;

/**
 * Locales of tags such as [$-407] or [$€-de-DE] (18.8.31), for the names of months and days. The hexadecimal numbers are
 * language identifiers, from memory; one that is not listed leaves the names as they are.
 */
final class Locales
{
    private const BY_NUMBER = [
        0x0401 => 'ar-SA',
        0x0402 => 'bg-BG',
        0x0403 => 'ca-ES',
        0x0404 => 'zh-TW',
        0x0405 => 'cs-CZ',
        0x0406 => 'da-DK',
        0x0407 => 'de-DE',
        0x0408 => 'el-GR',
        0x0409 => 'en-US',
        0x040A => 'es-ES',
        0x040B => 'fi-FI',
        0x040C => 'fr-FR',
        0x040D => 'he-IL',
        0x040E => 'hu-HU',
        0x040F => 'is-IS',
        0x0410 => 'it-IT',
        0x0411 => 'ja-JP',
        0x0412 => 'ko-KR',
        0x0413 => 'nl-NL',
        0x0414 => 'nb-NO',
        0x0415 => 'pl-PL',
        0x0416 => 'pt-BR',
        0x0418 => 'ro-RO',
        0x0419 => 'ru-RU',
        0x041A => 'hr-HR',
        0x041B => 'sk-SK',
        0x041D => 'sv-SE',
        0x041E => 'th-TH',
        0x041F => 'tr-TR',
        0x0421 => 'id-ID',
        0x0422 => 'uk-UA',
        0x0424 => 'sl-SI',
        0x0425 => 'et-EE',
        0x0426 => 'lv-LV',
        0x0427 => 'lt-LT',
        0x042A => 'vi-VN',
        0x0804 => 'zh-CN',
        0x0807 => 'de-CH',
        0x0809 => 'en-GB',
        0x080A => 'es-MX',
        0x080C => 'fr-BE',
        0x0810 => 'it-CH',
        0x0813 => 'nl-BE',
        0x0814 => 'nn-NO',
        0x0816 => 'pt-PT',
        0x081D => 'sv-FI',
        0x0C07 => 'de-AT',
        0x0C09 => 'en-AU',
        0x0C0A => 'es-ES',
        0x0C0C => 'fr-CA',
        0x1009 => 'en-CA',
        0x100C => 'fr-CH',
        0x1409 => 'en-NZ',
        0x1809 => 'en-IE',
    ];

    /** Tags whose months stand in the case that follows a day ("1 января"), from memory. */
    private const GENITIVE = ['FC19' => 'ru-RU', 'FC22' => 'uk-UA'];

    /** @param  string  $tag  what stands behind the hyphen of the bracket; its upper half chooses calendars and digits */
    public static function of(string $tag): ?string
    {
        if (isset(self::GENITIVE[strtoupper($tag)])) {
            return self::GENITIVE[strtoupper($tag)].'@genitive';
        }
        if (preg_match('/^[0-9a-f]{3,8}$/i', $tag) === 1) {
            return self::BY_NUMBER[hexdec($tag) & 0xFFFF] ?? null;
        }

        return preg_match('/^[a-z]{2,3}(-[A-Za-z0-9]+)*$/', $tag) === 1 ? $tag : null;
    }
}
