<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Act;
use Rilvet\Act\Hide;
use Rilvet\Act\Resize;
use Rilvet\Act\SetOpening;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Reading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Acts on sizes and on how sheets open: what they do at their ends, and what they are called in the history. */
final class ActWordsTest extends TestCase
{
    private static function book(): Workbook
    {
        $sheet = fn (string $name) => new Worksheet(MemorySheet::of($name, array_fill(0, 9, array_fill(0, 9, 'x'))), $name,
            Reading::none());

        return new Workbook('W', [1 => $sheet('Beds'), 2 => $sheet('Trays')], new LookBook);
    }

    public function test_rows_and_columns_are_shown_again_as_far_as_it_is_said(): void
    {
        $book = (new Hide([1], true, 2, 6, true))->on(self::book());
        self::assertSame([2, 3, 4, 5, 6], $book->sheet(1)->setup->sizes->hiddenColumns);
        $shown = (new Hide([1], true, 3, 5, false))->on($book);
        self::assertSame([2, 6], $shown->sheet(1)->setup->sizes->hiddenColumns);
        self::assertSame([], $shown->sheet(2)->setup->sizes->hiddenColumns);
        self::assertSame([3, 4, 5, 6], (new Hide([1], true, 1, 2, false))->on($book)->sheet(1)->setup->sizes->hiddenColumns);
        $rows = (new Hide([1, 2], false, 9, 9, true))->on(self::book());
        self::assertSame([[9], [9]], [$rows->sheet(1)->setup->sizes->hiddenRows, $rows->sheet(2)->setup->sizes->hiddenRows]);
        // Hidden from the data on, nothing is hidden beyond it: new rows are seen.
        self::assertSame([5, 6, 7, 8, 9], (new Hide([1], false, 5, 1_048_576, true))->on(self::book())->sheet(1)->setup->sizes->hiddenRows);
        self::assertSame([20], (new Hide([1], false, 20, 30, true))->on(self::book())->sheet(1)->setup->sizes->hiddenRows);
    }

    /** @return iterable<array{string, Act}> */
    public static function words(): iterable
    {
        yield ['Hidden, 1 column', new Hide([1], true, 2, 2, true)];
        yield ['Hidden, 2 columns', new Hide([1], true, 2, 3, true)];
        yield ['Shown, 1 row', new Hide([1], false, 2, 2, false)];
        yield ['Shown, 1,000 rows, 2 sheets', new Hide([1, 2], false, 1, 1_000, false)];
        yield ['Frozen parts', new SetOpening([1], freezeRow: 1)];
        yield ['Frozen parts', new SetOpening([1], freezeColumn: 1)];
        yield ['Frozen parts', new SetOpening([1], freezeRow: 0, freezeColumn: 1)];
        yield ['Nothing frozen', new SetOpening([1], freezeRow: 0, freezeColumn: 0)];
        yield ['Gridlines shown', new SetOpening([1], gridlines: true)];
        yield ['Gridlines hidden, Zoom 80 %', new SetOpening([1], gridlines: false, zoom: 80)];
        yield ['Opens at A7', new SetOpening([1], firstRow: 7)];
        yield ['Opens at C1', new SetOpening([1], firstColumn: 3)];
        yield ['Opens at C7, 2 sheets', new SetOpening([1, 2], firstRow: 7, firstColumn: 3)];
        yield ['Headings and row labels kept in sight', new SetOpening([1], parts: true)];
    }

    #[DataProvider('words')]
    public function test_an_act_is_called(string $words, Act $act): void
    {
        self::assertSame($words, $act->words(self::book()));
    }

    public function test_what_is_not_said_stays(): void
    {
        $book = (new SetOpening([1], gridlines: false, freezeRow: 2, freezeColumn: 1, zoom: 120, firstRow: 9,
            firstColumn: 4))->on(self::book());
        $opening = fn (Workbook $of) => array_values((array) $of->sheet(1)->setup->opening);
        $was = $opening($book);
        self::assertSame([2, 1, false, 120, 9, 4, false], $was);
        foreach ([['freezeRow', 0, 3], ['freezeColumn', 1, 2], ['gridlines', 2, true], ['zoom', 3, 90], ['firstRow', 4, 5],
            ['firstColumn', 5, 6]] as [$name, $at, $value]) {
            self::assertSame(array_replace($was, [$at => $value]), $opening((new SetOpening([1], ...[$name => $value]))->on($book)), $name);
        }
        // Sizes in px of some columns, and of the rest as before.
        $sized = (new Resize([1], true, [[2, 3], [5, 5]], 99))->on($book)->sheet(1)->setup->sizes;
        self::assertSame([99, 99, 99], [$sized->widthOf(2), $sized->widthOf(3), $sized->widthOf(5)]);
        self::assertSame([$sized->widthOf(9), $sized->widthOf(9)], [$sized->widthOf(1), $sized->widthOf(4)]);
    }
}
