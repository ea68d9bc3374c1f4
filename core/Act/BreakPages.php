<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Grid\Address;
use Rilvet\Page\Exception\PageIsWrong;
use Rilvet\Page\PageSetup;
use Rilvet\Work\Workbook;

/** Ends a page after a row or a column, moves such a break, or takes it out. */
final readonly class BreakPages implements Act
{
    /**
     * @param  bool  $ofRows  the break lies between rows; else between columns
     * @param  int|null  $from  the row, or column, after which a page ended that it does not any more; null where none is moved
     * @param  int|null  $to  the one after which it ends from now on; null where one is taken out
     */
    public function __construct(private int $sheet, private bool $ofRows, private ?int $from, private ?int $to)
    {
        $most = ($ofRows ? Address::ROWS : Address::COLUMNS) - 1;
        foreach ([$from, $to] as $at) {
            $at === null || $at >= 1 && $at <= $most || throw PageIsWrong::noBreak("a page ends after a row or column from 1 to $most.");
        }
        $from !== null || $to !== null || throw PageIsWrong::noBreak('say where a page ends, or where it does not any more.');
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        $setup = $sheet->aspect(PageSetup::class);
        $breaks = array_values(array_diff($this->ofRows ? $setup->rows : $setup->columns, [$this->from]));
        $this->to === null || $breaks[] = $this->to;
        count($breaks) <= PageSetup::BREAKS || throw PageIsWrong::noBreak('a sheet takes at most '.number_format(PageSetup::BREAKS)
            .' breaks of its own in one direction.');

        return $workbook->withSheet($this->sheet, $sheet->withAspects($this->ofRows ? $setup->breaking($breaks, $setup->columns)
            : $setup->breaking($setup->rows, $breaks)));
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        $place = fn (int $at) => $this->ofRows ? "row $at" : 'column '.Address::columnName($at);

        return $this->to === null ? 'Page no longer ends after '.$place((int) $this->from) : 'Page ends after '.$place($this->to);
    }
}
