<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Fit\ColumnFit;
use Rilvet\Guard\Allowance;
use Rilvet\Measure\Exception\SizeIsWrong;
use Rilvet\Text\Fonts;
use Rilvet\Work\Workbook;

/** Gives columns or rows a size by hand, which they keep, or fits them to their contents, which they follow from then on. */
final readonly class Resize implements Act
{
    /** Rows or columns that one act sizes. */
    private const MOST = 16_384;

    /**
     * @param  non-empty-list<int>  $sheets
     * @param  non-empty-list<array{int, int}>  $spans  first and last column or row
     * @param  int|null  $px  null fits them
     * @param  bool  $all  titles, units lines and notes count in a fit
     */
    public function __construct(
        private array $sheets,
        private bool $columns,
        private array $spans,
        private ?int $px,
        private bool $all = false,
    ) {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            Targets::open($sheet, $this->columns ? Allowance::SizeColumns : Allowance::SizeRows);
            $indexes = $this->indexes($this->columns ? max(1, $sheet->cells->columns()) : max(1, $sheet->cells->rows()));
            $fit = new ColumnFit($sheet->sized($this->columns, [], $indexes, false), $workbook, Fonts::shipped());
            $sizes =
                $this->px !== null
                    ? array_fill_keys($indexes, $this->px)
                    : ($this->columns
                        ? $fit->needs->of($indexes, $this->all)
                        : $fit->heights($indexes));
            $workbook = $workbook->withSheet($number, $sheet->sized($this->columns, $sizes, $indexes, $this->px !== null));
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
        $what = $this->columns
            ? ($count === 1 ? 'column' : 'columns')
            : ($count === 1 ? 'row' : 'rows');
        $sheets = count($this->sheets) > 1 ? ', '.count($this->sheets).' sheets' : '';

        return ($this->px === null ? 'Fitted'
            : ($this->columns ? "Width {$this->px} px" : "Height {$this->px} px")).
            ", $count $what$sheets";
    }

    /**
     * Those of the spans; a fit ends with the data, since there is nothing to fit beyond.
     *
     * @return list<int>
     */
    private function indexes(int $last): array
    {
        $indexes = [];
        foreach ($this->spans as [$from, $to]) {
            $to = $this->px === null ? min($to, $last) : $to;
            if ($to - $from + count($indexes) >= self::MOST) {
                throw SizeIsWrong::tooMany($this->columns, self::MOST);
            }
            array_push($indexes, ...($from <= $to ? range($from, $to) : []));
        }

        return array_values(array_unique($indexes));
    }
}
