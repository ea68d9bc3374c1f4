<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Package\PackageXml;

/** Takes a row of a worksheet part apart into its cells, each with the bytes that it was. */
final class RowCells
{
    /**
     * Cells of the shape that nearly all have; null where one of them says more.
     *
     * @param  array<int, array<int, string>>  $found  by the groups of RowReader::WHOLE
     * @return list<array{int, int, string, string}>|null column, format, xml, attributes
     */
    public static function common(array $found, RowReader $reader): ?array
    {
        $cells = [];
        $last = 0;
        foreach ($found[1] as $index => $letters) {
            $column = Place::column($letters);
            if ($column <= $last) {
                return null;
            }
            $last = $column;
            $attributes = $found[2][$index];
            $format = $attributes === '' ? 0 : $reader->format($attributes);
            if ($format === null) {
                return null;
            }
            $cells[] = [$column, $format, $found[0][$index], $attributes];
        }

        return $cells;
    }

    /**
     * Cells of any other legal shape, each as a full xml reader writes it.
     *
     * @param  string  $root  the opening tag of the worksheet, for the names that are bound in it
     * @return list<array{int, int, string, string}> column, format, xml, attributes
     */
    public static function odd(int $number, string $xml, string $root, string $part): array
    {
        $tree = PackageXml::tree("$root<row>$xml</row></worksheet>", $part);
        $row = PackageXml::child(PackageXml::root($tree), 'row');
        $cells = [];
        $next = 1;
        foreach ($row === null ? [] : PackageXml::children($row, 'c') as $c) {
            $column = $c->hasAttribute('r') ? Place::column($c->getAttribute('r')) : $next;
            $next = $column + 1;
            $format = (int) $c->getAttribute('s');
            $attributes = '';
            foreach ($c->attributes as $attribute) {
                $attributes .=
                    $attribute->nodeName === 'r'
                        ? ''
                        : " {$attribute->nodeName}=\"".htmlspecialchars((string) $attribute->nodeValue, ENT_XML1 | ENT_COMPAT).'"';
            }
            $inner = '';
            foreach ($c->childNodes as $child) {
                $inner .= (string) $tree->saveXML($child);
            }
            $cells[$column] = [$column, $format, '<c r="'.Place::address($number, $column)."\"$attributes>$inner</c>", $attributes];
        }
        ksort($cells);

        return array_values($cells);
    }
}
