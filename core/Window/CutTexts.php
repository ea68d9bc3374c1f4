<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Grid\Address;
use Rilvet\Look\Look;
use Rilvet\Measure\Lines;
use Rilvet\Measure\Ruler;
use Rilvet\Measure\Turned;
use Rilvet\Number\Formatted;
use Rilvet\Text\Fonts;
use Rilvet\Work\Merges;
use Rilvet\Work\Workbook;

/** Cells whose text is not seen whole: cut at the edge, hidden by a row that is too low, or figures that show marks instead. */
final readonly class CutTexts
{
    /** Rows that are looked at, and places that are named. */
    private const ROWS = 400;

    private const PLACES = 200;

    /**
     * @param  list<string>  $places  addresses, in the order of reading
     * @param  list<list<int>>  $columns  spans of the columns they stand in
     * @param  list<list<int>>  $rows  spans of the rows that are too low
     */
    private function __construct(public int $count, public array $places, public array $columns, public array $rows)
    {
    }

    public static function of(Workbook $workbook, int $number): self
    {
        $sheet = $workbook->sheet($number);
        $cells = $sheet->cells;
        if ($cells->rows() === 0 || $cells->columns() === 0) {
            return new self(0, [], [], []);
        }
        $fonts = Fonts::shipped();
        $window = (new Painter($sheet, $workbook->looks, $fonts, $workbook->from1904, $workbook->around($number)))->texts($number,
            self::ROWS);
        $count = 0;
        $places = $columns = $rows = [];
        $merges = new Merges($sheet->setup->merges);
        foreach ($window->cells as $cell) {
            $setup = $sheet->setup;
            if ($cell->text === '' || $setup->sizes->hidesColumn($cell->column) || $setup->sizes->hidesRow($cell->row)) {
                continue;
            }
            $look = $window->looks[$cell->look];
            $width = array_sum(array_map($setup->sizes->widthOf(...), range($cell->from, $cell->to)));
            $bottom = $merges->at($cell->row, $cell->column)->bottom ?? $cell->row;
            $height = array_sum(array_map($setup->sizes->heightOf(...), range($cell->row, $bottom)));
            [$across, $down] = self::box($cell, $look, $width, $height, $fonts);
            $tooNarrow = preg_match('/^#+$/', $cell->text) === 1 || $across > $width - ($look->rotation === 0 ? Ruler::PADDING / 2 : 0);
            $tooLow = $down > $height + 1;
            if (! $tooNarrow && ! $tooLow) {
                continue;
            }
            $count++;
            if (count($places) < self::PLACES) {
                $places[] = Address::columnName($cell->column).$cell->row;
            }
            $tooNarrow ? $columns[$cell->column] = [$cell->column, $cell->column] : $rows[$cell->row] = [$cell->row, $cell->row];
        }

        return new self($count, $places, array_values($columns), array_values($rows));
    }

    /**
     * The room that a text takes as it is shown. One that wraps takes no more of a side than is there.
     *
     * @param  int  $width  of its cell, px, as the height
     * @return array{float, float} px across and down
     */
    private static function box(WindowCell $cell, WindowLook $look, int $width, int $height, Fonts $fonts): array
    {
        $face = $fonts->face($look->font, $look->bold, $look->italic);
        $line = $face->lineHeight($look->size);
        // Pads are marked in front of the character whose room they take; a sign at the left edge needs room too.
        $text = str_replace(Formatted::PAD, '', $cell->edge.$cell->text);
        $advances = fn (string $words) => $face->advances($words, $look->size);

        return match (true) {
            $look->rotation === Look::STACKED => Turned::stacked($text, $line, $face->letterHeight($look->size)),
            $look->wrap && $look->rotation === 0 => [0, Lines::count($cell->text, $width - Ruler::PADDING, $advances) * $line],
            $look->wrap => [Lines::count($cell->text, $height - Turned::PADDING, $advances) * $line, 0],
            default => Turned::box($face->fit($text, $look->size), $line * (substr_count($text, "\n") + 1), $look->rotation),
        };
    }
}
