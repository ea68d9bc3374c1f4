<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Http\Records\RenewalRecord;
use App\Http\Records\SummaryRecord;
use App\Models\Workbook as WorkbookRow;
use App\Wire\Arguments;
use App\Wire\GivenRenewal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Renew\RenewIsWrong;
use Rilvet\Summary\Laid;
use Rilvet\Summary\Summary;

/** What is made of a table, before it is kept: newer data in it, a summary of it. */
final class TableController
{
    /** What new data would do: which column goes where, which rows are new, gone and changed. */
    public function plan(Request $request, Bench $bench, int $id, int $number): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);
        /** @var array<array-key, mixed> $given */
        $given = $request->all();
        $arguments = new Arguments($given, $number, $row);
        $act = GivenRenewal::act($arguments);
        $place = $arguments->place();
        $workbook = $bench->load($row, [$number]);
        $table = $workbook->sheet($number)->reading->tableAt($place->row, $place->column) ?? throw RenewIsWrong::noTable();

        return response()->json(RenewalRecord::of($act->plan($workbook), $table,
            new DressedSheet($workbook->sheet($number), $workbook->looks), $workbook->from1904));
    }

    /** The first rows of a summary. */
    public function summary(Request $request, Bench $bench, int $id, int $number): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);
        $summary = Summary::of(['sheet' => $number] + (array) $request->input('of'));
        $workbook = $bench->load($row, [$number]);

        return response()->json(SummaryRecord::of($summary, Laid::of($summary, $workbook->sheet($number), $workbook->from1904)));
    }
}
