<?php

declare(strict_types=1);

namespace Rilvet\Reading;

/** Which leading columns name the rows: names and codes, also numbers and dates that serve as identifiers. */
final class LabelJudge
{
    /**
     * @param  list<ColumnReading>  $columns
     * @param  list<int>  $rows  body rows to look at
     * @return list<int> columns
     */
    public static function judge(Region $region, array $columns, array $rows): array
    {
        $labels = [];
        $others = count(
            array_filter($columns, fn (ColumnReading $column) => ! $column->kind->isWordy() && $column->kind !== ColumnKind::None),
        );
        foreach ($columns as $at => $column) {
            if ($column->kind === ColumnKind::None && $column->heading === null && $labels !== []) {
                continue;
            }
            if ($at === 0 || $labels === []) {
                if (! self::opens($region, $column, $rows, $others)) {
                    break;
                }
                $labels[] = $column->column;

                continue;
            }
            $first = $columns[$labels[0] - $columns[0]->column];
            $names = $column->kind === ColumnKind::Text || ($column->kind === ColumnKind::Code && $first->kind !== ColumnKind::Date)
                || ($column->kind === ColumnKind::Category && $first->kind === ColumnKind::Category && $others > 0);
            if (! $names || $others === 0 || in_array($first->kind, [ColumnKind::Date, ColumnKind::DateTime, ColumnKind::Time], true)) {
                break;
            }
            $labels[] = $column->column;
        }

        return count($labels) >= count($columns) && count($columns) > 1 ? [$labels[0]]
            : (count($columns) === 1 ? [] : $labels);
    }

    /** @param  list<int>  $rows */
    private static function opens(Region $region, ColumnReading $column, array $rows, int $others): bool
    {
        if ($column->kind === ColumnKind::Text || $column->kind === ColumnKind::Code || $column->kind === ColumnKind::Category) {
            return true;
        }
        if ($column->kind === ColumnKind::LongText) {
            return $others > 0;
        }
        $ordered = match ($column->kind) {
            ColumnKind::Date, ColumnKind::DateTime => self::identifies($region, $column->column, $rows),
            ColumnKind::Integer => self::identifies($region, $column->column, $rows) &&
                (! $column->grouped ||
                    preg_match(
                        '/\b(?:year|week|month|day|quarter|no|nr|number|rank|id|age|step|round|size|plot|bed|row|lot|period|class|line|'
                        .'item|place|position)\b|#/i',
                        $column->heading ?? '#',
                    ) > 0),
            ColumnKind::Time => self::identifies($region, $column->column, $rows),
            default => false,
        };

        return $ordered;
    }

    /**
     * No value twice.
     *
     * @param  list<int>  $rows
     */
    private static function identifies(Region $region, int $column, array $rows): bool
    {
        $seen = [];
        $count = 0;
        foreach ($rows as $row) {
            $value = $region->cell($row, $column)->text();
            if ($value !== '') {
                $seen[$value] = true;
                $count++;
            }
        }

        return $count >= 2 && count($seen) >= 0.98 * $count;
    }
}
