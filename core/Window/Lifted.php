<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Condition\Condition;
use Rilvet\Condition\ConditionTransfer;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Measure\Shown;
use Rilvet\Work\Workbook;

/** A block of cells that was lifted or copied: what they look like, what they hold, how wide their columns are. */
final readonly class Lifted
{
    /**
     * @param  list<list<Look>>  $looks  row by row
     * @param  list<list<null|bool|int|float|string>>  $cells  values; a formula's is the one it last gave
     * @param  list<int>  $widths  in px
     * @param  list<string>  $conditions  conditional looks that reach into it, as JSON, where they were asked for
     * @param  string  $text  what the cells show, separated by tabs, for other programs
     */
    private function __construct(
        public array $looks,
        public array $cells,
        public array $widths,
        public string $text,
        public array $conditions,
    ) {
    }

    /** @param  list<Facet>  $facets  whose looks go along; empty for all */
    public static function of(Workbook $workbook, int $number, Range $range, array $facets, bool $withConditions = false): self
    {
        $sheet = $workbook->sheet($number);
        $dressed = new DressedSheet($sheet, $workbook->looks);
        $values = iterator_to_array($sheet->cells->read($range->top, $range->bottom));
        $looks = $cells = $lines = [];
        for ($row = $range->top; $row <= $range->bottom; $row++) {
            $rowLooks = $rowCells = $texts = [];
            for ($column = $range->left; $column <= $range->right; $column++) {
                $worn = $dressed->at($row, $column);
                $cell = $values[$row][$column - 1] ?? Cell::blank();
                $rowLooks[] = $facets === [] ? $worn->look : $worn->look->facet(...$facets);
                $rowCells[] = $cell->error ?? $cell->value;
                $texts[] = self::field(Shown::of($cell, $worn, $workbook->from1904)->formatted->text);
            }
            $looks[] = $rowLooks;
            $cells[] = $rowCells;
            $lines[] = implode("\t", $texts);
        }

        return new self(
            $looks,
            $cells,
            array_map($sheet->setup->sizes->widthOf(...), range($range->left, $range->right)),
            implode("\n", $lines),
            $withConditions ? array_map(fn (Condition $one) => json_encode($one->toArray(), JSON_THROW_ON_ERROR),
                ConditionTransfer::lifted($sheet->conditions(), $sheet->reading, $range)) : [],
        );
    }

    private static function field(string $text): string
    {
        return strpbrk($text, "\t\n\"") === false ? $text : '"'.str_replace('"', '""', $text).'"';
    }
}
