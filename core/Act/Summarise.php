<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Grid\Cell;
use Rilvet\Grid\EditedSheet;
use Rilvet\Grid\MemorySheet;
use Rilvet\Grid\Range;
use Rilvet\Guard\Allowance;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Part;
use Rilvet\Summary\Laid;
use Rilvet\Summary\Summary;
use Rilvet\Summary\SummaryIsWrong;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Puts a sheet into the workbook that sums up a table of another one, or makes one anew that is there. */
final readonly class Summarise implements Act
{
    /**
     * @param  int|null  $sheet  number of the summary that is made anew; null for a new one
     * @param  Summary|null  $summary  what it sums up; null for what it does already
     */
    public function __construct(private ?int $sheet, private ?Summary $summary)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $was = $this->sheet === null ? null : $workbook->sheet($this->sheet);
        $summary = $this->summary ?? $was?->aspect(Summary::class) ?? new Summary;
        ! $summary->isNone() || throw SummaryIsWrong::noSummary($was->name ?? '');
        $was === null || Targets::open($was, Allowance::DressCells, Allowance::PutRows, Allowance::TakeRows);
        $source = $workbook->sheets[$summary->sheet] ?? throw SummaryIsWrong::sourceGone();
        $laid = Laid::of($summary, $source, $workbook->from1904);
        if ($was !== null && $this->sheet !== null) {
            return $workbook->withSheet($this->sheet, self::anew($was, $laid, $summary, $workbook));
        }
        $workbook->guard?->isOn === true && throw SheetIsClosed::order();
        $number = $workbook->free();
        $name = self::free($workbook, $source);
        $sheet = (new Worksheet(new MemorySheet($name, $laid->rows), $name, $laid->reading()))->withAspects($summary);
        $workbook = $workbook->adding($number, $sheet);

        return $source->stylebook === null ? $workbook
            : (new Dress([$number], $source->stylebook, true, null, $source->reference))->on($workbook);
    }

    /** The same sheet with other figures; touches stay on the group and the column that they were given to. */
    private static function anew(Worksheet $sheet, Laid $laid, Summary $summary, Workbook $workbook): Worksheet
    {
        $edits = [];
        for ($row = 1; $row <= max(count($laid->rows), $sheet->cells->rows()); $row++) {
            for ($column = 1; $column <= max(count($laid->columnKeys), $sheet->cells->columns()); $column++) {
                $edits[$row][$column] = $laid->rows[$row - 1][$column - 1] ?? Cell::blank();
            }
        }
        $before = self::keys($sheet);
        $hand = $before === null ? $sheet->hand : self::followed($sheet->hand, $before, $laid);
        $named = $before === null ? $sheet->named : self::followed($sheet->named, $before, $laid);
        $cells = new EditedSheet($sheet->cells, $edits);

        return $sheet->readAs($laid->reading(), $cells, null)->withCorrections([])->withAspects($summary)->touched($hand)
            ->laid($named, $sheet->wears);
    }

    /**
     * What tells rows and columns apart on the sheet as it stands, read from its labels.
     *
     * @return array{array<int, string>, array<int, string>}|null rows and columns; null where somebody has rearranged it
     */
    private static function keys(Worksheet $sheet): ?array
    {
        $table = $sheet->reading->tables[0] ?? null;
        if ($table === null) {
            return null;
        }
        $rows = $columns = [];
        $outer = '';
        foreach ($sheet->cells->read(1, $sheet->cells->rows(), 1, 1) as $row => $cells) {
            $part = $table->runAt($row)?->part;
            $label = mb_strtolower($cells[0]->text());
            $outer = $part === Part::RowGroup ? $label : $outer;
            $rows[$row] = ($part->value ?? '')."|$outer|$label";
        }
        foreach ($table->columns as $column) {
            $columns[$column->column] = mb_strtolower((string) $column->heading);
        }

        return [$rows, $columns];
    }

    /** @param  array{array<int, string>, array<int, string>}  $before */
    private static function followed(LookMap $map, array $before, Laid $laid): LookMap
    {
        if ($map->isEmpty()) {
            return $map;
        }
        [$rows, $columns] = $before;
        $sheet = new Worksheet(new MemorySheet('', $laid->rows), '', $laid->reading());
        [$newRows, $newColumns] = self::keys($sheet) ?? [[], []];
        $toRow = array_flip($newRows);
        $toColumn = array_flip($newColumns);
        $followed = new LookMap;
        foreach ($map->runs() as $column => $runs) {
            $to = $toColumn[$columns[$column] ?? "\0"] ?? ($column > count($columns) ? $column : null);
            if ($to === null) {
                continue;
            }
            foreach ($runs as [$first, $last, $look]) {
                for ($row = $first; $row <= min($last, count($rows)); $row++) {
                    $at = $toRow[$rows[$row] ?? "\0"] ?? null;
                    $at === null || $followed->set(Range::of($at, $to, $at, $to), $look);
                }
                // What goes down to the end of the worksheet belongs to the column.
                $last > max(count($rows), count($laid->rows))
                    && $followed->set(Range::of(count($laid->rows) + 1, $to, $last, $to), $look);
            }
        }

        return $followed;
    }

    private static function free(Workbook $workbook, Worksheet $source): string
    {
        $taken = array_map(fn (Worksheet $sheet) => mb_strtolower($sheet->name), $workbook->sheets);
        // A worksheet's name has at most 31 characters (18.2.19).
        $name = 'Summary of '.mb_substr($source->name, 0, 18);
        for ($number = 2, $free = $name; in_array(mb_strtolower($free), $taken, true); $number++) {
            $free = "$name $number";
        }

        return $free;
    }

    public function reach(): Reach
    {
        $of = $this->summary === null || $this->summary->isNone() ? [] : [$this->summary->sheet];

        $own = $this->sheet === null ? [] : [$this->sheet];

        return Reach::whole(...array_values(array_unique([...$own, ...$of])))->withFormulas()->sizing();
    }

    public function words(Workbook $workbook): string
    {
        $summary = $this->summary ?? ($this->sheet === null ? null : $workbook->sheet($this->sheet)->aspect(Summary::class));

        return ($this->sheet === null ? 'Summary added: ' : 'Data: summary made anew, ').($summary?->words() ?? '');
    }
}
