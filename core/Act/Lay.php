<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Look\Look;
use Rilvet\Look\LookMap;
use Rilvet\Work\Workbook;

/** Lays a lifted block of looks on ranges: from the corner of each, and again and again over a larger one. */
final readonly class Lay implements Act
{
    /** @param  non-empty-list<non-empty-list<Look>>  $block rows of looks, all of one length */
    public function __construct(private Targets $targets, private array $block)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $height = count($this->block);
        $width = count($this->block[0]);
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $hand = clone $sheet->hand;
            foreach ($ranges as $range) {
                // A single cell takes the whole block, as far as the sheet reaches.
                $range = $range->cells() === 1 ? Range::of($range->top, $range->left, min(Address::ROWS, $range->top + $height - 1), min(Address::COLUMNS, $range->left + $width - 1)) : $range;
                if ($height === 1) {
                    for ($column = 0; $column < min($width, $range->columns()); $column++) {
                        for ($at = $range->left + $column; $at <= $range->right; $at += $width) {
                            $this->lay($hand, $workbook, Range::of($range->top, $at, $range->bottom, $at), $this->block[0][$column]);
                        }
                    }

                    continue;
                }
                for ($row = $range->top; $row <= min($range->bottom, $range->top + 20_000); $row++) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        $this->lay($hand, $workbook, Range::of($row, $column, $row, $column), $this->block[($row - $range->top) % $height][($column - $range->left) % $width]);
                    }
                }
            }
            $workbook = $workbook->withSheet($number, $sheet->touched($hand));
        }

        return $workbook;
    }

    public function words(Workbook $workbook): string
    {
        return 'Look laid, '.$this->targets->words();
    }

    private function lay(LookMap $hand, Workbook $workbook, Range $range, Look $look): void
    {
        $hand->map($range, fn (int $old) => $workbook->looks->number($workbook->looks->look($old)->under($look)));
    }
}
