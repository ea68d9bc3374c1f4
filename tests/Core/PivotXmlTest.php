<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMDocument;
use PHPUnit\Framework\TestCase;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Xlsx\Pivot;

/** Rows of a pivot table by its definition (ISO/IEC 29500-1 18.10.1.49 location, 18.10.1.44 i, 18.18.43 ST_ItemType). */
final class PivotXmlTest extends TestCase
{
    /** @param  list<string>  $items  their attributes, and the names that they hold */
    private static function of(string $ref, int $heads, array $items, int $fields = 1, string $more = ''): ?Pivot
    {
        $tree = new DOMDocument;
        $tree->loadXML('<pivotTableDefinition xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main">'
            .($ref === '' ? '' : "<location ref=\"$ref\" firstDataRow=\"$heads\"/>")
            .'<rowFields>'.implode('', array_map(fn (int $at) => "<field x=\"$at\"/>", range(0, $fields - 1))).'</rowFields>'
            .'<rowItems>'.implode('', $items).'</rowItems>'.$more.'</pivotTableDefinition>');
        assert($tree->documentElement !== null);

        return Pivot::of($tree->documentElement);
    }

    /** @return list<string> first-last part */
    private static function runs(?Pivot $pivot): array
    {
        $name = fn (?Part $part) => $part === Part::Heading ? 'head' : $part->value ?? 'none';

        return array_map(fn (RowRun $run) => "$run->first-$run->last {$name($run->part)}", $pivot->runs ?? []);
    }

    public function test_rows_are_what_their_items_say(): void
    {
        $item = fn (string $type = '', int $names = 1, int $left = 0) => '<i'.($type === '' ? '' : " t=\"$type\"")
            .($left > 0 ? " r=\"$left\"" : '').'>'.str_repeat('<x/>', $names).'</i>';
        self::assertSame(['3-3 head', '4-5 body', '6-6 total'], self::runs(self::of('A3:C6', 1, [$item(), $item(), $item('grand')])));
        self::assertSame(['3-4 head', '5-5 body', '6-6 total'], self::runs(self::of('A3:C6', 2, [$item('data'), $item('grand')])));
        self::assertSame(['3-3 head', '4-6 body'], self::runs(self::of('A3:C6', 1, [])), 'rows that no item speaks of');
        self::assertSame(['3-3 head', '4-4 total', '5-6 body'], self::runs(self::of('A3:C6', 1, [$item('grand')])));
        self::assertSame(['3-3 head', '4-6 body'], self::runs(self::of('A3:C6', 1, array_fill(0, 9, $item()))), 'more items than rows');
        // A group of its own stands on a row with fewer names than there are fields; what is left out is as above.
        self::assertSame(['1-1 head', '2-2 row_group', '3-4 body', '5-5 subtotal', '6-6 none', '7-7 total'],
            self::runs(self::of('A1:C7', 1,
                [$item(), $item('', 1, 1), $item('', 2), $item('default'), $item('blank'), $item('grand')], 2)));
        foreach (['sum', 'countA', 'avg', 'max', 'min', 'product', 'count', 'stdDev', 'stdDevP', 'var', 'varP'] as $type) {
            self::assertSame(['1-1 head', '2-2 subtotal'], self::runs(self::of('A1:B2', 1, [$item($type)])), $type);
        }
    }

    public function test_heads_are_within_its_range(): void
    {
        self::assertSame(['3-3 head', '4-4 body'], self::runs(self::of('A3:C4', 0, [])));
        self::assertSame(['3-4 head'], self::runs(self::of('A3:C4', 2, [])));
        self::assertSame(['3-4 head'], self::runs(self::of('A3:C4', 9, [])));
    }

    public function test_what_does_not_say_where_it_stands_is_none(): void
    {
        self::assertNull(self::of('', 1, []));
        self::assertNull(self::of('nowhere', 1, []));
        self::assertNotNull(self::of('A1:B100000', 1, []));
        self::assertNull(self::of('A1:B100001', 1, []), 'nobody reads so many');
    }

    public function test_fields_without_the_names_of_values(): void
    {
        $pivot = self::of('A1:C9', 1, [], 2, '<colFields><field x="4"/><field x="-2"/></colFields><dataFields><dataField/><dataField/>'
            .'</dataFields>');
        self::assertSame([[0, 1], [4], 2], [$pivot?->rowFields, $pivot?->columnFields, $pivot?->values]);
        self::assertSame([[], 0], [($plain = self::of('A1:C9', 1, []))?->columnFields, $plain?->values]);
    }
}
