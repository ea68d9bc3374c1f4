<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Package\PackageXml;

/** Takes a row of a worksheet part apart into its cells, each with the bytes that it was. */
final readonly class RowCells
{
    /** @param  string  $root  the opening tag of the worksheet, for the names that are bound in it */
    public function __construct(private RowReader $reader, private string $part, private string $root)
    {
    }

    /**
     * @param  array<int, array<int, string>>  $found  by the groups of the expression
     * @return list<array{int, int, string, string}>|null column, format, xml, attributes
     */
    public function common(array $found): ?array
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
            $format = $attributes === '' ? 0 : $this->reader->format($attributes);
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
     * @return list<array{int, int, string, string}>
     */
    public function odd(int $number, string $xml): array
    {
        $tree = PackageXml::tree("{$this->root}<row>$xml</row></worksheet>", $this->part);
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
