<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Shelf;
use App\Http\Records\FamilyRecord;
use App\Models\Stylebook as StylebookRow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Rilvet\Colour\Colour;
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
