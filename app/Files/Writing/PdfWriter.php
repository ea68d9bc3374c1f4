<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Paper\Fields;
use Rilvet\Paper\PageLayout;
use Rilvet\Paper\PagePainter;
use Rilvet\Pdf\PdfDocument;
use Rilvet\Pdf\ReadBack;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** The pages of a workbook as a pdf, page by page; a bookmark a sheet. */
final class PdfWriter implements WorkbookWriter
{
    /** Pages of a document. */
    public const PAGES = 20_000;

    private int $pages = 0;

    /** @var list<string> characters that no shipped font has */
    public array $missing = [];

    /**
     * @param  list<int>|null  $sheets  numbers of those that print; null for all that are seen
     * @param  string  $file  name of the file that the workbook came in
     */
    public function __construct(private readonly ?array $sheets = null, private readonly string $file = '',
        private readonly ?int $time = null)
    {
    }

    public function write(Workbook $workbook, string $path, ?callable $progress = null): void
    {
        $layouts = $this->layouts($workbook);
        $all = array_sum(array_map(fn (PageLayout $layout) => $layout->pages(), $layouts));
        $all > 0 || throw PageIsWrong::at('prints', 'nothing stands on what is to be printed.');
        $all <= self::PAGES || throw PageIsWrong::at('prints', 'it would take '.number_format($all).' pages, and a pdf takes '
            .number_format(self::PAGES).'. Print fewer sheets, or chosen cells.');
        Safely::to($path, function (string $unfinished) use ($workbook, $layouts, $all, $progress) {
            $out = fopen($unfinished, 'wb');
            assert($out !== false);
            $pdf = new PdfDocument($out, Fonts::shipped(), $workbook->name);
            $fields = new Fields($workbook, $this->file, $this->time ?? time());
            $this->pages = 0;
            foreach ($layouts as $number => $layout) {
                $sheet = $workbook->sheet($number);
                $layout->pages() === 0 || $pdf->section($sheet->name);
                $painter = new PagePainter($sheet, $workbook->looks, Fonts::shipped(), $workbook->from1904,
                    $workbook->around($number), $layout);
                for ($page = 1; $page <= $layout->pages(); $page++) {
                    $at = ++$this->pages;
                    $says = $fields->of($sheet, $at, $all);
                    $pdf->page($layout->width, $layout->height, fn ($canvas) => $painter->paint($layout->page($page), $canvas,
                        $says, $at === 1));
                    $progress === null || $progress($at);
                }
            }
            $this->missing = $pdf->finish();
            fclose($out);
        });
    }

    /** Goes through the written file: whether it is whole, and holds as many pages as were drawn. Of a pdf, cells are pages. */
    public function prove(Workbook $workbook, string $path, ?callable $progress = null): Proof
    {
        $proof = new Proof;
        $proof->cells = ReadBack::pages($path) ?? 0;
        if ($proof->cells !== $this->pages) {
            $proof->values = 1;
            $proof->places = ["page $proof->cells of $this->pages"];
        }

        return $proof;
    }

    /** @return array<int, PageLayout> by the number of the sheet */
    private function layouts(Workbook $workbook): array
    {
        $seen = array_filter($workbook->sheets, fn (Worksheet $sheet, int $number) => $this->sheets === null
            ? $sheet->setup->tab->state === 'visible' || count($workbook->sheets) === 1 : in_array($number, $this->sheets, true),
            ARRAY_FILTER_USE_BOTH);

        return array_map(fn (Worksheet $sheet) => PageLayout::of($sheet, $workbook->looks), $seen);
    }
}
