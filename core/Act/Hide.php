<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Guard\Allowance;
use Rilvet\Measure\Exception\SizeIsWrong;
use Rilvet\Work\Workbook;

/** Takes columns or rows out of sight, or brings them back. */
final readonly class Hide implements Act
{
    /** @param  non-empty-list<int>  $sheets */
    public function __construct(private array $sheets, private bool $columns, private int $first, private int $last, private bool $hide)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            Targets::open($sheet, $this->columns ? Allowance::SizeColumns : Allowance::SizeRows);
            $filled = max(1, $this->columns ? $sheet->cells->columns() : $sheet->cells->rows());
            $now = array_flip($this->columns ? $sheet->setup->sizes->hiddenColumns : $sheet->setup->sizes->hiddenRows);
            if (! $this->hide) {
                $now = array_filter($now, fn (int $index) => $index < $this->first || $index > $this->last, ARRAY_FILTER_USE_KEY);
            } else {
                $now += array_fill_keys(range($this->first, min($this->last, max($filled, $this->first))), true);
                $seen = $filled - count(array_filter(array_keys($now), fn (int $index) => $index <= $filled));
                $seen > 0 || throw SizeIsWrong::allHidden($this->columns);
            }
            $hidden = array_keys($now);
            sort($hidden);
            $workbook = $workbook->withSheet($number, $sheet->hiding($this->columns, $hidden));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::on(...$this->sheets);
    }

    public function words(Workbook $workbook): string
    {
        $count = $this->last - $this->first + 1;

        return ($this->hide ? 'Hidden' : 'Shown').
            ', '.
            ($count === 1
                ? ($this->columns ? '1 column' : '1 row')
                : number_format($count).($this->columns ? ' columns' : ' rows')).
            (count($this->sheets) > 1 ? ', '.count($this->sheets).' sheets' : '');
    }
}
