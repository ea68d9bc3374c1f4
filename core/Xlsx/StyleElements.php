<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMDocument;
use DOMElement;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Package\PackageXml;

/**
 * Fonts, fills, borders and placement of a styles part (ISO/IEC 29500-1 18.8) for looks: copies of what was there, with what differs
 * said anew.
 */
final class StyleElements
{
    /** Order of what a font says, as readers of the transitional schema expect it. */
    private const FONT = [
        'b',
        'i',
        'strike',
        'condense',
        'extend',
        'outline',
        'shadow',
        'u',
        'vertAlign',
        'sz',
        'color',
        'name',
        'family',
        'charset',
        'scheme',
    ];

    public function __construct(private readonly DOMDocument $tree, private readonly DOMElement $root)
    {
    }

    /** A copy of a font in which what differs is said anew. */
    public function font(?DOMElement $from, Look $look, Look $had): DOMElement
    {
        $parts = [];
        $others = [];
        foreach ($from === null ? [] : $from->childNodes as $child) {
            if ($child instanceof DOMElement) {
                in_array($child->localName, self::FONT, true)
                    ? ($parts[(string) $child->localName] = $child->cloneNode(true))
                    : ($others[] = $child->cloneNode(true));
            }
        }
        $is = fn (Attribute $attribute) => $look->get($attribute) !== $had->get($attribute);
        foreach (['b' => Attribute::Bold, 'i' => Attribute::Italic, 'strike' => Attribute::Strike] as $name => $attribute) {
            // Some readers take <i val="0"/> for italic, so what is not so is left out.
            if ($is($attribute) || ! $look->is($attribute)) {
                $parts[$name] = $look->is($attribute) ? $this->element($name, []) : null;
            }
        }
        if ($is(Attribute::Underline) || $look->text(Attribute::Underline, 'none') === 'none') {
            $underline = $look->text(Attribute::Underline, 'none');
            $parts['u'] = $underline === 'none' ? null
                : $this->element('u', $underline === 'double' ? ['val' => 'double'] : []);
        }
        if ($is(Attribute::Script)) {
            $script = $look->text(Attribute::Script, 'none');
            $parts['vertAlign'] =
                $script === 'none' ? null
                    : $this->element('vertAlign', ['val' => $script === 'super' ? 'superscript' : 'subscript']);
        }
        if ($is(Attribute::Size)) {
            $parts['sz'] = $this->element('sz', ['val' => (string) $look->number(Attribute::Size, 11)]);
        }
        if ($is(Attribute::Ink)) {
            $parts['color'] = $this->element('color', ['rgb' => 'FF'.substr($look->text(Attribute::Ink, '#000000'), 1)]);
        }
        if ($is(Attribute::Font)) {
            // A scheme would bring the theme's font back.
            $parts =
                [
                    'scheme' => null,
                    'charset' => null,
                    'family' => $this->element('family', ['val' => '2']),
                    'name' => $this->element('name', ['val' => $look->text(Attribute::Font, 'Carlito')]),
                ] + $parts;
        }
        $font = $this->element('font', []);
        foreach ([...array_map(fn (string $name) => $parts[$name] ?? null, self::FONT), ...$others] as $part) {
            $part instanceof DOMElement && $font->appendChild($part);
        }

        return $font;
    }

    public function fill(Look $look): DOMElement
    {
        $colour = $look->text(Attribute::Fill, 'none');
        $pattern = $this->element('patternFill', ['patternType' => $colour === 'none' ? 'none' : 'solid']);
        if ($colour !== 'none') {
            $pattern->appendChild($this->element('fgColor', ['rgb' => 'FF'.substr($colour, 1)]));
            $pattern->appendChild($this->element('bgColor', ['indexed' => '64']));
        }
        $fill = $this->element('fill', []);
        $fill->appendChild($pattern);

        return $fill;
    }

    /**
     * A differential format (18.8.14): only what a look says, also what it says is not so.
     *
     * @param  callable(string): int  $number  the identifier of a format code
     */
    public function differential(Look $look, callable $number): DOMElement
    {
        $dxf = $this->element('dxf', []);
        $font = $this->element('font', []);
        foreach (['b' => Attribute::Bold, 'i' => Attribute::Italic, 'strike' => Attribute::Strike] as $name => $attribute) {
            $look->get($attribute) === null || $font->appendChild($this->element($name, $look->is($attribute) ? [] : ['val' => '0']));
        }
        $underline = $look->get(Attribute::Underline);
        is_string($underline) && $font->appendChild($this->element('u', $underline === 'single' ? [] : ['val' => $underline]));
        $script = ['super' => 'superscript', 'sub' => 'subscript', 'none' => 'baseline'][$look->text(Attribute::Script)] ?? null;
        $script === null || $font->appendChild($this->element('vertAlign', ['val' => $script]));
        $look->get(Attribute::Size) === null || $font->appendChild($this->element('sz',
            ['val' => (string) $look->number(Attribute::Size)]));
        $look->get(Attribute::Ink) === null
            || $font->appendChild($this->element('color', ['rgb' => 'FF'.substr($look->text(Attribute::Ink), 1)]));
        $look->get(Attribute::Font) === null || $font->appendChild($this->element('name', ['val' => $look->text(Attribute::Font)]));
        $font->hasChildNodes() && $dxf->appendChild($font);
        $code = $look->text(Attribute::Number);
        $code === '' || $dxf->appendChild($this->element('numFmt', ['numFmtId' => (string) $number($code), 'formatCode' => $code]));
        $fill = $look->text(Attribute::Fill);
        if ($fill !== '') {
            $pattern = $this->element('patternFill', ['patternType' => $fill === 'none' ? 'none' : 'solid']);
            foreach ($fill === 'none' ? [] : ['fgColor', 'bgColor'] as $name) {
                $pattern->appendChild($this->element($name, ['rgb' => 'FF'.substr($fill, 1)]));
            }
            $inner = $this->element('fill', []);
            $inner->appendChild($pattern);
            $dxf->appendChild($inner);
        }
        $border = $this->element('border', []);
        foreach (['left' => Attribute::Left, 'right' => Attribute::Right, 'top' => Attribute::Top,
            'bottom' => Attribute::Bottom] as $name => $side) {
            $edge = $look->edge($side);
            if ($edge !== null) {
                $element = $this->element($name, $edge->isNone() ? [] : ['style' => $edge->line->value]);
                $edge->isNone() || $element->appendChild($this->element('color', ['rgb' => 'FF'.substr($edge->colour, 1)]));
                $border->appendChild($element);
            }
        }
        $border->hasChildNodes() && $dxf->appendChild($border);

        return $dxf;
    }

    /** A copy of a border in which what differs is said anew. */
    public function border(?DOMElement $from, Look $look, Look $had): DOMElement
    {
        $border = $this->element('border', []);
        foreach ($from === null ? [] : $from->attributes as $attribute) {
            $border->setAttribute($attribute->nodeName, (string) $attribute->nodeValue);
        }
        $rising = $look->edge(Attribute::Rising);
        $falling = $look->edge(Attribute::Falling);
        foreach (['diagonalUp' => $rising, 'diagonalDown' => $falling] as $name => $edge) {
            $edge === null || $edge->isNone() ? $border->removeAttribute($name) : $border->setAttribute($name, '1');
        }
        $sides = [
            'left' => [Attribute::Left, 'start'],
            'right' => [Attribute::Right, 'end'],
            'top' => [Attribute::Top, 'top'],
            'bottom' => [Attribute::Bottom, 'bottom'],
            'diagonal' => [$rising === null || $rising->isNone() ? Attribute::Falling : Attribute::Rising, 'diagonal'],
        ];
        foreach ($sides as $name => [$side, $strict]) {
            $old = $from === null ? null : PackageXml::child($from, $name) ?? PackageXml::child($from, $strict);
            if ($old !== null && $look->get($side) === $had->get($side)) {
                $border->appendChild($old->cloneNode(true));

                continue;
            }
            $edge = $look->edge($side);
            $element = $this->element($old->localName ?? $name, $edge === null || $edge->isNone() ? [] : ['style' => $edge->line->value]);
            if ($edge !== null && ! $edge->isNone()) {
                $element->appendChild($this->element('color', ['rgb' => 'FF'.substr($edge->colour, 1)]));
            }
            $border->appendChild($element);
        }
        foreach (['vertical', 'horizontal'] as $name) {
            $old = $from === null ? null : PackageXml::child($from, $name);
            $old === null || $border->appendChild($old->cloneNode(true));
        }

        return $border;
    }

    public function place(DOMElement $xf, Look $look): void
    {
        $alignment = PackageXml::child($xf, 'alignment') ?? $this->inFront($xf, 'alignment');
        $horizontal = $look->text(Attribute::Horizontal, 'general');
        $rotation = (int) $look->number(Attribute::Rotation);
        $values = [
            'horizontal' => $horizontal === 'general' ? null
                : ($horizontal === 'span' ? 'centerContinuous' : $horizontal),
            'vertical' => $look->text(Attribute::Vertical, 'bottom') === 'bottom' ? null : $look->text(Attribute::Vertical),
            'textRotation' => $rotation === 0 ? null
                : (string) ($rotation < 0 ? 90 - $rotation : $rotation),
            'wrapText' => $look->is(Attribute::Wrap) ? '1' : null,
            'indent' => (int) $look->number(Attribute::Indent) > 0 ? (string) (int) $look->number(Attribute::Indent) : null,
            'shrinkToFit' => $look->is(Attribute::Shrink) ? '1' : null,
        ];
        foreach ($values as $name => $value) {
            $value === null ? $alignment->removeAttribute($name) : $alignment->setAttribute($name, $value);
        }
        $xf->setAttribute('applyAlignment', '1');
        if ($alignment->attributes->length === 0) {
            $xf->removeChild($alignment);
        }
    }

    public function guard(DOMElement $xf, Look $look): void
    {
        $guard = PackageXml::child($xf, 'protection');
        if ($guard === null) {
            $guard = $this->element('protection', []);
            $after = PackageXml::child($xf, 'alignment');
            $xf->insertBefore($guard, $after === null ? $xf->firstChild : $after->nextSibling);
        }
        $look->get(Attribute::Locked) === false ? $guard->setAttribute('locked', '0') : $guard->removeAttribute('locked');
        $look->is(Attribute::Concealed) ? $guard->setAttribute('hidden', '1') : $guard->removeAttribute('hidden');
        $xf->setAttribute('applyProtection', '1');
    }

    private function inFront(DOMElement $parent, string $name): DOMElement
    {
        $element = $this->element($name, []);
        $parent->insertBefore($element, $parent->firstChild);

        return $element;
    }

    /** @param  array<string, string>  $attributes */
    public function element(string $name, array $attributes): DOMElement
    {
        $prefix = (string) $this->root->prefix;
        $element = $this->tree->createElementNS((string) $this->root->namespaceURI, $prefix === '' ? $name : "$prefix:$name");
        assert($element instanceof DOMElement);
        foreach ($attributes as $attribute => $value) {
            $element->setAttribute($attribute, $value);
        }

        return $element;
    }
}
