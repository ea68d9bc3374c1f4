<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Paper\TextStyle;
use Rilvet\Pdf\Outlines;
use Rilvet\Pdf\PdfCanvas;
use Rilvet\Reading\Reading;
use Rilvet\Text\Fonts;
use Rilvet\Work\Setup;
use Rilvet\Work\Sizes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;
use Tests\Paged;

/** Texts of a pdf: where they stand, how wide they are and what can be pressed, by poppler and qpdf. */
final class PdfTextTest extends PdfCase
{
    public function test_figures_show_as_their_formats_say(): void
    {
        $looks = new LookBook;
        $hand = new LookMap;
        $hand->set(Range::parse('A2'), $looks->number(Look::of(['number' => '#,##0.00'])));
        $hand->set(Range::parse('B2'), $looks->number(Look::of(['number' => '0%'])));
        $sheet = new Worksheet(MemorySheet::of('S', [['Count', 'Share'], [1_234.5, 0.25], [1_234.5, 0.25]]), 'S', Reading::none());
        $text = self::told('pdftotext', '-layout', $this->written(new Workbook('Book', [1 => $sheet->touched($hand)], $looks)), '-');
        self::assertMatchesRegularExpression('/Count +Share\s+1,234\.50 +25%\s+1234\.5 +0\.25/', $text);
    }

    /** ISO/IEC 14496-22, hmtx: the widths that the pdf says are those of the font. */
    public function test_widths_are_those_of_the_font(): void
    {
        $path = $this->drawn(fn (PdfCanvas $canvas) => $canvas->text(100, 100, 'Wi0', new TextStyle('Carlito', false, false, 20,
            '#000000')));
        $plain = $this->path();
        self::told('qpdf', '--qdf', '--object-streams=disable', $path, $plain);
        preg_match('~/W \[\s*1\s*\[([^\]]+)\]~', (string) file_get_contents($plain), $found);
        $widths = array_map(floatval(...), preg_split('/\s+/', trim($found[1] ?? '')) ?: []);
        $face = Fonts::shipped()->face('Carlito');
        self::assertEqualsWithDelta(array_map(fn (string $letter) => $face->advances($letter, 1_000), ['W', 'i', '0']), $widths, 0.02);
        // Where poppler sees the text: 100 px are 75 pt, and the letters follow each other by their widths.
        preg_match('/xMin="([\d.]+)" yMin="[\d.]+" xMax="([\d.]+)"/', self::told('pdftotext', '-bbox', $path, '-'), $box);
        self::assertEqualsWithDelta([75.0, 75 + $face->advances('Wi0', 20) * 0.75], [(float) ($box[1] ?? 0), (float) ($box[2] ?? 0)], 0.02);
    }

    public function test_a_part_of_a_font_draws_what_the_whole_draws(): void
    {
        $file = Fonts::shipped()->outlines('Carlito', false, false, [0xE9]);
        $path = $file[count($file) - 1];
        /** @var array<int, int> $glyphs */
        $glyphs = require substr($path, 0, -4).'.glyphs.php';
        $whole = new Outlines((string) file_get_contents($path));
        // é is made of e and an accent, which come along.
        $part = new Outlines($subset = $whole->subset([$glyphs[0xE9], $glyphs[0x41]]));
        self::assertSame([$whole->advance($glyphs[0xE9]), $whole->advance($glyphs[0x41])], [$part->advance(1), $part->advance(2)]);
        self::assertSame([$whole->unitsPerEm(), $whole->heights()], [$part->unitsPerEm(), $part->heights()]);
        self::assertLessThan(filesize($path) / 4, strlen($subset));
        self::assertStringContainsString('Regular', self::told('fc-scan', $this->kept($subset)), 'fontconfig reads it');
    }

    private function kept(string $bytes): string
    {
        file_put_contents($path = $this->path('ttf'), $bytes);

        return $path;
    }

    public function test_a_link_leads_where_its_text_says_and_is_read_as_one(): void
    {
        $sheet = Paged::sheet([[1, 'head'], [2, 'body']]);
        $cells = MemorySheet::of('S', [['Tree', 'Where'], ['Oak', 'https://example.org/oak_(tree)'], ['Yew', 'javascript:alert(1)']]);
        $path = $this->written(Paged::book($sheet->readAs($sheet->found, $cells, null)));
        $plain = $this->path();
        self::told('qpdf', '--qdf', '--object-streams=disable', $path, $plain);
        self::told('qpdf', '--check', $path);
        $says = (string) file_get_contents($plain);
        self::assertSame(1, substr_count($says, '/Subtype /Link'));
        self::assertStringContainsString('/URI (https://example.org/oak_\(tree\))', $says);
        self::assertStringContainsString('/S /Link', $says);
        // What is pressed lies over the letters that are read, by the boxes that poppler gives; in points, y from the top there.
        preg_match('#/Rect \[\s*([\d.]+)\s+([\d.]+)\s+([\d.]+)\s+([\d.]+)\s*\]#', $says, $rect);
        $boxes = self::told('pdftotext', '-bbox', $path, '-');
        preg_match('/height="([\d.]+)"/', $boxes, $page);
        preg_match('#xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">https:#', $boxes, $word);
        [$left, $bottom, $right, $top] = array_map(floatval(...), array_slice($rect, 1));
        self::assertEqualsWithDelta([(float) $word[1], (float) $word[3]], [$left, $right], 0.5);
        self::assertEqualsWithDelta([(float) $word[2], (float) $word[4]], [(float) $page[1] - $top, (float) $page[1] - $bottom], 0.75);
    }

    /** Heights of a text face are between two thirds and a bit more than its em, which is 1000 units there (ISO 32000-1, 9.8.1). */
    public function test_fonts_say_how_tall_they_are(): void
    {
        $path = $this->drawn(fn (PdfCanvas $canvas) => $canvas->text(20, 40, 'Osier',
            new TextStyle('Carlito', false, false, 11.0, '#000000')));
        $plain = self::told('qpdf', '--qdf', '--object-streams=disable', $path, '-');
        self::assertGreaterThan(0, preg_match_all('~/Ascent (-?\d+)~', $plain, $up));
        self::assertSame(count($up[1]), preg_match_all('~/Descent (-?\d+)~', $plain, $down));
        self::assertGreaterThan(0, preg_match_all('~/FontBBox \[([^\]]*)\]~', $plain, $boxes));
        foreach ($up[1] as $at => $ascent) {
            [$left, $bottom, $right, $top] = array_map(intval(...), preg_split('/\s+/', trim($boxes[1][$at])) ?: []);
            self::assertTrue($ascent > 660 && $ascent < 1_200, "ascent $ascent");
            self::assertTrue($down[1][$at] < -150 && $down[1][$at] > -400, "descent {$down[1][$at]}");
            self::assertTrue($left < 0 && $bottom < -150 && $right > 1_000 && $top > 700 && $right < 5_000, "box {$boxes[1][$at]}");
        }
    }

    /** Where ink is in each cell of three by three, by poppler at 96 dpi. */
    #[TestWith([45])]
    #[TestWith([-45])]
    #[TestWith([30])]
    #[TestWith([-70])]
    #[TestWith([90])]
    #[TestWith([-90])]
    public function test_turned_texts_stand_whole_where_they_are_set(int $turn): void
    {
        [$wide, $high] = [140, 120];
        [$looks, $hand] = [new LookBook, new LookMap];
        foreach (['top', 'center', 'bottom'] as $row => $vertical) {
            foreach (['left', 'center', 'right'] as $column => $horizontal) {
                $look = Look::of(['rotation' => $turn, 'horizontal' => $horizontal, 'vertical' => $vertical]);
                $hand->set(Range::of($row + 1, $column + 1, $row + 1, $column + 1), $looks->number($look));
            }
        }
        $sizes = new Sizes([1 => $wide, 2 => $wide, 3 => $wide], [1 => $high, 2 => $high, 3 => $high]);
        $sheet = (new Worksheet(MemorySheet::of('S', array_fill(0, 3, array_fill(0, 3, 'Held back'))), 'S', Reading::none(),
            came: new Setup($sizes)))->touched($hand);
        $ink = $this->ink($this->written(new Workbook('Book', [1 => $sheet], $looks)), $wide, $high);
        $face = Fonts::shipped()->face('Carlito');
        [$long, $line] = [$face->advances('Held back', 11 * 4 / 3), $face->lineHeight(11 * 4 / 3)];
        [$cos, $sin] = [cos(deg2rad($turn)), abs(sin(deg2rad($turn)))];
        // What is left of a cell beside the box of the turned line; 4 px are kept at the sides, and 3 above and below.
        $room = [$wide - 8 - $long * $cos - $line * $sin, $high - 6 - $long * $sin - $line * $cos];
        foreach ([0, 1, 2] as $row) {
            foreach ([0, 1, 2] as $column) {
                [$left, $top, $right, $bottom, $much] = $ink[$row][$column];
                self::assertEqualsWithDelta($ink[1][1][4], $much, 0.03 * $ink[1][1][4], "nothing is cut at $row, $column");
                $least = min($left, $top, $wide - $right, $high - $bottom);
                self::assertGreaterThanOrEqual(3, $least, "within the cell at $row, $column");
                self::assertEqualsWithDelta([($column - 1) * $room[0] / 2, ($row - 1) * $room[1] / 2],
                    [$left - $ink[1][1][0], $top - $ink[1][1][1]], 1.5, "set where it is at $row, $column");
            }
        }
    }

    public function test_letters_that_are_stacked_stand_below_each_other(): void
    {
        [$looks, $hand] = [new LookBook, new LookMap];
        $hand->set(Range::parse('A1'), $looks->number(Look::of(['rotation' => Look::STACKED, 'horizontal' => 'center'])));
        $sheet = (new Worksheet(MemorySheet::of('S', [['Oaks']]), 'S', Reading::none(), came: new Setup(new Sizes([1 => 100], [1 => 120]))))
            ->touched($hand);
        $boxes = self::told('pdftotext', '-bbox', $this->written(new Workbook('Book', [1 => $sheet], $looks)), '-');
        preg_match_all('#xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="[\d.]+">([Oaks])<#', $boxes, $found);
        self::assertSame(['O', 'a', 'k', 's'], $found[4]);
        $middles = array_map(fn (string $from, string $to) => ((float) $from + (float) $to) / 2, $found[1], $found[3]);
        self::assertEqualsWithDelta(array_fill(0, 4, 15 / 25.4 * 72 + 37.5), $middles, 0.6, 'in the middle of 100 px from 15 mm on');
        // One line of 11 pt below the other, as on the Bench and as rows are fitted.
        $step = Fonts::shipped()->face('Carlito')->letterHeight(11 * 4 / 3) * 0.75;
        $tops = array_map(floatval(...), $found[2]);
        self::assertEqualsWithDelta([$step, $step, $step], [$tops[1] - $tops[0], $tops[2] - $tops[1], $tops[3] - $tops[2]], 0.2);
    }

    /** ISO/IEC 29500-1 18.8.31: "_)" leaves the room of a bracket, so that figures with and without one stand in line. */
    public function test_room_that_a_format_asks_for_is_left_in_a_pdf(): void
    {
        [$looks, $hand] = [new LookBook, new LookMap];
        $hand->set(Range::parse('A1:A2'), $looks->number(Look::of(['number' => '#,##0_);(#,##0)'])));
        $sheet = (new Worksheet(MemorySheet::of('S', [[1234], [-1234]]), 'S', Reading::none(), came: new Setup(new Sizes([1 => 100]))))
            ->touched($hand);
        $boxes = self::told('pdftotext', '-bbox', $this->written(new Workbook('Book', [1 => $sheet], $looks)), '-');
        preg_match_all('#xMin="([\d.]+)" yMin="[\d.]+" xMax="([\d.]+)" yMax="[\d.]+">(\(?1,234\)?)<#', $boxes, $found);
        self::assertSame(['1,234', '(1,234)'], $found[3]);
        $bracket = Fonts::shipped()->face('Carlito')->advances(')', 11);
        self::assertEqualsWithDelta([$bracket, $bracket], [(float) $found[2][1] - (float) $found[2][0],
            (float) $found[1][0] - (float) $found[1][1]], 0.1);
    }

    /**
     * The box around what is dark in each cell of three by three from 15 mm on, px from its corner, and how many px are.
     *
     * @return list<list<array{int, int, int, int, int}>>
     */
    private function ink(string $path, int $wide, int $high): array
    {
        self::told('pdftoppm', '-r', '96', '-png', '-singlefile', $path, substr($this->path('png'), 0, -4));
        $image = imagecreatefrompng($this->files[count($this->files) - 1]);
        self::assertNotFalse($image);
        $corner = 15 / 25.4 * 96;
        $found = [];
        for ($cell = 0; $cell < 9; $cell++) {
            [$row, $column] = [intdiv($cell, 3), $cell % 3];
            [$left, $top] = [(int) round($corner + $column * $wide), (int) round($corner + $row * $high)];
            [$xs, $ys, $much] = [[], [], 0];
            for ($y = 0; $y < $high; $y++) {
                for ($x = 0; $x < $wide; $x++) {
                    $dark = 255 - (imagecolorat($image, $left + $x, $top + $y) & 0xFF);
                    $much += $dark;
                    if ($dark > 60) {
                        [$xs[], $ys[]] = [$x, $y];
                    }
                }
            }
            $xs === [] && self::fail("nothing is drawn at $row, $column");
            $found[$row][$column] = [min($xs), min($ys), max($xs) + 1, max($ys) + 1, $much];
        }

        return $found;
    }
}
