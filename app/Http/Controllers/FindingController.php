<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Left;
use App\Bench\Looking;
use App\Http\Records\FindingRecord;
use App\Http\Records\FindingsRecord;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Rilvet\Check\Finding;

/** What makes a workbook hard to read, wrong or inconsistent. */
final class FindingController
{
    /** Seconds of looking for one request; the next goes on. */
    private const SECONDS = 1.0;

    public function __construct(private readonly Looking $looking)
    {
    }

    /** What is found so far: asked again until all sheets are looked over. */
    public function list(Request $request, int $id): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);
        $over = $this->looking->over($row, self::SECONDS, $request->integer('first'));
        $left = Left::of($row);

        return response()->json(new FindingsRecord($over->looked, $over->sheets,
            array_map(fn (Finding $one) => FindingRecord::of($one, $left->reason($one)), $over->findings)));
    }
}
