<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\LayIsWrong;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Condition\ConditionTransfer;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookMap;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Lays a lifted block of looks on ranges: from the corner of each, and again and again over a larger one. */
final readonly class Lay implements Act
{
    /** Cells that a block of several rows is laid on at most; each of them is a run of its own. */
    private const MOST = 400_000;

    /**
     * @param  non-empty-list<non-empty-list<Look>>  $block rows of looks, all of one length
     * @param  list<int>  $widths  in px, of the block's columns; empty leaves widths as they are
     * @param  list<Condition>  $conditions  conditional looks that were lifted along
     * @param  Range|null  $from  where they were lifted
     */
    public function __construct(
        private Targets $targets,
        private array $block,
        private array $widths = [],
        private array $conditions = [],
        private ?Range $from = null,
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        $height = count($this->block);
        $width = count($this->block[0]);
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $hand = clone $sheet->hand;
            foreach ($ranges as $range) {
                // A single cell takes the whole block, as far as the sheet reaches.
                $range =
                    $range->cells() === 1
                        ? Range::of(
                            $range->top,
                            $range->left,
                            min(Address::ROWS, $range->top + $height - 1),
                            min(Address::COLUMNS, $range->left + $width - 1),
                        )
                        : $range;
                if ($height === 1) {
                    $this->layRow($hand, $workbook, $range);

                    continue;
                }
                // Whole columns end with the data, so that a pattern of rows is not a million runs.
                $bottom = min($range->bottom, max($sheet->cells->rows(), $range->top + $height - 1));
                if (($bottom - $range->top + 1) * $range->columns() > self::MOST) {
                    throw LayIsWrong::tooMany(self::MOST);
                }
                $hand->mapEach(
                    Range::of($range->top, $range->left, $bottom, $range->right),
                    fn (int $row, int $column, int $old) => $workbook->looks->number(
                        $workbook->looks
                            ->look($old)
                            ->under($this->block[($row - $range->top) % $height][($column - $range->left) % $width]),
                    ),
                );
            }
            $sheet = $this->conditioned($sheet->touched($hand), $ranges);
            $workbook = $workbook->withSheet($number, $this->widths === [] ? $sheet : self::widened($sheet, $this->widthsOn($ranges)));
        }

        return $workbook;
    }

    /** @param  list<Range>  $ranges */
    private function conditioned(Worksheet $sheet, array $ranges): Worksheet
    {
        if ($this->conditions === [] || $this->from === null) {
            return $sheet;
        }
        $all = $sheet->aspect(Conditions::class);
        foreach ($ranges as $range) {
            $from = $this->from;
            $laid = array_map(fn (Condition $one) => ConditionTransfer::laid($one, $from, $range), $this->conditions);
            $all = ConditionTransfer::onto($all, $laid);
        }

        return $sheet->withAspects($all);
    }

    /**
     * @param  list<Range>  $ranges
     * @return array<int, int>
     */
    private function widthsOn(array $ranges): array
    {
        $widths = [];
        foreach ($ranges as $range) {
            $right = $range->cells() === 1 ? min(Address::COLUMNS, $range->left + count($this->widths) - 1) : $range->right;
            for ($column = $range->left; $column <= $right; $column++) {
                $widths[$column] = $this->widths[($column - $range->left) % count($this->widths)];
            }
        }

        return $widths;
    }

    /**
     * Widths that were asked for are by hand: no fit takes them back.
     *
     * @param  array<int, int>  $widths
     */
    private static function widened(Worksheet $sheet, array $widths): Worksheet
    {
        return $sheet->sized(true, $widths, array_keys($widths), true);
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return 'Look laid, '.$this->targets->words();
    }

    /** One row of looks goes down any number of rows as a run a column. */
    private function layRow(LookMap $hand, Workbook $workbook, Range $range): void
    {
        $width = count($this->block[0]);
        for ($column = $range->left; $column <= $range->right; $column++) {
            $look = $this->block[0][($column - $range->left) % $width];
            $hand->map(
                Range::of($range->top, $column, $range->bottom, $column),
                fn (int $old) => $workbook->looks->number($workbook->looks->look($old)->under($look)),
            );
        }
    }
}
