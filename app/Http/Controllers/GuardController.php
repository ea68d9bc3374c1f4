<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Http\GuardView;
use App\Http\Records\CellEntryRecord;
use App\Http\Records\NextEntryRecord;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\OpenCells;
use Rilvet\Entry\EntryJudges;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Measure\Shown;

/** What is entered, chosen and worked out on a sheet, and how that is guarded. */
final class GuardController
{
    /** Choices that are sent. */
    private const CHOICES = 1_000;

    public function __construct(private readonly Bench $bench)
    {
    }

    /** What a sheet is for, its entry, choice and formula cells, its checks on entry, and how it is protected. */
    public function sheet(int $id, int $number): JsonResponse
    {
        return response()->json(GuardView::of($this->bench->whole(WorkbookRow::onShelf($id)), $number));
    }

    /** What one cell takes. */
    public function cell(Request $request, int $id, int $number): JsonResponse
    {
        $workbook = $this->bench->load(WorkbookRow::onShelf($id), [$number]);
        [$row, $column] = self::place($request);
        $sheet = $workbook->sheet($number);
        $judges = new EntryJudges($sheet->entriesNear([[$row, $column]]), $sheet->reading, $sheet->cells, $workbook->around($number));
        $judge = $judges->at($row, $column);
        $look = (new DressedSheet($sheet, $workbook->looks))->at($row, $column);
        $cell = Cell::blank();
        foreach ($sheet->cells->read($row, $row, $column, $column) as $cells) {
            $cell = $cells[$column - 1] ?? $cell;
        }
        $kind = $sheet->reading->tableAt($row, $column)?->column($column)?->kind;
        $isChoice = $judge?->check->isChoice() === true;

        return response()->json(new CellEntryRecord(
            $look->look->get(Attribute::Locked) !== false,
            array_map(fn (bool|int|float|string $value) => Shown::of(Cell::of($value), $look, $workbook->from1904)->formatted->text,
                array_slice($isChoice ? $judge->choices($row, $column) : [], 0, self::CHOICES)),
            $judge->check->promptTitle ?? '', $judge->check->prompt ?? '', $judge?->wanted($kind),
            $judge === null || $cell->isBlank() || $judge->allows($row, $column, $cell),
        ));
    }

    /** The open cell after or before one: along its row, then in the rows below, and around. */
    public function next(Request $request, int $id, int $number): JsonResponse
    {
        $workbook = $this->bench->load(WorkbookRow::onShelf($id), [$number]);
        [$row, $column] = self::place($request);

        $next = (new OpenCells($workbook->sheet($number), $workbook->looks))->next($row, $column, $request->boolean('back'));

        return response()->json(new NextEntryRecord($next->row ?? 0, $next->column ?? 0));
    }

    /** @return array{int, int} */
    private static function place(Request $request): array
    {
        return [max(1, min(Address::ROWS, $request->integer('row', 1))), max(1, min(Address::COLUMNS, $request->integer('column', 1)))];
    }
}
