<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Package\PackageXml;
use Rilvet\Page\HeadFoot;
use Rilvet\Paper\Printed;

/** Head and foot of pages (ISO/IEC 29500-1 18.3.1.46), in the codes that 18.3.1.39 lists. */
final class HeadFootXml
{
    /** Elements by rule. */
    public const ELEMENTS = [
        'header' => 'oddHeader', 'footer' => 'oddFooter', 'evenHeader' => 'evenHeader', 'evenFooter' => 'evenFooter',
        'firstHeader' => 'firstHeader', 'firstFooter' => 'firstFooter',
    ];

    private const CODES = ['page' => '&P', 'pages' => '&N', 'date' => '&D', 'time' => '&T', 'sheet' => '&A', 'file' => '&F'];

    /** @return array<string, array<string, string>> by rule */
    public static function of(?DOMElement $element): array
    {
        if ($element === null) {
            return [];
        }
        $says = [];
        foreach (self::ELEMENTS as $rule => $name) {
            $isSaid = match (substr($name, 0, 4)) {
                'even' => PackageXml::isOn($element, 'differentOddEven'),
                'firs' => PackageXml::isOn($element, 'differentFirst'),
                default => true,
            };
            $child = PackageXml::child($element, $name);
            if ($isSaid && ($child !== null || substr($name, 0, 3) !== 'odd')) {
                $says[$rule] = self::places($child->textContent ?? '');
            }
        }

        return $says;
    }

    /** @return array<string, string> texts with fields by place */
    public static function places(string $codes): array
    {
        $texts = ['left' => '', 'centre' => '', 'right' => ''];
        $place = 'centre';
        $fields = array_flip(self::CODES);
        // Type, size, colour and the like stand in codes too; they are left to the file.
        preg_match_all('/&"[^"]*"|&K[0-9A-Fa-f]{6}|&K[0-9]{2}[+-][0-9]{3}|&\d{1,3}|&[\s\S]|[^&]+/u', $codes, $found);
        foreach ($found[0] as $piece) {
            if (preg_match('/^&[LCR]$/', $piece) === 1) {
                $place = ['L' => 'left', 'C' => 'centre', 'R' => 'right'][$piece[1]];
            } elseif ($piece === '&&') {
                $texts[$place] .= '&';
            } elseif (isset($fields[$piece])) {
                $texts[$place] .= "{{$fields[$piece]}}";
            } elseif ($piece[0] !== '&') {
                $texts[$place] .= strtr($piece, ['{' => '(', '}' => ')']);
            }
        }

        return array_filter(array_map(HeadFoot::cut(...), $texts), fn (string $text) => $text !== '');
    }

    /**
     * @param  array<string, string>  $fields  what fields stand for that the format has no code for
     */
    public static function codes(HeadFoot $says, array $fields): string
    {
        $codes = '';
        foreach (['left' => '&L', 'centre' => '&C', 'right' => '&R'] as $place => $code) {
            $text = $says->toArray()[$place] ?? '';
            if ($text === '') {
                continue;
            }
            $known = [];
            foreach (HeadFoot::FIELDS as $field) {
                $known["{{$field}}"] = self::CODES[$field] ?? str_replace('&', '&&', $fields[$field] ?? '');
            }
            $text = strtr(str_replace('&', '&&', $text), $known);
            // A figure right behind a code of a place would be read as a size.
            $codes .= $code.(preg_match('/^\d/', $text) === 1 ? ' ' : '').$text;
        }

        return $codes;
    }

    public static function xml(Printed $pages): string
    {
        $inner = '';
        foreach (self::ELEMENTS as $rule => $name) {
            $says = $pages->headFoot($rule);
            $says === null || $inner .= "<$name>".htmlspecialchars(self::codes($says, $pages->fields), ENT_XML1 | ENT_NOQUOTES,
                'UTF-8')."</$name>";
        }

        return $inner === '' ? ''
            : '<headerFooter'.($pages->saysEven() ? ' differentOddEven="1"' : '')
            .($pages->saysFirst() ? ' differentFirst="1"' : '').">$inner</headerFooter>";
    }
}
