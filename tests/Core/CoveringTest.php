<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Covering;
use Rilvet\Act\Exception\LooksStay;
use Rilvet\Act\FormatPart;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\PartRule;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** What lies over the look of a part: hand touches of its cells, and rules of the sheet that say otherwise. */
final class CoveringTest extends TestCase
{
    private LookBook $looks;

    protected function setUp(): void
    {
        $this->looks = new LookBook;
    }

    /** Headings in row 1, three rows of data, a total; column B holds counts. */
    private static function sheet(): Worksheet
    {
        $cells = MemorySheet::of('Beds', [['Lot', 'Count'], ['L1', 4], ['L2', 7], ['L3', 5], ['Total', 16]]);

        return new Worksheet($cells, 'Beds', Finder::read(SheetFacts::of($cells)));
    }

    /** @param  array<string, array<string, bool|int|float|string>>  $touches  looks by range */
    private function touched(Worksheet $sheet, array $touches): Worksheet
    {
        $hand = new LookMap;
        foreach ($touches as $range => $look) {
            $hand->set(Range::parse($range), $this->looks->number(Look::of($look)));
        }

        return $sheet->touched($hand);
    }

    public function test_touches_of_the_part_that_say_otherwise_are_counted_and_no_others(): void
    {
        $sheet = $this->touched(self::sheet(), [
            'A1:B1' => ['fill' => '#112233'], // another part
            'A2' => ['fill' => '#112233'], // says otherwise
            'B2:B3' => ['fill' => '#AABBCC'], // says the same
            'A3' => ['bold' => true], // says something else
            'B4' => ['fill' => '#445566', 'bold' => true], // says otherwise, and more
            'D2' => ['fill' => '#112233'], // beside the table
        ]);
        $target = new PartRule(Part::Body, null, Look::of(['fill' => '#AABBCC']));
        $label = new PartRule(Part::RowLabel, null, Look::of(['fill' => '#AABBCC']));
        $on = fn (PartRule $rule) => Covering::on($sheet, $this->looks, $rule, true)->cells($sheet);
        self::assertSame([1, 1], [$on($target), $on($label)]);
        self::assertSame(0, $on(new PartRule(Part::Total, null, Look::of(['fill' => '#AABBCC']))));
        self::assertSame(2, $on(new PartRule(Part::Heading, null, Look::of(['fill' => '#AABBCC']))));
        $kind = $sheet->reading->tables[0]->column(2)?->kind;
        self::assertSame(1, $on(new PartRule(Part::Body, $kind, Look::of(['fill' => '#AABBCC']))));
        self::assertSame(0, $on(new PartRule(Part::Body, ColumnKind::Date, Look::of(['fill' => '#AABBCC']))));
    }

    public function test_what_covers_is_taken_in_the_attributes_that_the_look_says_and_in_no_others(): void
    {
        $sheet = $this->touched(self::sheet(), ['B2' => ['fill' => '#112233', 'bold' => true], 'B3' => ['fill' => '#AABBCC'],
            'B5' => ['fill' => '#112233']]);
        $target = new PartRule(Part::Body, null, Look::of(['fill' => '#AABBCC']));
        $after = Covering::on($sheet, $this->looks, $target, false)->taken($sheet, $this->looks);
        $look = fn (int $row) => $this->looks->look($after->hand->at($row, 2))->toArray();
        self::assertSame([['bold' => true], ['fill' => '#AABBCC'], ['fill' => '#112233']], array_map($look, [2, 3, 5]));
        self::assertSame(['bold' => true, 'fill' => '#112233'], $this->looks->look($sheet->hand->at(2, 2))->toArray());
    }

    public function test_rules_of_the_sheet_cover_the_whole_part_and_lose_what_the_look_says(): void
    {
        $rule = fn (Part $part, ?ColumnKind $kind, array $look, ?string $heading = null) => new PartRule($part, $kind, Look::of($look),
            $heading);
        $count = self::sheet()->reading->tables[0]->column(2)?->kind;
        $sheet = self::sheet()->ruled([
            $rule(Part::Body, null, ['fill' => '#112233', 'italic' => true]),
            $rule(Part::Body, $count, ['fill' => '#445566']),
            $rule(Part::Body, ColumnKind::Date, ['fill' => '#445566']),
            $rule(Part::Total, null, ['fill' => '#445566']),
            $rule(Part::Body, null, ['bold' => true], 'Count'),
        ]);
        $target = $rule(Part::Body, $count, ['fill' => '#AABBCC']);
        $covering = Covering::on($sheet, $this->looks, $target, true);
        self::assertSame(3, $covering->cells($sheet), 'the cells of the part in columns of the kind');
        $left = array_map(fn (PartRule $one) => [$one->part->value, $one->kind, $one->look->toArray(), $one->heading],
            $covering->taken($sheet, $this->looks)->rules);
        self::assertSame([
            ['body', null, ['italic' => true], null],
            // Of the kind nothing is left, so the rule is gone; the other kind never met it.
            ['body', ColumnKind::Date, ['fill' => '#445566'], null],
            ['total', null, ['fill' => '#445566'], null],
            ['body', null, ['bold' => true], 'Count'],
        ], $left);
        $without = Covering::on($sheet, $this->looks, $target, false);
        self::assertSame(0, $without->cells($sheet));
        self::assertSame($sheet->rules, $without->taken($sheet, $this->looks)->rules);
    }

    public function test_a_part_that_is_formatted_asks_keeps_or_overrides(): void
    {
        $sheet = $this->touched(self::sheet(), ['B2:B3' => ['fill' => '#112233']]);
        $workbook = new Workbook('Book', [1 => $sheet], $this->looks);
        $act = fn (string $over) => new FormatPart([1], Part::Body, null, Look::of(['fill' => '#AABBCC']), over: $over);
        $fill = fn (string $over) => $this->looks->look($act($over)->on($workbook)->sheet(1)->hand->at(2, 2))->toArray();
        self::assertSame(['fill' => '#112233'], $fill('keep'));
        self::assertSame([], $fill('override'));
        $this->expectException(LooksStay::class);
        $this->expectExceptionMessageMatches('/\b2 cells/');
        $act('ask')->on($workbook);
    }
}
