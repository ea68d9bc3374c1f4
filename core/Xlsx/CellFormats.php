<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Look\Edge;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;

/**
 * The cell formats of a styles part (ISO/IEC 29500-1 18.8.45) as looks. What is as every cell is anyway is left unsaid, so
 * that layers above can speak.
 */
final class CellFormats
{
    /** Formats that the standard builds in (18.8.30). */
    public const BUILT_IN = [
        1 => '0',
        2 => '0.00',
        3 => '#,##0',
        4 => '#,##0.00',
        9 => '0%',
        10 => '0.00%',
        11 => '0.00E+00',
        12 => '# ?/?',
        13 => '# ??/??',
        14 => 'mm-dd-yy',
        15 => 'd-mmm-yy',
        16 => 'd-mmm',
        17 => 'mmm-yy',
        18 => 'h:mm AM/PM',
        19 => 'h:mm:ss AM/PM',
        20 => 'h:mm',
        21 => 'h:mm:ss',
        22 => 'm/d/yy h:mm',
        37 => '#,##0 ;(#,##0)',
        38 => '#,##0 ;[Red](#,##0)',
        39 => '#,##0.00;(#,##0.00)',
        40 => '#,##0.00;[Red](#,##0.00)',
        45 => 'mm:ss',
        46 => '[h]:mm:ss',
        47 => 'mmss.0',
        48 => '##0.0E+0',
        49 => '@',
    ];

    /** @var list<DOMElement> */
    private array $fonts;

    /** @var list<DOMElement> */
    private array $fills;

    /** @var list<DOMElement> */
    private array $borders;

    /** @var array<int, string> */
    private array $codes = self::BUILT_IN;

    /** @var list<DOMElement> the xf elements that cells name */
    public readonly array $formats;

    public function __construct(DOMElement $styles, private readonly ThemeColours $colours)
    {
        $this->fonts = self::items($styles, 'fonts', 'font');
        $this->fills = self::items($styles, 'fills', 'fill');
        $this->borders = self::items($styles, 'borders', 'border');
        $this->formats = self::items($styles, 'cellXfs', 'xf');
        foreach (self::items($styles, 'numFmts', 'numFmt') as $format) {
            $this->codes[(int) $format->getAttribute('numFmtId')] = Text::plain($format->getAttribute('formatCode'));
        }
    }

    /** @return list<DOMElement> */
    public static function items(DOMElement $styles, string $group, string $item): array
    {
        $parent = PackageXml::child($styles, $group);

        return $parent === null ? [] : PackageXml::children($parent, $item);
    }

    /** @return list<Look> by the index that cells name */
    public function looks(): array
    {
        return array_map($this->look(...), $this->formats);
    }

    /** The look of the type that cells have which say nothing. */
    public function ground(): Look
    {
        return Look::of(array_filter($this->type($this->fonts[0] ?? null), fn (mixed $value) => $value !== null && $value !== false));
    }

    /** @return list<Look> by the number of the differential format (18.8.15) */
    public function differentials(DOMElement $styles): array
    {
        return array_map($this->differential(...), self::items($styles, 'dxfs', 'dxf'));
    }

    /** What a differential format says: it says what is not so, too, and fills with the colour behind the pattern (18.8.14). */
    public function differential(DOMElement $format): Look
    {
        $values = [];
        $font = PackageXml::child($format, 'font');
        foreach ($font === null ? [] : $this->type($font) as $name => $value) {
            $element = ['font' => 'name', 'size' => 'sz', 'bold' => 'b', 'italic' => 'i', 'underline' => 'u', 'strike' => 'strike',
                'script' => 'vertAlign', 'ink' => 'color'][$name];
            if ($font !== null && PackageXml::child($font, $element) !== null) {
                $values[$name] = $value ?? ['underline' => 'none', 'script' => 'none', 'ink' => '#000000'][$name] ?? null;
            }
        }
        $code = PackageXml::child($format, 'numFmt');
        if ($code !== null && $code->getAttribute('formatCode') !== '') {
            $values['number'] = Text::plain($code->getAttribute('formatCode'));
        }
        $fill = PackageXml::child($format, 'fill');
        $pattern = $fill === null ? null : PackageXml::child($fill, 'patternFill');
        if ($pattern !== null) {
            $values['fill'] = $pattern->getAttribute('patternType') === 'none' ? 'none'
                : $this->colours->of(PackageXml::child($pattern, 'bgColor')) ?? $this->colours->of(PackageXml::child($pattern, 'fgColor'));
        }
        $values += $this->edges(PackageXml::child($format, 'border')) + self::place(PackageXml::child($format, 'alignment'));
        $values = array_filter($values, fn (mixed $value) => $value !== null);
        try {
            return Look::of($values);
        } catch (Refusal) {
            unset($values['number']);

            return Look::of($values);
        }
    }

    private function look(DOMElement $format): Look
    {
        $values = array_filter([
            ...$this->type($this->fonts[(int) $format->getAttribute('fontId')] ?? null),
            ...self::place(PackageXml::child($format, 'alignment')),
            ...$this->edges($this->borders[(int) $format->getAttribute('borderId')] ?? null),
        ], fn (mixed $value) => $value !== null && $value !== false);
        $code = $this->codes[(int) $format->getAttribute('numFmtId')] ?? '';
        if ($code !== '' && strcasecmp($code, 'General') !== 0) {
            $values['number'] = $code;
        }
        $fill = $this->fill($this->fills[(int) $format->getAttribute('fillId')] ?? null);
        if ($fill !== null) {
            $values['fill'] = $fill;
        }
        $guard = PackageXml::child($format, 'protection');
        if (! PackageXml::isOn($guard, 'locked', true)) {
            $values['locked'] = false;
        }
        if (PackageXml::isOn($guard, 'hidden')) {
            $values['concealed'] = true;
        }
        try {
            return Look::of($values);
        } catch (Refusal) {
            // A format code that breaks the standard is shown as no format rather than refusing the file.
            unset($values['number']);

            return Look::of($values);
        }
    }

    /** @return array<string, bool|float|string|null> */
    private function type(?DOMElement $font): array
    {
        if ($font === null) {
            return [];
        }
        $say = fn (string $name) => PackageXml::child($font, $name)?->getAttribute('val');
        $is = fn (string $name) => ($said = PackageXml::child($font, $name)) !== null && PackageXml::isOn($said, 'val', true);
        $ink = $this->colours->of(PackageXml::child($font, 'color'));
        $name = (string) ($say('name') ?? $say('rFont'));
        $underline = PackageXml::child($font, 'u');

        return [
            'font' => preg_match('/^[\p{L}\p{N} ._\-\']{1,64}$/u', $name) === 1 ? $name : null,
            'size' => Clamp::of((float) ($say('sz') ?? 11) ?: 11.0, 1.0, 409.0),
            'bold' => $is('b'),
            'italic' => $is('i'),
            'underline' => $underline === null ? null : match ($underline->getAttribute('val')) {
                'double', 'doubleAccounting' => 'double',
                'none' => null,
                default => 'single',
            },
            'strike' => $is('strike'),
            'script' => match ($say('vertAlign')) {
                'superscript' => 'super',
                'subscript' => 'sub',
                default => null,
            },
            'ink' => $ink === '#000000' ? null : $ink,
        ];
    }

    /** @return array<string, bool|int|string|null> */
    private static function place(?DOMElement $alignment): array
    {
        if ($alignment === null) {
            return [];
        }
        $horizontal = $alignment->getAttribute('horizontal');
        $vertical = $alignment->getAttribute('vertical');
        $turn = (int) $alignment->getAttribute('textRotation');

        return [
            'horizontal' => $horizontal === 'centerContinuous'
                    ? 'span'
                    : (in_array($horizontal, ['left', 'center', 'right', 'justify', 'fill', 'distributed'], true)
                        ? $horizontal
                        : null),
            'vertical' => in_array($vertical, ['top', 'center', 'justify', 'distributed'], true) ? $vertical : null,
            'wrap' => PackageXml::isOn($alignment, 'wrapText'),
            'shrink' => PackageXml::isOn($alignment, 'shrinkToFit'),
            'indent' => (int) $alignment->getAttribute('indent') > 0 ? min(15, (int) $alignment->getAttribute('indent')) : null,
            // Angles below the horizontal are written as 90 plus the angle (18.8.1).
            'rotation' => $turn === 0 ? null
                : ($turn === Look::STACKED ? Look::STACKED
                : ($turn > 90 ? max(-90, 90 - $turn) : $turn)),
        ];
    }

    private function fill(?DOMElement $fill): ?string
    {
        $pattern = $fill === null ? null : PackageXml::child($fill, 'patternFill');

        return $pattern?->getAttribute('patternType') === 'solid'
            ? $this->colours->of(PackageXml::child($pattern, 'fgColor')) ?? '#000000'
            : null;
    }

    /** @return array<string, string|null> */
    private function edges(?DOMElement $border): array
    {
        if ($border === null) {
            return [];
        }
        $side = fn (string ...$names) => array_reduce(
            $names,
            fn (?DOMElement $found, string $name) => $found ?? PackageXml::child($border, $name),
        );
        $diagonal = PackageXml::child($border, 'diagonal');

        return [
            'top' => $this->edge($side('top')),
            // Strict packages call the sides start and end (18.8.4).
            'right' => $this->edge($side('right', 'end')),
            'bottom' => $this->edge($side('bottom')),
            'left' => $this->edge($side('left', 'start')),
            'rising' => PackageXml::isOn($border, 'diagonalUp') ? $this->edge($diagonal) : null,
            'falling' => PackageXml::isOn($border, 'diagonalDown') ? $this->edge($diagonal) : null,
        ];
    }

    private function edge(?DOMElement $side): ?string
    {
        $line = $side === null ? null : Line::tryFrom($side->getAttribute('style'));

        return $side === null || $line === null || $line === Line::None
            ? null
            : (string) Edge::of($line, $this->colours->of(PackageXml::child($side, 'color')) ?? '#000000');
    }
}
