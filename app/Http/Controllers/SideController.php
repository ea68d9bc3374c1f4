<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\PastWorkbook;
use App\Files\Writing\PairWriter;
use App\Http\Records\SideRecord;
use App\Models\Workbook as WorkbookRow;
use App\Wire\ActIsWrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Rilvet\Compare\Comparison;
use Rilvet\Work\Workbook;

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

    /** @return array{Comparison, \Rilvet\Work\Worksheet, \Rilvet\Work\Worksheet, Workbook, Workbook} */
    private function both(Request $request): array
    {
        [$one, $first, $isOther, $id] = $this->side($request, 'left');
        [$other, $second, $isOtherToo, $beside] = $this->side($request, 'right');
        $isSame = $id === $beside && $first === $second && ! $isOther && ! $isOtherToo;

        return [new Comparison($one, $first, $other, $second, $isSame), $one->sheet($first), $other->sheet($second), $one, $other];
    }

    /** @return array{Workbook, int, bool, int} with its number, whether its cells are other than now, and the id of its workbook */
    private function side(Request $request, string $name): array
    {
        if (preg_match('/^(\d{1,9})\.(\d{1,6})(?:@(\d{1,12}))?$/', $request->string($name)->toString(), $said) !== 1) {
            throw ActIsWrong::argument($name, 'a workbook, a sheet and perhaps a step of its history: 5.1@120');
        }
        $row = WorkbookRow::onShelf((int) $said[1]);
        $number = (int) $said[2];
        if (! isset($said[3])) {
            return [$this->bench->load($row, [$number]), $number, false, $row->id];
        }
        $past = PastWorkbook::after($row, $number, (int) $said[3]);

        return [$past->made($this->bench), $number, $past->isOfData, $row->id];
    }
}
