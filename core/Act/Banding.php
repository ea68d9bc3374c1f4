<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Dressed\Bands;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Work\Aspect\KeyBands;
use Rilvet\Work\Worksheet;

/** Keeps the rows at which a key column changes, for stripes that follow it. */
final class Banding
{
    /** Changes of one table beyond which it has no such stripes: they would be a row each. */
    private const MOST = 100_000;

    public static function after(?Worksheet $was, Worksheet $sheet): Worksheet
    {
        $stripes = self::stripes($sheet);
        $kept = $sheet->aspect(KeyBands::class);
        if ($stripes === null) {
            return $kept->starts === [] ? $sheet : $sheet->withAspects(new KeyBands);
        }
        if ($was !== null && self::stripes($was)?->key === $stripes->key && $was->reading === $sheet->reading) {
            $columns = array_filter(array_map(fn (TableReading $table) => self::column($table, $stripes), $sheet->reading->tables));
            if (! self::touches($was, $sheet, $columns)) {
                return $sheet;
            }
        }
        $bands = self::of($sheet, $stripes);

        return $bands->starts === $kept->starts ? $sheet : $sheet->withAspects($bands);
    }

    private static function stripes(Worksheet $sheet): ?Stripes
    {
        $stripes = $sheet->stylebook?->stripes;

        return $stripes?->by === StripesBy::Key ? $stripes : null;
    }

    /** @param  array<int, int>  $columns  key columns */
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

    private static function of(Worksheet $sheet, Stripes $stripes): KeyBands
    {
        $starts = [];
        foreach ($sheet->reading->tables as $table) {
            $column = self::column($table, $stripes);
            $rows = $column === null ? [] : self::changes($sheet, $table, $column);
            if ($rows !== []) {
                $starts[Bands::place($table)] = $rows;
            }
        }

        return new KeyBands($starts);
    }

    /** @return list<int> */
    private static function changes(Worksheet $sheet, TableReading $table, int $column): array
    {
        $rows = [];
        $last = null;
        foreach ($table->runs as $run) {
            foreach ($run->part === Part::Body ? $sheet->cells->read($run->first, $run->last, $column, $column) : [] as $row => $cells) {
                // A blank cell goes on with what stands above it: keys are often written once.
                $cell = $cells[$column - 1] ?? Cell::blank();
                $text = trim($cell->text());
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

    private static function column(TableReading $table, Stripes $stripes): ?int
    {
        foreach ($table->columns as $column) {
            if ($stripes->isKey($column->heading)) {
                return $column->column;
            }
        }

        return null;
    }
}
