<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Package\PackageXml;
use Rilvet\Page\PageRules;
use Rilvet\Page\PaperSize;
use Rilvet\Paper\Printed;

/**
 * How a worksheet says that it goes to paper (ISO/IEC 29500-1 18.3.1.61 to 18.3.1.74: margins, set-up, options, head and foot, breaks).
 * Margins are inches there.
 */
final class PageXml
{
    public const MM = 25.4;

    /** The sides of the margins, by rule. */
    public const MARGINS = ['left' => 'left', 'right' => 'right', 'top' => 'top', 'bottom' => 'bottom', 'head' => 'header',
        'foot' => 'footer'];

    private const ERRORS = ['displayed' => 'shown', 'blank' => 'blank', 'dash' => 'dashes', 'NA' => 'na'];

    /**
     * What a worksheet says, and nothing of what it does not.
     *
     * @param  bool|null  $fits  whether its properties scale it to pages, where they are not at hand
     */
    public static function of(DOMElement $root, ?bool $fits = null): PageRules
    {
        $margins = PackageXml::child($root, 'pageMargins');
        $options = PackageXml::child($root, 'printOptions');
        $setup = PackageXml::child($root, 'pageSetup');
        $says = [];
        foreach ($margins === null ? [] : self::MARGINS as $rule => $name) {
            $inches = $margins?->getAttribute($name);
            is_numeric($inches) && $says[$rule] = Clamp::of(round((float) $inches * self::MM, 1), 0.0, 250.0);
        }
        foreach ($options === null ? [] : ['across' => 'horizontalCentered', 'down' => 'verticalCentered', 'gridlines' => 'gridLines',
            'numbers' => 'headings'] as $rule => $name) {
            $says[$rule] = PackageXml::isOn($options, $name);
        }
        if ($setup !== null) {
            $says += self::setup($setup, $fits ?? self::fits($root));
        }

        return PageRules::ofFile($says + HeadFootXml::of(PackageXml::child($root, 'headerFooter')));
    }

    /** Whether it is scaled to a number of pages (18.3.1.65). */
    public static function fits(DOMElement $root): bool
    {
        $properties = PackageXml::child($root, 'sheetPr');
        $fit = $properties === null ? null : PackageXml::child($properties, 'pageSetUpPr');

        return PackageXml::isOn($fit, 'fitToPage');
    }

    /** @return array<string, bool|int|string> */
    private static function setup(DOMElement $setup, bool $fits): array
    {
        $whole = fn (string $name, int $else, int $most) => Clamp::of((int) ($setup->getAttribute($name) !== ''
            ? $setup->getAttribute($name)
            : $else), 0, $most);
        $says = [
            'turn' => $setup->getAttribute('orientation') === 'landscape' ? 'turned' : 'upright',
            'wide' => $fits ? $whole('fitToWidth', 1, 1_000) : 0,
            'tall' => $fits ? $whole('fitToHeight', 1, 10_000) : 0,
            'scale' => max(10, $whole('scale', 100, 400)), 'order' => $setup->getAttribute('pageOrder') === 'overThenDown'
                ? 'across' : 'down',
            'mono' => PackageXml::isOn($setup, 'blackAndWhite'), 'errors' => self::ERRORS[$setup->getAttribute('errors')] ?? 'shown',
        ];
        $paper = self::paper($setup);

        return $says + ($paper === null ? [] : ['paper' => $paper]);
    }

    private static function paper(DOMElement $setup): ?string
    {
        $sides = array_map(self::millimetres(...), [$setup->getAttribute('paperWidth'), $setup->getAttribute('paperHeight')]);
        if ($sides[0] !== null && $sides[1] !== null && min($sides) >= 50 && max($sides) < 2_000) {
            return PaperSize::measured($sides[0], $sides[1]);
        }

        return $setup->getAttribute('paperSize') === '' ? null : PaperSize::coded((int) $setup->getAttribute('paperSize'));
    }

    /** A length with its unit (22.9.2.12), mm. */
    private static function millimetres(string $length): ?float
    {
        $units = ['mm' => 1.0, 'cm' => 10.0, 'in' => self::MM, 'pt' => self::MM / 72, 'pc' => self::MM / 6, 'pi' => self::MM / 6];

        return preg_match('/^(\d+(?:\.\d+)?)(mm|cm|in|pt|pc|pi)$/', $length, $found) === 1 ? (float) $found[1] * $units[$found[2]] : null;
    }

    /**
     * Rows, or columns, after which a page ends (18.3.1.14, 18.3.1.74).
     *
     * @return list<int>
     */
    public static function breaks(DOMElement $root, bool $ofRows): array
    {
        $element = PackageXml::child($root, $ofRows ? 'rowBreaks' : 'colBreaks');
        $breaks = [];
        foreach ($element === null ? [] : PackageXml::children($element, 'brk') as $break) {
            $at = (int) $break->getAttribute('id');
            $at > 0 && PackageXml::isOn($break, 'man') && $breaks[$at] = $at;
        }
        sort($breaks);

        return array_slice($breaks, 0, 1_026);
    }

    /**
     * Attributes of an element, by rule or name, as they are to be.
     *
     * @return array<string, array<string, string>> by element; an empty text takes an attribute away
     */
    public static function attributes(Printed $pages): array
    {
        $rules = $pages->rules;
        $margins = [];
        foreach (self::MARGINS as $rule => $name) {
            $margins[$name] = (string) round($rules->number($rule) / self::MM, 3);
        }
        $flag = fn (string $rule) => $rules->flag($rule) ? '1' : '';
        $fits = $pages->fits();
        $size = PaperSize::of($rules->text('paper'));
        $own = $size->code() === null;

        return [
            'printOptions' => ['horizontalCentered' => $flag('across'), 'verticalCentered' => $flag('down'), 'headings' => $flag('numbers'),
                'gridLines' => $flag('gridlines')],
            'pageMargins' => $margins,
            'pageSetup' => [
                'paperSize' => $pages->saysPaper && ! $own ? (string) $size->code() : '',
                'paperHeight' => $pages->saysPaper && $own ? round($size->height, 1).'mm' : '',
                'paperWidth' => $pages->saysPaper && $own ? round($size->width, 1).'mm' : '',
                'scale' => $fits || $pages->scale === 100 ? '' : (string) $pages->scale,
                'fitToWidth' => $fits ? (string) (int) $rules->number('wide') : '',
                'fitToHeight' => $fits ? (string) (int) $rules->number('tall') : '',
                'pageOrder' => $rules->text('order') === 'across' ? 'overThenDown' : '',
                'orientation' => $pages->isTurned ? 'landscape' : 'portrait',
                'blackAndWhite' => $flag('mono'),
                'errors' => $rules->text('errors') === 'shown' ? '' : (string) array_search($rules->text('errors'), self::ERRORS, true),
            ],
        ];
    }
}
