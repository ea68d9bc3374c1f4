<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\PagesOf;
use App\Files\Writing\Picture;
use App\Http\Records\PageCountRecord;
use App\Http\Records\PageRecord;
use App\Http\Records\PagesRecord;
use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use App\Wire\Arguments;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Sheets as they will print. */
final class PageController
{
    public function __construct(private readonly Bench $bench)
    {
    }

    /** How a sheet goes to paper: page rules, who says them, and what comes of them. */
    public function pages(int $id, int $number): JsonResponse
    {
        return response()->json(PagesRecord::of(PagesOf::of($this->bench, WorkbookRow::onShelf($id), $number)));
    }

    /** One page: a picture of it, and where it ends and why. */
    public function page(int $id, int $number, int $page): JsonResponse
    {
        $pages = PagesOf::of($this->bench, WorkbookRow::onShelf($id), $number);

        return response()->json(PageRecord::of($pages, $pages->layout->page($page)));
    }

    /** How many pages each sheet takes that is seen. */
    public function book(int $id): JsonResponse
    {
        $row = WorkbookRow::onShelf($id);
        $sheets = $row->sheets()->get()->filter(fn (SheetRow $sheet) => $sheet->state === 'visible');

        return response()->json(array_values(array_map(fn (SheetRow $sheet) => new PageCountRecord($sheet->number, $sheet->name,
            PagesOf::count($this->bench, $row, $sheet->number)), $sheets->all())));
    }

    /** A stretch of cells as it looks, as a picture that needs nothing else. */
    public function picture(Request $request, int $id, int $number): Response
    {
        $ranges = iterator_to_array(Arguments::ranges($request->string('range')->toString()), false);
        $workbook = $this->bench->settled(WorkbookRow::onShelf($id), [$number]);
        $svg = Picture::of($workbook, $number, $ranges[0]);

        return response($svg, 200, ['Content-Type' => 'image/svg+xml; charset=utf-8',
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; font-src data:",
            'Content-Disposition' => $request->boolean('download') ? 'attachment; filename="Picture.svg"' : 'inline']);
    }
}
