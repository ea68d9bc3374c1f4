<?php

declare(strict_types=1);

namespace Rilvet\Reading;

use Rilvet\Intake\Lexeme;

/**
 * Tables whose headings stand in their first column, and whose records go across: each row holds one kind of thing, and the rows
 * differ. A block of keys and values is one of a single record.
 */
final class Turned
{
    /** Rows beyond which nobody turns a table. */
    private const MOST_ROWS = 300;

    /** The share of rows that may hold things of more than one kind. */
    private const MIXED = 0.05;

    /** Records that are looked at. */
    private const MOST_RECORDS = 60;

    /** Characters of a heading, at the most. */
    private const LONG = 60;

    /** @return array<int, ColumnReading> what each row of the body holds, where a person has said that the headings stand at the left */
    public static function said(SheetFacts $facts, TableReading $table): array
    {
        $rows = [];
        foreach ($table->runs as $run) {
            $run->part === Part::Body && array_push($rows, ...range($run->first, min($run->last, $run->first + self::MOST_ROWS)));
        }

        return self::of(new Region($facts, $table->range), array_slice($rows, 0, self::MOST_ROWS));
    }

    /**
     * @param  list<RowRun>  $runs
     * @return array<int, ColumnReading> what each row of the body holds, by the row; empty where the table is not turned
     */
    public static function lines(Region $region, array $runs): array
    {
        $rows = [];
        foreach ($runs as $run) {
            if ($run->part === Part::Body) {
                if (count($rows) + $run->rows() > self::MOST_ROWS) {
                    return [];
                }
                array_push($rows, ...range($run->first, $run->last));
            }
        }
        $isHeaded = array_filter($runs, fn (RowRun $run) => $run->part === Part::Heading) !== [];
        $isTurned = self::is($region, $rows) || (! $isHeaded && KeyBlock::is($region, $rows));

        return $isTurned ? self::of($region, $rows) : [];
    }

    /**
     * @param  list<int>  $rows
     * @return array<int, ColumnReading>
     */
    private static function of(Region $region, array $rows): array
    {
        $range = $region->range;
        $lines = [];
        foreach ($rows as $row) {
            $heading = $region->text($row, $range->left);
            $records = range($range->left + 1, min($range->right, $range->left + self::MOST_RECORDS));
            $line = ColumnJudge::line($region, $row, $records, $heading === '' ? null : $heading);
            // Among words a date came as text, and is one all the same.
            $lines[$row] = $line->kind->isWordy() && self::types($region, $row) === ['d' => true]
                ? $line->withKind(ColumnKind::Date, $line->confidence)
                : $line;
        }

        return $lines;
    }

    /**
     * Names down the first column; in each row things of one kind, and in some of the rows of another than in others. In columns of
     * a table that is not turned it is the other way round.
     *
     * @param  list<int>  $rows
     */
    public static function is(Region $region, array $rows): bool
    {
        if ($region->range->columns() < 3 || count($rows) > self::MOST_ROWS) {
            return false;
        }
        $tally = [];
        $mixed = 0;
        foreach ($rows as $row) {
            $types = self::types($region, $row);
            if (count($types) === 1) {
                $tally[array_key_first($types)] = ($tally[array_key_first($types)] ?? 0) + 1;
            } elseif ($types !== [] && ++$mixed > self::MIXED * count($rows)) {
                return false;
            }
        }

        return count($tally) > 1 && max($tally) <= 0.8 * array_sum($tally) && self::areNames($region, $rows);
    }

    /** @return array<string, true> the types of what a row holds beside its heading */
    private static function types(Region $region, int $row): array
    {
        $left = $region->range->left;
        $letters = substr($region->letters($row), 1, self::MOST_RECORDS);
        $types = [];
        foreach (str_split($letters) as $at => $letter) {
            if ($letter !== '.' && $letter !== '-' && $letter !== 'e' && $letter !== 'E') {
                $types[self::type($letter, $region->text($row, $left + 1 + $at))] = true;
            }
        }

        return $types;
    }

    /** A figure that stands among words came as text, and is one all the same. */
    public static function type(string $letter, string $text): string
    {
        return match (strtolower($letter)) {
            't', 'w' => match (self::lexeme($text)) {
                Lexeme::Number => 'n',
                Lexeme::Date => 'd',
                Lexeme::Time => 'h',
                default => 't',
            },
            's' => 'n',
            default => strtolower($letter),
        };
    }

    /**
     * Words, each of them another.
     *
     * @param  list<int>  $rows
     */
    public static function areNames(Region $region, array $rows): bool
    {
        $names = [];
        foreach ($rows as $row) {
            $text = mb_strtolower($region->text($row, $region->range->left));
            $isName = in_array(self::lexeme($text), [Lexeme::Text, Lexeme::TotalWord], true) && mb_strlen($text) <= self::LONG;
            if (! $isName || isset($names[$text]) || ! str_contains('tw', $region->letters($row)[0])) {
                return false;
            }
            $names[$text] = true;
        }

        return $names !== [];
    }

    private static function lexeme(string $text): Lexeme
    {
        return Lexeme::of(strtr($text, '012345678', '999999999'));
    }
}
