<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\Check;
use Rilvet\Check\Checked;
use Rilvet\Check\Watch;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

final class TotalWatch implements Watch
{
    /** Of the sum: what is further away than that is hardly meant to be it (a mean, the greatest, a count). */
    private const NEAR = 0.2;

    /** @var array<int, float> by column */
    private array $sums = [];

    /** @var array<int, int> figures by column */
    private array $counts = [];

    /** @var array<int, true> columns with something in them that adds up to nothing */
    private array $doubtful = [];

    /** @var array<int, float> typed totals by column */
    private array $totals = [];

    /** @var array<int, ColumnReading> */
    private array $columns = [];

    public function __construct(
        private readonly Check $check,
        private readonly Checked $sheet,
        private readonly TableReading $table,
        private readonly int $row,
        private readonly bool $isRight = false,
    ) {
        foreach ($table->columns as $column) {
            $adds = $column->kind->isNumeric() && $column->kind !== ColumnKind::Percent && $column->grouped;
            if ($adds && $column->role === ColumnRole::Data) {
                $this->columns[$column->column] = $column;
                $this->sums[$column->column] = 0.0;
                $this->counts[$column->column] = 0;
            }
        }
    }

    public function see(int $row, ?Part $part, array $cells): void
    {
        if ($row === $this->row) {
            foreach (array_keys($this->columns) as $column) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                if ($cell->formula === null && $cell->number() !== null) {
                    $this->totals[$column] = $cell->number();
                }
            }
        } elseif ($part === Part::Body) {
            foreach (array_keys($this->columns) as $column) {
                $cell = $cells[$column - 1] ?? Cell::blank();
                $number = $cell->number();
                if ($number !== null) {
                    $this->sums[$column] += $number;
                    $this->counts[$column]++;
                } elseif (! $cell->isBlank()) {
                    $this->doubtful[$column] = true;
                }
            }
        }
    }

    public function findings(): iterable
    {
        foreach ($this->totals as $column => $total) {
            [$sum, $count] = [$this->sums[$column], $this->counts[$column]];
            // Figures that were rounded before they were written may each be half a place away; together they seldom are further
            // than four times their standard deviation, which is the square root of n / 12.
            $may = 1e-9 * abs($sum) + ($this->isRight ? 0.0
                : min($count / 2, 4 * sqrt($count / 12)) * 10 ** -$this->columns[$column]->decimals);
            $off = abs($total - $sum);
            if ($count < 3 || isset($this->doubtful[$column]) || ($off <= $may) !== $this->isRight || $off > self::NEAR * abs($sum)) {
                continue;
            }
            $at = Address::columnName($column).$this->row;
            $body = $this->table->bodyRange();
            $mend = $body === null ? null : FormulaPut::sum($this->sheet, $this->row, $column, $body->top, $body->bottom);
            if ($this->isRight) {
                yield $this->sheet->finding($this->check, $at, 1, Checked::called($this->columns[$column]).
                    ': the total was typed, and is the sum of its '.number_format($count).' figures as they are now.', [], $mend);

                continue;
            }
            $places = min(9, $this->columns[$column]->decimals);
            yield $this->sheet->finding($this->check, $at, 1,
                Checked::called($this->columns[$column]).': the total says '.number_format($total, $places).', its '.
                number_format($count).' figures add up to '.number_format($sum, $places).'.',
                ['total' => $total, 'sum' => round($sum, 9), 'figures' => $count], $mend);
        }
    }
}
