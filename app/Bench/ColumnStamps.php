<?php

declare(strict_types=1);

namespace App\Bench;

/**
 * At which revision of the data each column of a sheet was changed last: what was worked out of the others stands. Where it is
 * not known, all of them count as changed with the sheet.
 */
final class ColumnStamps
{
    /** Columns that are told apart; an edit of more is one of the whole sheet. */
    private const MOST = 200;

    /**
     * Some columns hold something else from a revision on.
     *
     * @param  int  $before  the revision of the data until then
     * @param  list<int>  $columns
     */
    public static function changed(int $sheet, int $before, int $now, array $columns): void
    {
        if (count($columns) <= self::MOST) {
            $stamps = self::of($sheet, $before);
            WorkedOut::put(self::key($sheet, $now), serialize(array_fill_keys($columns, $now) + $stamps));
        }
    }

    /**
     * The revision at which any of some columns was changed last.
     *
     * @param  list<int>  $columns
     */
    public static function last(int $sheet, int $revision, array $columns): int
    {
        $stamps = self::of($sheet, $revision);

        return max([$stamps[0], ...array_map(fn (int $column) => $stamps[$column] ?? $stamps[0], $columns)]);
    }

    /** @return array<int, int> by column; under 0 of all others */
    private static function of(int $sheet, int $revision): array
    {
        $kept = WorkedOut::get(self::key($sheet, $revision));
        $stamps = $kept === null ? null : @unserialize($kept, ['allowed_classes' => false]);

        /** @var array<int, int> */
        return is_array($stamps) ? $stamps : [0 => $revision];
    }

    private static function key(int $sheet, int $revision): string
    {
        return "columns.$sheet.$revision";
    }
}
