<?php

declare(strict_types=1);

namespace Rilvet\Check;

use Rilvet\Act\Targets;
use Rilvet\Check\Facts\CellFacts;
use Rilvet\Check\Facts\ColumnFacts;
use Rilvet\Check\Facts\Survey;
use Rilvet\Dressed\CellParts;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Grid\Address;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\TableReading;
use Rilvet\Window\TruthNote;
use Rilvet\Window\TruthNotes;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** A sheet that is looked at, and what several checks need to know of it. */
final class Checked
{
    /** Tables of a sheet that are looked at. */
    private const TABLES = 500;

    private const COLUMNS = 2_000;

    /** Rows of a table that notes are looked for in. */
    private const ROWS = 2_000;

    public readonly Worksheet $sheet;

    private ?CellParts $parts = null;

    private ?DressedSheet $dressed = null;

    private ?Survey $survey = null;

    private ?CellFacts $facts = null;

    /** @var list<TruthNote>|null */
    private ?array $truths = null;

    /** @param  string  $of  what the workbook is called in sentences, where there are several of them */
    public function __construct(public readonly Workbook $workbook, public readonly int $number, public readonly string $of = '')
    {
        $this->sheet = $workbook->sheet($number);
    }

    /** What is known of its cells already is not gathered again. */
    public function knowing(CellFacts $facts): self
    {
        $this->facts = $facts;

        return $this;
    }

    public function parts(): CellParts
    {
        return $this->parts ??= new CellParts($this->sheet, $this->workbook->looks);
    }

    public function dressed(): DressedSheet
    {
        return $this->dressed ??= new DressedSheet($this->sheet, $this->workbook->looks, $this->workbook->around($this->number));
    }

    public function survey(): Survey
    {
        return $this->survey ??= new Survey($this->sheet, $this->dressed(), $this->facts);
    }

    public function facts(): CellFacts
    {
        return $this->facts ??= WalkThrough::through($this, [])->facts;
    }

    /** @return list<TruthNote> */
    public function truths(): array
    {
        // Of thousands of columns nobody walks through notes.
        return $this->truths ??= $this->sheet->cells->columns() > self::COLUMNS || count($this->sheet->reading->tables) > self::TABLES ? []
            : TruthNotes::of($this->workbook, $this->number, self::ROWS);
    }

    /** @return list<TableReading> */
    public function tables(): array
    {
        return array_slice($this->sheet->reading->tables, 0, self::TABLES);
    }

    /**
     * The columns of data, each with its table, the stretch of its cells from the first row of the body to the last, and what
     * they hold.
     *
     * @return iterable<array{TableReading, ColumnReading, Range, ColumnFacts}>
     */
    public function columns(bool $labels = false, bool $totals = false): iterable
    {
        foreach ($this->tables() as $at => $table) {
            $body = $table->isTurned() ? null : $table->bodyRange();
            if ($body === null) {
                continue;
            }
            foreach ($table->columns as $column) {
                if ($column->role === ColumnRole::Data || ($labels && $column->role === ColumnRole::Label)
                    || ($totals && $column->role === ColumnRole::Total)) {
                    yield [$table, $column, Range::of($body->top, $column->column, $body->bottom, $column->column),
                        $this->facts()->of($at, $column->column)];
                }
            }
        }
    }

    public function targets(Range|string $ranges): Targets
    {
        return new Targets([$this->number], $ranges instanceof Range ? RangeSet::of($ranges) : RangeSet::parse(str_replace(' ', '',
            $ranges)));
    }

    /** How a column is called in a sentence: by its heading, without one by its letter. */
    public static function called(ColumnReading $column): string
    {
        $heading = trim((string) preg_replace('/\s+/u', ' ', (string) $column->heading));

        return $heading === '' ? 'Column '.Address::columnName($column->column) : '"'.mb_substr($heading, 0, 60).'"';
    }

    /** @param  array<string, string|int|float>  $evidence */
    public function finding(Check $check, Range|string $range, int $count, string $words, array $evidence = [], ?Mend $mend = null): Finding
    {
        $about = $check->about();

        return new Finding($about->name, $about->severity, $this->sheet->name, $this->number, (string) $range, $count, $words, $evidence,
            $mend);
    }
}
