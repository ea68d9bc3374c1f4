<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A line around whole tables. */
final class FrameTest extends TestCase
{
    public function test_it_stands_at_the_outer_sides_and_titles_and_notes_outside(): void
    {
        $cells = MemorySheet::of('S', [
            ['Seed store'], ['Tree', 'Bags', 'Worth'], ['Rowan', 3, 4.5], ['Aspen', 4, 2.5], ['Hazel', 5, 1.25], ['All', 12, 8.25],
            ['Note: counted in March.'],
        ]);
        $book = Stylebook::of(['name' => 'T', 'palette' => ['ink' => '#112233'], 'frame' => 'medium @ink',
            'parts' => ['body' => ['right' => 'thin #999999']]]);
        $plain = new Workbook('W', [1 => new Worksheet($cells, 'S', Finder::read(SheetFacts::of($cells)))], new LookBook);
        $dressed = (new Dress([1], $book))->on($plain);
        $looks = new DressedSheet($dressed->sheet(1), $dressed->looks);
        $sides = function (int $row, int $column, bool $byRow) use ($looks): string {
            $look = ($byRow ? $looks->row($row, 3)[$column - 1] : $looks->at($row, $column))->look;
            $sides = ['t' => Attribute::Top, 'l' => Attribute::Left, 'b' => Attribute::Bottom, 'r' => Attribute::Right];

            return implode('', array_keys(array_filter($sides, fn (Attribute $side) => $look->text($side) === 'medium #112233')));
        };
        foreach ([false, true] as $byRow) {
            $map = array_map(fn (int $row) => implode(',', array_map(fn (int $column) => $sides($row, $column, $byRow), [1, 2, 3])),
                range(1, 7));
            self::assertSame([',,', 'tl,t,tr', 'l,,r', 'l,,r', 'l,,r', 'lb,b,br', ',,'], $map);
        }
        self::assertSame('thin #999999', $looks->at(3, 2)->look->text(Attribute::Right), 'inner lines are the parts’ own');
    }

    public function test_a_wrong_line_is_named(): void
    {
        foreach ([5, [], 'wavy #112233', 'thin @none', true] as $wrong) {
            try {
                Stylebook::of(['name' => 'T', 'frame' => $wrong]);
                self::fail((string) json_encode($wrong));
            } catch (StylebookIsWrong $refusal) {
                self::assertStringContainsString('"frame"', $refusal->getMessage());
            }
        }
    }
}
