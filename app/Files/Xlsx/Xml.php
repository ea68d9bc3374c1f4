<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

/** Text in xml of ISO/IEC 29500: what xml cannot hold is written as _xHHHH_ (22.9.2.19, ST_Xstring). */
final class Xml
{
    public const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    public const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    public const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    public static function text(string $text): string
    {
        if (strpbrk($text, "_\r\x00\x01\x02\x03\x04\x05\x06\x07\x08\x0B\x0C\x0E\x0F\x10\x11\x12\x13\x14\x15\x16\x17\x18\x19\x1A\x1B\x1C\x1D\x1E\x1F") !== false || str_contains($text, "\u{FFFE}") || str_contains($text, "\u{FFFF}")) {
            // A text that happens to look like an escape is escaped itself.
            $text = (string) preg_replace('/_(?=x[0-9A-Fa-f]{4}_)/', '_x005F_', $text);
            $text = (string) preg_replace_callback('/[\x00-\x08\x0B-\x1F\x{FFFE}\x{FFFF}]/u', fn (array $found) => sprintf('_x%04X_', mb_ord($found[0])), $text);
        }

        return strtr($text, ['&' => '&amp;', '<' => '&lt;', '>' => '&gt;']);
    }

    public static function attribute(string $text): string
    {
        return strtr(self::text($text), ['"' => '&quot;', "\n" => '&#10;', "\t" => '&#9;']);
    }

    /** The inverse of the escapes in {@see text()}, for text that an xml reader has unescaped already. */
    public static function plain(string $text): string
    {
        return str_contains($text, '_x') ? (string) preg_replace_callback('/_x([0-9A-Fa-f]{4})_/', fn (array $found) => mb_chr((int) hexdec($found[1])) ?: '', $text) : $text;
    }
}
