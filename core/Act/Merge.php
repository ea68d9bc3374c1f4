<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\MergeIsWrong;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\Sheet;
use Rilvet\Measure\Shown;
use Rilvet\Work\Aspect\JoinedTexts;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * Merges each range to one cell. No value is thrown away: what is hidden stays in its cell and comes back when the cells
 * are split; joined texts stand in the first cell, whose own text is kept for that day.
 */
final readonly class Merge implements Act
{
    /** "ask" refuses where values would be hidden; "first" hides them; "join" puts the texts together. */
    public const MODES = ['ask', 'first', 'join'];

    private const MOST = 10_000;

    /** @param  value-of<self::MODES>  $mode */
    public function __construct(private Targets $targets, private string $mode = 'ask')
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->targets->on($workbook) as $number => [$sheet, $ranges]) {
            $merges = $sheet->setup->merges;
            $joins = $sheet->aspect(JoinedTexts::class)->texts;
            $dressed = new DressedSheet($sheet, $workbook->looks);
            $edits = [];
            $hidden = [];
            foreach ($ranges as $range) {
                self::check($sheet, $range);
                $merges = array_values(array_filter($merges, fn (Range $merge) => ! $merge->meets($range)));
                $merges[] = $range;
                $cells = self::filled($sheet->cells, $range);
                $texts = array_map(
                    fn (array $each) => Shown::of($each[2], $dressed->at($each[0], $each[1]), $workbook->from1904)->formatted->text,
                    $cells,
                );
                array_push($hidden, ...array_slice($texts, 1));
                if ($this->mode === 'join' && count($texts) > 1) {
                    $joins[(string) $range] = json_encode($cells[0][2]->text(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
                    $edits[$range->top][$range->left] = Cell::of(implode(' ', $texts));
                }
            }
            if ($this->mode === 'ask' && $hidden !== []) {
                throw MergeIsWrong::hides($hidden);
            }
            $sheet = $sheet->merged($merges, $joins);
            $workbook = $workbook->withSheet(
                $number,
                $edits === [] ? $sheet : $sheet->readAs($sheet->found, new EditedSheet($sheet->cells, $edits), $sheet->typing),
            );
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        $reach = Reach::targets($this->targets);

        // A text over several columns widens none of them.
        return ($this->mode === 'join' ? $reach->typing($this->targets->ranges) : $reach->over($this->targets->ranges))->sizing();
    }

    public function words(Workbook $workbook): string
    {
        // Joining puts another text into a cell, which is a change of data.
        return ($this->mode === 'join' ? 'Data: texts joined, merged ' : 'Merged, ').$this->targets->words();
    }

    private static function check(Worksheet $sheet, Range $range): void
    {
        if ($range->cells() < 2) {
            throw MergeIsWrong::single();
        }
        if ($range->cells() > self::MOST) {
            throw MergeIsWrong::large();
        }
        foreach ($sheet->setup->merges as $merge) {
            $inside = $merge->clip($range)?->equals($merge) ?? true;
            if (! $inside) {
                throw MergeIsWrong::overlap((string) $range, (string) $merge);
            }
        }
        $row = $sheet->setup->opening->freezeRow;
        $column = $sheet->setup->opening->freezeColumn;
        if (
            ($row > 0 && $range->top <= $row && $range->bottom > $row) ||
            ($column > 0 && $range->left <= $column && $range->right > $column && $range->top > $row)
        ) {
            throw MergeIsWrong::frozen((string) $range);
        }
        foreach ($sheet->reading->tables as $table) {
            $cut = $range->clip($table->range);
            if ($cut !== null && ! $cut->equals($range) && ! $cut->equals($table->range)) {
                throw MergeIsWrong::table((string) $range, (string) $table->range);
            }
        }
    }

    /** @return list<array{int, int, Cell}> row, column and cell of those that hold something, row by row */
    private static function filled(Sheet $cells, Range $range): array
    {
        $filled = [];
        foreach ($cells->read($range->top, $range->bottom, $range->left, $range->right) as $row => $line) {
            foreach (array_slice($line, $range->left - 1, $range->columns()) as $index => $cell) {
                if (! $cell->isBlank()) {
                    $filled[] = [$row, $range->left + $index, $cell];
                }
            }
        }

        return $filled;
    }
}
