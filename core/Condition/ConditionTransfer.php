<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Condition\Exception\ConditionIsWrong;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Reading\Reading;

/** Conditional looks that are lifted from a block of cells and laid on others: their addresses are made to fit. */
final class ConditionTransfer
{
    /** Pieces that one of them may come into where a block is laid again and again. */
    private const PIECES = 4_000;

    /**
     * Those that reach into a block, as if the block stood at A1.
     *
     * @param  list<Condition>  $conditions
     * @return list<Condition>
     */
    public static function lifted(array $conditions, Reading $reading, Range $block): array
    {
        $lifted = [];
        foreach ($conditions as $condition) {
            $ranges = $condition->isOn ? $condition->where->ranges($reading) : [];
            if ($ranges === []) {
                continue;
            }
            $inside = array_values(array_filter(array_map(fn (Range $range) => $range->clip($block), $ranges)));
            if ($inside === []) {
                continue;
            }
            [$row, $column] = Condition::first($ranges);
            $moved = array_map(fn (Range $range) => Range::of($range->top - $block->top + 1, $range->left - $block->left + 1,
                $range->bottom - $block->top + 1, $range->right - $block->left + 1), $inside);
            [$top, $left] = Condition::first($moved);
            // Said from the block's own first cell, it may look beyond A1; it is said from its place until it is laid.
            $lifted[] = $condition->translated($top + $block->top - 1 - $row, $left + $block->left - 1 - $column)
                ->named($condition->id)->at(Where::cells($moved));
        }

        return $lifted;
    }

    /**
     * One of them on cells: from the corner of a single cell, else again and again over the range.
     *
     * @param  Range  $from  the block that it was lifted from
     */
    public static function laid(Condition $lifted, Range $from, Range $onto): Condition
    {
        [$height, $width] = [$from->rows(), $from->columns()];
        $onto = $onto->cells() === 1 ? Range::of($onto->top, $onto->left, min(Address::ROWS, $onto->top + $height - 1),
            min(Address::COLUMNS, $onto->left + $width - 1)) : $onto;
        $ranges = [];
        foreach ($lifted->where->cells as $range) {
            $isTall = $range->rows() >= $height;
            $isWide = $range->columns() >= $width;
            for ($down = 0; $down < ($isTall ? 1 : $onto->rows()); $down += $height) {
                for ($across = 0; $across < ($isWide ? 1 : $onto->columns()); $across += $width) {
                    $top = $isTall ? $onto->top : $onto->top + $down + $range->top - 1;
                    $left = $isWide ? $onto->left : $onto->left + $across + $range->left - 1;
                    if ($top <= $onto->bottom && $left <= $onto->right) {
                        $ranges[] = Range::of($top, $left, $isTall ? $onto->bottom : min($onto->bottom, $top + $range->rows() - 1),
                            $isWide ? $onto->right : min($onto->right, $left + $range->columns() - 1));
                    }
                    count($ranges) <= self::PIECES || throw ConditionIsWrong::because('',
                        'laid so often, a conditional look would come into too many pieces. Lay it on whole columns, or set it anew.');
                }
            }
        }
        $ranges = Union::of($ranges);
        [$row, $column] = Condition::first($lifted->where->cells === [] ? [$from] : $lifted->where->cells);
        [$top, $left] = $ranges === [] ? [$row, $column] : Condition::first($ranges);

        return $lifted->translated($top - ($row + $from->top - 1), $left - ($column + $from->left - 1))->at(Where::cells($ranges));
    }

    /**
     * Conditions with others laid over them: one that says the same reaches further from then on, and is no second one.
     *
     * @param  list<Condition>  $laid
     */
    public static function onto(Conditions $conditions, array $laid): Conditions
    {
        foreach (array_reverse($laid) as $one) {
            $meaning = Gathering::meaning($one);
            $same = null;
            foreach ($conditions->all as $other) {
                if ($other->where->isCells() && Gathering::meaning($other) === $meaning) {
                    $same = $other;
                }
            }
            if ($same === null) {
                $conditions = $conditions->with($one->named($conditions->free()));

                continue;
            }
            $ranges = Union::of([...$same->where->cells, ...$one->where->cells]);
            $none = [Range::of(1, 1, 1, 1)];
            [$row, $column] = Condition::first($same->where->cells === [] ? $none : $same->where->cells);
            [$top, $left] = Condition::first($ranges === [] ? $none : $ranges);
            $conditions = $conditions->with($same->translated($top - $row, $left - $column)->at(Where::cells($ranges)));
        }

        return $conditions;
    }
}
