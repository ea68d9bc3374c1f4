<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\CellIsWrong;
use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Work\Workbook;

/** Texts of some cells said otherwise, each as it is told: a change of data, named as such. Formulas are never touched. */
final readonly class RewriteTexts implements Act
{
    private const MOST = 200_000;

    /** @param  non-empty-array<string, string>  $texts  what they become, by what they are now */
    public function __construct(private Targets $targets, private array $texts, private string $words)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $count = 0;
        foreach ($this->targets->on($workbook, null) as $number => [$sheet, $ranges]) {
            $edits = [];
            foreach ($ranges as $range) {
                $range = $range->clip(Range::of(1, 1, max(1, $sheet->cells->rows()), max(1, $sheet->cells->columns())));
                if ($range === null) {
                    continue;
                }
                foreach ($sheet->cells->read($range->top, $range->bottom, $range->left, $range->right) as $row => $cells) {
                    for ($column = $range->left; $column <= $range->right; $column++) {
                        $cell = $cells[$column - 1] ?? Cell::blank();
                        $to = $cell->formula === null && is_string($cell->value) ? $this->texts[$cell->value] ?? null : null;
                        if ($to !== null && $to !== $cell->value) {
                            $edits[$row][$column] = Cell::of($to);
                            ++$count <= self::MOST || throw CellIsWrong::tooMany($count, self::MOST);
                        }
                    }
                }
            }
            $workbook = $edits === [] ? $workbook : (new EditCells($number, $edits))->on($workbook);
        }

        return $count === 0 ? throw NothingToChange::becauseNothingTurns() : $workbook;
    }

    public function reach(): Reach
    {
        return Reach::targets($this->targets)->typing($this->targets->ranges)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return "Data: $this->words, ".$this->targets->words();
    }
}
