<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use Rilvet\Look\Attribute;
use Rilvet\Look\Edge;
use Rilvet\Look\Line;
use Rilvet\Look\Look;

/** Looks as styles of an ods (ISO/IEC 26300-1, 16, 17), each once: cell styles, data styles, named styles as parents, columns, rows. */
final class StylesXml
{
    /** @var array<string, array{string, string}> name and xml, by what it is made of */
    private array $cells = [];

    /** @var array<string, array{string, string}> */
    private array $data = [];

    /** @var array<string, array{string, string}> by name: name in xml, and xml */
    private array $named = [];

    /** What a cell wears that says nothing. */
    private const UNSAID = [
        'fill' => 'none', 'bold' => false, 'italic' => false, 'underline' => 'none', 'strike' => false, 'wrap' => false,
        'top' => 'none', 'right' => 'none', 'bottom' => 'none', 'left' => 'none',
    ];

    /** @var array<string, Look> of named styles, by their name in xml */
    private array $looks = [];

    /** @var array<string, array{string, string}> worn while something is true, by the look */
    private array $conditional = [];

    /** @var array<string, array{string, string}> */
    private array $sizes = [];

    public function __construct(private readonly Look $ground, public readonly MasterPages $pages = new MasterPages)
    {
    }

    /**
     * The name of the style that cells wear while something is true (style:map, 16.3): one that the document names.
     */
    public function conditional(Look $look): string
    {
        $key = $look->key();
        if (! isset($this->conditional[$key])) {
            $name = 'cf'.(count($this->conditional) + 1);
            $code = $look->text(Attribute::Number);
            $data = $code === '' || strcasecmp($code, 'General') === 0 ? null : DataStylesOut::xml($code, "N$name");
            $this->conditional[$key] = [
                $name,
                ($data ?? '')."<style:style style:name=\"$name\" style:family=\"table-cell\" style:parent-style-name=\"Default\"".
                ($data === null ? '' : " style:data-style-name=\"N$name\"").'>'.$this->properties($look).'</style:style>',
            ];
        }

        return $this->conditional[$key][0];
    }

    /**
     * The name of the cell style for a look.
     *
     * @param  string  $maps  what it wears while something is true, as elements
     */
    public function cell(Look $look, ?string $parent, string $maps = ''): string
    {
        $key = $look->key()."|$parent|$maps";
        if (! isset($this->cells[$key])) {
            $name = 'ce'.(count($this->cells) + 1);
            $code = $look->text(Attribute::Number);
            $this->cells[$key] = [
                $name,
                "<style:style style:name=\"$name\" style:family=\"table-cell\" style:parent-style-name=\"".
                ($parent ?? 'Default').
                '"'.
                ($code === '' || strcasecmp($code, 'General') === 0 ? '' : ' style:data-style-name="'.$this->code($code).'"').
                '>'.
                $this->properties($this->beside($this->ground->under($look), $this->looks[$parent ?? ''] ?? Look::none())).
                $maps.'</style:style>',
            ];
        }

        return $this->cells[$key][0];
    }

    /** A look with what its parent says and it does not taken back: a total that is a column has no rules of the total's rows. */
    private function beside(Look $look, Look $parent): Look
    {
        $back = array_intersect_key(self::UNSAID, array_diff_key($parent->toArray(), $look->toArray()));

        return Look::of($back)->under($look);
    }

    /** The name, as xml says it, of a named style. */
    public function named(string $name, Look $look): string
    {
        if (! isset($this->named[$name])) {
            $written = (string) preg_replace_callback('/[^A-Za-z0-9]/u', fn (array $found) => sprintf('_%02x_', mb_ord($found[0])), $name);
            $this->named[$name] = [
                $written,
                "<style:style style:name=\"$written\" style:display-name=\"".
                Ns::text($name).
                '" style:family="table-cell" style:parent-style-name="Default">'.
                $this->properties($this->ground->under($look)).
                '</style:style>',
            ];
            $this->looks[$written] = $look;
        }

        return $this->named[$name][0];
    }

    /** The name of the style of a column, a row or a table. */
    public function other(string $family, string $properties, string $master = 'Default'): string
    {
        $key = "$family|$properties|$master";
        if (! isset($this->sizes[$key])) {
            $name = ['table-column' => 'co', 'table-row' => 'ro', 'table' => 'ta'][$family].(count($this->sizes) + 1);
            $this->sizes[$key] = [
                $name,
                "<style:style style:name=\"$name\" style:family=\"$family\"".
                ($family === 'table' ? " style:master-page-name=\"$master\"" : '').
                ">$properties</style:style>",
            ];
        }

        return $this->sizes[$key][0];
    }

    public function automatic(): string
    {
        return '<office:automatic-styles>'.
            implode('', array_column([...array_values($this->sizes), ...array_values($this->data), ...array_values($this->cells)], 1)).
            '</office:automatic-styles>';
    }

    /** The styles part: defaults, and the named styles that cells have as parents. */
    public function part(): string
    {
        return '<?xml version="1.0" encoding="UTF-8"?>'.
            "\n".
            '<office:document-styles'.
            Ns::declared('office', 'style', 'fo', 'number', 'svg', 'text', 'table').
            ' office:version="1.3"><office:styles>'.
            '<style:default-style style:family="table-cell">'.
            $this->properties($this->ground).
            '</style:default-style>'.
            '<style:style style:name="Default" style:family="table-cell"/>'.
            implode('', array_column([...array_values($this->named), ...array_values($this->conditional)], 1)).
            '</office:styles>'.
            '<office:automatic-styles>'.$this->pages->layouts().'</office:automatic-styles><office:master-styles>'
            .$this->pages->masters().'</office:master-styles></office:document-styles>';
    }

    private function code(string $code): string
    {
        if (! isset($this->data[$code])) {
            $name = 'N'.(count($this->data) + 100);
            $this->data[$code] = [$name, DataStylesOut::xml($code, $name)];
        }

        return $this->data[$code][0];
    }

    private function properties(Look $look): string
    {
        $cell = '';
        $fill = $look->text(Attribute::Fill);
        $cell .= $fill === '' ? ''
            : ' fo:background-color="'.($fill === 'none' ? 'transparent' : strtolower($fill)).'"';
        foreach (
            [
                'fo:border-top' => Attribute::Top,
                'fo:border-right' => Attribute::Right,
                'fo:border-bottom' => Attribute::Bottom,
                'fo:border-left' => Attribute::Left,
                'style:diagonal-bl-tr' => Attribute::Rising,
                'style:diagonal-tl-br' => Attribute::Falling,
            ] as $name => $side
        ) {
            $edge = $look->edge($side);
            $cell .= $edge === null ? '' : " $name=\"".self::edge($edge).'"';
        }
        $vertical = $look->text(Attribute::Vertical);
        $cell .= $vertical === '' ? '' : ' style:vertical-align="'.(['center' => 'middle', 'top' => 'top'][$vertical] ?? 'bottom').'"';
        $cell .= $look->get(Attribute::Wrap) === null ? ''
            : ' fo:wrap-option="'.($look->is(Attribute::Wrap) ? 'wrap' : 'no-wrap').'"';
        $cell .= $look->is(Attribute::Shrink) ? ' style:shrink-to-fit="true"' : '';
        $turn = (int) $look->number(Attribute::Rotation);
        $cell .=
            $turn === 0 ? ''
                : ($turn === Look::STACKED ? ' style:direction="ttb"' : ' style:rotation-angle="'.($turn + 360) % 360 .'"');
        $horizontal = $look->text(Attribute::Horizontal);
        $cell .= $horizontal === 'fill' ? ' style:repeat-content="true"' : '';
        $guard = ($look->get(Attribute::Locked) === false ? '' : 'protected ')
            .($look->is(Attribute::Concealed) ? 'formula-hidden' : '');
        $cell .=
            $look->get(Attribute::Locked) === null && ! $look->is(Attribute::Concealed)
                ? ''
                : ' style:cell-protect="'.(trim($guard) === '' ? 'none' : trim($guard)).'"';
        $indent = (int) $look->number(Attribute::Indent);
        // A heading that is centred over several cells has no form here; it is centred in its own.
        $align =
            [
                'left' => 'start',
                'right' => 'end',
                'center' => 'center',
                'justify' => 'justify',
                'span' => 'center',
                'distributed' => 'justify',
            ][$horizontal] ?? '';
        $paragraph = ($align === '' ? '' : " fo:text-align=\"$align\"")
            .($indent > 0 ? ' fo:margin-left="'.$indent * 10 .'pt"' : '');

        return ($cell === '' ? ''
            : "<style:table-cell-properties$cell".($align === '' ? '' : ' style:text-align-source="fix"').'/>').
            ($paragraph === '' ? '' : "<style:paragraph-properties$paragraph/>").
            self::type($look);
    }

    private static function type(Look $look): string
    {
        $xml = '';
        if ($look->get(Attribute::Font) !== null) {
            $font = $look->text(Attribute::Font);
            $xml .= " fo:font-family=\"'".Ns::text($font)."'\"";
        }
        $xml .= $look->get(Attribute::Size) === null ? '' : ' fo:font-size="'.$look->number(Attribute::Size).'pt"';
        $xml .= $look->get(Attribute::Bold) === null ? ''
            : ' fo:font-weight="'.($look->is(Attribute::Bold) ? 'bold' : 'normal').'"';
        $xml .= $look->get(Attribute::Italic) === null ? ''
            : ' fo:font-style="'.($look->is(Attribute::Italic) ? 'italic' : 'normal').'"';
        $underline = $look->text(Attribute::Underline);
        $xml .=
            $underline === ''
                ? ''
                : ($underline === 'none'
                    ? ' style:text-underline-style="none"'
                    : ' style:text-underline-style="solid" style:text-underline-width="auto" style:text-underline-color="font-color"'.
                        ($underline === 'double' ? ' style:text-underline-type="double"' : ''));
        $xml .=
            $look->get(Attribute::Strike) === null
                ? ''
                : ' style:text-line-through-style="'.($look->is(Attribute::Strike) ? 'solid' : 'none').'"';
        $script = $look->text(Attribute::Script);
        $xml .= $script === '' || $script === 'none' ? '' : " style:text-position=\"$script 58%\"";
        $xml .= $look->get(Attribute::Ink) === null ? '' : ' fo:color="'.strtolower($look->text(Attribute::Ink)).'"';

        return $xml === '' ? '' : "<style:text-properties$xml/>";
    }

    private static function edge(Edge $edge): string
    {
        if ($edge->isNone()) {
            return 'none';
        }
        $stroke = match ($edge->line) {
            Line::Hair => '0.05pt solid',
            Line::Dotted => '0.75pt dotted',
            Line::Dashed => '0.75pt dashed',
            Line::DashDot => '0.75pt dash-dot',
            Line::DashDotDot => '0.75pt dash-dot-dot',
            Line::MediumDashed => '1.75pt dashed',
            Line::MediumDashDot, Line::SlantDashDot => '1.75pt dash-dot',
            Line::MediumDashDotDot => '1.75pt dash-dot-dot',
            Line::Medium => '1.75pt solid',
            Line::Thick => '2.5pt solid',
            Line::Double => '2.25pt double',
            default => '0.75pt solid',
        };

        return $stroke.' '.strtolower($edge->colour);
    }
}
