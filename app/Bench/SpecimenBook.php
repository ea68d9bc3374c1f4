<?php

declare(strict_types=1);

namespace App\Bench;

use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspects;
use Rilvet\Work\FileHints;
use Rilvet\Work\Setup;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The made-up sheet on which a stylebook is seen while it is changed: every part, and a column of every kind. */
final class SpecimenBook
{
    /** Days since the origin of dates (ISO/IEC 29500-1 18.17.4.1). */
    private const DAY = 45_235;

    private const NOTE = 'Moved to the upper frame in late autumn, when the old one let the frost in; counted twice since then.';

    public static function of(string $name): Workbook
    {
        $day = self::DAY;
        $time = fn (int $days, int $hour, int $minute) => $days + ($hour * 60 + $minute) / 1440;
        $cells = MemorySheet::of('Specimen', [
            ['Seed store, spring list'],
            ['Money in pounds; counted 14 March'],
            [null, null, null, null, 'Stock', null, 'Value', null, null],
            ['Lot', 'Species', 'Bed', 'Sown', 'Bags', 'Alive', 'Price', 'Worth', 'Grower’s note'],
            ['Upper beds'],
            ['00412', 'Silver birch', 'upper', $day + 30, 739, 0.88, 3.4, 2512.6, 'Moved to the upper frame'],
            ['00424', 'Downy birch', 'upper', $day + 34, 2389, 0.76, 4.85, 11586.65, self::NOTE],
            ['00440', 'Rowan', 'upper', $day + 64, 2743, 0.85, 6, 16458, 'Cuttings from bed 12'],
            ['Upper beds together', null, null, null, 5871, 0.83, null, 30557.25, null],
            ['Lower beds'],
            ['00459', 'Common alder', 'lower', $day + 108, 812, 0.98, -5.8, -4709.6, null],
            ['00469', 'Grey alder', 'lower', $day + 34, 324, 0.64, 3.6, 1166.4, 'Best stand this year, and the last of its bed'],
            ['Lower beds together', null, null, null, 1136, 0.81, null, -3543.2, null],
            ['All beds', null, null, null, 7007, 0.82, null, 27014.05, null],
            [null],
            [null],
            ['Germination'],
            ['Tray', 'Read at', 'At', 'Took', 'Warmth', 'Sprouted', 'Checked by'],
            ['Birch, north', $time($day, 8, 5), 8 / 24, 1.25 / 24, 18.25, true, null],
            ['Birch, south', $time($day, 8, 40), 8.5 / 24, 0.75 / 24, 19.5, true, null],
            ['Rowan, north', $time($day + 1, 9, 10), 9 / 24, 2.5 / 24, 17.125, false, null],
            ['Rowan, south', $time($day + 2, 9, 30), 9.5 / 24, 26 / 24, 18.75, true, null],
            ['Warmth in degrees; sprouted is said of the first three trays that were looked at.'],
        ]);
        $cells = self::workedOut($cells);
        $looks = new LookBook;
        $file = new LookMap;
        foreach (
            [
                'D6:D12' => 'dd mmm yyyy', 'F6:F14' => '0%', 'G6:H14' => '"£"#,##0.00', 'B19:B22' => 'dd mmm yyyy hh:mm',
                'C19:C22' => 'hh:mm',
                'D19:D22' => '[h]:mm',
            ] as $range => $code
        ) {
            $file->set(Range::parse($range), $looks->number(Look::of(['number' => $code])));
        }
        $setup = (new Setup)->withMerges([Range::parse('E3:F3'), Range::parse('G3:H3')]);
        $found = Finder::read(SheetFacts::of($cells, new FileHints($file, $looks, $setup, null)));
        $sheet = new Worksheet($cells, 'Specimen', $found, came: $setup, aspects: Aspects::of(new FileLooks($file), new EntryChecks([
            EntryCheck::of(['id' => 'n1', 'kind' => 'list', 'of' => ['"upper,lower"'], 'where' => ['cells' => 'C6:C8 C11:C12']]),
        ])));

        return new Workbook($name, [1 => $sheet], $looks);
    }

    /** What a lot is worth is a formula, so that formula and entry cells are seen too. */
    private static function workedOut(MemorySheet $sheet): MemorySheet
    {
        $rows = [];
        foreach ($sheet->read(1, $sheet->rows()) as $row => $cells) {
            $isLot = in_array($row, [6, 7, 8, 11, 12], true);
            $rows[] = array_map(fn (Cell $cell, int $index) => $isLot && $index === 7 ? Cell::formula("E$row*G$row", $cell->value) : $cell,
                $cells, array_keys($cells));
        }

        return new MemorySheet('Specimen', $rows);
    }
}
