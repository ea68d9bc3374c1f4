<?php

declare(strict_types=1);

namespace App\Files\Writing;

use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Page\PageRules;
use Rilvet\Paper\BlockPainter;
use Rilvet\Paper\Box;
use Rilvet\Paper\SvgCanvas;
use Rilvet\Text\Fonts;
use Rilvet\Work\Extent;
use Rilvet\Work\Workbook;

/** A stretch of cells as it looks, as SVG with the fonts in it: for a mail or a slide. */
final class Picture
{
    /** Cells of a picture. */
    private const CELLS = 20_000;

    /** Room around the cells, px, so that lines at the edges are whole. */
    private const EDGE = 4;

    public static function of(Workbook $workbook, int $number, Range $range): string
    {
        $sheet = $workbook->sheet($number);
        [$rows, $columns] = Extent::of($sheet);
        $range = $range->clip(Range::of(1, 1, max(1, $rows, $range->top), max(1, $columns, $range->left))) ?? $range;
        $range->cells() <= self::CELLS || throw PageIsWrong::at('picture', 'it holds at most '.number_format(self::CELLS).
            ' cells. Choose fewer.');
        $sizes = $sheet->setup->sizes;
        $width = array_sum(array_map($sizes->widthOf(...), range($range->left, $range->right)));
        $height = array_sum(array_map($sizes->heightOf(...), range($range->top, $range->bottom)));
        $canvas = new SvgCanvas($width + 2 * self::EDGE, $height + 2 * self::EDGE);
        $canvas->fill(0, 0, $width + 2 * self::EDGE, $height + 2 * self::EDGE, '#FFFFFF');
        $fonts = Fonts::shipped();
        (new BlockPainter($sheet, $workbook->looks, $fonts, $workbook->from1904, $workbook->around($number), PageRules::none()))
            ->draw($canvas, [[$range, new Box(self::EDGE, self::EDGE, $width, $height)]], 1.0, null);
        $faces = new Faces($fonts);
        foreach ($canvas->texts() as [$style, $text]) {
            $faces->use(Look::of(['font' => $style->family, 'bold' => $style->bold, 'italic' => $style->italic]), $text);
        }

        return $canvas->svg(implode('', iterator_to_array($faces->rules(), false)), "$sheet->name $range");
    }
}
