<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Bench;
use App\Bench\Shelf;
use App\Http\Records\FamilyRecord;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook;
use App\Wire\ActIsWrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Rilvet\Colour\Colour;
use Rilvet\Learn\Learner;
use Rilvet\Stylebook\ColourFamily;
use Rilvet\Stylebook\Exception\StylebookIsWrong;
use Rilvet\Stylebook\Stylebook;

final class StylebookController
{
    /** Brings a stylebook in from JSON. */
    public function store(Request $request, Shelf $shelf): JsonResponse
    {
        $stylebook = Stylebook::fromJson($request->string('json')->toString());
        foreach ($shelf->stylebooks() as $known) {
            if ($known->name === $stylebook->name) {
                throw StylebookIsWrong::because(
                    'name',
                    "a stylebook \"{$stylebook->name}\" stands on the shelf already. Give it another name.",
                );
            }
        }
        StylebookRow::query()->create(['name' => $stylebook->name, 'data' => $stylebook->toJson()]);

        return response()->json(['name' => $stylebook->name], 201);
    }

    /** Makes a stylebook of sheets that already look right, and puts it on the shelf. */
    public function learn(Request $request, Bench $bench, Shelf $shelf, int $id): JsonResponse
    {
        $row = Workbook::onShelf($id);
        $sheets = $request->input('sheets');
        $numbers = $sheets === 'all' ? $row->sheets()->pluck('number')->all() : $sheets;
        $given = is_array($numbers) ? $numbers : [];
        $numbers = array_values(array_unique(array_filter($given, is_int(...))));
        if ($numbers === [] || count($numbers) !== count($given)) {
            throw ActIsWrong::argument('sheets', 'numbers of sheets, each once, or "all"');
        }
        $learned = Learner::of([[$bench->load($row, $numbers), $numbers]], self::name($shelf, "Looks of $row->name"));
        StylebookRow::query()->create(['name' => $learned->stylebook->name, 'data' => $learned->stylebook->toJson()]);

        return response()->json(['name' => $learned->stylebook->name, 'rules' => count($learned->rules)], 201);
    }

    /** A name that no stylebook of the shelf has yet. */
    private static function name(Shelf $shelf, string $wanted): string
    {
        $taken = array_map(fn (Stylebook $one) => $one->name, $shelf->stylebooks());
        $wanted = mb_substr($wanted, 0, 54);
        for ($name = $wanted, $count = 2; in_array($name, $taken, true); $count++) {
            $name = "$wanted $count";
        }

        return $name;
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

    /** A stylebook as the JSON that can be brought in elsewhere. */
    public function export(Shelf $shelf, string $name): Response
    {
        return response($shelf->stylebook($name)->toJson(), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.preg_replace('/[^A-Za-z0-9 _-]/', '', $name).'.json"',
        ]);
    }
}
