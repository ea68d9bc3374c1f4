<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Fit\ColumnFit;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;

/** Gives columns the width of the one among them that needs most: months, weeks. */
final readonly class EqualWidths implements Act
{
    /**
     * @param  non-empty-list<int>  $sheets
     * @param  non-empty-list<array{int, int}>  $spans
     */
    public function __construct(private array $sheets, private array $spans)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            $last = max(1, $sheet->cells->columns());
            $columns = array_merge(
                ...array_map(fn (array $span) => $span[0] <= $last ? range($span[0], min($span[1], $last)) : [], $this->spans),
            );
            $needs = (new ColumnFit($sheet, $workbook, Fonts::shipped()))->needs->of($columns);
            if ($needs !== []) {
                $workbook = (new Resize([$number], true, $this->spans, max($needs)))->on($workbook);
            }
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::on(...$this->sheets)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        $count = array_sum(array_map(fn (array $span) => $span[1] - $span[0] + 1, $this->spans));

        return "Equal widths, $count columns".(count($this->sheets) > 1 ? ', '.count($this->sheets).' sheets' : '');
    }
}
