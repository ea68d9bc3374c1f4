<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Dressed\Bands;
use Rilvet\Dressed\LaidBands;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Work\Aspect\KeyBands;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\Worksheet;

/**
 * Keeps the rows at which a key column changes, for stripes that follow it: those of the stylebook, and those laid by hand.
 *
 * @phpstan-type Watched array{string, int, list<array{int, int}>}
 */
final class Banding
{
    /** Changes of one place beyond which it has no such stripes: they would be a row each. */
    private const MOST = 100_000;

    public static function after(?Worksheet $was, Worksheet $sheet): Worksheet
    {
        $watched = self::watched($sheet);
        $kept = $sheet->aspect(KeyBands::class);
        if ($watched === []) {
            return $kept->starts === [] ? $sheet : $sheet->withAspects(new KeyBands);
        }
        if ($was !== null && self::watched($was) === $watched && ! self::touches($was, $sheet, array_column($watched, 1))) {
            return $sheet;
        }
        $starts = [];
        foreach ($watched as [$place, $column, $stretches]) {
            $rows = self::changes($sheet, $column, $stretches);
            if ($rows !== []) {
                $starts[$place] = $rows;
            }
        }

        return $starts === $kept->starts ? $sheet : $sheet->withAspects(new KeyBands($starts));
    }

    /** @return list<Watched> name of the place, key column, stretches of rows */
    private static function watched(Worksheet $sheet): array
    {
        $watched = [];
        $stripes = $sheet->stylebook?->stripes;
        foreach ($stripes?->by === StripesBy::Key ? $sheet->reading->tables : [] as $table) {
            foreach ($table->columns as $column) {
                if ($stripes?->isKey($column->heading) === true) {
                    $body = array_values(array_filter($table->runs, fn (RowRun $run) => $run->part === Part::Body));
                    $watched[] = [Bands::place($table), $column->column, array_map(fn (RowRun $run) => [$run->first, $run->last], $body)];

                    break;
                }
            }
        }
        foreach ($sheet->aspect(LaidStripes::class)->all as $one) {
            if ($one->key !== null) {
                $last = min($one->range->bottom, $sheet->cells->rows());
                $watched[] = [LaidBands::place($one), $one->key, $last < $one->range->top ? [] : [[$one->range->top, $last]]];
            }
        }

        return $watched;
    }

    /** @param  list<int>  $columns  key columns */
    private static function touches(Worksheet $was, Worksheet $sheet, array $columns): bool
    {
        for ($cells = $sheet->cells; $cells !== $was->cells; $cells = $cells->beneath) {
            if (! $cells instanceof EditedSheet) {
                return true;
            }
            foreach ($cells->edits as $edits) {
                if (array_intersect_key($edits, array_flip($columns)) !== []) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  list<array{int, int}>  $stretches
     * @return list<int>
     */
    private static function changes(Worksheet $sheet, int $column, array $stretches): array
    {
        $rows = [];
        $last = null;
        foreach ($stretches as [$first, $end]) {
            foreach ($sheet->cells->read($first, $end, $column, $column) as $row => $cells) {
                // A blank cell goes on with what stands above it: keys are often written once.
                $text = trim(($cells[$column - 1] ?? Cell::blank())->text());
                if ($text !== '' && $text !== $last || $last === null) {
                    $rows[] = $row;
                    $last = $text;
                }
                if (count($rows) > self::MOST) {
                    return [];
                }
            }
        }

        return $rows;
    }
}
