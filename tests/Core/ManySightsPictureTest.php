<?php

declare(strict_types=1);

namespace Tests\Core;

use Rilvet\Fit\ColumnFit;
use Rilvet\Fit\WidthShare;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Shift;
use Rilvet\Look\Line;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Page\PageRules;
use Rilvet\Page\PageSetup;
use Rilvet\Paper\PageLayout;
use Rilvet\Paper\PagePainter;
use Rilvet\Paper\SvgCanvas;
use Rilvet\Reading\Finder;
use Rilvet\Reading\SheetFacts;
use Rilvet\Refusal;
use Rilvet\Text\Fonts;
use Rilvet\Window\CutTexts;
use Rilvet\Window\FirstScreen;
use Rilvet\Window\Lifted;
use Rilvet\Window\NumberView;
use Rilvet\Window\TruthNotes;
use Rilvet\Work\Merges;
use Rilvet\Work\Opening;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Cells of all looks, sizes and merges: how they are painted, fitted, cut, told of and written. */
final class ManySightsPictureTest extends ManyPicturesCase
{
    private const CODES = ['0.00', '#,##0', '0%', 'yyyy-mm-dd', '@', '[h]:mm', '0.00;[Red]-0.00', '* #,##0.00', '_-0_-', '"kg" 0',
        '# ?/?', '0.0E+0'];

    private static function look(): Look
    {
        $colour = fn () => sprintf('#%06X', self::pick([0, 0xFFFFFF, 0x224466, 0xFFEE99, mt_rand(0, 0xFFFFFF)]));
        $lines = array_values(array_filter(Line::cases(), fn (Line $line) => $line->value !== 'none'));
        $edge = fn () => self::pick($lines)->value.' '.$colour();
        $all = [
            'font' => self::pick(['Gelasio', 'Carlito', 'Cousine', 'Nowhere Sans']), 'size' => self::pick([1, 6, 11, 11.5, 20, 72]),
            'bold' => self::one(2), 'italic' => true, 'underline' => self::pick(['single', 'double']), 'strike' => true,
            'script' => self::pick(['super', 'sub']), 'ink' => $colour(), 'fill' => $colour(), 'number' => self::pick(self::CODES),
            'horizontal' => self::pick(['left', 'center', 'right', 'justify', 'fill']), 'indent' => self::pick([0, 1, 3, 15]),
            'vertical' => self::pick(['top', 'center', 'bottom']), 'wrap' => self::one(3) === false, 'shrink' => true, 'clip' => true,
            'rotation' => self::pick([1, 45, 89, 90, -30, -90, Look::STACKED]), 'top' => $edge(), 'right' => $edge(), 'bottom' => $edge(),
            'left' => $edge(), 'rising' => $edge(), 'falling' => $edge(), 'locked' => false, 'concealed' => true,
        ];
        $keys = array_keys($all);
        shuffle($keys);

        return Look::of(array_intersect_key($all, array_flip(array_slice($keys, 0, mt_rand(1, 6)))));
    }

    private static function book(): Workbook
    {
        $values = [null, null, '', ' ', 'Oak', 'Grey alder', 'A long text that reaches over its blank neighbours', "two\nlines",
            'Wwwwwwwwwwwwww', 0, 7, -3, 1234.5, 1234567.891, 0.25, 45_000, 45_000.75, true, false, '12', '=1', 'שלום', "\u{1F332}"];
        $rows = [];
        for ($row = mt_rand(2, 7); $row > 0; $row--) {
            $rows[] = array_map(fn () => self::pick($values), range(1, 4));
        }
        self::one(2) && array_unshift($rows, ['Tree', 'Count', 'Worth', 'Due']);
        $cells = MemorySheet::of('Seen', $rows);
        $looks = new LookBook;
        $hand = new LookMap;
        for ($more = mt_rand(1, 6); $more > 0; $more--) {
            [$top, $left] = [mt_rand(1, count($rows)), mt_rand(1, 4)];
            $hand->set(Range::of($top, $left, $top + mt_rand(0, 2), $left + mt_rand(0, 1)), $looks->number(self::look()));
        }
        $widths = $heights = [];
        for ($column = 1; $column <= 4; $column++) {
            self::one(2) && $widths[$column] = self::pick([1, 8, 9, 30, 64, 100, 400]);
        }
        for ($row = 1; $row <= count($rows); $row++) {
            self::one(4) && $heights[$row] = self::pick([1, 10, 19, 21, 40, 120]);
        }
        $merges = self::one(3) ? [Range::of($top = mt_rand(1, 4), $left = mt_rand(1, 3), $top + mt_rand(0, 1), $left + 1)] : [];
        $sizes = new Sizes($widths, $heights, self::one(5) ? [mt_rand(1, 4)] : [], self::one(5) ? [mt_rand(1, 6)] : [],
            heldColumns: self::one(3) ? [2] : [], autoRows: self::one(3) ? [2, 3] : []);
        $opening = new Opening(mt_rand(0, 2), mt_rand(0, 1), zoom: self::pick([100, 75, 200]), rightToLeft: self::one(8));
        $sheet = (new Worksheet($cells, 'Seen', Finder::read(SheetFacts::of($cells)), came: new Setup($sizes, $opening, $merges)))
            ->touched($hand);

        return new Workbook('Seen', [1 => $sheet], $looks, from1904: self::one(8));
    }

    public function test_cells_are_painted(): void
    {
        $this->many('painted', 90_001, 800, function (): string {
            $book = self::book();
            $says = ['turn' => 'upright', 'wide' => self::pick([0, 1]), 'paper' => self::pick(['A4', 'A6']), 'least' => 6,
                'scale' => self::pick([60, 100]),
                'gridlines' => self::one(2), 'numbers' => self::one(3), 'mono' => self::one(5), 'middle' => self::one(3), 'footer' => []];
            try {
                $sheet = $book->sheet(1)->withAspects(new PageSetup(PageRules::none(), PageRules::of($says)));
                $layout = PageLayout::of($sheet, $book->looks);
            } catch (Refusal $refusal) {
                return $refusal->getMessage();
            }
            $drawn = [];
            for ($page = 1; $page <= min(2, $layout->pages()); $page++) {
                $canvas = new SvgCanvas($layout->width, $layout->height);
                (new PagePainter($sheet, $book->looks, Fonts::shipped(), $book->from1904, null, $layout))->paint(
                    $layout->page($page), $canvas, ['page' => (string) $page, 'pages' => (string) $layout->pages()], $page === 1,
                );
                $drawn[] = $canvas->svg();
            }

            return implode("\n", $drawn);
        });
    }

    public function test_cells_are_fitted(): void
    {
        $this->many('fitted', 92_001, 400, function (): string {
            $book = self::book();
            $sheet = $book->sheet(1);
            $fit = new ColumnFit($sheet, $book, Fonts::shipped());
            $table = $sheet->reading->tables[0] ?? null;
            $needs = $table === null ? [] : $fit->needs->shares($table);

            return self::json([$fit->needs->of([1, 2, 3, 4]), $fit->needs->of([1, 3], true), $fit->heights(range(1, 7)),
                $fit->needs->slanted([1, 2, 3], [1 => 0, 2 => 0, 3 => 0]), $needs,
                $needs === [] ? [] : self::tried(fn () => WidthShare::of($needs, mt_rand(20, 600), 8)),
                $fit->setup()->toArray(), $fit->resized($sheet->setup)->toArray(),
                CutTexts::of($book, 1), FirstScreen::of($sheet, 'small', 640, 400)]);
        });
    }

    public function test_cells_are_told_of(): void
    {
        $this->many('told', 94_001, 500, function (): string {
            $book = self::book();
            $sheet = $book->sheet(1);
            [$row, $column] = [mt_rand(1, 7), mt_rand(1, 4)];
            $shift = new Shift(self::one(2), mt_rand(1, 6), mt_rand(1, 3), self::one(2));
            $merges = new Merges($sheet->setup->merges);
            $from = [2 => 3, 3 => 2, 4 => 4];

            return self::json([NumberView::of($book, 1, $row, $column), TruthNotes::of($book, 1),
                Lifted::of($book, 1, Range::of($row, $column, $row + mt_rand(0, 2), $column + mt_rand(0, 1)), []),
                (string) $merges->at($row, $column), $sheet->setup->sizes->moved($shift), $sheet->setup->sizes->ordered($from),
                $sheet->setup->sizes->hiding(self::one(2), [mt_rand(1, 6)]),
                $sheet->setup->sizes->sized(self::one(2), [2 => 50, 3 => self::pick([64, 20, 7])], [2, 3], self::one(2)),
                $sheet->setup->opening]);
        });
    }

    public function test_cells_are_written(): void
    {
        $this->many('written', 96_001, 40, function (): string {
            $book = self::book();
            $said = [];
            foreach (['xlsx', 'ods', 'html', 'csv'] as $ending) {
                array_push($said, $ending, ...$this->written($ending, $book, null));
            }

            return implode("\n", $said);
        });
    }
}
