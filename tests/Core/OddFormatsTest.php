<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rilvet\Act\Dress;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\FileHints;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A dressed column keeps the number formats of cells that say another thing than the column does. */
final class OddFormatsTest extends TestCase
{
    /** @return iterable<string, array{string, string, bool}> the format of the column, that of one cell, whether the cell keeps its own */
    public static function formats(): iterable
    {
        yield 'a share among counts' => ['0', '0%', true];
        yield 'a date among amounts' => ['#,##0.00', 'dd/mm/yyyy', true];
        yield 'a duration among decimals' => ['0.000', '[h]:mm', true];
        yield 'a fraction among decimals' => ['0.00', '# ?/?', true];
        yield 'money among plain figures' => ['0.00', '"£"#,##0.00', true];
        yield 'another currency' => ['[$€-407] #,##0.00', '[$CHF] #,##0.00', true];
        yield 'a time among dates' => ['yyyy-mm-dd', 'hh:mm', true];
        yield 'another plain format' => ['#,##0.00', '0.0', false];
        yield 'a plain figure among money' => ['"£"#,##0.00', '0.00', false];
        yield 'another way to write a date' => ['yyyy-mm-dd', 'd mmm yy', false];
        yield 'another way to write the same money' => ['"£"#,##0.00', '[$£-809]0.00', false];
        yield 'figures as exponents' => ['0.00', '0.00E+00', false];
    }

    #[DataProvider('formats')]
    public function test_a_cell_keeps_a_format_of_another_class(string $usual, string $odd, bool $keeps): void
    {
        foreach ([false, true] as $clean) {
            $sheet = self::dressed($usual, $odd, $clean);
            $dressed = new DressedSheet($sheet->sheet(1), $sheet->looks);
            $worn = $dressed->at(4, 2);
            self::assertSame($keeps ? $odd : $dressed->at(3, 2)->look->text(Attribute::Number), $worn->look->text(Attribute::Number));
            self::assertSame($keeps ? Layer::File : Layer::Kind, $worn->from(Attribute::Number));
            self::assertSame(
                $dressed->at(6, 2)->look->text(Attribute::Font),
                $worn->look->text(Attribute::Font),
                'all else is the stylebook\'s',
            );
            self::assertSame($worn->number, $dressed->row(4, 2)[1]->number);
            self::assertNotSame($usual, $dressed->at(3, 2)->look->text(Attribute::Number), 'the others are dressed');
        }
    }

    public function test_a_heading_of_years_that_is_said_again_is_no_share(): void
    {
        $rows = [
            ['Tree', 1996, 1997],
            ['Rowan', 0.5, 0.25],
            ['Aspen', 0.5, 0.75],
            ['Tree', 1996, 1997],
            ['Hazel', 0.1, 0.2],
            ['Yew', 0.9, 0.8],
        ];
        $cells = MemorySheet::of('S', $rows);
        $looks = new LookBook;
        $file = new LookMap;
        foreach (['B2:C3', 'B5:C6'] as $range) {
            $file->set(Range::parse($range), $looks->number(Look::of(['number' => '0.0%'])));
        }
        $sheet = new Worksheet(
            $cells,
            'S',
            Finder::read(SheetFacts::of($cells, new FileHints($file, $looks, new Setup()))),
            aspects: Aspects::of(new FileLooks($file)),
        );
        $book = (new Dress([1], Builtin::named('River ledger'), false))->on(new Workbook('W', [1 => $sheet], $looks));
        $dressed = new DressedSheet($book->sheet(1), $book->looks);
        $number = fn (int $row) => $dressed->at($row, 3)->look->text(Attribute::Number);
        self::assertStringContainsString('%', $number(2));
        self::assertSame([$number(1), Part::Heading], [$number(4), $dressed->at(4, 3)->part]);
        self::assertStringNotContainsString('%', $number(4));
    }

    private static function dressed(string $usual, string $odd, bool $clean): Workbook
    {
        $rows = [[Cell::of('Tree'), Cell::of('Worth')]];
        $isDay = str_contains($usual, 'yy');
        for ($row = 2; $row <= 9; $row++) {
            $rows[] = [Cell::of("Tree $row"), Cell::of($isDay ? 45_000 + $row : 12.125 * $row)];
        }
        $cells = new MemorySheet('S', $rows);
        $looks = new LookBook;
        $file = new LookMap;
        $file->set(Range::parse('B2:B9'), $looks->number(Look::of(['number' => $usual])));
        $file->set(Range::parse('B4'), $looks->number(Look::of(['number' => $odd])));
        $sheet = new Worksheet(
            $cells,
            'S',
            Finder::read(SheetFacts::of($cells, new FileHints($file, $looks, new Setup()))),
            aspects: Aspects::of(new FileLooks($file)),
        );

        return (new Dress([1], Builtin::named('River ledger'), $clean))->on(new Workbook('W', [1 => $sheet], $looks));
    }
}
