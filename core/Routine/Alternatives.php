<?php

declare(strict_types=1);

namespace Rilvet\Routine;

/** What else the place of a step could mean: for a person to choose from. */
final class Alternatives
{
    /** @return list<Step> the step as it is first */
    public static function of(Step $step): array
    {
        $place = $step->at;
        $steps = [$step];
        $places = $place === null ? [null] : [$place,
            ...($place->headings === [] || $place->part === null ? [] : [new Place($place->part, [], null, $place->table)]),
            ...($place->part === null || $place->headings === [] ? [] : [new Place(null, $place->headings, null, $place->table)]),
            ...($place->table === null ? [] : [new Place($place->part, $place->headings, $place->kind)]),
            ...($step->said === null || $place->cells !== null || str_contains($step->said, '…') ? [] : [new Place(cells: $step->said)]),
        ];
        foreach ($places as $at) {
            foreach ($step->sheets === null ? [null] : [$step->sheets, null] as $sheets) {
                $other = new Step($step->does, $at, $sheets, $step->with, true, $step->said);
                $isThere = array_filter($steps, fn (Step $one) => $one->toArray() === $other->toArray()) !== [];
                $isThere || $steps[] = $other;
            }
        }

        return $steps;
    }
}
