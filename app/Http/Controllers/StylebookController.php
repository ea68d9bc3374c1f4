<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Drafts;
use App\Bench\Outrun;
use App\Bench\Shelf;
use App\Bench\Versions;
use App\Http\Records\BookRecord;
use App\Http\Records\DifferenceRecord;
use App\Http\Records\FamilyRecord;
use App\Http\Records\KeptRecord;
use App\Http\Records\RulesRecord;
use App\Jobs\SettleSizes;
use App\Models\Sheet;
use App\Models\Stylebook as StylebookRow;
use App\Wire\ActIsWrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Rilvet\Colour\Colour;
use Rilvet\Stylebook\Builtin;
use Rilvet\Stylebook\ColourFamily;
use Rilvet\Stylebook\Comparison;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Exception\VersionIsGone;
use Rilvet\Stylebook\Schema;
use Rilvet\Stylebook\Stylebook;

final class StylebookController
{
    /** Brings a stylebook in from JSON. */
    public function store(Request $request, Shelf $shelf): JsonResponse
    {
        $stylebook = Stylebook::fromJson($request->string('json')->toString());
        $row = $shelf->add($stylebook, 'Brought in from JSON');

        return response()->json(['id' => $row->id, 'name' => $stylebook->name], 201);
    }

    /** From one colour: a dark one for headings, a light one for data, a stronger one for totals. */
    public function family(Request $request): JsonResponse
    {
        return response()->json(FamilyRecord::list(ColourFamily::of(Colour::hex($request->string('hex')->toString()))));
    }

    /** How well two colours can be told apart as ink and paper (WCAG 2.2, contrast ratio). */
    public function contrast(Request $request): JsonResponse
    {
        $paper = Colour::hex($request->string('one')->toString());

        return response()->json(['ratio' => $paper->contrast(Colour::hex($request->string('other')->toString()))]);
    }

    /** What a stylebook's file can say, as a JSON Schema (draft 2020-12). */
    public function schema(): Response
    {
        return response(Schema::json(), 200, ['Content-Type' => 'application/schema+json']);
    }

    /** A stylebook: its versions, who wears it, and what a draft of it says otherwise. */
    public function show(int $id): JsonResponse
    {
        return response()->json(BookRecord::of(StylebookRow::onShelf()->findOrFail($id)));
    }

    /** All rules of a stylebook in words, of its draft or of a version, and how its colours do. */
    public function rules(Request $request, int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        $draft = $request->boolean('draft') ? Drafts::of($row) : null;

        return response()->json(RulesRecord::of($draft === null ? self::version($request, $row) : Versions::of($draft->id)[0]));
    }

    /** Its named looks and number formats, and where each is worn, over all workbooks. */
    public function kept(int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        [$stylebook] = Versions::of(Drafts::of($row)->id ?? $row->id);

        return response()->json(KeptRecord::list($row, $stylebook));
    }

    /** A new stylebook: a copy of one, or a blank one. */
    public function begin(Request $request, Shelf $shelf): JsonResponse
    {
        $from = $request->input('from');
        $name = trim($request->string('name')->toString());
        $like = $from === null ? null : StylebookRow::onShelf()->findOrFail($request->integer('from'));
        $source = ($like === null ? Builtin::blank() : Versions::of($like->id)[0])->toArray();
        $stylebook = Stylebook::of(['name' => $name === ''
            ? $shelf->free($like === null ? 'New stylebook' : "Like $like->name")
            : $name] + $source);
        $row = $shelf->add($stylebook, $like === null ? 'Begun blank' : "Begun as $like->name, version $like->version");

        return response()->json(['id' => $row->id, 'name' => $row->name], 201);
    }

    /** Opens the draft in which a stylebook is changed. */
    public function draft(Drafts $drafts, int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        $drafts->open($row);

        return response()->json(BookRecord::of($row->refresh()));
    }

    /** Gives up what the draft says. */
    public function drop(Drafts $drafts, int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        $draft = Drafts::of($row);
        $draft === null || $drafts->drop($draft);

        return response()->json(['message' => "What was not kept is given up. $row->name is as version $row->version says it."]);
    }

    /** Keeps the draft as a version, for all sheets that follow. */
    public function keep(Request $request, Drafts $drafts, int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        $draft = Drafts::of($row) ?? throw VersionIsGone::draft();
        $way = $request->input('where both');
        if (! in_array($way, [null, 'mine', 'theirs'], true)) {
            throw ActIsWrong::argument('where both', 'mine or theirs');
        }
        $drafts->keep($row, $draft, $way === null ? null : $way === 'mine');

        return response()->json(BookRecord::of($row->refresh()));
    }

    /** What two versions say otherwise, rule by rule. */
    public function compare(Request $request, int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        [$before] = Versions::of($row->id, $request->integer('from'));
        [$after] = Versions::of($row->id, $request->integer('to'));

        return response()->json(array_map(DifferenceRecord::of(...), Comparison::of($before, $after)));
    }

    /** What an earlier version says is the newest again, as a version more. */
    public function back(Request $request, Drafts $drafts, int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        $number = $request->integer('version');
        [$earlier] = Versions::of($row->id, $number);
        if (Comparison::of(Versions::of($row->id)[0], $earlier) === []) {
            throw StylebookIsWrong::because('version', "version $number says what the newest does.");
        }
        try {
            DB::transaction(fn () => Versions::keep($row->id, $row->version, $earlier, "Back to version $number"));
        } catch (Outrun) {
            throw StylebookIsWrong::because('version', 'somebody kept another version just now. Look at it first.');
        }
        SettleSizes::needed($row->id);
        $row->refresh();
        Drafts::of($row) === null || $drafts->open($row);

        return response()->json(BookRecord::of($row));
    }

    /** Takes a stylebook off the shelf that no sheet wears. */
    public function delete(Drafts $drafts, int $id): JsonResponse
    {
        $row = StylebookRow::onShelf()->findOrFail($id);
        $sheets = Sheet::wearing($row->id)->count();
        if ($sheets > 0) {
            throw StylebookIsWrong::because($row->name, "$sheets sheets wear it. Dress them in another one first.");
        }
        $draft = Drafts::of($row);
        $draft === null || $drafts->drop($draft);
        $name = $row->name;
        // A step back may have a sheet wear it again, so it is kept out of sight.
        $row->update(['gone' => true, 'name' => "$row->name, taken off the shelf as number $row->id"]);

        return response()->json(['message' => "$name is taken off the shelf."]);
    }

    /** A stylebook as the JSON that can be brought in elsewhere. */
    public function export(Request $request, int $id): Response
    {
        $row = StylebookRow::onShelf()->findOrFail($id);

        return response(self::version($request, $row)->toJson(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.preg_replace('/[^A-Za-z0-9 _-]/', '', $row->name).'.json"',
        ]);
    }

    private static function version(Request $request, StylebookRow $row): Stylebook
    {
        return Versions::of($row->id, $request->has('version') ? $request->integer('version') : null)[0];
    }
}
