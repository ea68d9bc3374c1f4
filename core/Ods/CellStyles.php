<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Look\Edge;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Package\PackageXml;
use Rilvet\Refusal;

/** The styles of an ods (ISO/IEC 26300-1, 16) as looks: a style says what its parents leave unsaid. */
final class CellStyles
{
    /** @var array<string, DOMElement> by family and name */
    private array $styles = [];

    /** @var array<string, DOMElement> data styles by name */
    private array $data = [];

    /** @var array<string, DOMElement> what all styles of a family begin with */
    private array $defaults = [];

    /** @var array<string, string> families of fonts by the name that styles give them */
    private array $fonts = [];

    /** @var array<string, list<array{string, string, string}>> by the name of the style */
    private array $maps = [];

    /** @var array<string, array<string, bool|int|float|string>> */
    private array $memo = [];

    /** @param  DOMElement  ...$groups  elements that hold styles: office:styles, office:automatic-styles, office:font-face-decls */
    public function __construct(DOMElement ...$groups)
    {
        foreach ($groups as $group) {
            foreach ($group->childNodes as $style) {
                if (! $style instanceof DOMElement) {
                    continue;
                }
                $name = $style->getAttributeNS(Ns::STYLE, 'name');
                match (true) {
                    $style->localName === 'font-face' => ($this->fonts[$name] = trim(
                        $style->getAttributeNS(Ns::ALL['svg'], 'font-family'),
                        "'\" ",
                    )),
                    $style->localName === 'style' => ($this->styles[$style->getAttributeNS(Ns::STYLE, 'family').'|'.$name] = $style),
                    $style->localName === 'default-style' => ($this->defaults[$style->getAttributeNS(Ns::STYLE, 'family')] = $style),
                    $style->namespaceURI === Ns::NUMBER => ($this->data[$name] = $style),
                    default => null,
                };
            }
        }
    }

    public function look(string $name): Look
    {
        $values = array_filter(
            $this->values($name, 0),
            fn (bool|int|float|string $value) => $value !== false && $value !== 'none' && $value !== '',
        );
        if (($values['ink'] ?? '') === '#000000') {
            unset($values['ink']);
        }
        if (($values['locked'] ?? null) === true) {
            unset($values['locked']);
        }
        if (array_key_exists('unlocked', $values)) {
            unset($values['unlocked']);
            $values['locked'] = false;
        }
        try {
            return Look::of($values);
        } catch (Refusal) {
            unset($values['number'], $values['font']);

            return Look::of($values);
        }
    }

    public function hasMaps(string $name): bool
    {
        return $this->maps($name) !== [];
    }

    /**
     * Looks that cells of a style wear while something is true (style:map, 16.3).
     *
     * @return list<array{string, string, string}> what has to be true, the style that is worn then, the cell that it is said for
     */
    public function maps(string $name): array
    {
        if (! isset($this->maps[$name])) {
            $this->maps[$name] = [];
            $style = $this->styles["table-cell|$name"] ?? null;
            foreach ($style === null ? [] : PackageXml::children($style, 'map') as $map) {
                $this->maps[$name][] = [$map->getAttributeNS(Ns::STYLE, 'condition'), $map->getAttributeNS(Ns::STYLE, 'apply-style-name'),
                    $map->getAttributeNS(Ns::STYLE, 'base-cell-address')];
            }
        }

        return $this->maps[$name];
    }

    /** What a style says itself and by its parents, but for what all cells begin with. */
    public function said(string $name): Look
    {
        $own = $this->look($name)->toArray();
        $default = $this->look('Default')->toArray();

        return Look::of(array_filter($own, fn (mixed $value, string $attribute) => ($default[$attribute] ?? null) !== $value,
            ARRAY_FILTER_USE_BOTH));
    }

    /** A length of a column or row, px. */
    public function size(string $family, string $name, string $group, string $property): ?int
    {
        $style = $this->styles["$family|$name"] ?? null;
        $properties = $style === null ? null : PackageXml::child($style, $group);

        return $properties === null ? null : self::px($properties->getAttributeNS(Ns::STYLE, $property));
    }

    /** Whether a row is as high as what it holds wants (style:use-optimal-row-height). */
    public function isOptimalHeight(string $name): bool
    {
        $style = $this->styles["table-row|$name"] ?? null;
        $properties = $style === null ? null : PackageXml::child($style, 'table-row-properties');

        return $properties !== null && $properties->getAttributeNS(Ns::STYLE, 'use-optimal-row-height') === 'true';
    }

    /** The master page that a table's style names. */
    public function master(string $name): string
    {
        return ($this->styles["table|$name"] ?? null)?->getAttributeNS(Ns::STYLE, 'master-page-name') ?? '';
    }

    /** Whether a page ends before a row or column of a style. */
    public function breaksBefore(string $family, string $name): bool
    {
        $style = $this->styles["$family|$name"] ?? null;
        $properties = $style === null ? null : PackageXml::child($style, "$family-properties");

        return $properties?->getAttributeNS(Ns::FO, 'break-before') === 'page';
    }

    /** @return array{bool, string|null, bool} whether a table is shown, its colour, and whether it runs from right to left */
    public function table(string $name): array
    {
        $style = $this->styles["table|$name"] ?? null;
        $properties = $style === null ? null : PackageXml::child($style, 'table-properties');
        $colour = null;
        foreach ($properties === null ? [] : $properties->attributes as $attribute) {
            $colour = $attribute->localName === 'tab-color' ? (string) $attribute->nodeValue : $colour;
        }

        return [
            $properties === null || $properties->getAttributeNS(Ns::TABLE, 'display') !== 'false',
            $colour !== null && preg_match('/^#[0-9A-Fa-f]{6}$/', $colour) === 1 ? strtoupper($colour) : null,
            $properties !== null && str_starts_with($properties->getAttributeNS(Ns::STYLE, 'writing-mode'), 'rl'),
        ];
    }

    /** A length (ISO/IEC 26300-1, 18.3.18) in px at 96 dpi. */
    public static function px(string $length): ?int
    {
        if (preg_match('/^(-?[\d.]+)(cm|mm|in|pt|pc|px)$/', trim($length), $found) !== 1) {
            return null;
        }
        $inch = ['cm' => 2.54, 'mm' => 25.4, 'in' => 1.0, 'pt' => 72.0, 'pc' => 6.0, 'px' => 96.0][$found[2]];

        return (int) round((float) $found[1] / $inch * 96);
    }

    /** @return array<string, bool|int|float|string> */
    private function values(string $name, int $depth): array
    {
        if (isset($this->memo[$name])) {
            return $this->memo[$name];
        }
        $style = $this->styles["table-cell|$name"] ?? null;
        $parent = $style?->getAttributeNS(Ns::STYLE, 'parent-style-name') ?? '';
        // A circle of parents ends where nobody would follow it any more.
        $values =
            $depth > 20 || $style === null
                ? $this->of($this->defaults['table-cell'] ?? null)
                : ($parent === ''
                    ? $this->of($this->defaults['table-cell'] ?? null)
                    : $this->values($parent, $depth + 1));

        $values = $this->of($style) + $values;
        // At the bottom is where a text stands that nobody placed; said, it takes back what a parent says.
        if (($values['vertical'] ?? null) === 'bottom') {
            unset($values['vertical']);
        }

        return $this->memo[$name] = $values;
    }

    /** @return array<string, bool|int|float|string> what one style says itself */
    private function of(?DOMElement $style): array
    {
        if ($style === null) {
            return [];
        }
        $values = [];
        $cell = PackageXml::child($style, 'table-cell-properties');
        $paragraph = PackageXml::child($style, 'paragraph-properties');
        $text = PackageXml::child($style, 'text-properties');
        $code = $style->hasAttributeNS(Ns::STYLE, 'data-style-name')
            ? $this->data[$style->getAttributeNS(Ns::STYLE, 'data-style-name')] ?? null
            : null;
        if ($code !== null) {
            $written = DataStylesIn::code($code, fn (string $name) => $this->data[$name] ?? null);
            $values['number'] = $written === 'General' ? '' : $written;
        }

        return array_filter(
            [...$values, ...$this->type($text), ...self::place($cell, $paragraph), ...self::frame($cell)],
            fn (mixed $value) => $value !== null,
        );
    }

    /** @return array<string, bool|float|string|null> */
    private function type(?DOMElement $text): array
    {
        if ($text === null) {
            return [];
        }
        $fo = fn (string $name) => $text->hasAttributeNS(Ns::FO, $name) ? $text->getAttributeNS(Ns::FO, $name) : null;
        $own = fn (string $name) => $text->hasAttributeNS(Ns::STYLE, $name) ? $text->getAttributeNS(Ns::STYLE, $name) : null;
        $font =
            $own('font-name') !== null
                ? $this->fonts[$own('font-name')] ?? $own('font-name')
                : ($fo('font-family') === null
                    ? null
                    : trim(explode(',', $fo('font-family'))[0], "'\" "));
        $weight = $fo('font-weight');
        $underline = $own('text-underline-style');
        $script = $own('text-position');
        $size = $fo('font-size');

        return [
            'font' => $font !== null && preg_match('/^[\p{L}\p{N} ._\-\']{1,64}$/u', $font) === 1 ? $font : null,
            'size' => $size !== null && preg_match('/^([\d.]+)pt$/', $size, $found) === 1 ? Clamp::of((float) $found[1], 1.0, 409.0) : null,
            'bold' => $weight === null ? null : $weight === 'bold' || (int) $weight >= 600,
            'italic' => $fo('font-style') === null ? null : $fo('font-style') === 'italic' || $fo('font-style') === 'oblique',
            'underline' => $underline === null
                    ? null
                    : ($underline === 'none'
                        ? 'none'
                        : ($own('text-underline-type') === 'double'
                            ? 'double'
                            : 'single')),
            'strike' => $own('text-line-through-style') === null ? null : $own('text-line-through-style') !== 'none',
            'script' => $script === null
                    ? null
                    : (str_starts_with($script, 'super') || preg_match('/^[1-9]/', $script) === 1
                        ? 'super'
                        : (str_starts_with($script, 'sub') || str_starts_with($script, '-')
                            ? 'sub'
                            : 'none')),
            'ink' => self::colour($fo('color')),
        ];
    }

    /** @return array<string, bool|int|string|null> */
    private static function place(?DOMElement $cell, ?DOMElement $paragraph): array
    {
        $align = $paragraph?->getAttributeNS(Ns::FO, 'text-align') ?? '';
        $margin = self::px($paragraph?->getAttributeNS(Ns::FO, 'margin-left') ?? '');
        $own = fn (string $name) => $cell?->hasAttributeNS(Ns::STYLE, $name) === true ? $cell->getAttributeNS(Ns::STYLE, $name) : null;
        $wrap = $cell?->hasAttributeNS(Ns::FO, 'wrap-option') === true ? $cell->getAttributeNS(Ns::FO, 'wrap-option') === 'wrap' : null;
        $turn = $own('rotation-angle');
        $degrees = $turn === null ? null : ((int) round((float) $turn) + 360) % 360;
        $vertical = $own('vertical-align');

        return [
            'horizontal' => $own('repeat-content') === 'true' ? 'fill' : match ($align) {
                'start', 'left' => 'left',
                'end', 'right' => 'right',
                'center', 'justify' => $align,
                default => null,
            },
            'vertical' => match ($vertical) {
                'top' => 'top',
                'middle' => 'center',
                'bottom' => 'bottom',
                default => null,
            },
            'indent' => $margin === null ? null : Clamp::of((int) round($margin * 0.075), 0, 15),
            'wrap' => $wrap,
            'shrink' => $own('shrink-to-fit') === null ? null : $own('shrink-to-fit') === 'true',
            'rotation' => $own('direction') === 'ttb'
                    ? Look::STACKED
                    : ($degrees === null || $degrees === 0
                        ? null
                        : ($degrees <= 90
                            ? $degrees
                            : ($degrees >= 270
                                ? $degrees - 360
                                : null))),
        ];
    }

    /** @return array<string, bool|string|null> */
    private static function frame(?DOMElement $cell): array
    {
        if ($cell === null) {
            return [];
        }
        $fo = fn (string $name) => $cell->hasAttributeNS(Ns::FO, $name) ? $cell->getAttributeNS(Ns::FO, $name) : null;
        $all = self::edge($fo('border'));
        $guard = $cell->getAttributeNS(Ns::STYLE, 'cell-protect');
        $diagonal = fn (string $name) => self::edge(
            $cell->hasAttributeNS(Ns::STYLE, $name) ? $cell->getAttributeNS(Ns::STYLE, $name) : null,
        );

        return [
            'fill' => $fo('background-color') === 'transparent' ? 'none' : self::colour($fo('background-color')),
            'top' => self::edge($fo('border-top')) ?? $all,
            'right' => self::edge($fo('border-right')) ?? $all,
            'bottom' => self::edge($fo('border-bottom')) ?? $all,
            'left' => self::edge($fo('border-left')) ?? $all,
            'rising' => $diagonal('diagonal-bl-tr'),
            'falling' => $diagonal('diagonal-tl-br'),
            'unlocked' => $guard === 'none' || $guard === 'formula-hidden' ? true : null,
            'concealed' => str_contains($guard, 'formula-hidden') || $guard === 'hidden-and-protected' ? true : null,
        ];
    }

    private static function edge(?string $border): ?string
    {
        if ($border === null) {
            return null;
        }
        if (
            preg_match('/^([\d.]+(?:pt|cm|mm|in|px)|thin|medium|thick)?\s*([\w-]+)\s*(#[0-9A-Fa-f]{6})?$/', trim($border), $found) !== 1 ||
            in_array($found[2], ['none', 'hidden'], true)
        ) {
            return 'none';
        }
        $points = ['thin' => 0.75, 'medium' => 1.75, 'thick' => 2.5][$found[1]] ?? self::points($found[1]);
        $isWide = $points >= 1.4;
        $line = match ($found[2]) {
            'dotted' => Line::Dotted,
            'dashed' => $isWide ? Line::MediumDashed : Line::Dashed,
            'dash-dot' => $isWide ? Line::MediumDashDot : Line::DashDot,
            'dash-dot-dot' => $isWide ? Line::MediumDashDotDot : Line::DashDotDot,
            'double', 'double-thin' => Line::Double,
            default => $points <= 0.3 ? Line::Hair
                : ($points >= 2.2 ? Line::Thick
                : ($isWide ? Line::Medium : Line::Thin)),
        };

        return (string) Edge::of($line, strtoupper($found[3] ?? '#000000'));
    }

    private static function points(string $length): float
    {
        return preg_match('/^([\d.]+)(pt|cm|mm|in|px)$/', $length, $found) === 1
            ? (float) $found[1] * ['pt' => 1.0, 'cm' => 72 / 2.54, 'mm' => 72 / 25.4, 'in' => 72.0, 'px' => 0.75][$found[2]]
            : 0.75;
    }

    private static function colour(?string $colour): ?string
    {
        return $colour !== null && preg_match('/^#[0-9A-Fa-f]{6}$/', $colour) === 1 ? strtoupper($colour) : null;
    }
}
