<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Page\HeadFoot;
use Rilvet\Page\PaperSize;
use Rilvet\Paper\Printed;

/** How tables go to paper: page layouts and master pages (ISO/IEC 26300-1 16.5, 16.9, 20.322 to 20.366). */
final class MasterPages
{
    /** @var array<string, string> names of master pages by what they say */
    private array $names = [];

    private string $layouts = '';

    private string $masters = '';

    /** The name of the master page of a sheet. */
    public function name(Printed $pages): string
    {
        $rules = $pages->rules;
        $layout = $this->layout($pages);
        $edges = '';
        // The order of the schema: header, first and left ones behind it, then footer.
        foreach (['header' => '', 'evenHeader' => '-left', 'firstHeader' => '-first'] as $rule => $kind) {
            $edges .= self::edge("header$kind", $pages->headFoot($rule), $pages->fields);
        }
        foreach (['footer' => '', 'evenFooter' => '-left', 'firstFooter' => '-first'] as $rule => $kind) {
            $edges .= self::edge("footer$kind", $pages->headFoot($rule), $pages->fields);
        }
        $key = $layout.$edges;
        if (! isset($this->names[$key])) {
            $number = count($this->names) + 2;
            $this->names[$key] = "page$number";
            $head = $rules->number('top') - $rules->number('head');
            $foot = $rules->number('bottom') - $rules->number('foot');
            $this->layouts .= "<style:page-layout style:name=\"pm$number\">$layout".self::room('header', $pages->headFoot('header'), $head)
                .self::room('footer', $pages->headFoot('footer'), $foot).'</style:page-layout>';
            $this->masters .= self::master("page$number", "pm$number", $edges);
        }

        return $this->names[$key];
    }

    /**
     * Cells that are printed, as a table says it (9.1.2, table:print-ranges); nothing where it is all of them.
     *
     * @param  list<Range>  $areas
     */
    public static function ranges(string $table, array $areas): string
    {
        $name = "\$'".str_replace("'", "''", $table)."'";
        $texts = array_map(fn (Range $area) => "$name.".Address::columnName($area->left).$area->top.":$name."
            .Address::columnName($area->right).$area->bottom, $areas);

        return $texts === [] ? '' : ' table:print-ranges="'.Ns::text(implode(' ', $texts)).'"';
    }

    public function layouts(): string
    {
        return '<style:page-layout style:name="pm1"/>'.$this->layouts;
    }

    public function masters(): string
    {
        return self::master('Default', 'pm1', '').$this->masters;
    }

    private static function master(string $name, string $layout, string $edges): string
    {
        $says = ['name' => $name, 'page-layout-name' => $layout];
        $text = '';
        foreach ($says as $attribute => $value) {
            $text .= " style:$attribute=\"$value\"";
        }

        return "<style:master-page$text>$edges</style:master-page>";
    }

    private function layout(Printed $pages): string
    {
        $rules = $pages->rules;
        $paper = PaperSize::of($rules->text('paper'));
        [$width, $height] = $pages->isTurned ? [$paper->height, $paper->width] : [$paper->width, $paper->height];
        $mm = fn (float $length) => round($length, 1).'mm';
        // Above a head the margin is where the head begins; without one, where the cells do.
        $top = $pages->headFoot('header') === null ? $rules->number('top') : min($rules->number('head'), $rules->number('top'));
        $bottom = $pages->headFoot('footer') === null ? $rules->number('bottom') : min($rules->number('foot'), $rules->number('bottom'));
        $says = [
            'fo:page-width' => $mm($width), 'fo:page-height' => $mm($height), 'fo:margin-top' => $mm($top),
            'fo:margin-bottom' => $mm($bottom),
            'fo:margin-left' => $mm($rules->number('left')), 'fo:margin-right' => $mm($rules->number('right')),
            'style:print-orientation' => $pages->isTurned ? 'landscape' : 'portrait',
            'style:print-page-order' => $rules->text('order') === 'across' ? 'ltr' : 'ttb',
            'style:print' => implode(' ', ['charts', 'drawings', 'objects', 'zero-values', ...($rules->flag('numbers') ? ['headers'] : []),
                ...($rules->flag('gridlines') ? ['grid'] : [])]),
            'style:table-centering' => match ([$rules->flag('across'), $rules->flag('down')]) {
                [true, true] => 'both',
                [true, false] => 'horizontal',
                [false, true] => 'vertical',
                default => 'none',
            },
        ];
        $rules->text('colour') === 'none' || $says['fo:background-color'] = strtolower($rules->text('colour'));
        if (! $pages->fits()) {
            $says['style:scale-to'] = "$pages->scale%";
        } else {
            $says += array_filter(['style:scale-to-X' => (string) (int) $rules->number('wide'),
                'style:scale-to-Y' => (string) (int) $rules->number('tall')], fn (string $pages) => $pages !== '0');
        }
        $text = '';
        foreach ($says as $name => $value) {
            $text .= " $name=\"$value\"";
        }

        return "<style:page-layout-properties$text/>";
    }

    private static function room(string $what, ?HeadFoot $says, float $height): string
    {
        $height = max(0.0, round($height, 1));
        $side = $what === 'header' ? 'bottom' : 'top';

        return $says === null ? "<style:$what-style/>" : "<style:$what-style><style:header-footer-properties svg:height=\"{$height}mm\" "
            ."fo:min-height=\"{$height}mm\" fo:margin-$side=\"0mm\"/></style:$what-style>";
    }

    /** @param  array<string, string>  $fields */
    private static function edge(string $element, ?HeadFoot $says, array $fields): string
    {
        if ($says === null) {
            return str_contains($element, '-') ? '' : "<style:$element style:display=\"false\"/>";
        }
        $regions = '';
        foreach (['left' => 'left', 'centre' => 'center', 'right' => 'right'] as $place => $name) {
            $text = $says->toArray()[$place] ?? '';
            $lines = array_map(fn (string $line) => '<text:p>'.self::line($line, $fields).'</text:p>', $text === '' ? []
                : explode("\n", $text));
            $regions .= "<style:region-$name>".implode('', $lines)."</style:region-$name>";
        }

        return "<style:$element>$regions</style:$element>";
    }

    /** @param  array<string, string>  $fields */
    private static function line(string $text, array $fields): string
    {
        $known = ['page' => '<text:page-number>1</text:page-number>', 'pages' => '<text:page-count>1</text:page-count>',
            'date' => '<text:date/>', 'time' => '<text:time/>', 'sheet' => '<text:sheet-name/>',
            'file' => '<text:file-name text:display="name-and-extension"/>'];
        $xml = '';
        foreach (preg_split('/(\{\w+\})/', $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $piece) {
            $field = trim($piece, '{}');
            $xml .= $piece !== '' && $piece[0] === '{' ? $known[$field] ?? Ns::text($fields[$field] ?? '') : Ns::text($piece);
        }

        return $xml;
    }
}
