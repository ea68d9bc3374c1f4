<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\LayerSource;
use Rilvet\Dressed\Place;
use Rilvet\Grid\Aspect;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Text\Fonts;
use Rilvet\Window\Painter;
use Rilvet\Window\WindowCell;
use Rilvet\Work\Aspect\HandTouches;
use Rilvet\Work\Aspects;
use Rilvet\Work\Worksheet;

/** A capability brings a layer along as an aspect of the sheet: nothing else of the house changes for it. */
final class DressedSheetTest extends TestCase
{
    public function test_an_aspect_that_is_a_layer_lies_at_its_place_among_the_others(): void
    {
        $looks = new LookBook;
        $hand = new LookMap;
        $hand->set(Range::parse('B3'), $looks->number(Look::of(['italic' => true])));
        $dressed = new DressedSheet(self::sheet(Aspects::of(self::labels(), new HandTouches($hand))), $looks);
        $label = $dressed->at(3, 1);
        self::assertSame('#ABCDEF', $label->look->text(Attribute::Fill));
        self::assertSame(Layer::Named, $label->from(Attribute::Fill));
        self::assertSame(
            [Layer::Ground, Layer::Part, Layer::Kind, Layer::Named],
            array_map(fn (LayerEntry $entry) => $entry->layer, $label->entries),
        );
        self::assertSame(Layer::Hand, $dressed->at(3, 2)->from(Attribute::Italic));
        self::assertNotSame('#ABCDEF', $dressed->at(3, 2)->look->text(Attribute::Fill));
    }

    public function test_what_depends_on_values_lies_over_all_others_and_is_resolved_once_a_look(): void
    {
        $below = Condition::of(['id' => 'n1', 'test' => ['is' => 'below', 'of' => ['0']], 'where' => ['cells' => 'B2:B6'],
            'look' => ['ink' => '#AA0000']]);
        $sheet = self::sheet(Aspects::of(new Conditions([$below])));
        $dressed = new DressedSheet($sheet, new LookBook);
        $cells = iterator_to_array($sheet->cells->read(2, 6));
        $at = fn (int $row) => $dressed->holding($dressed->at($row, 2), $row, 2, $cells[$row][1]);
        self::assertSame('#AA0000', $at(3)->look->text(Attribute::Ink));
        self::assertSame(Layer::Conditional, $at(3)->from(Attribute::Ink));
        self::assertSame($dressed->at(2, 2), $at(2), 'where it adds nothing the look is the very same');
        self::assertSame($at(3)->number, $at(5)->number, 'cells of one place and one verdict look the same');
        self::assertSame($at(3), $at(3), 'and are resolved once');
        self::assertNotSame($dressed->at(3, 2)->number, $at(3)->number);
        self::assertSame(Part::Body, $at(3)->part);
        $window = (new Painter($sheet, new LookBook, Fonts::shipped()))->paint(1, Range::parse('B2:B6'));
        $ink = fn (WindowCell $cell) => $window->looks[$cell->look]->ink;
        self::assertSame([false, true, false, true, false], array_map(fn (WindowCell $cell) => $ink($cell) === '#AA0000', $window->cells));
    }

    private static function sheet(Aspects $aspects): Worksheet
    {
        $rows = [['Tree', 'Change'], ['Rowan', 3], ['Aspen', -4], ['Hazel', 5], ['Elm', -1], ['Oak', 2]];
        $cells = MemorySheet::of('S', $rows);

        return new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), stylebook: Builtin::named('Plain rule'), aspects: $aspects);
    }

    private static function labels(): Aspect
    {
        return new class implements Aspect, LayerSource
        {
            public static function name(): string
            {
                return 'labels';
            }

            public static function fromJson(mixed $data): static
            {
                return new self;
            }

            public function toJson(): mixed
            {
                return null;
            }

            public function moved(Shift|RowOrder $move): static
            {
                return $this;
            }

            public function layer(): Layer
            {
                return Layer::Named;
            }

            public function entries(Place $place): array
            {
                return $place->part === Part::RowLabel ? [new LayerEntry(Layer::Named, Look::of(['fill' => '#ABCDEF']))] : [];
            }
        };
    }
}
