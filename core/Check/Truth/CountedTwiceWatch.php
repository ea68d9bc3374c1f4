<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Check\Check;
use Rilvet\Check\Checked;
use Rilvet\Check\Watch;
use Rilvet\Grid\Address;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

/** Adds up the figures and the subtotals of a table, each by themselves. */
final class CountedTwiceWatch implements Watch
{
    /** @var array<int, array{float, float, float|null}> figures, subtotals, total by column */
    private array $sums = [];

    public function __construct(
        private readonly Check $check,
        private readonly Checked $sheet,
        private readonly TableReading $table,
        private readonly int $row,
    ) {
        foreach ($table->columns as $column) {
            if ($column->kind->isNumeric() && $column->role === ColumnRole::Data) {
                $this->sums[$column->column] = [0.0, 0.0, null];
            }
        }
    }

    public function see(int $row, ?Part $part, array $cells): void
    {
        foreach (array_keys($this->sums) as $column) {
            $number = ($cells[$column - 1] ?? null)?->number();
            if ($number === null) {
                continue;
            }
            match (true) {
                $row === $this->row => $this->sums[$column][2] = $number,
                $part === Part::Body => $this->sums[$column][0] += $number,
                $part === Part::Subtotal => $this->sums[$column][1] += $number,
                default => null,
            };
        }
    }

    public function findings(): iterable
    {
        foreach ($this->sums as $column => [$figures, $subtotals, $total]) {
            $near = fn (float $one, float $other) => abs($one - $other) <= 1e-6 * max(1.0, abs($other));
            $reading = $this->table->column($column);
            if ($total !== null && $reading !== null && $subtotals != 0 && $near($figures, $subtotals) && $near($total,
                $figures + $subtotals)) {
                yield $this->sheet->finding($this->check, Address::columnName($column).$this->row, 1, Checked::called($reading).
                    ': the total says '.number_format($total, 2).', which is the figures and their subtotals together; the figures are '.
                    number_format($figures, 2).'.', ['total' => $total, 'figures' => $figures]);
            }
        }
    }
}
