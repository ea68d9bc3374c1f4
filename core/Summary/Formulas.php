<?php

declare(strict_types=1);

namespace Rilvet\Summary;

use Rilvet\Formula\References;
use Rilvet\Grid\Address;
use Rilvet\Reading\Part;
use Rilvet\Reading\RowRun;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Worksheet;

/**
 * Figures of a summary as formulas, so that they follow the table (SUMIFS and its kin, ISO/IEC 29500-1 18.17.7). What those cannot ask
 * for, the least and the greatest among them, is a value; all are where subtotals, groups or blank rows stand between the rows of the
 * table, which a formula over them would count.
 */
final readonly class Formulas
{
    private TableReading $table;

    private string $sheet;

    /** Whether the rows of the table stand in one piece. */
    private bool $isWhole;

    public function __construct(private Summary $summary, Worksheet $source)
    {
        $this->table = $summary->table($source);
        $this->sheet = References::prefix($source->name);
        $rows = array_sum(array_map(fn (RowRun $run) => $run->part === Part::Body ? $run->rows() : 0, $this->table->runs));
        $this->isWhole = $rows === $this->table->bodyRange()?->rows();
    }

    /** @return string|null without "="; null where it is a value */
    public function of(int $at, ?Group $outer, ?Group $inner, ?Group $column): ?string
    {
        if (! $this->isWhole) {
            return null;
        }
        $value = $this->summary->values[$at];
        $own = $this->plain($value, $outer, $inner, $column);
        if ($own === null || $value->share === Share::None) {
            return $own;
        }
        $whole = match ($value->share) {
            Share::Row => $this->plain($value, $outer, $inner, null),
            Share::Column => $this->plain($value, null, null, $column),
            Share::Whole => $this->plain($value, null, null, null),
        };

        return $whole === null ? null : "IFERROR($own/$whole,\"\")";
    }

    private function plain(Value $value, ?Group $outer, ?Group $inner, ?Group $column): ?string
    {
        $asked = [];
        $fields = [[$this->summary->rows[0], $outer], [$this->summary->rows[1] ?? null, $inner], [$this->summary->across, $column]];
        foreach ($fields as [$field, $group]) {
            if ($field === null || $group === null) {
                continue;
            }
            if ($group->criteria === null) {
                return null;
            }
            foreach ($group->criteria as $criterion) {
                array_push($asked, $this->range($field->heading), $criterion);
            }
        }
        $of = $value->heading === null ? null : $this->range($value->heading);
        $if = implode(',', $asked);

        return match ($value->figure) {
            Figure::Sum => $asked === [] ? "SUM($of)" : "SUMIFS($of,$if)",
            Figure::Mean => 'IFERROR('.($asked === [] ? "AVERAGE($of)" : "AVERAGEIFS($of,$if)").',"")',
            Figure::Count => match (true) {
                // One criterion for blank cells finds none in some programs; alone it is what this one counts.
                $of === null && count($asked) === 2 && $asked[1] === '"="' => "COUNTBLANK($asked[0])",
                $of !== null => 'COUNTIFS('.($asked === [] ? '' : "$if,").$of.',"<>")',
                $asked !== [] => "COUNTIFS($if)",
                default => null,
            },
            default => null,
        };
    }

    private function range(string $heading): string
    {
        $column = Address::columnName(Summary::column($this->table, $heading)->column ?? 1);
        $body = $this->table->bodyRange();

        return "$this->sheet\$$column\$".($body->top ?? 1).":\$$column\$".($body->bottom ?? 1);
    }
}
