<?php

declare(strict_types=1);

namespace Rilvet\Ods;

use DOMElement;
use DOMNode;
use Rilvet\Clamp;
use Rilvet\Package\PackageXml;
use Rilvet\Page\HeadFoot;
use Rilvet\Page\PageRules;
use Rilvet\Page\PaperSize;

/** How tables of an ods say that they go to paper (ISO/IEC 26300-1 16.5, 16.9). */
final class PagesIn
{
    /** @var array<string, DOMElement> page layouts by name */
    private array $layouts = [];

    /** @var array<string, DOMElement> master pages by name */
    private array $masters = [];

    public function __construct(?DOMElement $styles)
    {
        foreach ($styles === null ? [] : $styles->childNodes as $group) {
            foreach ($group instanceof DOMElement ? $group->childNodes : [] as $child) {
                if ($child instanceof DOMElement && $child->localName === 'page-layout') {
                    $this->layouts[$child->getAttributeNS(Ns::STYLE, 'name')] = $child;
                } elseif ($child instanceof DOMElement && $child->localName === 'master-page') {
                    $this->masters[$child->getAttributeNS(Ns::STYLE, 'name')] = $child;
                }
            }
        }
    }

    /** What a table says, by the name of its master page, and nothing of what it does not. */
    public function of(string $master): PageRules
    {
        $page = $this->masters[$master] ?? null;
        $layout = $page === null ? null : $this->layouts[$page->getAttributeNS(Ns::STYLE, 'page-layout-name')] ?? null;
        $properties = $layout === null ? null : PackageXml::child($layout, 'page-layout-properties');
        if ($page === null || $layout === null || $properties === null) {
            return PageRules::none();
        }
        $says = self::edges($page);

        return PageRules::ofFile($says + self::layout($properties) + self::margins($layout, $properties, isset($says['header']),
            isset($says['footer'])));
    }

    /** @return array<string, array<string, string>> */
    private static function edges(DOMElement $page): array
    {
        $says = [];
        foreach (['header' => 'header', 'footer' => 'footer', 'header-left' => 'evenHeader', 'footer-left' => 'evenFooter',
            'header-first' => 'firstHeader', 'footer-first' => 'firstFooter'] as $name => $rule) {
            $element = PackageXml::child($page, $name);
            if ($element === null || $element->getAttributeNS(Ns::STYLE, 'display') === 'false') {
                continue;
            }
            $places = [];
            foreach (['left' => 'left', 'centre' => 'center', 'right' => 'right'] as $place => $region) {
                $found = PackageXml::child($element, "region-$region");
                $text = $found === null ? '' : self::text($found);
                $text === '' || $places[$place] = $text;
            }
            // Without regions all of it stands in the middle.
            $says[$rule] = $places === [] ? array_filter(['centre' => self::text($element)], fn (string $text) => $text !== '') : $places;
        }

        return $says;
    }

    private static function text(DOMNode $node): string
    {
        $fields = ['page-number' => 'page', 'page-count' => 'pages', 'date' => 'date', 'time' => 'time', 'sheet-name' => 'sheet',
            'file-name' => 'file', 'title' => 'title'];
        $text = '';
        foreach ($node->childNodes as $child) {
            $name = $child->localName ?? '';
            $text .= match (true) {
                ! $child instanceof DOMElement => strtr((string) $child->nodeValue, ['{' => '(', '}' => ')']),
                isset($fields[$name]) => "{{$fields[$name]}}",
                $name === 's' => ' ',
                $name === 'p' && $text !== '' => "\n".self::text($child),
                default => self::text($child),
            };
        }

        return trim(HeadFoot::cut($text));
    }

    /** @return array<string, bool|int|string> */
    private static function layout(DOMElement $page): array
    {
        $style = fn (string $name) => $page->getAttributeNS(Ns::STYLE, $name);
        $prints = explode(' ', $style('print'));
        $says = [
            'turn' => $style('print-orientation') === 'landscape' ? 'turned' : 'upright',
            'order' => $style('print-page-order') === 'ltr' ? 'across' : 'down',
            'gridlines' => in_array('grid', $prints, true), 'numbers' => in_array('headers', $prints, true),
            'across' => in_array($style('table-centering'), ['horizontal', 'both'], true),
            'down' => in_array($style('table-centering'), ['vertical', 'both'], true),
            'scale' => Clamp::of((int) ($style('scale-to') ?: 100), 10, 400), 'wide' => 0, 'tall' => 0,
        ];
        foreach (['wide' => 'scale-to-X', 'tall' => 'scale-to-Y'] as $rule => $name) {
            $says[$rule] = Clamp::of((int) $style($name), 0, 1_000);
        }
        $colour = $page->getAttributeNS(Ns::FO, 'background-color');
        preg_match('/^#[0-9A-Fa-f]{6}$/', $colour) === 1 && $says['colour'] = strtoupper($colour);
        [$width, $height] = [self::mm($page->getAttributeNS(Ns::FO, 'page-width')), self::mm($page->getAttributeNS(Ns::FO, 'page-height'))];
        if ($width !== null && $height !== null && min($width, $height) >= 50 && max($width, $height) < 2_000) {
            $says['paper'] = $says['turn'] === 'turned' ? PaperSize::measured($height, $width) : PaperSize::measured($width, $height);
        }

        return $says;
    }

    /** @return array<string, float> */
    private static function margins(DOMElement $layout, DOMElement $page, bool $hasHead, bool $hasFoot): array
    {
        $says = [];
        foreach (['top', 'right', 'bottom', 'left'] as $side) {
            $length = self::mm($page->getAttributeNS(Ns::FO, "margin-$side")) ?? self::mm($page->getAttributeNS(Ns::FO, 'margin'));
            $length === null || $says[$side] = Clamp::of($length, 0.0, 250.0);
        }
        // Cells begin below the head, and end above the foot.
        foreach ([['top', 'head', 'header', $hasHead], ['bottom', 'foot', 'footer', $hasFoot]] as [$side, $edge, $name, $has]) {
            if ($has && isset($says[$side])) {
                $style = PackageXml::child($layout, "$name-style");
                $room = $style === null ? null : PackageXml::child($style, 'header-footer-properties');
                $height = $room === null ? null : self::mm($room->getAttributeNS(Ns::ALL['svg'], 'height'))
                    ?? self::mm($room->getAttributeNS(Ns::FO, 'min-height'));
                $margin = $says[$side];
                [$says[$edge], $says[$side]] = [$margin, min(250.0, $margin + ($height ?? 0.0))];
            }
        }

        return $says;
    }

    /** A length with its unit, mm. */
    private static function mm(string $length): ?float
    {
        $units = ['mm' => 1.0, 'cm' => 10.0, 'in' => 25.4, 'pt' => 25.4 / 72, 'pc' => 25.4 / 6, 'px' => 25.4 / 96];

        return preg_match('/^(\d+(?:\.\d+)?)(mm|cm|in|pt|pc|px)$/', $length, $found) === 1
            ? round((float) $found[1] * $units[$found[2]], 1) : null;
    }
}
