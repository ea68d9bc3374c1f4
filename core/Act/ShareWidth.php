<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\SortIsWrong;
use Rilvet\Fit\ColumnFit;
use Rilvet\Fit\WidthShare;
use Rilvet\Grid\Range;
use Rilvet\Guard\Allowance;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Ruler;
use Rilvet\Reading\Part;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;

/** Shares the width of a screen or page among the columns of a table; columns that get less than their texts need wrap them. */
final readonly class ShareWidth implements Act
{
    /** Body rows whose heights are fitted. */
    private const ROWS = 2_000;

    /** @param  int  $row  of a cell of the table */
    public function __construct(private int $sheet, private int $row, private int $column, private int $px)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet, Allowance::SizeColumns);
        $table = $sheet->reading->tableAt($this->row, $this->column) ?? throw SortIsWrong::noTable();
        $needs = (new ColumnFit($sheet, $workbook, Fonts::shipped()))->needs->shares($table);
        $widths = WidthShare::of($needs, $this->px, Ruler::PADDING);
        $hand = clone $sheet->hand;
        foreach ($needs as $column => ['texts' => $texts]) {
            if ($texts === [] || max($texts) <= $widths[$column]) {
                continue;
            }
            foreach ($table->runs as $run) {
                if ($run->part === Part::Body || $run->part === Part::Heading) {
                    $hand->map(
                        Range::of($run->first, $column, $run->last, $column),
                        fn (int $old) => $workbook->looks->number(
                            $workbook->looks->look($old)->under(Look::of([Attribute::Wrap->value => true])),
                        ),
                    );
                }
            }
        }
        $sheet = $sheet->touched($hand)->sized(true, $widths, array_keys($widths), true);
        $rows = range($table->range->top, min($table->range->bottom, $table->range->top + self::ROWS));
        $heights = (new ColumnFit($sheet, $workbook, Fonts::shipped()))->heights($rows);
        $free = array_values(array_diff(array_keys($heights), $sheet->setup->sizes->heldRows));

        return $workbook->withSheet($this->sheet, $sheet->sized(false, array_intersect_key($heights, array_flip($free)), $free, false));
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return "{$this->px} px shared among the columns, {$workbook->sheet($this->sheet)->name}";
    }
}
