<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\SideOf;
use App\Files\Writing\PairWriter;
use App\Http\Records\Outline;
use App\Http\Records\SideRecord;
use App\Http\Sight;
use App\Wire\ActIsWrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Rilvet\Compare\Comparison;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/** Two sheets beside each other: of two points of a history, of two sheets, of two workbooks. */
final class SideController
{
    public function __construct(private readonly Bench $bench)
    {
    }

    /** Which rows and columns are the same ones, and what differs. */
    public function compare(Request $request): JsonResponse
    {
        [$comparison, $left, $right] = $this->both($request);

        return response()->json(SideRecord::of($comparison, [
            $left->cells->rows(), $left->cells->columns(), $right->cells->rows(), $right->cells->columns(),
        ]));
    }

    /** Both in one file that needs nothing else, for those who ask what was done. */
    public function file(Request $request, PairWriter $writer): Response
    {
        [$comparison, , , $one, $other] = $this->both($request);
        $html = $writer->html($one, $other, $comparison, $request->string('leftName')->limit(80, '')->toString(),
            $request->string('rightName')->limit(80, '')->toString());

        return response($html, 200, ['Content-Type' => 'text/html; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="Side by side.html"']);
    }

    /** One side as a sheet of the Bench: tables, parts, sizes. */
    public function sheet(Request $request): JsonResponse
    {
        $side = SideOf::said('side', $request->string('side')->toString(), $this->bench);

        return response()->json(Outline::sheet($side->number, $side->workbook->sheet($side->number), $side->workbook->looks));
    }

    /** The cells of a stretch of one side, as they look. */
    public function window(Request $request): JsonResponse
    {
        /** @var array<array-key, mixed> $given */
        $given = $request->query();
        $range = Sight::rectangle($given) ?? throw ActIsWrong::argument('window', 'top, left, bottom and right');
        $side = SideOf::said('side', $request->string('side')->toString(), $this->bench);

        return response()->json(Sight::paint($side->workbook, $side->number, $range));
    }

    /** @return array{Comparison, Worksheet, Worksheet, Workbook, Workbook} */
    private function both(Request $request): array
    {
        $one = SideOf::said('left', $request->string('left')->toString(), $this->bench);
        $other = SideOf::said('right', $request->string('right')->toString(), $this->bench);
        $isSame = $one->id === $other->id && $one->number === $other->number && ! $one->isOfData && ! $other->isOfData;
        $comparison = new Comparison($one->workbook, $one->number, $other->workbook, $other->number, $isSame);

        return [$comparison, $one->workbook->sheet($one->number), $other->workbook->sheet($other->number), $one->workbook,
            $other->workbook];
    }
}
