<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Http\Records\RenewalRecord;
use App\Models\Workbook as WorkbookRow;
use App\Wire\Arguments;
use App\Wire\GivenRenewal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Renew\RenewIsWrong;

/** New data for a table, before it is kept. */
final class RenewalController
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
}
