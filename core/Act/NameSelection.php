<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\NameIsWrong;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Work\Workbook;

/** Gives a selection a name, or takes a name back where the ranges are null. */
final readonly class NameSelection implements Act
{
    public function __construct(private int $sheet, private string $name, private ?RangeSet $ranges)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $names = $workbook->names;
        if ($this->ranges === null) {
            unset($names[$this->name]);

            return $workbook->naming($names);
        }
        if (preg_match('/^[\p{L}_][\p{L}\p{N}_.]{0,199}$/u', $this->name) !== 1) {
            throw NameIsWrong::selection($this->name);
        }
        // A name that reads like a cell, such as AB12 or R1C1, would hide that cell.
        if (preg_match('/^(?:[A-Za-z]{1,3}\d+|[rR]\d*[cC]?\d*|[cC]\d*)$/', $this->name) === 1) {
            throw NameIsWrong::address($this->name);
        }
        foreach (array_keys($names) as $known) {
            if (mb_strtolower((string) $known) === mb_strtolower($this->name)) {
                throw NameIsWrong::taken($this->name);
            }
        }
        $sheet = "'".str_replace("'", "''", $workbook->sheet($this->sheet)->name)."'";
        $names[$this->name] = implode(',', array_map(fn (Range $range) => "$sheet!".self::absolute($range), $this->ranges->all()));

        return $workbook->naming($names);
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        return $this->ranges === null ? "Name \"$this->name\" taken back" : "Selection named \"$this->name\"";
    }

    private static function absolute(Range $range): string
    {
        $cell = fn (int $row, int $column) => '$'.Address::columnName($column).'$'.$row;

        return $range->cells() === 1
            ? $cell($range->top, $range->left)
            : $cell($range->top, $range->left).':'.$cell($range->bottom, $range->right);
    }
}
