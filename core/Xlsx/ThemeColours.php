<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Package\PackageXml;

/**
 * Colours of a workbook as "#RRGGBB": said outright, by an index of the palette, or by the theme with a tint
 * (ISO/IEC 29500-1 18.8.3, 18.8.19, 18.8.27).
 */
final class ThemeColours
{
    /** The order in which 18.8.3 counts the colours of a theme (20.1.6.2). */
    private const ORDER = [
        'lt1',
        'dk1',
        'lt2',
        'dk2',
        'accent1',
        'accent2',
        'accent3',
        'accent4',
        'accent5',
        'accent6',
        'hlink',
        'folHlink',
    ];

    /** The palette of 18.8.27, indexes 8 to 63; 0 to 7 repeat the first eight. */
    private const PALETTE =
        '000000 FFFFFF FF0000 00FF00 0000FF FFFF00 FF00FF 00FFFF 800000 008000 000080 808000 800080 008080 C0C0C0 808080 '.
        '9999FF 993366 FFFFCC CCFFFF 660066 FF8080 0066CC CCCCFF 000080 FF00FF FFFF00 00FFFF 800080 800000 008080 0000FF '.
        '00CCFF CCFFFF CCFFCC FFFF99 99CCFF FF99CC CC99FF FFCC99 3366FF 33CCCC 99CC00 FFCC00 FF9900 FF6600 666699 969696 '.
        '003366 339966 003300 333300 993300 993366 333399 333333';

    /** @var array<int, string> "RRGGBB" by theme index */
    private array $theme = [];

    /** @var array<int, string> */
    private array $palette;

    /** @param  DOMElement|null  $theme  root of the theme part */
    public function __construct(?DOMElement $theme, ?DOMElement $styles)
    {
        $colours = explode(' ', self::PALETTE);
        $this->palette = [...array_slice($colours, 0, 8), ...$colours, 64 => '000000', 65 => 'FFFFFF'];
        $own = $styles === null ? null : PackageXml::child($styles, 'colors');
        $indexed = $own === null ? null : PackageXml::child($own, 'indexedColors');
        foreach ($indexed === null ? [] : PackageXml::children($indexed, 'rgbColor') as $index => $colour) {
            $this->palette[$index] = substr('000000'.$colour->getAttribute('rgb'), -6);
        }
        $elements = $theme === null ? null : PackageXml::child($theme, 'themeElements');
        $scheme = $elements === null ? null : PackageXml::child($elements, 'clrScheme');
        foreach ($scheme === null ? [] : self::ORDER as $index => $name) {
            $colour = $scheme === null ? null : PackageXml::child($scheme, $name);
            $said = $colour === null ? null : PackageXml::child($colour, 'srgbClr') ?? PackageXml::child($colour, 'sysClr');
            $this->theme[$index] =
                $said === null ? '000000'
                    : ($said->localName === 'sysClr' ? $said->getAttribute('lastClr') : $said->getAttribute('val'));
        }
    }

    /** @return string|null "#RRGGBB", null where nothing or "automatic" is said */
    public function of(?DOMElement $colour): ?string
    {
        if ($colour === null) {
            return null;
        }
        $hex = match (true) {
            $colour->hasAttribute('rgb') => substr($colour->getAttribute('rgb'), -6),
            $colour->hasAttribute('theme') => $this->theme[(int) $colour->getAttribute('theme')] ?? '000000',
            $colour->hasAttribute('indexed') => $this->palette[(int) $colour->getAttribute('indexed')] ?? '000000',
            default => '',
        };
        if (preg_match('/^[0-9A-Fa-f]{6}$/', $hex) !== 1) {
            return null;
        }
        $tint = (float) $colour->getAttribute('tint');

        return '#'.strtoupper($tint == 0.0 ? $hex : self::tinted($hex, Clamp::of($tint, -1.0, 1.0)));
    }

    /**
     * Lighter or darker by a share of the luminance, in hue, luminance and saturation (18.8.19); cut to whole steps, as published
     * tables of tints are.
     */
    private static function tinted(string $hex, float $tint): string
    {
        [$red, $green, $blue] = array_map(fn (string $channel) => hexdec($channel) / 255, str_split($hex, 2));
        [$most, $least] = [max($red, $green, $blue), min($red, $green, $blue)];
        $light = ($most + $least) / 2;
        $reach = $most - $least;
        $saturation = $reach == 0.0 ? 0.0 : $reach / (1 - abs(2 * $light - 1));
        $hue = match (true) {
            $reach == 0.0 => 0.0,
            $most === $red => fmod(($green - $blue) / $reach + 6, 6),
            $most === $green => ($blue - $red) / $reach + 2,
            default => ($red - $green) / $reach + 4,
        };
        $light = $tint < 0 ? $light * (1 + $tint) : $light * (1 - $tint) + $tint;
        $chroma = (1 - abs(2 * $light - 1)) * $saturation;
        $second = $chroma * (1 - abs(fmod($hue, 2) - 1));
        $base = $light - $chroma / 2;
        $channels = match ((int) floor($hue) % 6) {
            0 => [$chroma, $second, 0],
            1 => [$second, $chroma, 0],
            2 => [0, $chroma, $second],
            3 => [0, $second, $chroma],
            4 => [$second, 0, $chroma],
            default => [$chroma, 0, $second],
        };

        return implode('', array_map(fn (float|int $channel) => self::byte($channel + $base), $channels));
    }

    /** @param  float  $share  of the greatest; 0..1 */
    private static function byte(float $share): string
    {
        return sprintf('%02X', Clamp::of((int) floor(255 * $share + 1e-9), 0, 255));
    }
}
