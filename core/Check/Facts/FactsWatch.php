<?php

declare(strict_types=1);

namespace Rilvet\Check\Facts;

use Rilvet\Check\Places;
use Rilvet\Check\Watch;
use Rilvet\Formula\References;
use Rilvet\Grid\Cell;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;

/** Counts what the columns of a table hold. */
final class FactsWatch implements Watch
{
    /**
     * Rows of a table whose plain values are counted; what is wrong in more of them is wrong in these too. Formulas are seen in all rows
     * of the columns that have some there.
     */
    private const ROWS = 5_000;

    /** Columns of a table that are counted. */
    private const COLUMNS = 1_000;

    private int $rows = 0;

    /** @var array<int, ColumnFacts> */
    private array $facts = [];

    /** @var array<int, ColumnFacts> those with formulas */
    private array $watched = [];

    public function __construct(TableReading $table)
    {
        foreach ($table->isTurned() ? [] : array_slice($table->columns, 0, self::COLUMNS) as $column) {
            if (in_array($column->role, [ColumnRole::Data, ColumnRole::Label, ColumnRole::Total], true)) {
                $this->facts[$column->column] = new ColumnFacts;
            }
        }
    }

    public function see(int $row, ?Part $part, array $cells): void
    {
        if ($part !== Part::Body) {
            return;
        }
        $isCounted = ++$this->rows <= self::ROWS;
        if ($this->rows === self::ROWS + 1) {
            $this->watched = array_filter($this->facts, fn (ColumnFacts $facts) => $facts->formulas !== []);
        }
        foreach ($isCounted ? $this->facts : $this->watched as $at => $facts) {
            $isCounted && $facts->rows++;
            $cell = $cells[$at - 1] ?? null;
            if ($cell === null) {
                continue;
            }
            if ($cell->formula !== null) {
                self::formula($facts, $cell->formula, $row, $at);
            }
            if ($isCounted && ($cell->value !== null || $cell->formula !== null || $cell->error !== null)) {
                self::count($facts, $cell, $row, $at);
            }
        }
    }

    public function findings(): iterable
    {
        return [];
    }

    /** @return array<int, ColumnFacts> by column */
    public function facts(): array
    {
        return $this->facts;
    }

    private static function count(ColumnFacts $facts, Cell $cell, int $row, int $column): void
    {
        $facts->filled++;
        $value = $cell->value;
        if (is_int($value) || is_float($value)) {
            $facts->numbers++;
            $facts->least = min($facts->least, $value);
            $facts->greatest = max($facts->greatest, $value);
            $size = abs($value);
            $size > 1 && $facts->beyondOne++;
            if ($value == 0) {
                $facts->noughts++;
            }
            $places = self::places($value);
            $facts->decimals[$places] = ($facts->decimals[$places] ?? 0) + 1;
            if ($places === 0 && $size > 0 && $size < 1e15) {
                fmod($size, 1000) == 0 && $facts->thousands++;
                $digits = strlen((string) (int) $size);
                $facts->digits[$digits] = ($facts->digits[$digits] ?? 0) + 1;
            }
        } elseif (is_string($value)) {
            $facts->texts++;
            if ($facts->words !== null && $cell->formula === null) {
                $text = substr($value, 0, 200);
                if (isset($facts->words[$text]) || count($facts->words) < ColumnFacts::KINDS) {
                    ($facts->words[$text] ??= new Places($column))->add($row);
                } else {
                    $facts->words = null;
                }
            }
        }
    }

    private static function formula(ColumnFacts $facts, string $formula, int $row, int $column): void
    {
        if (str_contains($formula, '#REF!')) {
            ($facts->lost ??= new Places($column))->add($row);
        }
        if ($facts->formulas === null) {
            return;
        }
        $template = References::template($formula, $row);
        $key = '';
        foreach ($template as $part) {
            $key .= is_int($part) ? "\0$part\0" : $part;
        }
        if (isset($facts->formulas[$key]) || count($facts->formulas) < ColumnFacts::KINDS) {
            $facts->templates[$key] ??= $template;
            ($facts->formulas[$key] ??= new Places($column))->add($row);
        } else {
            $facts->formulas = null;
        }
    }

    /** Decimal places of a figure as it is written without a format; what binary arithmetic leaves behind is not among them. */
    private static function places(int|float $value): int
    {
        if (is_int($value) || floor($value) === $value) {
            return 0;
        }
        $text = (string) $value;
        $point = strpos($text, '.');

        return $point === false || str_contains($text, 'E') ? 15 : strlen($text) - $point - 1;
    }
}
