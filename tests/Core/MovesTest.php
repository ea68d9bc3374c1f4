<?php

declare(strict_types=1);

namespace Tests\Core;

use DOMElement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Package\PackageXml;
use Rilvet\Xlsx\Moves;

/**
 * What parts of a package say of places goes along with rows and columns that were put in, taken out or sorted; worked out by
 * hand (ISO/IEC 29500-1: sqref 18.18.76, tableParts 18.3.1.95, brk 18.3.1.3, inputCells 18.3.1.49, anchors 20.5.2).
 */
final class MovesTest extends TestCase
{
    private static function in(int $at, int $count, bool $rows = true): Shift
    {
        return new Shift($rows, $at, $count, true);
    }

    private static function out(int $at, int $count, bool $rows = true): Shift
    {
        return new Shift($rows, $at, $count, false);
    }

    /** Rows 2 to 4 of the columns A to C: the third comes first. */
    private static function sorted(): RowOrder
    {
        return new RowOrder(1, 3, [2 => 4, 3 => 2, 4 => 3]);
    }

    /** @return iterable<string, array{list<Shift|RowOrder>, string, string}> moves, ranges, ranges after them */
    public static function ranges(): iterable
    {
        yield 'two rows in' => [[self::in(3, 2)], 'A1:B2 C3 D2:D9', 'A1:B2 C5 D2:D11'];
        yield 'two rows out' => [[self::out(3, 2)], 'A1:B2 C3 D2:D9 E5', 'A1:B2 D2:D7 E3'];
        yield 'a column in' => [[self::in(2, 1, false)], 'A1:B2 C3', 'A1:C2 D3'];
        yield 'one after the other' => [[self::in(1, 1), self::out(3, 1, false)], 'C4 A1:E1', 'A2:D2'];
        yield 'sorted' => [[self::sorted()], 'B2 B3:B4 D2', 'B3 B2 B4 D2'];
        yield 'sorted, then a row in' => [[self::sorted(), self::in(3, 1)], 'B2', 'B4'];
        yield 'nothing that names cells' => [[self::in(1, 1)], 'Beds A1', 'Beds A2'];
    }

    /** @param  list<Shift|RowOrder>  $moves */
    #[DataProvider('ranges')]
    public function test_ranges_go_along(array $moves, string $ranges, string $after): void
    {
        self::assertSame($after, (new Moves($moves, 'Beds'))->ranges($ranges));
    }

    /** @return iterable<string, array{list<Shift|RowOrder>, string, string}> moves, xml, xml after them */
    public static function elements(): iterable
    {
        $row = [self::in(2, 3)];
        yield 'conditions and checks' => [$row, '<x><c sqref="A2:A9 B1"><formula>A2&gt;Beds!$B$1</formula></c></x>',
            '<x><c sqref="A5:A12 B1"><formula>A5&gt;Beds!$B$1</formula></c></x>'];
        yield 'cells that are gone' => [[self::out(2, 1)], '<x><c sqref="A2"/><c sqref="A2:A3"/><d ref="B2"/></x>',
            '<x><c sqref="A2"/></x>'];
        yield 'a place that would come apart' => [[self::sorted()], '<x><d ref="A3:A4"/><d ref="A2:A3"/><c sqref="A3:A4"/></x>',
            '<x><d ref="A3:A4"/><d ref="A3:A4"/><c sqref="A2 A4"/></x>'];
        yield 'an empty place' => [$row, '<x><c sqref=""/></x>', '<x><c sqref=""/></x>'];
        yield 'links and controls' => [$row, '<x><l ref="A2" location="Beds!A2"/><k linkedPlace="$A$2" listFillRange="A2:A4"/></x>',
            '<x><l ref="A5" location="Beds!A5"/><k linkedPlace="$A$5" listFillRange="A5:A7"/></x>'];
        yield 'cells of scenarios and watches' => [[self::out(4, 1)], '<x><inputCells r="A4"/><inputCells r="A5"/><cellWatch r="B9"/></x>',
            '<x><inputCells r="A4"/><cellWatch r="B8"/></x>'];
        yield 'breaks stand below their rows' => [[self::in(2, 1), self::in(3, 1, false)],
            '<x><rowBreaks><brk id="1"/><brk id="4"/></rowBreaks><colBreaks><brk id="2"/><brk id="3"/></colBreaks></x>',
            '<x><rowBreaks><brk id="1"/><brk id="5"/></rowBreaks><colBreaks><brk id="2"/><brk id="4"/></colBreaks></x>'];
        yield 'the ranges of an extension' => [$row, '<x><sqref>A2 B9</sqref><f>B2</f></x>', '<x><sqref>A5 B12</sqref><f>B5</f></x>'];
        yield 'what is written elsewhere' => [$row, '<x><mergeCells><mergeCell ref="A2:B2"/></mergeCells></x>',
            '<x><mergeCells><mergeCell ref="A2:B2"/></mergeCells></x>'];
        yield 'a formula is written for the row that comes first' => [[self::sorted()],
            '<x><c sqref="A3:A4"><formula>B3&gt;1</formula></c></x>', '<x><c sqref="A2 A4"><formula>B2&gt;1</formula></c></x>'];
    }

    /** @param  list<Shift|RowOrder>  $moves */
    #[DataProvider('elements')]
    public function test_what_names_places_goes_along(array $moves, string $xml, string $after): void
    {
        $root = PackageXml::root(PackageXml::tree($xml, 'a'));
        (new Moves($moves, 'Beds'))->on($root);
        self::assertSame($after, $root->ownerDocument?->saveXML($root));
    }

    public function test_tables_whose_columns_were_cut_are_tables_no_more(): void
    {
        $xml = '<x xmlns:r="urn:r"><tableParts count="2"><tablePart r:id="rId1"/><tablePart r:id="rId2"/></tableParts></x>';
        $left = function (string ...$cut) use ($xml) {
            $root = PackageXml::root(PackageXml::tree($xml, 'a'));
            (new Moves([self::in(2, 1, false)], 'Beds', array_values($cut)))->on($root);
            $parts = PackageXml::child($root, 'tableParts');

            return $parts === null ? null : [$parts->getAttribute('count'),
                array_map(fn (DOMElement $part) => $part->getAttribute('r:id'), PackageXml::children($parts, 'tablePart'))];
        };
        self::assertSame(['2', ['rId1', 'rId2']], $left());
        self::assertSame(['1', ['rId1']], $left('rId2'));
        self::assertNull($left('rId1', 'rId2'));
    }

    public function test_a_range_is_cut_by_columns_that_come_or_go_inside_of_it(): void
    {
        $cuts = fn (Shift|RowOrder $move, string $range) => (new Moves([$move], 'Beds'))->cuts($range);
        self::assertTrue($cuts(self::in(3, 1, false), 'B2:D9'));
        self::assertTrue($cuts(self::out(3, 1, false), 'B2:D9'));
        self::assertTrue($cuts(self::out(2, 3, false), 'B2:D9'));
        self::assertFalse($cuts(self::in(2, 1, false), 'B2:D9'));
        self::assertFalse($cuts(self::in(5, 1, false), 'B2:D9'));
        self::assertFalse($cuts(self::in(3, 1), 'B2:D9'));
        self::assertFalse($cuts(self::sorted(), 'A2:C4'));
        self::assertFalse($cuts(self::in(3, 1, false), 'no range'));
    }

    /** @return iterable<string, array{list<Shift|RowOrder>, string, string}> */
    public static function anchored(): iterable
    {
        $drawing = fn (int $row, int $column) => "<x><from><col>$column</col><row>$row</row></from></x>";
        yield 'a drawing below' => [[self::in(3, 2)], $drawing(2, 1), $drawing(4, 1)];
        yield 'a drawing above' => [[self::in(4, 2)], $drawing(2, 1), $drawing(2, 1)];
        yield 'a drawing whose row is gone' => [[self::out(3, 2)], $drawing(3, 1), $drawing(2, 1)];
        yield 'a drawing beside' => [[self::in(2, 1, false)], $drawing(2, 1), $drawing(2, 2)];
        yield 'what is no number' => [[self::in(1, 1)], '<x><row>first</row></x>', '<x><row>first</row></x>'];
        $note = fn (string $anchor, int $row, int $column) => '<x><ClientData><Anchor>'.$anchor."</Anchor><Row>$row</Row>"
            ."<Column>$column</Column></ClientData></x>";
        yield 'a note, two rows in above' => [[self::in(1, 2)], $note('1, 15, 2, 10, 3, 15, 6, 4', 3, 0),
            $note('1, 15, 4, 10, 3, 15, 8, 4', 5, 0)];
        yield 'a note, a column in before' => [[self::in(1, 1, false)], $note('1, 15, 2, 10, 3, 15, 6, 4', 3, 0),
            $note('2, 15, 2, 10, 4, 15, 6, 4', 3, 1)];
        // Row 2 goes to row 3 where rows are sorted: its note, and the box of it, go one down.
        yield 'a note of a sorted row' => [[self::sorted()], $note('1, 15, 0, 10, 3, 15, 4, 4', 1, 0),
            $note('1, 15, 1, 10, 3, 15, 5, 4', 2, 0)];
        yield 'a note beside what is sorted' => [[self::sorted()], $note('1, 15, 0, 10, 3, 15, 4, 4', 1, 4),
            $note('1, 15, 0, 10, 3, 15, 4, 4', 1, 4)];
        yield 'sorted, then a row and a column in' => [[self::sorted(), self::in(1, 1), self::in(1, 1, false)],
            $note('1, 15, 0, 10, 3, 15, 4, 4', 1, 0), $note('2, 15, 2, 10, 4, 15, 6, 4', 3, 1)];
        yield 'a note that does not say its cell' => [[self::sorted()],
            '<x><ClientData><Anchor>1, 2, 3, 4, 5, 6, 7, 8</Anchor></ClientData></x>',
            '<x><ClientData><Anchor>1, 2, 3, 4, 5, 6, 7, 8</Anchor></ClientData></x>'];
    }

    /** @param  list<Shift|RowOrder>  $moves */
    #[DataProvider('anchored')]
    public function test_drawings_and_notes_stay_with_their_cells(array $moves, string $xml, string $after): void
    {
        $root = PackageXml::root(PackageXml::tree($xml, 'a'));
        (new Moves($moves, 'Beds'))->anchors($root);
        self::assertSame($after, $root->ownerDocument?->saveXML($root));
    }

    public function test_a_place_that_was_taken_out_gives_the_one_that_came_in_its_place(): void
    {
        $moves = new Moves([self::out(3, 2), self::in(2, 1, false)], 'Beds');
        self::assertSame([2, 3, 3, 3], array_map(fn (int $row) => $moves->place($row, true), [2, 3, 4, 5]));
        self::assertSame([1, 3], array_map(fn (int $column) => $moves->place($column, false), [1, 2]));
        self::assertTrue((new Moves([], 'Beds'))->isEmpty());
        self::assertFalse($moves->isEmpty());
    }
}
