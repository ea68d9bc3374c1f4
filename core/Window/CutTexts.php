<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Grid\Address;
use Rilvet\Measure\Lines;
use Rilvet\Measure\Ruler;
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
            $width = array_sum(array_map($setup->sizes->widthOf(...), range($cell->from, $cell->to)));
            $tooNarrow = self::isNarrow($cell, $window->looks[$cell->look], $width, $fonts);
            $tooLow = self::isLow(
                $cell,
                $window->looks[$cell->look],
                $width,
                array_sum(
                    array_map(
                        $setup->sizes->heightOf(...),
                        range($cell->row, $merges->at($cell->row, $cell->column)->bottom ?? $cell->row),
                    ),
                ),
                $fonts,
            );
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

    private static function isNarrow(WindowCell $cell, WindowLook $look, int $width, Fonts $fonts): bool
    {
        if ($look->wrap || $look->rotation !== 0) {
            return false;
        }

        // Pads are marked in front of the character whose room they take; a sign at the left edge needs room too.
        return preg_match('/^#+$/', $cell->text) === 1 ||
            $fonts
                ->face($look->font, $look->bold, $look->italic)
                ->fit(str_replace(Formatted::PAD, '', $cell->edge.$cell->text), $look->size) >
                $width - 4;
    }

    private static function isLow(WindowCell $cell, WindowLook $look, int $width, int $height, Fonts $fonts): bool
    {
        $face = $fonts->face($look->font, $look->bold, $look->italic);
        $lines =
            $look->wrap && $look->rotation === 0
                ? Lines::count($cell->text, $width - Ruler::PADDING, fn (string $text) => $face->advances($text, $look->size))
                : 1;

        return $lines * $face->lineHeight($look->size) > $height + 1;
    }
}
