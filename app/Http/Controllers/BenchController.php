<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\Drafts;
use App\Bench\Versions;
use App\Http\Records\BenchRecord;
use App\Http\Records\CurrencyRecord;
use App\Http\Records\HistoryRecord;
use App\Http\Records\NamedLookRecord;
use App\Http\Records\Outline;
use App\Http\Records\SelectionRecord;
use App\Http\Records\TouchedRecord;
use App\Http\Sight;
use App\Models\Change;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook;
use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Look\Facet;
use Rilvet\Number\Currencies;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Window\CutTexts;
use Rilvet\Window\Figures;
use Rilvet\Window\Lifted;
use Rilvet\Window\NumberView;
use Rilvet\Window\TruthNotes;

/** What is seen of a workbook. */
final class BenchController
{
    /** Cells of a block that is lifted. */
    private const LIFTED = 10_000;

    /** Entries of the history that are shown. */
    private const HISTORY = 500;

    public function __construct(private readonly Bench $bench)
    {
    }

    /** A workbook: its name, its newest revision, its sheets, what can be undone. */
    public function show(int $id): JsonResponse
    {
        return response()->json(BenchRecord::of(Workbook::onShelf($id)));
    }

    /** A sheet as it was read: tables, parts, columns, sizes, the way it opens. */
    public function sheet(Request $request, int $id, int $number): JsonResponse
    {
        $as = self::worn($request);
        $row = Workbook::onShelf($id);
        $workbook = $as === null ? $this->bench->settled($row, [$number]) : $this->bench->wearing($row, $number, $as);

        return response()->json(Outline::sheet($number, $workbook->sheet($number), $workbook->looks));
    }

    /** The cells of a stretch of a sheet, as they look. */
    public function window(Request $request, int $id, int $number): JsonResponse
    {
        /** @var array<array-key, mixed> $given */
        $given = $request->query();
        $range = Sight::rectangle($given) ?? throw ActIsWrong::argument('window', 'top, left, bottom and right');

        $as = self::worn($request);
        $row = Workbook::onShelf($id);
        $workbook = $as === null ? $this->bench->load($row, [$number]) : $this->bench->wearing($row, $number, $as);

        return response()->json(Sight::paint($workbook, $number, $range));
    }

    /** How many cells of a selection are filled; count, sum, mean, least and greatest of its numbers. */
    public function figures(Request $request, int $id, int $number): JsonResponse
    {
        $ranges = Arguments::ranges($request->string('ranges')->toString());

        return response()->json(Figures::of($this->bench->load(Workbook::onShelf($id), [$number])->sheet($number)->cells, $ranges));
    }

    /** What the tray shows of a selection. */
    public function inspect(Request $request, int $id, int $number): JsonResponse
    {
        $row = Workbook::onShelf($id);
        $workbook = $this->bench->load($row, [$number]);
        $ranges = Arguments::ranges($request->string('ranges')->toString());

        return response()->json(SelectionRecord::of($row, $workbook, $number, $ranges, self::place($request)));
    }

    /** A block of cells, to be laid or pasted elsewhere: values, looks (only what the chosen facets say) and widths. */
    public function lift(Request $request, int $id, int $number): JsonResponse
    {
        $workbook = $this->bench->load(Workbook::onShelf($id), [$number]);
        $range = Range::parse($request->string('range')->toString());
        if ($range->cells() > self::LIFTED) {
            throw ActIsWrong::argument('range', 'a block of at most '.number_format(self::LIFTED).' cells');
        }
        $facets = array_values(array_filter(array_map(Facet::tryFrom(...), explode(',', $request->string('facets')->toString()))));

        return response()->json(Lifted::of($workbook, $number, $range, $facets, $request->boolean('conditions')));
    }

    /** What a cell stores and shows, and how it could read; columns of one heading are looked for on the other sheets only when asked. */
    public function number(Request $request, int $id, int $number): JsonResponse
    {
        $row = Workbook::onShelf($id);
        $place = self::place($request);
        $workbook = $request->boolean('alike') ? $this->bench->whole($row) : $this->bench->load($row, [$number]);

        return response()->json(NumberView::of($workbook, $number, $place->row, $place->column));
    }

    /** Cells whose text is not seen whole. */
    public function cut(int $id, int $number): JsonResponse
    {
        return response()->json(CutTexts::of($this->bench->load(Workbook::onShelf($id), [$number]), $number));
    }

    /** The sheets whose cells have hand touches. */
    public function touches(int $id): JsonResponse
    {
        $row = Workbook::onShelf($id);
        /** @var list<int> $numbers */
        $numbers = $row->sheets()->whereIn('id', DB::table('documents')->select('sheet_id')->where('name', 'hand'))->pluck('number')->all();
        $sheets = $this->bench->load($row, $numbers)->sheets;

        return response()->json(array_values(array_filter(
            array_map(TouchedRecord::of(...), array_keys($sheets), $sheets), fn (TouchedRecord $one) => $one->cells > 0,
        )));
    }

    /** What formats hide, and what is stored as something that it is not. */
    public function truths(int $id, int $number): JsonResponse
    {
        return response()->json(TruthNotes::of($this->bench->load(Workbook::onShelf($id), [$number]), $number));
    }

    /** The currencies that amounts can be in. */
    public function currencies(): JsonResponse
    {
        return response()->json(array_map(fn (array $currency) => new CurrencyRecord(...$currency), Currencies::list()));
    }

    /** The named looks at hand on a sheet, and where each is worn. */
    public function looks(int $id, int $number): JsonResponse
    {
        $row = Workbook::onShelf($id);

        return response()->json(NamedLookRecord::list($row, $this->bench->load($row, [$number])->sheet($number), $this->bench));
    }

    /** What a cell holds, as it is typed. */
    public function content(Request $request, int $id, int $number): JsonResponse
    {
        $place = self::place($request);
        $text = '';
        foreach ($this->bench->load(Workbook::onShelf($id), [$number])->sheet($number)->cells->read($place->row, $place->row) as $cells) {
            $cell = $cells[$place->column - 1] ?? Cell::blank();
            $text = $cell->formula === null ? $cell->text() : "={$cell->formula}";
        }

        return response()->json(['text' => $text]);
    }

    /** What was done with the workbook, the newest first. */
    public function history(int $id): JsonResponse
    {
        return response()->json(
            Workbook::onShelf($id)
                ->changes()
                ->latest('id')
                ->limit(self::HISTORY)
                ->get()
                ->map(
                    fn (Change $change) => new HistoryRecord(
                        $change->id,
                        $change->words,
                        $change->undone,
                        $change->created_at?->diffForHumans() ?? '',
                    ),
                )
                ->all(),
        );
    }

    /** The stylebook in whose draft a sheet is to be seen. */
    private static function worn(Request $request): ?Stylebook
    {
        if (! $request->has('as')) {
            return null;
        }
        $row = StylebookRow::onShelf()->findOrFail($request->integer('as'));

        return Versions::of(Drafts::of($row)->id ?? $row->id)[0];
    }

    private static function place(Request $request): Address
    {
        return Address::of($request->integer('row'), $request->integer('column'));
    }
}
