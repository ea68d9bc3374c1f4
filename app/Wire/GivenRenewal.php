<?php

declare(strict_types=1);

namespace App\Wire;

use App\Bench\Bench;
use App\Models\Workbook;
use Rilvet\Act\BringAnew;
use Rilvet\Grid\Address;
use Rilvet\Renew\Choices;
use Rilvet\Renew\NewData;

/** New data for a table, as the browser says where it is and what was decided about it. */
final class GivenRenewal
{
    public const TYPE = '{ row: number; column: number; from: number; fromSheet?: number | null; key?: string[] | null; '
        .'pairs?: [from: number, to: number][]; without?: number[]; keepGone?: boolean; keepChanged?: boolean; below?: boolean }';

    /** @throws ActIsWrong */
    public static function act(Arguments $given): BringAnew
    {
        $place = $given->place();

        return new BringAnew($given->sheet, $place->row, $place->column, self::data($given), new Choices(
            $given->listOrNull('key') === null ? null : $given->texts('key'),
            self::pairs($given),
            self::columns($given),
            $given->flagOrNull('keepGone') === true,
            $given->flagOrNull('keepChanged') === true,
            $given->flagOrNull('below') === true,
        ));
    }

    private static function data(Arguments $given): NewData
    {
        $row = Workbook::query()->where('revision', '>', 0)->find($given->wholeOrNull('from') ?? 0)
            ?? throw ActIsWrong::argument('from', 'the id of the workbook that the new data came in, which is there no longer');
        $workbook = app(Bench::class)->whole($row);
        $sheet = $given->wholeOrNull('fromSheet');

        return $sheet === null ? NewData::first($workbook) : NewData::of($workbook, $sheet);
    }

    /** @return array<int, int> */
    private static function pairs(Arguments $given): array
    {
        $pairs = [];
        foreach ($given->listOrNull('pairs') ?? [] as $pair) {
            [$from, $to] = is_array($pair) ? array_pad(array_values($pair), 2, null) : [null, null];
            is_int($from) && is_int($to) && $from >= 1 && $from <= Address::COLUMNS && $to >= Choices::LEAVE && $to <= Address::COLUMNS
                || throw ActIsWrong::argument('pairs',
                    'a column of the new data and one of the table, 0 for a new one or -1 for none, each');
            $pairs[$from] = $to;
        }

        return $pairs;
    }

    /** @return list<int> */
    private static function columns(Arguments $given): array
    {
        $columns = [];
        foreach ($given->listOrNull('without') ?? [] as $column) {
            $columns[] = is_int($column) && $column >= 1 && $column <= Address::COLUMNS ? $column
                : throw ActIsWrong::argument('without', 'columns of the table');
        }

        return $columns;
    }
}
