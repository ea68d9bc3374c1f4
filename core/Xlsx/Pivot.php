<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use DOMElement;
use Rilvet\Clamp;
use Rilvet\Grid\Range;
use Rilvet\Package\PackageXml;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Refusal;

/** A pivot table as its definition has it (ISO/IEC 29500-1 18.10.1.73): where it stands, and what its rows are. */
final readonly class Pivot
{
    /** What stands in the place of a field for the names of several values (18.10.1.29). */
    private const VALUES = -2;

    /** Words of rowItems that are subtotals (18.18.43). */
    private const SUBTOTALS = ['default', 'sum', 'countA', 'avg', 'max', 'min', 'product', 'count', 'stdDev', 'stdDevP', 'var', 'varP'];

    /** Rows of a definition that are looked at. */
    private const MOST = 100_000;

    /**
     * @param  list<RowRun>  $runs  over all rows of the range
     * @param  list<int>  $rowFields  numbers of the fields whose values name rows, the outer one first; without the names of values
     * @param  list<int>  $columnFields
     * @param  int  $values  fields that are worked out
     */
    private function __construct(
        public Range $range,
        public array $runs,
        public array $rowFields,
        public array $columnFields,
        public int $values,
    ) {
    }

    /** Null where the definition does not say where it stands. */
    public static function of(DOMElement $root): ?self
    {
        $location = PackageXml::child($root, 'location');
        try {
            $range = $location === null ? null : Range::parse($location->getAttribute('ref'));
        } catch (Refusal) {
            $range = null;
        }
        if ($range === null || $location === null || $range->rows() > self::MOST) {
            return null;
        }
        $heads = Clamp::of((int) $location->getAttribute('firstDataRow'), 1, $range->rows());
        $fields = self::fields($root, 'rowFields');
        $runs = [new RowRun($range->top, $range->top + $heads - 1, Part::Heading, why: 'said by the pivot table')];
        $row = $range->top + $heads;
        $items = PackageXml::child($root, 'rowItems');
        foreach ($items === null ? [] : PackageXml::children($items, 'i') as $item) {
            if ($row > $range->bottom) {
                break;
            }
            $part = self::part($item, count($fields));
            $last = array_pop($runs);
            if ($last->part === $part && $part === Part::Body) {
                $runs[] = $last->over($last->first, $row);
            } else {
                array_push($runs, $last, new RowRun($row, $row, $part, 1.0, 'said by the pivot table'));
            }
            $row++;
        }
        if ($row <= $range->bottom) {
            $runs[] = new RowRun($row, $range->bottom, Part::Body, 1.0, 'said by the pivot table');
        }
        $isField = fn (int $field) => $field !== self::VALUES;
        $data = PackageXml::child($root, 'dataFields');

        return new self($range, $runs, array_values(array_filter($fields, $isField)),
            array_values(array_filter(self::fields($root, 'colFields'), $isField)),
            $data === null ? 0 : count(PackageXml::children($data, 'dataField')));
    }

    /** @return list<int> */
    private static function fields(DOMElement $root, string $name): array
    {
        $list = PackageXml::child($root, $name);

        return $list === null ? []
            : array_map(fn (DOMElement $field) => (int) $field->getAttribute('x'), PackageXml::children($list, 'field'));
    }

    private static function part(DOMElement $item, int $fields): ?Part
    {
        $type = $item->getAttribute('t') ?: 'data';
        // What is left out is as in the row above; an outer group stands on a row of its own with fewer names than there are fields.
        $depth = (int) $item->getAttribute('r') + count(PackageXml::children($item, 'x'));

        return match (true) {
            $type === 'grand' => Part::Total,
            in_array($type, self::SUBTOTALS, true) => Part::Subtotal,
            $type === 'blank' => null,
            $depth < $fields => Part::RowGroup,
            default => Part::Body,
        };
    }
}
