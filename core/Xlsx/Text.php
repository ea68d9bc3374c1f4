<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Package\PackageXml;

/** Text in xml of ISO/IEC 29500: entities, and what xml cannot hold, written as _xHHHH_ (22.9.2.19, ST_Xstring). */
final class Text
{
    /** Text as it stands between two tags. */
    public static function read(string $xml): string
    {
        if (str_contains($xml, '&')) {
            $xml = html_entity_decode($xml, ENT_QUOTES | ENT_XML1, 'UTF-8');
        }
        if (str_contains($xml, "\r")) {
            $xml = strtr($xml, ["\r\n" => "\n", "\r" => "\n"]);
        }

        return self::plain($xml);
    }

    /** The inverse of the escapes, for text that an xml reader has read already. */
    public static function plain(string $text): string
    {
        return str_contains($text, '_x')
            ? (string) preg_replace_callback('/_x([0-9A-Fa-f]{4})_/', fn (array $found) => mb_chr((int) hexdec($found[1])) ?: '', $text)
            : $text;
    }

    /** The text of an si or is element: its own, or that of its runs; not how it is pronounced (18.4.8). */
    public static function rich(DOMElement $element): string
    {
        $text = '';
        foreach ($element->childNodes as $child) {
            if ($child instanceof DOMElement && $child->localName === 't') {
                $text .= $child->textContent;
            } elseif ($child instanceof DOMElement && $child->localName === 'r') {
                $text .= PackageXml::child($child, 't')->textContent ?? '';
            }
        }

        return self::plain($text);
    }
}
