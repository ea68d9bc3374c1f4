<?php

declare(strict_types=1);

namespace Rilvet\Check\Truth;

use Rilvet\Act\ConvertCells;
use Rilvet\Check\Check;
use Rilvet\Check\Checked;
use Rilvet\Check\Mend;
use Rilvet\Check\Places;
use Rilvet\Check\Watch;
use Rilvet\Grid\Range;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

final class NumberAsTextWatch implements Watch
{
    private const NUMBER = '/^[\s\x{A0}]*[-+\x{2212}]?\d+(?:[ ,.\'\x{A0}]\d{3})*(?:[.,]\d+)?[\s\x{A0}]*$/u';

    /** @var array<int, ColumnReading> */
    private array $columns = [];

    /** @var array<int, Places> */
    private array $places = [];

    public function __construct(private readonly Check $check, private readonly Checked $sheet, private readonly TableReading $table)
    {
        foreach ($table->isTurned() ? [] : $table->columns as $column) {
            if ($column->kind->isNumeric() && $column->role === ColumnRole::Data) {
                $this->columns[$column->column] = $column;
            }
        }
    }

    public function see(int $row, ?Part $part, array $cells): void
    {
        if ($part !== Part::Body) {
            return;
        }
        foreach ($this->columns as $at => $column) {
            $cell = $cells[$at - 1] ?? null;
            if ($cell !== null && $cell->formula === null && $cell->isText() && preg_match(self::NUMBER, $cell->text()) === 1) {
                ($this->places[$at] ??= new Places($at))->add($row);
            }
        }
    }

    public function findings(): iterable
    {
        ksort($this->places);
        foreach ($this->places as $at => $places) {
            $body = $this->table->bodyRange();
            $mend = $body === null ? null : Mend::values(
                new ConvertCells($this->sheet->targets(Range::of($body->top, $at, $body->bottom, $at)), 'numbers'), $places->count);
            yield $this->sheet->finding($this->check, $places->text(), $places->count, Checked::called($this->columns[$at]).': '.
                number_format($places->count).' '.($places->count === 1 ? 'number is kept as a text.'
                    : 'numbers are kept as texts.'), [], $mend);
        }
    }
}
