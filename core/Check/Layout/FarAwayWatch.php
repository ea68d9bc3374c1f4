<?php

declare(strict_types=1);

namespace Rilvet\Check\Layout;

use Rilvet\Check\Check;
use Rilvet\Check\Checked;
use Rilvet\Check\Watch;
use Rilvet\Grid\Address;
use Rilvet\Reading\Part;

/** Looks for a great stretch of blank rows with a few cells behind it. */
final class FarAwayWatch implements Watch
{
    /** Blank rows that nobody scrolls over by chance. */
    private const GAP = 300;

    private const FEW = 4;

    private int $last = 0;

    private int $before = 0;

    private int $after = 0;

    private string $first = '';

    private int $gap = 0;

    public function __construct(private readonly Check $check, private readonly Checked $sheet)
    {
    }

    public function see(int $row, ?Part $part, array $cells): void
    {
        $filled = 0;
        $column = 0;
        foreach ($cells as $at => $cell) {
            if ($cell->value !== null || $cell->formula !== null) {
                $column = $column === 0 ? $at + 1 : $column;
                if (++$filled > self::FEW) {
                    break;
                }
            }
        }
        if ($filled === 0) {
            return;
        }
        if ($row - $this->last > self::GAP && $this->last > 0) {
            $this->before += $this->after;
            $this->after = 0;
            $this->gap = $row - $this->last - 1;
            $this->first = Address::columnName($column).$row;
        }
        $this->first === '' ? $this->before += $filled : $this->after += $filled;
        $this->last = $row;
    }

    public function findings(): iterable
    {
        if ($this->first !== '' && $this->after <= self::FEW && $this->before > 10) {
            yield $this->sheet->finding($this->check, $this->first, $this->after, number_format($this->after).
                ($this->after === 1 ? ' cell stands' : ' cells stand').' below '.number_format($this->gap).' blank rows.');
        }
    }
}
