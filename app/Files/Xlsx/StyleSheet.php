<?php

declare(strict_types=1);

namespace App\Files\Xlsx;

use Rilvet\Look\Attribute;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;

/**
 * styles.xml (ISO/IEC 29500-1 18.8), collected while cells are written: fonts, fills, borders, number formats, a cell
 * format a look, and a named cell style a part.
 */
final class StyleSheet
{
    /** @var array<string, int> */
    private array $fonts = [];

    /** @var array<string, int> */
    private array $fills = ['<patternFill patternType="none"/>' => 0, '<patternFill patternType="gray125"/>' => 1];

    /** @var array<string, int> */
    private array $borders = ['<left/><right/><top/><bottom/><diagonal/>' => 0];

    /** @var array<string, int> */
    private array $codes = [];

    /** @var array<string, int> */
    private array $formats = [];

    /** @var list<string> */
    private array $xfs = [];

    /** @var array<string, array{int, string}> by name: index and xf */
    private array $named = [];

    public function __construct(private readonly Look $ground)
    {
        $this->font($ground);
        $this->format(Look::none(), null);
    }

    /** The index of the named style; made at its first use. */
    public function name(string $name, Look $look): int
    {
        if (! isset($this->named[$name])) {
            // Style 0 is the one that every workbook must have.
            $this->named[$name] = [count($this->named) + 1, $this->xf($look, null)];
        }

        return $this->named[$name][0];
    }

    /** The index of the cell format for a look; the number for the s attribute of cells. */
    public function format(Look $look, ?int $named): int
    {
        $key = $look->key().'|'.$named;
        if (! isset($this->formats[$key])) {
            $this->formats[$key] = count($this->xfs);
            $this->xfs[] = $this->xf($look, $named ?? 0);
        }

        return $this->formats[$key];
    }

    public function xml(): string
    {
        $custom = [];
        foreach ($this->codes as $code => $id) {
            $custom[] = '<numFmt numFmtId="'.$id.'" formatCode="'.Xml::attribute((string) $code).'"/>';
        }
        $styles = ['<cellStyle name="Normal" xfId="0" builtinId="0"/>'];
        $styleXfs = [$this->xf(Look::none(), null)];
        foreach ($this->named as $name => [$index, $xf]) {
            $styles[] = '<cellStyle name="'.Xml::attribute((string) $name).'" xfId="'.$index.'"/>';
            $styleXfs[] = $xf;
        }

        return Xml::HEAD.'<styleSheet xmlns="'.Xml::MAIN.'">'
            .($custom === [] ? '' : self::items('numFmts', $custom))
            .self::items('fonts', self::wrapped('font', $this->fonts))
            .self::items('fills', self::wrapped('fill', $this->fills))
            .self::items('borders', $this->borderItems())
            .self::items('cellStyleXfs', $styleXfs)
            .self::items('cellXfs', $this->xfs)
            .self::items('cellStyles', $styles)
            .'</styleSheet>';
    }

    /** @param  list<string>  $items */
    private static function items(string $tag, array $items): string
    {
        return "<$tag count=\"".count($items).'">'.implode('', $items)."</$tag>";
    }

    /**
     * @param  array<string, int>  $items
     * @return list<string>
     */
    private static function wrapped(string $tag, array $items): array
    {
        return array_map(fn (int|string $item) => "<$tag>$item</$tag>", array_keys($items));
    }

    private function xf(Look $look, ?int $named): string
    {
        $font = $this->font($this->ground->facet(Facet::Type)->under($look->facet(Facet::Type)));
        $fill = $this->fill($look);
        $border = $this->border($look);
        $code = $this->code($look->text(Attribute::Number));
        $alignment = $this->alignment($look);
        $guard = ($look->get(Attribute::Locked) === false ? ' locked="0"' : '').($look->is(Attribute::Concealed) ? ' hidden="1"' : '');

        return '<xf numFmtId="'.$code.'" fontId="'.$font.'" fillId="'.$fill.'" borderId="'.$border.'"'
            .($named === null ? '' : ' xfId="'.$named.'"')
            .($code > 0 ? ' applyNumberFormat="1"' : '').' applyFont="1"'.($fill > 0 ? ' applyFill="1"' : '').($border > 0 ? ' applyBorder="1"' : '')
            .($alignment === '' ? '' : ' applyAlignment="1"').($guard === '' ? '' : ' applyProtection="1"')
            .($alignment.$guard === '' ? '/>' : '>'.($alignment === '' ? '' : "<alignment$alignment/>").($guard === '' ? '' : "<protection$guard/>").'</xf>');
    }

    private function font(Look $look): int
    {
        $underline = $look->text(Attribute::Underline, 'none');
        $script = $look->text(Attribute::Script, 'none');
        $xml = ($look->is(Attribute::Bold) ? '<b/>' : '').($look->is(Attribute::Italic) ? '<i/>' : '').($look->is(Attribute::Strike) ? '<strike/>' : '')
            .($underline === 'none' ? '' : ($underline === 'double' ? '<u val="double"/>' : '<u/>'))
            .($script === 'none' ? '' : '<vertAlign val="'.($script === 'super' ? 'superscript' : 'subscript').'"/>')
            .'<sz val="'.$look->number(Attribute::Size, 11).'"/><color rgb="FF'.substr($look->text(Attribute::Ink, '#000000'), 1).'"/><name val="'.Xml::attribute($look->text(Attribute::Font, 'Carlito')).'"/><family val="2"/>';

        return $this->fonts[$xml] ??= count($this->fonts);
    }

    private function fill(Look $look): int
    {
        $colour = $look->text(Attribute::Fill, 'none');
        if ($colour === 'none') {
            return 0;
        }
        $xml = '<patternFill patternType="solid"><fgColor rgb="FF'.substr($colour, 1).'"/><bgColor indexed="64"/></patternFill>';

        return $this->fills[$xml] ??= count($this->fills);
    }

    private function border(Look $look): int
    {
        $xml = '';
        foreach (['left' => Attribute::Left, 'right' => Attribute::Right, 'top' => Attribute::Top, 'bottom' => Attribute::Bottom] as $tag => $side) {
            $xml .= self::side($tag, $look, $side);
        }
        $rising = $look->edge(Attribute::Rising);
        $falling = $look->edge(Attribute::Falling);
        $xml .= self::side('diagonal', $look, $rising === null || $rising->isNone() ? Attribute::Falling : Attribute::Rising);
        $key = $xml.'|'.($rising !== null && ! $rising->isNone() ? 'u' : '').($falling !== null && ! $falling->isNone() ? 'd' : '');

        return $this->borders[str_ends_with($key, '|') ? $xml : $key] ??= count($this->borders);
    }

    /** @return list<string> */
    private function borderItems(): array
    {
        return array_map(function (string $key) {
            [$xml, $diagonal] = array_pad(explode('|', $key), 2, '');

            return '<border'.(str_contains($diagonal, 'u') ? ' diagonalUp="1"' : '').(str_contains($diagonal, 'd') ? ' diagonalDown="1"' : '').">$xml</border>";
        }, array_map(strval(...), array_keys($this->borders)));
    }

    private static function side(string $tag, Look $look, Attribute $side): string
    {
        $edge = $look->edge($side);

        return $edge === null || $edge->isNone() ? "<$tag/>" : "<$tag style=\"{$edge->line->value}\"><color rgb=\"FF".substr($edge->colour, 1)."\"/></$tag>";
    }

    private function code(string $code): int
    {
        if ($code === '' || strcasecmp($code, 'General') === 0) {
            return 0;
        }

        // Identifiers below 164 belong to the formats that the standard builds in (18.8.30).
        return $this->codes[$code] ??= 164 + count($this->codes);
    }

    private function alignment(Look $look): string
    {
        $horizontal = $look->text(Attribute::Horizontal, 'general');
        $vertical = $look->text(Attribute::Vertical, 'bottom');
        $rotation = (int) $look->number(Attribute::Rotation);
        $indent = (int) $look->number(Attribute::Indent);

        return ($horizontal === 'general' ? '' : ' horizontal="'.($horizontal === 'span' ? 'centerContinuous' : $horizontal).'"')
            .($vertical === 'bottom' ? '' : " vertical=\"$vertical\"")
            // Angles below the horizontal are written as 90 plus the angle (18.8.1).
            .($rotation === 0 ? '' : ' textRotation="'.($rotation < 0 ? 90 - $rotation : $rotation).'"')
            .($look->is(Attribute::Wrap) ? ' wrapText="1"' : '')
            .($indent > 0 ? " indent=\"$indent\"" : '')
            .($look->is(Attribute::Shrink) ? ' shrinkToFit="1"' : '');
    }
}
