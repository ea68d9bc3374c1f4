<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Change;
use App\Models\Routine as RoutineRow;
use App\Models\Workbook as WorkbookRow;
use App\Wire\Repeat\Recorder;
use Closure;
use Rilvet\Act\Act;
use Rilvet\Refusal;
use Rilvet\Routine\Routine;
use Rilvet\Routine\RoutineIsWrong;
use Rilvet\Routine\Step;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Work\Workbook;

/** Routines as they stand on the shelf, and the steps that they are made of. */
final class Routines
{
    /** Bytes of a step that is kept beside its change; a longer one is no routine's step. */
    private const STEP = 20_000;

    /**
     * What an act that was asked for would be as a step, as JSON.
     *
     * @param  array<array-key, mixed>  $arguments
     */
    public static function recorded(WorkbookRow $row, string $name, array $arguments, Act $act, Workbook $before, int $number): ?string
    {
        if (! isset($before->sheets[$number])) {
            return null;
        }
        /** @var array<int, string> $names */
        $names = $row->sheets()->pluck('name', 'number')->all();
        $step = Recorder::step($name, $arguments, $act, $before, $number, $names);
        $json = $step === null ? null : json_encode($step->toArray(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
            | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);

        return $json === null || strlen($json) > self::STEP ? null : $json;
    }

    /** The step of a change, where it can be done again elsewhere. */
    public static function step(Change $change): ?Step
    {
        if ($change->step === null) {
            return null;
        }
        try {
            return Step::fromArray(json_decode($change->step, true, 32), 'step');
        } catch (RoutineIsWrong) {
            // Kept by another version of this code.
            return null;
        }
    }

    public static function of(RoutineRow $row): Routine
    {
        return Routine::fromJson($row->data);
    }

    /** With the stylebooks that it dresses in, so that it can go elsewhere. */
    public static function whole(Routine $routine): Routine
    {
        $stylebooks = $routine->stylebooks;
        foreach ($routine->steps as $step) {
            $name = $step->does === 'dress' ? $step->with['stylebook'] ?? null : null;
            $found = is_string($name) ? self::shelf()($name) : null;
            if (is_string($name) && $found !== null) {
                $stylebooks[$name] = $found[0];
            }
        }

        return new Routine($routine->name, $routine->steps, $stylebooks, $routine->about);
    }

    /** @return Closure(string): (array{Stylebook, StylebookReference|null}|null) stylebooks of the shelf by their name */
    public static function shelf(): Closure
    {
        return function (string $name): ?array {
            try {
                $reference = new StylebookReference(Versions::named($name)->id, null);
            } catch (Refusal) {
                return null;
            }

            return [Versions::referred($reference), $reference];
        };
    }
}
