<?php

declare(strict_types=1);

/**
 * Entry, choice and formula cells, as ratios in one run: found on a sheet of 100,000 rows by 20 columns against its reading; all
 * formulas of 50 sheets marked in one act; 10,000 checks on entry read from a file, shown, and asked of a cell. Medians of three
 * runs.
 *
 * php bench/guard.php [ROWS]
 */

use App\Bench\Bench;
use App\Bench\NewSheet;
use App\Bench\Shelf;
use App\Files\Opening;
use App\Http\GuardView;
use App\Http\Sight;
use Rilvet\Act\GuardFormulas;
use Rilvet\Act\MarkCells;
use Rilvet\Dressed\CellParts;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Entry\EntryJudges;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemoryBlockStore;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Reading\Finder;
use Rilvet\Reading\Part;
use Rilvet\Reading\SheetFacts;
use Rilvet\Work\Worksheet;

require __DIR__.'/booted.php';
$folder = booted('guard');

$rows = (int) ($argv[1] ?? 100_000);
$say = fn (string $what, float $ms, string $more = '') => printf("%-66s %9.1f ms   %s\n", $what, $ms, $more);

/** A sheet part with three columns of formulas, and checks on entry where they are asked for. */
$package = function (string $path, int $rows, int $checks): void {
    $sheet = tmpfile() ?: exit(1);
    fwrite($sheet, '<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData>');
    for ($row = 1; $row <= $rows; $row++) {
        $cells = '';
        for ($column = 0; $column < 20; $column++) {
            $at = chr(65 + $column).$row;
            $cells .= match (true) {
                $row === 1 => "<c r=\"$at\" t=\"inlineStr\"><is><t>Figure $column</t></is></c>",
                $column === 0 => "<c r=\"$at\" t=\"inlineStr\"><is><t>L-$row</t></is></c>",
                $column > 16 => "<c r=\"$at\"><f>B$row*".($column + 1).'</f><v>'.($row * ($column + 1) % 977).'</v></c>',
                default => "<c r=\"$at\"><v>".($row * ($column + 3) % 977).'</v></c>',
            };
        }
        fwrite($sheet, "<row r=\"$row\">$cells</row>");
    }
    fwrite($sheet, '</sheetData>');
    if ($checks > 0) {
        fwrite($sheet, "<dataValidations count=\"$checks\">");
        for ($check = 0; $check < $checks; $check++) {
            $at = chr(66 + $check % 16).(2 + intdiv($check, 16));
            fwrite($sheet, '<dataValidation type="list" allowBlank="1" showInputMessage="1" prompt="Choose" sqref="'.$at
                .'"><formula1>"1,2,3,'.$check.'"</formula1></dataValidation>');
        }
        fwrite($sheet, '</dataValidations>');
    }
    fwrite($sheet, '</worksheet>');
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE);
    $types = 'application/vnd.openxmlformats-officedocument.spreadsheetml.';
    $relations = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
    $zip->addFromString('[Content_Types].xml', '<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'
        .'<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
        ."<Override PartName=\"/xl/workbook.xml\" ContentType=\"{$types}sheet.main+xml\"/>"
        ."<Override PartName=\"/xl/worksheets/sheet1.xml\" ContentType=\"{$types}worksheet+xml\"/></Types>");
    $zip->addFromString('_rels/.rels', '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
        ."<Relationship Id=\"rId1\" Type=\"$relations/officeDocument\" Target=\"xl/workbook.xml\"/></Relationships>");
    $zip->addFromString('xl/workbook.xml', '<workbook xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main" '
        ."xmlns:r=\"$relations\"><sheets><sheet name=\"Data\" sheetId=\"1\" r:id=\"rId1\"/></sheets></workbook>");
    $zip->addFromString('xl/_rels/workbook.xml.rels', '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
        ."<Relationship Id=\"rId1\" Type=\"$relations/worksheet\" Target=\"worksheets/sheet1.xml\"/></Relationships>");
    rewind($sheet);
    $zip->addFromString('xl/worksheets/sheet1.xml', (string) stream_get_contents($sheet));
    $zip->close();
};
$open = fn (string $path) => (new Opening(fn () => new MemoryBlockStore))->open($path, 'data.xlsx');
$bench = app(Bench::class);
$shelf = app(Shelf::class);
$keep = function (string $path) use ($shelf, $open, $folder) {
    $workbook = $open("$folder/$path");
    $row = $shelf->reserve('Data', 'bench');
    NewSheet::keep($row, 1, $workbook->sheet(1));
    $row->update(['revision' => 1, 'looks' => json_encode($workbook->looks->all(), JSON_THROW_ON_ERROR)]);

    return $row->refresh();
};

printf("%s rows by 20 columns, three of them formulas\n", number_format($rows));
$package("$folder/data.xlsx", $rows, 0);
$read = median(fn () => $open("$folder/data.xlsx"));
$say('read from xlsx', $read);
$row = $keep('data.xlsx');
$loaded = $bench->load($row, [1]);
$found = median(function () use ($bench, $row) {
    $loaded = $bench->load($row, [1]);
    (new CellParts($loaded->sheet(1), $loaded->looks))->ranges(Part::EntryCell);
});
$say('formula and entry cells found, loaded anew', $found, sprintf('%.1f %% of the reading (at most 15)', 100 * $found / $read));
$window = function () use ($bench, $row) {
    foreach ([1, 50_000, 99_000] as $top) {
        json_encode(Sight::paint($bench->load($row->refresh(), [1]), 1, Range::of($top, 1, $top + 39, 20)));
    }
};
$window();
$plain = median($window, 5) / 3;
$bench->act($row->refresh(), new MarkCells([1], Part::FormulaCell, true), $row->revision, 1);
$window();
$say('a window of 40 by 20 cells with formulas marked', median($window, 5) / 3, sprintf('%.1f ms without', $plain));
$say('the list at the left', median(fn () => GuardView::of($bench->whole($row->refresh()), 1)));

$many = $shelf->reserve('Fifty', 'bench');
for ($number = 1; $number <= 50; $number++) {
    $lines = [array_map(Cell::of(...), ['Lot', 'Count', 'Price', 'Worth'])];
    for ($line = 2; $line <= 400; $line++) {
        $lines[] = [Cell::of("L$line"), Cell::of($line), Cell::of(1.5), Cell::formula("B$line*C$line", $line * 1.5)];
    }
    $cells = new MemorySheet("Sheet $number", $lines);
    NewSheet::keep($many, $number, new Worksheet($cells, "Sheet $number", Finder::read(SheetFacts::of($cells))));
}
$many->update(['revision' => 1]);
$sheets = range(1, 50);
$say('all formulas of 50 sheets marked in one act (at most 500 ms)', median(fn (int $time) => $bench->act($many->refresh(),
    new MarkCells($sheets, Part::FormulaCell, $time % 2 === 0), $many->revision, 1)));
$say('formulas locked and entries open on 50 sheets', median(fn () => $bench->act($many->refresh(), new GuardFormulas($sheets),
    $many->revision, 1)));

$package("$folder/checks.xlsx", 800, 10_000);
$say('a file with 10,000 checks on entry read', median(fn () => $open("$folder/checks.xlsx")));
$checked = $keep('checks.xlsx');
$say('its list at the left, values against their checks counted', median(fn () => GuardView::of($bench->whole($checked->refresh()), 1)));
$say('what one cell takes', median(function () use ($bench, $checked) {
    $loaded = $bench->load($checked->refresh(), [1]);
    $sheet = $loaded->sheet(1);
    (new EntryJudges($sheet->entriesNear([[300, 5]]), $sheet->reading, $sheet->cells, $loaded->around(1)))->at(300, 5)?->choices(300, 5);
    (new DressedSheet($sheet, $loaded->looks))->at(300, 5);
}));
