<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use Rilvet\Xlsx\CellXml;

/** Text in xml of ISO/IEC 29500: what xml cannot hold is written as _xHHHH_ (22.9.2.19, ST_Xstring). */
final class Xml
{
    public const HEAD = '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'."\n";

    public const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    public const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    public static function text(string $text): string
    {
        return CellXml::text($text);
    }

    public static function attribute(string $text): string
    {
        return strtr(self::text($text), ['"' => '&quot;', "\n" => '&#10;', "\t" => '&#9;']);
    }
}
