<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Work\Aspect\LaidStripe;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\PartRule;
use Rilvet\Work\Worksheet;

/**
 * Stripes as conditional formats (ISO/IEC 29500-1 18.3.1.10) in the place of fills: they keep their order when the file is sorted
 * or filtered elsewhere. Stripes that follow a key stay fills: a formula that counts its changes would look at every row above.
 *
 * @phpstan-type Condition array{range: Range, rules: list<array{formula: string, fill: string}>}
 */
final class StripeConditions
{
    /** Columns of a range that are asked whether they are filled from top to bottom. */
    private const ASKED = 50;

    /** @return array{Worksheet, list<Condition>} the sheet without those stripes, and the conditions that take their place */
    public static function of(Worksheet $sheet, LookBook $looks): array
    {
        $conditions = [];
        $stylebook = $sheet->stylebook;
        $stripes = $stylebook?->stripes;
        $bodies = $stripes !== null && self::can($stripes) ? self::bodies($sheet, $stripes) : [];
        // Fills of the file would shine through where the stylebook has none, and a condition lies over what was filled by hand.
        $isFree = ($sheet->clean || $sheet->file->isEmpty()) && ! self::areFilled($sheet, $bodies, $looks);
        if ($stylebook !== null && $stripes !== null && $bodies !== [] && $isFree) {
            $conditions = array_map(fn (Range $range) => self::condition($sheet, $range, $stripes), $bodies);
            $sheet = $sheet->restyled(Edit::put($stylebook, ['stripes'], null));
        }
        $laid = $sheet->aspect(LaidStripes::class)->all;
        $taken = array_filter(
            $laid, fn (LaidStripe $one) => self::can($one->stripes) && ! self::areFilled($sheet, [$one->range], $looks),
        );
        foreach ($taken as $one) {
            $conditions[] = self::condition($sheet, $one->range, $one->stripes);
        }

        return [$taken === [] ? $sheet : $sheet->withAspects(new LaidStripes(array_values(array_diff_key($laid, $taken)))), $conditions];
    }

    private static function can(Stripes $stripes): bool
    {
        return $stripes->by !== StripesBy::Key;
    }

    /** @return list<Range> that are striped by themselves, each begun anew */
    private static function bodies(Worksheet $sheet, Stripes $stripes): array
    {
        $ranges = [];
        foreach ($sheet->reading->tables as $table) {
            $runs = array_values(array_filter($table->runs, fn (RowRun $run) => $run->part === Part::Body));
            // Through the groups one format would go over them, and over totals.
            if (! $stripes->anew && $stripes->by === StripesBy::Rows && count($runs) > 1) {
                return [];
            }
            foreach ($runs as $run) {
                $ranges[] = Range::of($run->first, $table->range->left, $run->last, $table->range->right);
            }
        }

        return $ranges;
    }

    /**
     * Whether cells have a fill that lies over their stripes.
     *
     * @param  list<Range>  $ranges
     */
    private static function areFilled(Worksheet $sheet, array $ranges, LookBook $looks): bool
    {
        $isFilled = fn (Look $look) => $look->text(Attribute::Fill) !== '';
        if (array_filter($sheet->rules, fn (PartRule $rule) => $isFilled($rule->look)) !== []) {
            return true;
        }
        foreach ([[$sheet->hand, fn (int $number) => $looks->look($number)], [$sheet->named,
            fn (int $at) => $sheet->lookNamed($sheet->wears[$at - 1] ?? '') ?? Look::none()]] as [$map, $look]) {
            foreach ($map->runs() as $column => $runs) {
                foreach ($ranges as $range) {
                    foreach ($range->hasColumn($column) ? $map->within($column, $range->top, $range->bottom) : [] as [, , $number]) {
                        if ($isFilled($look($number))) {
                            return true;
                        }
                    }
                }
            }
        }

        return false;
    }

    /** @return Condition */
    private static function condition(Worksheet $sheet, Range $range, Stripes $stripes): array
    {
        $rules = [];
        $count = count($stripes->looks);
        $at = self::position($sheet, $range, $stripes);
        $from = $stripes->first === 1 ? $at : "($at-".($stripes->first - 1).')';
        foreach ($stripes->looks as $band => $look) {
            $fill = $look->text(Attribute::Fill, 'none');
            if ($fill === 'none') {
                continue;
            }
            $is = $stripes->every === 1 ? "MOD($from,$count)=$band" : "MOD(INT($from/$stripes->every),$count)=$band";
            $rules[] = ['formula' => $stripes->first === 1 ? $is : "AND($from>=0,$is)", 'fill' => $fill];
        }

        return ['range' => $range, 'rules' => $rules];
    }

    /** How many rows that are seen, or columns, stand before a cell. */
    private static function position(Worksheet $sheet, Range $range, Stripes $stripes): string
    {
        if ($stripes->by === StripesBy::Columns) {
            return "(COLUMN()-$range->left)";
        }
        $filled = self::filled($sheet, $range);
        $column = $filled === null ? '' : '$'.Address::columnName($filled);

        // 103 counts the filled cells of rows that are neither filtered away nor hidden.
        return $filled === null ? "(ROW()-$range->top)" : "(SUBTOTAL(103,$column\$$range->top:$column$range->top)-1)";
    }

    /** The first column whose cells are all filled, so that counting them counts rows. */
    private static function filled(Worksheet $sheet, Range $range): ?int
    {
        if ($range->bottom > $sheet->cells->rows()) {
            return null;
        }
        $right = min($range->right, $range->left + self::ASKED - 1);
        $open = array_flip(range($range->left, $right));
        foreach ($sheet->cells->read($range->top, $range->bottom, $range->left, $right) as $cells) {
            if ($open === []) {
                break;
            }
            foreach (array_keys($open) as $column) {
                if (($cells[$column - 1] ?? Cell::blank())->isBlank()) {
                    unset($open[$column]);
                }
            }
        }

        return array_key_first($open);
    }
}
