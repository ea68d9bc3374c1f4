<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Work\Worksheet;

/** What somebody designed before the sheet came: fills, lines and inks on the cells of its tables. Number formats and bold are none. */
final class OwnDesign
{
    /** Cells that make a design, and the share of a table's cells. */
    private const CELLS = 3;

    private const SHARE = 0.02;

    /** Stretches of cells of one look that are counted. */
    private const STRETCHES = 5_000;

    /** Columns of a table that are looked at. */
    private const COLUMNS = 200;

    /** @return string|null in words: "fills on 40 cells, lines on 120"; null where it came plain */
    public static function of(Worksheet $sheet, LookBook $looks): ?string
    {
        $counts = ['fills' => 0, 'lines' => 0, 'coloured text' => 0];
        $all = $seen = 0;
        $known = [];
        foreach (self::stretches($sheet) as [$first, $last, $number]) {
            foreach ($known[$number] ??= self::says($looks->look($number)) as $what) {
                $counts[$what] += $last - $first + 1;
            }
            // A sheet of cells that all differ is designed by its first thousands.
            if (++$seen > self::STRETCHES) {
                break;
            }
        }
        foreach ($sheet->reading->tables as $table) {
            $all += $table->range->cells();
        }
        $all = $seen > self::STRETCHES ? self::STRETCHES : $all;
        $counts = array_filter($counts, fn (int $count) => $count >= max(self::CELLS, self::SHARE * $all));
        $more = $seen > self::STRETCHES ? ' and more' : '';
        $words = array_map(fn (string $what) => "$what on ".number_format($counts[$what]).$more, array_keys($counts));

        return $words === [] ? null : implode(', ', [$words[0].' cells', ...array_slice($words, 1)]);
    }

    /** @return iterable<array{int, int, int}> first row, last row, look, of all columns of its tables */
    private static function stretches(Worksheet $sheet): iterable
    {
        foreach ($sheet->file->isEmpty() ? [] : $sheet->reading->tables as $table) {
            for ($column = $table->range->left; $column <= min($table->range->right, $table->range->left + self::COLUMNS); $column++) {
                yield from $sheet->file->within($column, $table->range->top, $table->range->bottom);
            }
        }
    }

    /** @return list<string> */
    private static function says(Look $look): array
    {
        $isLined = false;
        foreach ([Attribute::Top, Attribute::Right, Attribute::Bottom, Attribute::Left] as $side) {
            $isLined = $isLined || $look->edge($side) !== null;
        }
        $isInked = ! in_array($look->text(Attribute::Ink), ['', '#000000'], true);

        return array_keys(array_filter([
            'fills' => ! in_array($look->text(Attribute::Fill), ['', 'none', '#FFFFFF'], true),
            'lines' => $isLined, 'coloured text' => $isInked,
        ]));
    }
}
