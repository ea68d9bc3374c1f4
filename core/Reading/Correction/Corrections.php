<?php

declare(strict_types=1);

namespace Rilvet\Reading\Correction;

use Rilvet\Grid\Address;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;

/** Corrections from data: what the browser sends, and what is stored. */
final class Corrections
{
    /**
     * One that is stored: also what follows from those that a person said.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws CorrectionIsWrong
     */
    public static function stored(array $data): Correction
    {
        if (($data['type'] ?? null) === 'columns') {
            /** @phpstan-ignore argument.type */
            return ColumnsRead::stored($data);
        }
        if (($data['type'] ?? null) !== 'learned') {
            return self::of($data);
        }
        /** @var array{row: int, column: int, from: string, said: list<array<string, mixed>>} $data */

        return new AsLearned($data['row'], $data['column'], $data['from'], array_map(self::stored(...), $data['said']));
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws CorrectionIsWrong
     */
    public static function of(array $data): Correction
    {
        $row = self::whole($data, 'row', Address::ROWS);
        $column = self::whole($data, 'column', Address::COLUMNS);

        switch ($data['type'] ?? null) {
            case 'rows':
                return self::rows($data, $row, $column);
            case 'each':
                return new RowsAreEach(self::each($data['rows'] ?? null, $row, $column));
            case 'column':
                $kind = is_string($data['kind'] ?? null) ? ColumnKind::tryFrom($data['kind']) : null;
                $role = is_string($data['role'] ?? null) ? ColumnRole::tryFrom($data['role']) : null;
                if ($kind === null && $role === null) {
                    throw CorrectionIsWrong::because('a kind or a role is wanted');
                }

                return new ColumnIs($row, $column, $kind, $role);
            case 'split':
                return new SplitAt($row, $column);
            case 'join':
                return new JoinBelow($row, $column);
            default:
                throw CorrectionIsWrong::because('no such correction');
        }
    }

    /**
     * @return list<RowsAre>
     *
     * @throws CorrectionIsWrong
     */
    private static function each(mixed $rows, int $row, int $column): array
    {
        if (! is_array($rows) || $rows === [] || count($rows) > RowsAreEach::MOST) {
            throw CorrectionIsWrong::because('rows must be 1 to '.RowsAreEach::MOST.' stretches');
        }
        $each = [];
        $after = 0;
        foreach ($rows as $one) {
            [$first, $last, $part, $coded] = is_array($one) ? array_values($one) + [null, null, null, false] : [null, null, null, false];
            $each[] = self::rows(['first' => $first, 'last' => $last, 'part' => $part, 'coded' => $coded], $row, $column);
            if ($each[count($each) - 1]->first <= $after) {
                throw CorrectionIsWrong::because('stretches of rows must stand in order, none over another');
            }
            $after = $each[count($each) - 1]->last;
        }

        return $each;
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws CorrectionIsWrong
     */
    private static function rows(array $data, int $row, int $column): RowsAre
    {
        $first = self::whole($data, 'first', Address::ROWS);
        $last = self::whole($data, 'last', Address::ROWS);
        if ($last < $first) {
            throw CorrectionIsWrong::because('the last row stands above the first');
        }
        $part = $data['part'] ?? null;
        $known = is_string($part) ? Part::tryFrom($part) : null;
        if (($part !== null && $known === null) || $known === Part::RowLabel) {
            throw CorrectionIsWrong::because('rows can be no such part');
        }

        return new RowsAre($row, $column, $first, $last, $known, ($data['coded'] ?? false) === true);
    }

    /** @param  array<array-key, mixed>  $data */
    private static function whole(array $data, string $key, int $most): int
    {
        $value = $data[$key] ?? null;

        return is_int($value) && $value >= 1 && $value <= $most
            ? $value
            : throw CorrectionIsWrong::because("$key must be a whole number from 1 to $most");
    }
}
