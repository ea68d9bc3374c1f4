<?php

declare(strict_types=1);

namespace Rilvet\Condition;

use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Reading;

/** A condition in words. */
final class Sentence
{
    public static function of(Condition $condition, Reading $reading, bool $from1904 = false): string
    {
        $kind = self::kind($condition->where, $reading);

        return trim(self::subject($condition->where, $reading).' '.self::says($condition, $kind, $from1904));
    }

    /** What has to be true, without of what. */
    public static function says(Condition $condition, ?ColumnKind $kind, bool $from1904): string
    {
        $test = $condition->test;
        $values = array_map(fn (string $value) => mb_strimwidth(Written::shown($value, $kind, $from1904), 0, 60, '…'), $test->of);
        $mean = $test->deviations === 0
            ? ($test->orEqual ? ' or at it' : '')
            : " by $test->deviations ".($test->deviations === 1
            ? 'deviation'
            : 'deviations');

        return match ($test->is) {
            Is::Between, Is::Outside => $test->is->words()." $values[0] and $values[1]",
            Is::OneOf => $test->is->words().' '.implode(', ', array_slice($values, 0, 6)).(count($values) > 6
                ? ' and '.(count($values) - 6).' more' : ''),
            Is::Greatest, Is::Least => $test->is->words()." $test->count".($test->percent ? '%' : ''),
            Is::AboveMean, Is::BelowMean => $test->is->words().$mean,
            Is::Period => $test->is->words().' '.($test->period?->words() ?? ''),
            Is::Always => match (true) {
                $condition->scale !== null => 'as a scale',
                $condition->bar !== null => 'as a bar',
                default => 'with marks',
            },
            Is::Formula => 'makes true '.($values[0] ?? ''),
            default => trim($test->is->words().' '.($values[0] ?? '')),
        };
    }

    /** Of what it says something. */
    public static function subject(Where $where, Reading $reading): string
    {
        if ($where->column !== null) {
            $table = $reading->tableAt($where->column->row, $where->column->column);

            return $table?->column($where->column->column)->heading ?? ucfirst($where->words());
        }
        if ($where->part !== null) {
            $part = $where->part->value === 'body' ? '' : ', '.mb_strtolower($where->part->words());

            return $where->heading ?? ($where->kind === null ? $where->part->words() : $where->kind->ofMany().$part);
        }

        $heading = self::heading($where, $reading);

        return $heading ?? $where->words();
    }

    /** The heading of the column that all of its cells stand in. */
    private static function heading(Where $where, Reading $reading): ?string
    {
        $first = $where->cells[0] ?? null;
        foreach ($where->cells as $range) {
            if ($first === null || $range->left !== $first->left || $range->right !== $first->left) {
                return null;
            }
        }
        $table = $first === null ? null : $reading->tableAt($first->bottom, $first->left);

        return $first === null ? null : $table?->column($first->left)?->heading;
    }

    private static function kind(Where $where, Reading $reading): ?ColumnKind
    {
        if ($where->kind !== null) {
            return $where->kind;
        }
        $at = $where->column === null
            ? (($where->cells[0] ?? null) === null ? null : [$where->cells[0]->top, $where->cells[0]->left])
            : [$where->column->row, $where->column->column];

        return $at === null ? null : $reading->tableAt($at[0], $at[1])?->readingOf($at[0], $at[1])?->kind;
    }

    /** What it takes to know whether it holds. */
    public static function cost(Condition $condition, int $ranges): string
    {
        $formulas = implode(' ', $condition->formulas());

        return match (true) {
            $ranges > 100 => 'in '.number_format($ranges).' pieces',
            preg_match('/\\$?[A-Z]{1,3}\\$?\d*:\\$?[A-Z]{1,3}/i', $formulas) === 1 => 'looks at other cells from each cell',
            $condition->test->is->needsAll() || $condition->test->is === Is::Always => 'looks at all of its cells together',
            $condition->test->is === Is::Period || preg_match('/\b(?:TODAY|NOW)\(/i', $formulas) === 1 => 'changes with the day',
            default => 'looks at each cell by itself',
        };
    }
}
