<?php

declare(strict_types=1);

/**
 * Paper, as it is felt: a sheet of 100,000 rows by 20 columns laid out on pages and its first page shown, once more when it is known; a
 * pdf of 1,000 pages of 360 texts, beside the same texts packed and nothing else (the floor); one of three pages. Medians of three runs.
 *
 * php bench/paper.php [ROWS] [PAGES]
 */

use App\Bench\Bench;
use App\Bench\NewSheet;
use App\Bench\PagesOf;
use App\Bench\WorkedOut;
use App\Files\Writing\PdfWriter;
use App\Models\Workbook as WorkbookRow;
use Rilvet\Act\Dress;
use Rilvet\Grid\Cell;
use Rilvet\Grid\MemorySheet;
use Rilvet\Look\LookBook;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Paper\PageLayout;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Stylebook\Builtin;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

require __DIR__.'/booted.php';
booted('paper');
ini_set('memory_limit', '2G');
$rows = (int) ($argv[1] ?? 100_000);
$pages = (int) ($argv[2] ?? 1_000);
$say = fn (string $what, float $ms, string $more = '') => printf("%-66s %9.1f ms   %s\n", $what, $ms, $more);
$sheet = function (string $name, int $rows, int $columns): Worksheet {
    $lines = [[Cell::of('Lot'), Cell::of('Tree'), ...array_map(fn (int $at) => Cell::of("Figure $at"), range(1, $columns - 2))]];
    for ($row = 1; $row <= $rows; $row++) {
        $line = [Cell::of("L-$row"), Cell::of(['Silver birch', 'Grey alder', 'Yew'][$row % 3])];
        for ($column = 2; $column < $columns; $column++) {
            $line[] = Cell::of(($row * ($column + 3) * 37 % 9_973) / 4);
        }
        $lines[] = $line;
    }
    $cells = new MemorySheet($name, $lines);

    return new Worksheet($cells, $name, Finder::read(SheetFacts::of($cells)));
};
$dressed = fn (Worksheet $one) => (new Dress([1], Builtin::named('River ledger')))->on(new Workbook('Bench', [1 => $one], new LookBook));

$workbook = $dressed($sheet('Large', $rows, 20));
$say("laid out, $rows rows by 20 columns", median(fn () => PageLayout::of($workbook->sheet(1), $workbook->looks)),
    number_format(PageLayout::of($workbook->sheet(1), $workbook->looks)->pages()).' pages (aim 1,500)');
$row = WorkbookRow::query()->create(['name' => 'Large', 'source' => 'bench', 'revision' => 1, 'looks' => '[[]]', 'names' => '{}',
    'notices' => '[]', 'from1904' => false]);
NewSheet::keep($row, 1, $sheet('Large', $rows, 20));
$first = function () use ($row): void {
    $of = PagesOf::of(app(Bench::class), $row, 1);
    $of->svg($of->layout->page(1));
};
$say('the first page shown, for the first time', median(function () use ($first) {
    WorkedOut::forget();
    $first();
}), 'aim 300');
$say('a page shown, the layout known', median($first));
unset($workbook);

$lines = (int) ceil($pages * 40);
$workbook = $dressed($sheet('Paper', $lines, 9));
$one = $workbook->sheet(1);
$workbook = $workbook->withSheet(1, $one->withAspects(new PageSetup(PageRules::none(), PageRules::of(['turn' => 'upright', 'top' => 12,
    'bottom' => 12, 'least' => 4, 'wide' => 1]))));
$path = tempnam(sys_get_temp_dir(), 'bench').'.pdf';
$written = PageLayout::of($workbook->sheet(1), $workbook->looks)->pages();
memory_reset_peak_usage();
$before = memory_get_usage();
$own = median(fn () => (new PdfWriter(time: 0))->write($workbook, $path));
$say("a pdf of $written pages, ".number_format($lines * 9).' texts', $own,
    sprintf('%.0f MB beyond the sheet, %.1f MB file (aim 10,000 a 1,000 pages)',
        (memory_get_peak_usage() - $before) / 1e6, filesize($path) / 1e6));
$floor = median(function () use ($workbook) {
    $text = '';
    $size = 0;
    foreach ($workbook->sheet(1)->cells->read(1, PHP_INT_MAX) as $cells) {
        foreach ($cells as $column => $cell) {
            $text .= 'BT 1 0 0 -1 '.(58 * $column).' 40 Tm <'.bin2hex((string) $cell->value)."> Tj ET\n";
        }
        if (strlen($text) > 30_000) {
            $size += strlen((string) gzcompress($text, 3));
            $text = '';
        }
    }
});
$say('the same texts written as content and packed, and nothing else', $floor, sprintf('the floor; ours takes %.1f times as long',
    $own / $floor));
unlink($path);

$workbook = $dressed($sheet('Small', 110, 9));
$say('a pdf of '.PageLayout::of($workbook->sheet(1), $workbook->looks)->pages().' pages', median(fn () => (new PdfWriter(time: 0))
    ->write($workbook, $path)), 'aim 400');
@unlink($path);
