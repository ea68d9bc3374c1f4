<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Left;
use App\Bench\Looking;
use App\Http\Records\FindingRecord;
use App\Http\Records\FindingsRecord;
use App\Http\Records\SeriesRecord;
use App\Models\Workbook as WorkbookRow;
use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Rilvet\Check\Finding;
use Rilvet\Check\Report;
use Symfony\Component\HttpFoundation\HeaderUtils;

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

    /** What is found in several workbooks beside each other, by workbook. */
    public function series(Request $request): JsonResponse
    {
        $said = $request->string('workbooks')->toString();
        if (preg_match('/^\d{1,9}(,\d{1,9})*$/', $said) !== 1 || substr_count($said, ',') >= Arguments::SERIES) {
            throw ActIsWrong::argument('workbooks', 'the ids of 1 to '.Arguments::SERIES.' workbooks: 3,5,8');
        }
        $rows = array_map(fn (string $id) => WorkbookRow::onShelf((int) $id), array_values(array_unique(explode(',', $said))));
        $found = $this->looking->series($rows);

        return response()->json(array_map(function (WorkbookRow $row) use ($found) {
            $left = Left::of($row);

            return new SeriesRecord($row->id, $row->name, $row->revision,
                array_map(fn (Finding $one) => FindingRecord::of($one, $left->reason($one)), $found[$row->id] ?? []));
        }, $rows));
    }

    /** All that is found, to be handed on: html that needs nothing else, csv or JSON. */
    public function report(Request $request, int $id): Response
    {
        $row = WorkbookRow::onShelf($id);
        $found = $this->looking->over($row)->findings;
        $left = Left::of($row);
        $reasons = [];
        foreach ($found as $one) {
            $reason = $left->reason($one);
            $reason === null || $reasons[$one->key()] = $reason;
        }
        $report = new Report([['file' => $row->name, 'findings' => $found, 'left' => $reasons]], date('Y-m-d'));
        [$text, $type, $ending] = match ($request->string('as')->toString()) {
            'html' => [$report->html(), 'text/html', 'html'],
            'csv' => [$report->csv(), 'text/csv', 'csv'],
            'json' => [json_encode($report->toArray(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR
                | JSON_INVALID_UTF8_SUBSTITUTE), 'application/json', 'json'],
            default => throw ActIsWrong::argument('as', 'one of html, csv, json'),
        };

        return response($text, 200, ['Content-Type' => "$type; charset=utf-8",
            'Content-Disposition' => HeaderUtils::makeDisposition('attachment', str_replace(['/', '\\', '%'], ' ',
                "Findings of $row->name.$ending"),
                "Findings.$ending")]);
    }
}
