<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Intake\Dialect;
use Rilvet\Intake\Encoding;
use Rilvet\Intake\Survey;
use Rilvet\Intake\Tokeniser;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Reading;
use Rilvet\Reading\SheetFacts;
use Rilvet\Reading\TypingHints;
use Tests\Spent;

/** A table four times as large takes about four times as long to read, whatever its shape; the square would be sixteen. */
final class LinearTest extends TestCase
{
    /** @return iterable<string, array{callable(int): string, int}> a table of some size, and a size to begin with */
    public static function shapes(): iterable
    {
        yield 'words only' => [
            fn (int $size) => implode("\n", array_map(fn (int $row) => "word $row,some text,other", range(1, $size))),
            2_500,
        ];
        yield 'lone words' => [fn (int $size) => implode("\n", array_map(fn (int $row) => "word $row", range(1, $size))), 4_000];
        yield 'words with blank rows' => [
            fn (int $size) => implode("\n", array_map(fn (int $row) => $row % 2 === 1 ? "word $row,b,c" : ',,', range(1, $size))),
            4_000,
        ];
        yield 'two rows of many columns' => [
            fn (int $size) => implode(',', array_map(fn (int $column) => "h$column", range(1, $size)))."\n".implode(',', range(1, $size)),
            4_000,
        ];
        yield 'a column of sums beside many columns' => [
            fn (int $size) => implode("\n", array_map(fn (int $row) => implode(',', range($row, $row + $size)), range(1, 8))),
            1_500,
        ];
        yield 'small tables' => [
            fn (int $size) => implode("\n", array_map(fn (int $row) => "Tree,n\nRowan,$row\nAsh,2\n,", range(1, $size))),
            1_000,
        ];
        $table = fn (int $size, callable $cell) => implode("\n", array_map(
            fn (int $row) => implode(',', array_map(fn (int $column) => $cell($row, $column), range(1, 8))),
            range(1, $size),
        ));
        yield 'all cells equal' => [fn (int $size) => $table($size, fn () => 7), 1_000];
        yield 'all cells zero' => [fn (int $size) => $table($size, fn () => 0), 1_000];
        yield 'all cells the same word' => [fn (int $size) => $table($size, fn () => 'Total'), 1_000];
        yield 'an addition table' => [fn (int $size) => $table($size, fn (int $row, int $column) => $row + $column), 1_000];
        yield 'sums everywhere' => [fn (int $size) => $table($size, fn (int $row, int $column) => 2 ** ($row % 40) * $column), 700];
        yield 'numbers that lead' => [
            fn (int $size) => $table($size, fn (int $row, int $column) => $column > 1 ? $row * $column % 17 : intdiv($row, 9).'.'.$row % 9),
            700,
        ];
        yield 'a chessboard of blanks' => [
            fn (int $size) => $table($size, fn (int $row, int $column) => ($row + $column) % 2 === 0 ? $row : ''),
            1_000,
        ];
    }

    public function test_a_sheet_of_ten_thousand_tables_and_one_of_all_columns_are_read(): void
    {
        $many = self::read(implode("\n", array_map(fn (int $row) => "Tree,n\nRowan,$row\nAsh,2\n,", range(1, 10_000))));
        self::assertCount(10_000, $many->tables);
        // The last column of a sheet is XFD: ISO/IEC 29500-1 18.3.1.4, with the limits of common practice.
        $wide = self::read(implode(',', array_map(fn (int $column) => "h$column", range(1, 16_384)))."\n".implode(',', range(1, 16_384)));
        self::assertCount(1, $wide->tables);
        self::assertSame('heading', $wide->tables[0]->partAt(1, 16_384)?->value);
        self::assertSame('body', $wide->tables[0]->partAt(2, 16_384)?->value);
    }

    /** @param  callable(int): string  $make */
    #[DataProvider('shapes')]
    public function test_it_is_read_in_time_that_grows_with_its_size(callable $make, int $size): void
    {
        $time = function (int $size) use ($make): float {
            $text = $make($size);

            return Spent::on(fn () => self::read($text));
        };
        $time(100);
        [$small, $large] = [INF, INF];
        // What was held up once is asked again.
        for ($try = 0, $ratio = INF; $try < 3 && $ratio >= 10; $try++) {
            $small = min($small, $time($size));
            $large = min($large, $time(4 * $size));
            $ratio = $large / max(0.002, $small);
        }
        self::assertLessThan(10, $ratio);
    }

    public function test_totals_across_are_found_however_many_columns_they_sum(): void
    {
        $days = range(1, 400);
        $row = fn (int $of) => array_map(fn (int $day) => ($day * $of) % 17, $days);
        $lines = array_map(fn (int $of) => "Lot $of,".implode(',', $row($of)).','.array_sum($row($of)), range(1, 12));
        $reading = self::read('Lot,'.implode(',', array_map(fn (int $day) => "Day $day", $days)).",All\n".implode("\n", $lines));
        $column = $reading->tables[0]->column(402);
        self::assertSame('total', $column?->role->value);
        self::assertStringContainsString('sum of the 400 before it', $column->why);
    }

    private static function read(string $text): Reading
    {
        $stream = fopen('php://temp', 'w+b');
        assert($stream !== false);
        fwrite($stream, $text);
        rewind($stream);
        $survey = new Survey($blocks = new MemoryBlockStore);
        $survey->take(Tokeniser::ofStream($stream, new Dialect(Encoding::Utf8, ',', '"'))->rows());
        fclose($stream);
        $typing = $survey->typing();
        $sheet = new BlockSheet('S', $survey->rows(), $survey->columns(), $blocks, $typing);

        return Finder::read(new SheetFacts($sheet, $survey->signatures(), new TypingHints($typing), $survey->longest()));
    }
}
