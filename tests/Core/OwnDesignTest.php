<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\OwnDesign;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Spent;

/** A sheet that came with a design of its own: it is pointed out, and stripes are stripes over it. */
final class OwnDesignTest extends TestCase
{
    private const ROWS = [
        ['Species', 'Stock'], ['Rowan', 12], ['Aspen', 7], ['Hazel', 9], ['Elm', 14], ['Oak', 3], ['Yew', 5], ['Ash', 8], ['Fir', 1],
    ];

    public function test_fills_lines_and_inks_are_a_design_and_bold_and_formats_are_none(): void
    {
        self::assertNull($this->design([]));
        self::assertNull($this->design(['A1:B1' => ['bold' => true, 'size' => 14], 'B2:B9' => ['number' => '0.00', 'ink' => '#000000']]));
        self::assertNull($this->design(['A1:B9' => ['fill' => 'none'], 'A2:B2' => ['fill' => '#FFFFFF']]), 'paper is no fill');
        self::assertSame('fills on 8 cells', $this->design(['A2:B5' => ['fill' => '#E8F1EA']]));
        $all = ['A1:B1' => ['fill' => '#224466', 'ink' => '#FFFFFF'], 'A2:B9' => ['bottom' => 'thin #888888', 'ink' => '#335577']];
        self::assertSame('lines on 16 cells, coloured text on 18', $this->design($all), 'two cells are too few to be told');
        self::assertNull($this->design(['D1:E9' => ['fill' => '#224466']]), 'what stands beside the table is none of it');
    }

    public function test_a_look_of_whole_columns_costs_no_more_than_one_of_a_cell(): void
    {
        $start = Spent::now();
        self::assertSame('fills on 18 cells', $this->design(['A1:B1048576' => ['fill' => '#E8F1EA']]));
        self::assertLessThan(0.2, Spent::now() - $start);
    }

    /** 60,000 looks, each on a cell of its own: an answer to every press says it, so it must not cost. */
    public function test_a_sheet_of_cells_that_all_differ_is_told_by_its_first_thousands(): void
    {
        $cells = MemorySheet::of('S', array_map(fn (int $row) => ["Tree $row", $row], range(1, 30_000)));
        $book = new LookBook;
        $map = new LookMap;
        for ($row = 1; $row <= 30_000; $row++) {
            foreach ([1, 2] as $column) {
                $map->append($row, $column, $book->number(Look::of(['fill' => sprintf('#%06X', 2 * $row + $column)])));
            }
        }
        $sheet = new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)), aspects: Aspects::of(new FileLooks($map)));
        $start = Spent::now();
        self::assertSame('fills on 5,001 and more cells', OwnDesign::of($sheet, $book));
        self::assertLessThan(0.2, Spent::now() - $start);
    }

    /** Between the stripes of the stylebook there is paper, whatever fill a cell came with; beside the table it stays. */
    public function test_what_came_does_not_shine_through_between_stripes(): void
    {
        $workbook = $this->workbook(['A2:B9' => ['fill' => '#E8F1EA'], 'D2:D9' => ['fill' => '#E8F1EA']]);
        $striped = array_values(array_filter(Builtin::all(), fn ($book) => $book->stripes !== null))[0];
        $dressed = (new Dress([1], $striped))->on($workbook);
        $sheet = new DressedSheet($dressed->sheet(1), $dressed->looks);
        $fills = array_map(fn (int $row) => $sheet->at($row, 2)->look->text(Attribute::Fill), range(2, 9));
        self::assertCount(2, array_unique($fills));
        self::assertNotContains('#E8F1EA', $fills);
        self::assertContains('none', $fills);
        self::assertContains($striped->stripes?->look(1)->text(Attribute::Fill), $fills);
        self::assertSame('#E8F1EA', $sheet->at(2, 4)->look->text(Attribute::Fill));
        $layers = array_map(fn ($entry) => $entry->layer, $sheet->at(2, 2)->entries);
        self::assertContains(Layer::Stripes, $layers, 'it can be said where the paper comes from');
    }

    public function test_a_body_that_has_a_fill_of_its_own_keeps_it_between_stripes(): void
    {
        $book = Stylebook::of(['name' => 'Two fills', 'parts' => ['body' => ['fill' => '#FFF8E8']], 'stripes' => ['fill' => '#E8E0FF']]);
        $dressed = (new Dress([1], $book))->on($this->workbook(['A2:B9' => ['fill' => '#E8F1EA']]));
        $sheet = new DressedSheet($dressed->sheet(1), $dressed->looks);
        $fills = array_map(fn (int $row) => $sheet->at($row, 2)->look->text(Attribute::Fill), [2, 3, 4, 5]);
        self::assertSame(['#FFF8E8', '#E8E0FF', '#FFF8E8', '#E8E0FF'], $fills);
    }

    public function test_a_cell_without_a_fill_is_left_as_it_was_between_stripes(): void
    {
        $plain = (new Dress([1], Builtin::named('River ledger')))->on($this->workbook(['A2:B9' => ['italic' => true]]));
        $sheet = new DressedSheet($plain->sheet(1), $plain->looks);
        self::assertSame('', $sheet->at(2, 2)->look->text(Attribute::Fill));
    }

    /** @param  array<string, array<string, bool|int|float|string>>  $looks  by range */
    private function design(array $looks): ?string
    {
        $workbook = $this->workbook($looks);

        return OwnDesign::of($workbook->sheet(1), $workbook->looks);
    }

    /** @param  array<string, array<string, bool|int|float|string>>  $looks  by range */
    private function workbook(array $looks): Workbook
    {
        $cells = MemorySheet::of('S', self::ROWS);
        $book = new LookBook;
        $map = new LookMap;
        foreach ($looks as $range => $look) {
            $map->map(Range::parse($range), fn (int $old) => $book->number($book->look($old)->under(Look::of($look))));
        }
        $found = Finder::read(SheetFacts::of($cells));

        return new Workbook('W', [1 => new Worksheet($cells, 'S', $found, aspects: Aspects::of(new FileLooks($map)))], $book);
    }
}
