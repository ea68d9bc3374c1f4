<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Oklch;
use Rilvet\Look\Attribute;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;

/**
 * The theme of a new package (ISO/IEC 29500-1 20.1.6): the palette and the fonts of the stylebook that is worn, so that whoever
 * opens the file elsewhere finds them at hand. A theme has twelve places; all colours stand by their names among its custom
 * colours (20.1.6.3).
 */
final class ThemePart
{
    public const TYPE = 'application/vnd.openxmlformats-officedocument.theme+xml';

    private const PLACES = ['dk1', 'lt1', 'dk2', 'lt2', 'accent1', 'accent2', 'accent3', 'accent4', 'accent5', 'accent6', 'hlink',
        'folHlink'];

    /** Colours lighter than this are grounds for dark ink. */
    private const LIGHT = 0.85;

    /** The stylebook whose palette a workbook's theme has: the one that its first dressed sheet wears. */
    public static function of(Workbook $workbook): ?Stylebook
    {
        foreach ($workbook->sheets as $sheet) {
            if ($sheet->stylebook !== null && $sheet->stylebook->palette->colours !== []) {
                return $sheet->stylebook;
            }
        }

        return null;
    }

    public static function xml(Stylebook $stylebook): string
    {
        $colours = '';
        foreach (self::places($stylebook) as $place => $hex) {
            $colours .= "<a:$place>".self::colour($hex)."</a:$place>";
        }
        $custom = '';
        foreach ($stylebook->palette->colours as $name => $hex) {
            $custom .= '<a:custClr name="'.Xml::attribute((string) $name).'">'.self::colour($hex).'</a:custClr>';
        }
        $name = Xml::attribute($stylebook->name);
        $body = $stylebook->ground->text(Attribute::Font, 'Carlito');
        $head = $stylebook->part(Part::Title)->text(Attribute::Font, $body);

        return Xml::HEAD."<a:theme xmlns:a=\"http://schemas.openxmlformats.org/drawingml/2006/main\" name=\"$name\"><a:themeElements>"
            ."<a:clrScheme name=\"$name\">$colours</a:clrScheme><a:fontScheme name=\"$name\">".self::font('majorFont', $head)
            .self::font('minorFont', $body).'</a:fontScheme>'.self::format($name)
            ."</a:themeElements><a:objectDefaults/><a:extraClrSchemeLst/><a:custClrLst>$custom</a:custClrLst></a:theme>";
    }

    /** @return array<string, string> "#RRGGBB" by place */
    private static function places(Stylebook $stylebook): array
    {
        $palette = $stylebook->palette->colours;
        $ink = $palette['ink'] ?? $stylebook->ground->text(Attribute::Ink, '#000000');
        unset($palette['ink']);
        $isLight = fn (string $hex) => Oklch::of(Colour::hex($hex))->l >= self::LIGHT;
        $light = array_values(array_filter($palette, $isLight));
        $dark = array_values(array_filter($palette, fn (string $hex) => ! $isLight($hex)));
        $accents = [...array_slice($dark, 1), ...array_slice($light, 1)];
        $lead = $dark[0] ?? $ink;
        $colours = [$ink, '#FFFFFF', $lead, $light[0] ?? '#F2F2F2'];
        for ($place = 0; $place < 6; $place++) {
            $colours[] = $accents[$place] ?? $lead;
        }

        return array_combine(self::PLACES, [...$colours, $lead, $lead]);
    }

    private static function colour(string $hex): string
    {
        return '<a:srgbClr val="'.substr($hex, 1).'"/>';
    }

    private static function font(string $which, string $family): string
    {
        return "<a:$which><a:latin typeface=\"".Xml::attribute($family)."\"/><a:ea typeface=\"\"/><a:cs typeface=\"\"/></a:$which>";
    }

    /** Three plain fills, lines, effects and backgrounds, which 20.1.4.1.14 wants of every theme. */
    private static function format(string $name): string
    {
        $fill = '<a:solidFill><a:schemeClr val="phClr"/></a:solidFill>';
        $line = fn (int $width) => "<a:ln w=\"$width\">$fill<a:prstDash val=\"solid\"/></a:ln>";
        $effect = '<a:effectStyle><a:effectLst/></a:effectStyle>';

        return "<a:fmtScheme name=\"$name\"><a:fillStyleLst>$fill$fill$fill</a:fillStyleLst><a:lnStyleLst>".$line(6350).$line(12700)
            .$line(19050)."</a:lnStyleLst><a:effectStyleLst>$effect$effect$effect</a:effectStyleLst><a:bgFillStyleLst>$fill$fill$fill"
            .'</a:bgFillStyleLst></a:fmtScheme>';
    }
}
