<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\ActIsWrong;
use App\Bench\Acts;
use App\Bench\Arguments;
use App\Bench\Bench;
use App\Bench\History;
use App\Bench\Revision;
use App\Http\Records\ActRecord;
use App\Http\Records\BenchRecord;
use App\Http\Records\CurrencyRecord;
use App\Http\Records\HistoryRecord;
use App\Http\Records\NamedLookRecord;
use App\Http\Records\NameRecord;
use App\Http\Records\Outline;
use App\Http\Records\PaletteRecord;
use App\Http\Records\SelectionRecord;
use App\Http\Records\SheetRecord;
use App\Models\Change;
use App\Models\Sheet;
use App\Models\Workbook;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Act\ReviseOwn;
use Rilvet\Grid\Address;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Look\Facet;
use Rilvet\Number\Currencies;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Text\Fonts;
use Rilvet\Window\CutTexts;
use Rilvet\Window\Figures;
use Rilvet\Window\Inspector;
use Rilvet\Window\Lifted;
use Rilvet\Window\NumberView;
use Rilvet\Window\Painter;
use Rilvet\Window\TruthNotes;
use Rilvet\Window\Window;
use Rilvet\Work\Workbook as CoreWorkbook;

final class BenchController
{
    public function __construct(private readonly Bench $bench, private readonly History $history)
    {
    }

    public function show(int $id): JsonResponse
    {
        return response()->json($this->record($this->row($id)));
    }

    public function sheet(int $id, int $number): JsonResponse
    {
        return response()->json(Outline::sheet($number, $this->bench->load($this->row($id), [$number])->sheet($number)));
    }

    public function window(Request $request, int $id, int $number): JsonResponse
    {
        $range = self::range($request) ?? throw ActIsWrong::argument('window', 'top, left, bottom and right');

        return response()->json(self::paint($this->bench->load($this->row($id), [$number]), $number, $range));
    }

    public function figures(Request $request, int $id, int $number): JsonResponse
    {
        $ranges = Arguments::ranges($request->string('ranges')->toString());

        return response()->json(Figures::of($this->bench->load($this->row($id), [$number])->sheet($number)->cells, $ranges));
    }

    /** What the tray shows of a selection. */
    public function inspect(Request $request, int $id, int $number): JsonResponse
    {
        $row = $this->row($id);
        $workbook = $this->bench->load($row, [$number]);
        $place = Address::of($request->integer('row'), $request->integer('column'));
        $sheet = $workbook->sheet($number);

        return response()->json(new SelectionRecord(
            (new Inspector($sheet, $workbook->looks))->inspect(Arguments::ranges($request->string('ranges')->toString()), $place->row, $place->column),
            $sheet->stylebook === null ? 0 : Sheet::query()->where('wears', $sheet->stylebook->name)->count(),
            $sheet->stylebook === null ? 0 : Sheet::query()->where('wears', $sheet->stylebook->name)->distinct()->count('workbook_id'),
            PaletteRecord::list($row, $sheet, $workbook->looks),
            array_map(strval(...), array_keys($sheet->namedLooks())),
        ));
    }

    /** A block of cells, to be laid or pasted elsewhere: values, looks (only what the chosen facets say) and widths. */
    public function lift(Request $request, int $id, int $number): JsonResponse
    {
        $workbook = $this->bench->load($this->row($id), [$number]);
        $range = Range::parse($request->string('range')->toString());
        if ($range->cells() > 10_000) {
            throw ActIsWrong::argument('range', 'a block of at most 10,000 cells');
        }
        $facets = array_values(array_filter(array_map(Facet::tryFrom(...), explode(',', $request->string('facets')->toString()))));

        return response()->json(Lifted::of($workbook, $number, $range, $facets));
    }

    /** What a cell stores and shows, and how it could read; columns of one heading are looked for on the other sheets only when asked. */
    public function number(Request $request, int $id, int $number): JsonResponse
    {
        $place = Address::of($request->integer('row'), $request->integer('column'));

        return response()->json(NumberView::of($request->boolean('alike') ? $this->bench->whole($this->row($id)) : $this->bench->load($this->row($id), [$number]), $number, $place->row, $place->column));
    }

    /** Cells whose text is not seen whole. */
    public function cut(int $id, int $number): JsonResponse
    {
        return response()->json(CutTexts::of($this->bench->load($this->row($id), [$number]), $number));
    }

    /** What formats hide, and what is stored as something that it is not. */
    public function truths(int $id, int $number): JsonResponse
    {
        return response()->json(TruthNotes::of($this->bench->load($this->row($id), [$number]), $number));
    }

    public function currencies(): JsonResponse
    {
        return response()->json(array_map(fn (array $currency) => new CurrencyRecord(...$currency), Currencies::list()));
    }

    /** The named looks at hand on a sheet, and where each is worn. */
    public function looks(int $id, int $number): JsonResponse
    {
        $row = $this->row($id);

        return response()->json(NamedLookRecord::list($row, $this->bench->load($row, [$number])->sheet($number), $this->bench));
    }

    /** What a cell holds, as it is typed. */
    public function content(Request $request, int $id, int $number): JsonResponse
    {
        $place = Address::of($request->integer('row'), $request->integer('column'));
        $text = '';
        foreach ($this->bench->load($this->row($id), [$number])->sheet($number)->cells->read($place->row, $place->row) as $cells) {
            $cell = $cells[$place->column - 1] ?? Cell::blank();
            $text = $cell->formula === null ? $cell->text() : "={$cell->formula}";
        }

        return response()->json(['text' => $text]);
    }

    /** Goes back, or forward, to a point of the history. */
    public function goTo(Request $request, int $id): JsonResponse
    {
        $row = $this->row($id);
        $this->history->goTo($row, $request->integer('change'), $request->integer('revision'));

        return $this->after($request, $row, null);
    }

    /** Does an act, or shows what it would do. */
    public function act(Request $request, int $id, Acts $acts): JsonResponse
    {
        $row = $this->row($id);
        $number = $request->integer('sheet');
        /** @var array<array-key, mixed> $arguments */
        $arguments = (array) $request->input('arguments', []);
        if (($arguments['scope'] ?? null) === 'everywhere') {
            $words = $this->everywhere($row, $number, new Arguments($arguments, $number, $row), $request->string('act')->toString());
            $after = $this->bench->load($row->refresh(), [$number]);

            return response()->json(new ActRecord($this->record($row), Outline::sheet($number, $after->sheet($number)), $this->windowOf($request, $after, $number), $words));
        }
        [$act, $numbers, $addressed] = $acts->make($request->string('act')->toString(), $row, $number, $arguments);
        $loaded = array_values(array_unique([...$numbers, ...($number > 0 ? [$number] : [])]));
        if ($request->boolean('preview')) {
            $before = $this->bench->load($row, $loaded);
            $after = $this->bench->done($act, $before);

            return response()->json(new ActRecord($this->record($row), Outline::sheet($number, $after->sheet($number)), $this->windowOf($request, $after, $number), null));
        }
        $after = $this->bench->act($row, $act, $loaded, $request->integer('revision'), $addressed);

        return response()->json(new ActRecord(
            $this->record($row),
            $number > 0 ? Outline::sheet($number, $after->sheet($number)) : null,
            $number > 0 ? $this->windowOf($request, $after, $number) : null,
            $act->words($after),
        ));
    }

    public function undo(Request $request, int $id): JsonResponse
    {
        $row = $this->row($id);

        return $this->after($request, $row, $this->history->undo($row, $request->integer('revision')));
    }

    public function redo(Request $request, int $id): JsonResponse
    {
        $row = $this->row($id);

        return $this->after($request, $row, $this->history->redo($row, $request->integer('revision')));
    }

    public function history(int $id): JsonResponse
    {
        return response()->json($this->row($id)->changes()->latest('id')->limit(500)->get()->map(
            fn (Change $change) => new HistoryRecord($change->id, $change->words, $change->undone, $change->created_at?->diffForHumans() ?? ''),
        )->all());
    }

    /** Acts on the stylebook itself: its parts and kinds, its named looks, its palette; and on what the workbook has of the last two. */
    private function everywhere(Workbook $row, int $number, Arguments $given, string $act): string
    {
        $workbook = $this->bench->load($row, [$number]);
        $sheet = $workbook->sheet($number);
        if (Revision::isOfOwn($sheet, $act, $given)) {
            $look = (new Inspector($sheet, $workbook->looks))->own(Arguments::ranges($given->textOrNull('ranges') ?? 'A1'));
            $make = fn (Stylebook $own) => Revision::of($own, $act, $given, fn () => $look);
            $revise = new ReviseOwn($make, $make($workbook->own ?? Stylebook::own())->said);
            // A colour that gets a name changes no cell.
            /** @var list<int> $wearers */
            $wearers = in_array($act, ['colour', 'dropColour'], true) ? [] : $row->sheets()->pluck('number')->all();
            $this->bench->act($row, $revise, $wearers, $row->revision, []);

            return $revise->words($workbook);
        }

        $target = $act === 'format' ? Revision::target($given) : null;
        $over = $target === null || $given->textOrNull('over') === null ? 'keep' : $given->oneOf('over', ['ask', 'keep', 'override']);

        return $this->bench->everywhere($row, $number, function (CoreWorkbook $workbook) use ($number, $act, $given, $target, $over) {
            $sheet = $workbook->sheet($number);
            $stylebook = $sheet->stylebook ?? throw NoSuchLook::noStylebook();
            $selected = fn () => (new Inspector($sheet, $workbook->looks))->own(Arguments::ranges($given->text('ranges')));
            $revise = Revision::of($stylebook, $act, $given, $selected);

            return $over === 'override' && $target !== null ? $revise->overriding($target) : $revise;
        }, $over === 'ask' ? $target : null)->said;
    }

    private function after(Request $request, Workbook $row, ?Change $change): JsonResponse
    {
        $number = $request->integer('sheet');
        $workbook = $this->bench->load($row, [$number]);

        return response()->json(new ActRecord($this->record($row), Outline::sheet($number, $workbook->sheet($number)), $this->windowOf($request, $workbook, $number), $change?->words));
    }

    private function row(int $id): Workbook
    {
        return Workbook::query()->where('revision', '>', 0)->findOrFail($id);
    }

    private function windowOf(Request $request, CoreWorkbook $workbook, int $number): ?Window
    {
        $range = self::range($request);

        return $range === null ? null : self::paint($workbook, $number, $range);
    }

    private static function paint(CoreWorkbook $workbook, int $number, Range $range): Window
    {
        return (new Painter($workbook->sheet($number), $workbook->looks, Fonts::shipped(), $workbook->from1904))->paint($number, $range);
    }

    /** The window that is asked for, at most 200 rows by 100 columns; null where none is. */
    private static function range(Request $request): ?Range
    {
        if (! $request->has('top') && ! $request->has('window.top')) {
            return null;
        }
        $prefix = $request->has('top') ? '' : 'window.';
        $top = $request->integer($prefix.'top');
        $left = $request->integer($prefix.'left');

        return Range::of($top, $left, min($request->integer($prefix.'bottom'), $top + 199), min($request->integer($prefix.'right'), $left + 99));
    }

    private function record(Workbook $row): BenchRecord
    {
        $row->refresh();
        /** @var list<string> $notices */
        $notices = json_decode($row->notices, true, 4, JSON_THROW_ON_ERROR);

        return new BenchRecord(
            $row->id, $row->name, $row->revision,
            array_values($row->sheets()->get()->map(fn (Sheet $sheet) => new SheetRecord($sheet->number, $sheet->name, $sheet->rows, $sheet->columns, $sheet->state, $sheet->tab, $sheet->protected, $sheet->wears, $sheet->data_revision, $sheet->seen_revision))->all()),
            $row->changes()->where('undone', false)->latest('id')->first(['words'])?->words,
            $row->changes()->where('undone', true)->oldest('id')->first(['words'])?->words,
            $notices,
            NameRecord::list($row),
        );
    }
}
