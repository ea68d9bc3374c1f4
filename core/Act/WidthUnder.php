<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Guard\Allowance;
use Rilvet\Measure\Exception\SizeIsWrong;
use Rilvet\Work\Workbook;

/** Gives the columns of one heading one width, on several sheets: a hand touch that they keep. */
final readonly class WidthUnder implements Act
{
    /** @param  non-empty-list<int>  $sheets */
    public function __construct(private array $sheets, private string $heading, private int $px)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $found = 0;
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            Targets::open($sheet, Allowance::SizeColumns);
            $columns = [];
            foreach ($sheet->reading->tables as $table) {
                foreach ($table->columns as $column) {
                    if ($column->isHeaded($this->heading)) {
                        $columns[] = $column->column;
                    }
                }
            }
            $columns = array_values(array_unique($columns));
            $found += count($columns);
            $workbook =
                $columns === []
                    ? $workbook
                    : $workbook->withSheet($number, $sheet->sized(true, array_fill_keys($columns, $this->px), $columns, true));
        }

        return $found === 0 ? throw SizeIsWrong::noHeading($this->heading) : $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return "Width {$this->px} px, columns headed \"{$this->heading}\", ".
            (count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets');
    }
}
