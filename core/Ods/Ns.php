<?php

declare(strict_types=1);

namespace Rilvet\Ods;

/** Namespaces of ISO/IEC 26300-1, 4 (OpenDocument), with the prefixes that this room writes. */
final class Ns
{
    public const ALL = [
        'office' => 'urn:oasis:names:tc:opendocument:xmlns:office:1.0',
        'style' => 'urn:oasis:names:tc:opendocument:xmlns:style:1.0',
        'text' => 'urn:oasis:names:tc:opendocument:xmlns:text:1.0',
        'table' => 'urn:oasis:names:tc:opendocument:xmlns:table:1.0',
        'fo' => 'urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0',
        'number' => 'urn:oasis:names:tc:opendocument:xmlns:datastyle:1.0',
        'svg' => 'urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0',
        'of' => 'urn:oasis:names:tc:opendocument:xmlns:of:1.2',
        'config' => 'urn:oasis:names:tc:opendocument:xmlns:config:1.0',
        'manifest' => 'urn:oasis:names:tc:opendocument:xmlns:manifest:1.0',
    ];

    public const STYLE = self::ALL['style'];

    public const TABLE = self::ALL['table'];

    public const OFFICE = self::ALL['office'];

    public const NUMBER = self::ALL['number'];

    public const FO = self::ALL['fo'];

    public const TEXT = self::ALL['text'];

    public static function declared(string ...$prefixes): string
    {
        return implode('', array_map(fn (string $prefix) => " xmlns:$prefix=\"".self::ALL[$prefix].'"', $prefixes));
    }

    /** Text as it stands in xml, in attributes as well. */
    public static function text(string $text): string
    {
        return strtr($text, [
            '&' => '&amp;',
            '<' => '&lt;',
            '>' => '&gt;',
            '"' => '&quot;',
            "\n" => '&#10;',
            "\t" => '&#9;',
            "\r" => '&#13;',
        ]);
    }
}
