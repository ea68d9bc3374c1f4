<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NothingToChange;
use Rilvet\Dressed\CellParts;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\LetterCase;
use Rilvet\Work\Workbook;

/**
 * Changes the texts of headings or column groups on sheets, named as a change of data: into capitals or sentence case, or with a
 * second line for columns of formulas, choices or entries. Headings that file tables are known by stay as they are.
 */
final readonly class RewriteHeads implements Act
{
    /**
     * @param  non-empty-list<int>  $sheets
     * @param  Part  $part  headings or column groups
     * @param  string  $to  "capitals", "sentence" or "says"
     * @param  Part|null  $below  columns of which single cells say the words
     */
    public function __construct(
        private array $sheets,
        private Part $part,
        private string $to,
        private string $says = '',
        private ?Part $below = null,
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        $count = 0;
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            $parts = $this->below === null ? null : new CellParts($sheet, $workbook->looks);
            $edits = [];
            foreach ($sheet->reading->tables as $table) {
                foreach ($this->cells($table, $workbook, $number) as $range) {
                    foreach ($sheet->cells->read($range->top, $range->bottom, $range->left, $range->right) as $row => $cells) {
                        for ($column = $range->left; $column <= $range->right; $column++) {
                            $cell = $cells[$column - 1];
                            $isMeant = $parts === null || ($row === $table->lastHeadRow()
                                && $parts->ofColumn($table, $column) === $this->below);
                            $text = $isMeant && $cell->isText() && $cell->formula === null ? $this->rewritten($cell->text()) : null;
                            if ($text !== null && $text !== $cell->text()) {
                                $edits[$row][$column] = Cell::of($text);
                                $count++;
                            }
                        }
                    }
                }
            }
            $workbook = $edits === [] ? $workbook : (new EditCells($number, $edits))->on($workbook);
        }
        $count > 0 || throw NothingToChange::heads();

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets)->typing(RangeSet::of())->sizing();
    }

    public function words(Workbook $workbook): string
    {
        $where = count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets';

        return 'Data: '.mb_strtolower($this->part->words()).match ($this->to) {
            'capitals' => ' in capitals',
            'sentence' => ' in sentence case',
            default => " say \"$this->says\"",
        }.", $where";
    }

    /** @return list<Range> */
    private function cells(TableReading $table, Workbook $workbook, int $number): array
    {
        foreach ($workbook->tables as $said) {
            // The columns of a file's table are called by their headings (18.5.1.3).
            if ($said->sheet === $number && $said->heads > 0 && $said->range->meets($table->range)) {
                return [];
            }
        }
        $ranges = [];
        foreach ($table->runs as $run) {
            if ($run->part === $this->part) {
                $ranges[] = Range::of($run->first, $table->range->left, $run->last, $table->range->right);
            }
        }

        return $ranges;
    }

    private function rewritten(string $text): string
    {
        if ($this->to === 'says') {
            return str_ends_with($text, "\n$this->says") ? $text : "$text\n$this->says";
        }

        return LetterCase::from($this->to)->of($text);
    }
}
