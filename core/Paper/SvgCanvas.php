<?php

declare(strict_types=1);

namespace Rilvet\Paper;

/** A page as SVG 1.1, in px. Texts keep their spaces, and are set without kerning and ligatures, as on the Bench. */
final class SvgCanvas implements Canvas
{
    private string $body = '';

    /** @var array<string, string> names of classes by what they say */
    private array $classes = [];

    private int $clips = 0;

    /** @var list<array{TextStyle, string}> what is written, for a picture that brings its fonts along */
    private array $texts = [];

    /** @param  string  $prefix  of names, so that several can stand in one document */
    public function __construct(private readonly float $width, private readonly float $height, private readonly string $prefix = 'p')
    {
    }

    /** @param  string  $faces  rules that bring the fonts along, for a picture that stands alone */
    public function svg(string $faces = '', string $title = ''): string
    {
        $rules = '';
        foreach ($this->classes as $says => $name) {
            $rules .= ".$name{{$says}}";
        }
        [$width, $height] = [self::n($this->width), self::n($this->height)];

        $size = "width=\"$width\" height=\"$height\" viewBox=\"0 0 $width $height\"";
        $texts = "text.$this->prefix{white-space:pre;font-kerning:none;font-variant-ligatures:none}";

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" $size>"
            .($title === '' ? '' : '<title>'.self::escape($title).'</title>')
            ."<style>$faces$texts$rules</style>{$this->body}</svg>";
    }

    /** @return list<array{TextStyle, string}> what is written, for a picture that brings its fonts along */
    public function texts(): array
    {
        return $this->texts;
    }

    public function fill(float $x, float $y, float $width, float $height, string $colour): void
    {
        $this->body .= '<rect'.self::says(['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height])." fill=\"$colour\"/>";
    }

    public function stroke(float $x1, float $y1, float $x2, float $y2, float $width, string $colour, array $dashes = []): void
    {
        $this->body .= '<line'.self::says(['x1' => $x1, 'y1' => $y1, 'x2' => $x2, 'y2' => $y2, 'stroke-width' => $width])
            ." stroke=\"$colour\"".($dashes === [] ? '' : ' stroke-dasharray="'.implode(' ', array_map(self::n(...), $dashes)).'"').'/>';
    }

    public function shape(string $path, float $x, float $y, float $size, string $colour): void
    {
        $this->body .= '<path transform="translate('.self::n($x).' '.self::n($y).') scale('.self::n($size / 12).')"'
            ." d=\"$path\" fill=\"$colour\" fill-rule=\"evenodd\"/>";
    }

    public function text(float $x, float $y, string $text, TextStyle $style): void
    {
        $family = str_replace(['\\', "'", '<', '{', '}'], '', $style->family);
        $says = "font-family:'$family','Noto Sans Symbols 2',sans-serif;font-size:".self::n($style->size).'px;fill:'.$style->ink
            .($style->bold ? ';font-weight:700' : '')
            .($style->italic ? ';font-style:italic' : '');
        $this->texts[] = [$style, $text];
        $class = $this->classes[$says] ??= $this->prefix.count($this->classes);
        $this->body .= "<text class=\"$this->prefix $class\"".self::says(['x' => $x, 'y' => $y]).'>'.self::escape($text).'</text>';
    }

    public function clip(float $x, float $y, float $width, float $height): void
    {
        $name = $this->prefix.'c'.++$this->clips;
        $box = self::says(['x' => $x, 'y' => $y, 'width' => max(0.0, $width), 'height' => max(0.0, $height)]);
        $this->body .= "<clipPath id=\"$name\"><rect$box/></clipPath><g clip-path=\"url(#$name)\">";
    }

    public function turn(float $x, float $y, float $degrees): void
    {
        $this->body .= '<g transform="translate('.self::n($x).' '.self::n($y).') rotate('.self::n($degrees).')">';
    }

    public function leave(): void
    {
        $this->body .= '</g>';
    }

    public function row(TableRow $row): void
    {
    }

    public function cell(int $column): void
    {
    }

    public function paragraph(string $role): void
    {
    }

    public function done(): void
    {
    }

    /** @param  array<string, float>  $attributes */
    private static function says(array $attributes): string
    {
        $text = '';
        foreach ($attributes as $name => $number) {
            $text .= " $name=\"".self::n($number).'"';
        }

        return $text;
    }

    private static function n(float $number): string
    {
        return (string) round($number, 2);
    }

    private static function escape(string $text): string
    {
        // What XML cannot say is left out.
        $sayable = (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x{FFFE}\x{FFFF}]/u', '', $text);

        return htmlspecialchars($sayable, ENT_XML1 | ENT_QUOTES, 'UTF-8');
    }
}
