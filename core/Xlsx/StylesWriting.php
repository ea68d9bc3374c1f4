<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMDocument;
use DOMElement;
use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Package\PackageXml;

/**
 * Adds to a styles part (ISO/IEC 29500-1 18.8.39) what looks need: fonts, fills, borders, number formats, cell formats and
 * named styles are appended, and nothing that is there is changed. A new format begins as a copy of the one that the cell
 * had, so that what Rilvet does not know stays.
 */
final class StylesWriting
{
    /** Order of the groups in the part (18.8.39). */
    private const GROUPS = [
        'numFmts',
        'fonts',
        'fills',
        'borders',
        'cellStyleXfs',
        'cellXfs',
        'cellStyles',
        'dxfs',
        'tableStyles',
        'colors',
        'extLst',
    ];

    private readonly DOMDocument $tree;

    private readonly DOMElement $root;

    private readonly StyleElements $elements;

    /** @var array<int, Look> by the number of the cell format */
    private array $looks;

    /** @var array<string, array<string, int>> index by xml, by group */
    private array $known = [];

    /** @var array<int|string, int> identifiers by code */
    private array $codes = [];

    /** The greatest identifier of a number format that is taken; those below 164 are built in. */
    private int $lastCode;

    /** @var array<string, int> cell formats that were made, by what they were made of */
    private array $made = [];

    /** @var array<string, int> index among the style formats, by name */
    private array $named = [];

    /** @var array<string, int> by the look */
    private array $differentials = [];

    private bool $isChanged = false;

    /** @var array<string, array<int, DOMElement>> elements of a group, by its name */
    private array $items = [];

    /** @param  string  $xml  of the styles part; "" makes one */
    public function __construct(string $xml, private readonly ThemeColours $colours, string $part)
    {
        $this->tree = PackageXml::tree($xml !== '' ? $xml : self::blank(), $part);
        $this->root = PackageXml::root($this->tree);
        $this->elements = new StyleElements($this->tree, $this->root);
        $formats = new CellFormats($this->root, $this->colours);
        $this->looks = $formats->looks();
        $custom = [];
        foreach (CellFormats::items($this->root, 'numFmts', 'numFmt') as $format) {
            $custom[(int) $format->getAttribute('numFmtId')] = Text::plain($format->getAttribute('formatCode'));
        }
        // A file may say a built-in code under a number of its own, and another code under a built-in number.
        foreach ($custom + CellFormats::BUILT_IN as $id => $code) {
            $this->codes[$code] ??= $id;
        }
        $this->lastCode = max([163, ...array_keys($custom)]);
        foreach (['fonts' => 'font', 'fills' => 'fill', 'borders' => 'border', 'cellXfs' => 'xf', 'dxfs' => 'dxf'] as $group => $item) {
            foreach (CellFormats::items($this->root, $group, $item) as $index => $element) {
                $this->known[$group][$this->written($element)] ??= $index;
            }
        }
    }

    /** The styles of a new package, in which a look is what cells begin with. */
    public static function fresh(Look $ground): self
    {
        $styles = new self('', new ThemeColours(null, null), 'styles');
        $look = self::plain($ground->facet(Facet::Type));
        $font = $styles->items('fonts', 'font')[0];
        $new = $styles->elements->font($font, $look, Look::none());
        $font->replaceWith($new);
        $styles->items['fonts'][0] = $new;
        $styles->known['fonts'] = [$styles->written($new) => 0];
        $styles->looks[0] = $look;

        return $styles;
    }

    public function isChanged(): bool
    {
        return $this->isChanged;
    }

    public function xml(): string
    {
        return (string) $this->tree->saveXML();
    }

    public function look(int $format): Look
    {
        return $this->looks[$format] ?? Look::none();
    }

    /**
     * The number of a cell format for a look.
     *
     * @param  int  $base  the format that the cell has
     * @param  int|null  $named  index of the style format that the cell belongs to; null leaves the one it has
     */
    public function format(int $base, Look $look, ?int $named): int
    {
        $look = self::plain($look);
        $key = "$base|$named|".$look->key();
        if (isset($this->made[$key])) {
            return $this->made[$key];
        }
        if ($look->key() === $this->look($base)->key() && $named === null) {
            return $this->made[$key] = $base;
        }
        // What a format was made from does not matter once it says the same.
        $xf = $this->xf($base, $look, $named);
        $same = $this->known['cellXfs'][$this->written($xf)] ?? null;
        if ($same === null) {
            $same = $this->append('cellXfs', 'xf', $xf);
            $this->looks[$same] = $look;
            $this->known['cellXfs'][$this->written($xf)] = $same;
        }

        return $this->made[$key] = $same;
    }

    /** The index of a differential format (18.8.15) that says what a look does; made at its first use. */
    public function differential(Look $look): int
    {
        return $this->differentials[$look->key()] ??= $this->shared('dxfs', 'dxf', $this->elements->differential($look,
            fn (string $code) => $this->code($code)));
    }

    /** What is inside of such a format, for where it stands by itself. */
    public function differentialXml(Look $look): string
    {
        $xml = '';
        foreach ($this->elements->differential($look, fn (string $code) => $this->code($code))->childNodes as $child) {
            $xml .= $this->tree->saveXML($child);
        }

        return $xml;
    }

    /** Changes a cell format itself, for all cells that name it. */
    public function revise(int $format, Look $look): void
    {
        $look = self::plain($look);
        if ($look->key() === $this->look($format)->key()) {
            return;
        }
        $old = $this->items('cellXfs', 'xf')[$format] ?? null;
        if ($old !== null) {
            $new = $this->xf($format, $look, null);
            $old->replaceWith($new);
            $this->items['cellXfs'][$format] = $new;
        }
        $this->looks[$format] = $look;
        $this->isChanged = true;
    }

    /** The index of the style format of a named style; made at its first use. */
    public function name(string $name, Look $look): int
    {
        if (isset($this->named[$name])) {
            return $this->named[$name];
        }
        foreach (CellFormats::items($this->root, 'cellStyles', 'cellStyle') as $style) {
            if ($style->getAttribute('name') === $name) {
                return $this->named[$name] = (int) $style->getAttribute('xfId');
            }
        }
        if (CellFormats::items($this->root, 'cellStyleXfs', 'xf') === []) {
            $this->append(
                'cellStyleXfs',
                'xf',
                $this->elements->element('xf', ['numFmtId' => '0', 'fontId' => '0', 'fillId' => '0', 'borderId' => '0']),
            );
            $this->append(
                'cellStyles',
                'cellStyle',
                $this->elements->element('cellStyle', ['name' => 'Normal', 'xfId' => '0', 'builtinId' => '0']),
            );
        }
        $xf = $this->xf(0, self::plain($look), null);
        $xf->removeAttribute('xfId');
        $index = $this->append('cellStyleXfs', 'xf', $xf);
        $this->append('cellStyles', 'cellStyle', $this->elements->element('cellStyle', ['name' => $name, 'xfId' => (string) $index]));

        return $this->named[$name] = $index;
    }

    /** A look without what every cell is anyway, as looks are read. */
    public static function plain(Look $look): Look
    {
        $usual = [
            'bold' => false,
            'italic' => false,
            'underline' => 'none',
            'strike' => false,
            'script' => 'none',
            'ink' => '#000000',
            'number' => 'General',
            'horizontal' => 'general',
            'vertical' => 'bottom',
            'indent' => 0,
            'wrap' => false,
            'shrink' => false,
            'rotation' => 0,
            'fill' => 'none',
            'top' => 'none',
            'right' => 'none',
            'bottom' => 'none',
            'left' => 'none',
            'rising' => 'none',
            'falling' => 'none',
            'locked' => true,
            'concealed' => false,
        ];
        // The package has no word for a text that is cut off.
        $left = [Attribute::Clip];
        foreach ($look->toArray() as $name => $value) {
            if (array_key_exists($name, $usual) && $usual[$name] == $value) {
                $left[] = Attribute::from($name);
            }
        }

        return $look->without(...$left);
    }

    private function xf(int $base, Look $look, ?int $named): DOMElement
    {
        $had = $this->look($base);
        $from = $this->items('cellXfs', 'xf')[$base] ?? null;
        $xf =
            $from === null
                ? $this->elements->element('xf', ['numFmtId' => '0', 'fontId' => '0', 'fillId' => '0', 'borderId' => '0', 'xfId' => '0'])
                : $from->cloneNode(true);
        assert($xf instanceof DOMElement);
        if ($named !== null) {
            $xf->setAttribute('xfId', (string) $named);
        }
        $differs = fn (Facet $facet) => $look->facet($facet)->key() !== $had->facet($facet)->key();
        if ($differs(Facet::Type)) {
            $this->refer(
                $xf,
                'fontId',
                'applyFont',
                $this->shared('fonts', 'font', $this->elements->font($this->item('fonts', 'font', $xf, 'fontId'), $look, $had)),
            );
        }
        if ($differs(Facet::Fill)) {
            $this->refer($xf, 'fillId', 'applyFill', $this->shared('fills', 'fill', $this->elements->fill($look)));
        }
        if ($differs(Facet::Borders)) {
            $this->refer(
                $xf,
                'borderId',
                'applyBorder',
                $this->shared('borders', 'border', $this->elements->border($this->item('borders', 'border', $xf, 'borderId'), $look, $had)),
            );
        }
        if ($differs(Facet::Number)) {
            $this->refer($xf, 'numFmtId', 'applyNumberFormat', $this->code($look->text(Attribute::Number)));
        }
        if ($differs(Facet::Place)) {
            $this->elements->place($xf, $look);
        }
        if ($differs(Facet::Guard)) {
            $this->elements->guard($xf, $look);
        }

        return $xf;
    }

    private function item(string $group, string $item, DOMElement $xf, string $attribute): ?DOMElement
    {
        return $this->items($group, $item)[(int) $xf->getAttribute($attribute)] ?? null;
    }

    /** @return array<int, DOMElement> of a group, gone through once however many there are */
    private function items(string $group, string $item): array
    {
        return $this->items[$group] ??= CellFormats::items($this->root, $group, $item);
    }

    private function refer(DOMElement $xf, string $what, string $apply, int $index): void
    {
        $xf->setAttribute($what, (string) $index);
        $xf->setAttribute($apply, '1');
    }

    private function code(string $code): int
    {
        if ($code === '' || strcasecmp($code, 'General') === 0) {
            return 0;
        }
        if (! isset($this->codes[$code])) {
            // Identifiers below 164 belong to the formats that the standard builds in (18.8.30).
            $id = ++$this->lastCode;
            $this->append('numFmts', 'numFmt', $this->elements->element('numFmt', ['numFmtId' => (string) $id, 'formatCode' => $code]));
            $this->codes[$code] = $id;
        }

        return $this->codes[$code];
    }

    private function shared(string $group, string $item, DOMElement $element): int
    {
        return $this->known[$group][$this->written($element)] ?? $this->append($group, $item, $element);
    }

    private function append(string $group, string $item, DOMElement $element): int
    {
        $parent = PackageXml::child($this->root, $group) ?? $this->group($group);
        $index = count($this->items($group, $item));
        $parent->appendChild($element);
        $this->items[$group][] = $element;
        $parent->setAttribute('count', (string) ($index + 1));
        $this->isChanged = true;

        return $this->known[$group][$this->written($element)] = $index;
    }

    private function group(string $name): DOMElement
    {
        $before = null;
        foreach (array_reverse(array_slice(self::GROUPS, (int) array_search($name, self::GROUPS, true) + 1)) as $later) {
            $before = PackageXml::child($this->root, $later) ?? $before;
        }
        $element = $this->elements->element($name, []);
        $this->root->insertBefore($element, $before);

        return $element;
    }

    private function written(DOMElement $element): string
    {
        // One that hangs nowhere yet says its namespace; in its place it does not.
        return str_replace(" xmlns=\"{$this->root->namespaceURI}\"", '', (string) $this->tree->saveXML($element));
    }

    private static function blank(): string
    {
        return '<?xml version="1.0" encoding="UTF-8" standalone="yes"?>'.
            "\n".
            '<styleSheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><fonts count="1"><font><sz val="11"/><name '
            .'val="Carlito"/><family val="2"/></font></fonts>'.
            '<fills count="2"><fill><patternFill patternType="none"/></fill><fill><patternFill '
            .'patternType="gray125"/></fill></fills><borders count="1"><border><left/><right/><top/><bottom/><diagonal/></border>'
            .'</borders>'.
            '<cellStyleXfs count="1"><xf numFmtId="0" fontId="0" fillId="0" borderId="0"/></cellStyleXfs><cellXfs count="1"><xf '
            .'numFmtId="0" fontId="0" fillId="0" borderId="0" xfId="0"/></cellXfs><cellStyles count="1"><cellStyle name="Normal" '
            .'xfId="0" builtinId="0"/></cellStyles></styleSheet>';
    }
}
