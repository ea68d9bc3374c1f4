<?php

declare(strict_types=1);

namespace Rilvet\Renew;

use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Cell;
use Rilvet\Grid\PlainRows;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * The table that data comes from: the rows of its body, and nothing of its totals, titles and notes.
 *
 * @phpstan-import-type Stored from Cell
 */
final readonly class NewData
{
    /**
     * @param  bool  $from1904  its dates count from 1904
     * @param  string  $name  of what it came from, for the history
     */
    private function __construct(public Worksheet $sheet, public TableReading $table, public bool $from1904, public string $name)
    {
    }

    /**
     * The largest table of a sheet.
     *
     * @throws RenewIsWrong
     */
    public static function of(Workbook $workbook, int $number): self
    {
        $sheet = $workbook->sheet($number);
        $most = null;
        foreach ($sheet->reading->tables as $table) {
            if ($table->firstBodyRow() !== null && $table->range->cells() > ($most?->range->cells() ?? 0)) {
                $most = $table;
            }
        }
        $most ?? throw RenewIsWrong::noData($sheet->name);
        $most->isTurned() && throw RenewIsWrong::turned();

        return new self($sheet, $most, $workbook->from1904, $workbook->name);
    }

    /**
     * The first sheet of a workbook that has a table.
     *
     * @throws RenewIsWrong
     */
    public static function first(Workbook $workbook): self
    {
        foreach ($workbook->sheets as $number => $sheet) {
            foreach ($sheet->reading->tables as $table) {
                if ($table->firstBodyRow() !== null) {
                    return self::of($workbook, $number);
                }
            }
        }
        throw RenewIsWrong::noData(implode(', ', array_map(fn (Worksheet $sheet) => $sheet->name, $workbook->sheets)));
    }

    /** @return list<ColumnReading> */
    public function columns(): array
    {
        return self::columnsOf($this->table);
    }

    /** @return list<ColumnReading> those that hold something */
    public static function columnsOf(TableReading $table): array
    {
        return array_values(array_filter($table->columns, fn (ColumnReading $one) => $one->role !== ColumnRole::Spacer));
    }

    /** @return iterable<int, list<Stored>> rows of the body that hold something, by row; blank cells at their ends may be left out */
    public function rows(): iterable
    {
        return self::rowsOf($this->sheet, $this->table);
    }

    /** @return iterable<int, list<Stored>> the same with texts as they came, which a column reads */
    public function rawRows(): iterable
    {
        $cells = $this->sheet->cells;

        return self::rowsOf($this->sheet, $this->table, false, $cells instanceof BlockSheet ? $cells->stored() : null);
    }

    /**
     * @param  bool  $blank  rows that hold nothing are given too
     * @param  iterable<int, list<Stored>>|null  $rows  of the whole sheet; null for its values
     * @return iterable<int, list<Stored>>
     */
    public static function rowsOf(Worksheet $sheet, TableReading $table, bool $blank = false, ?iterable $rows = null): iterable
    {
        [$left, $right] = [$table->range->left, $table->range->right];
        $body = array_values(array_filter($table->runs, fn (RowRun $run) => $run->part === Part::Body));
        $next = $body[0]->first ?? 0;
        foreach ($rows ?? PlainRows::of($sheet->cells) as $row => $stored) {
            for (; $body !== [] && $row > $body[0]->last; $next = max($next, $body[0]->first ?? 0)) {
                for ($next = max($next, $body[0]->first); $blank && $next <= $body[0]->last; $next++) {
                    yield $next => [];
                }
                array_shift($body);
            }
            if ($body === []) {
                return;
            }
            if ($row < $body[0]->first) {
                continue;
            }
            for ($next = max($next, $body[0]->first); $blank && $next < $row; $next++) {
                yield $next => [];
            }
            $next = $row + 1;
            $holds = $blank;
            for ($at = $left - 1; ! $holds && $at < $right; $at++) {
                $holds = isset($stored[$at]) && $stored[$at] !== '';
            }
            if ($holds) {
                yield $row => $stored;
            }
        }
        foreach ($blank ? $body : [] as $run) {
            for ($next = max($next, $run->first); $next <= $run->last; $next++) {
                yield $next => [];
            }
        }
    }
}
