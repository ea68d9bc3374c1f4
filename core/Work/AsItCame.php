<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Condition\Conditions;
use Rilvet\Entry\EntryChecks;
use Rilvet\Guard\Protection;
use Rilvet\Guard\SaidCells;
use Rilvet\Page\PageSetup;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\Aspect\Origin;

/** Whether a sheet looks as it did when it came with its package; its cells are another matter. */
final class AsItCame
{
    /** The sheet as part of a package: what came with it is remembered, so that it is known whether an act said otherwise. */
    public static function remembered(Worksheet $sheet): Worksheet
    {
        return $sheet->withAspects(new Origin(self::fingerprint($sheet)));
    }

    /** No act has said anything of looks and sizes since the sheet came. */
    public static function is(Worksheet $sheet): bool
    {
        return $sheet->hand->isEmpty() && self::isButForTouches($sheet);
    }

    /** No act has said anything but by hand touches since the sheet came. */
    public static function isButForTouches(Worksheet $sheet): bool
    {
        return $sheet->stylebook === null &&
            ! $sheet->clean &&
            $sheet->rules === [] &&
            $sheet->aspect(LaidStripes::class)->all === [] &&
            $sheet->named->isEmpty() &&
            $sheet->moves === [] &&
            $sheet->aspect(Origin::class)->fingerprint === self::fingerprint($sheet);
    }

    private static function fingerprint(Worksheet $sheet): string
    {
        $conditions = $sheet->aspect(Conditions::class)->toJson();
        $guard = array_filter(array_map(fn (string $class) => $sheet->aspect($class)->toJson(),
            [EntryChecks::class, Protection::class, SaidCells::class]), fn (mixed $says) => $says !== null);

        return hash('xxh128', (string) json_encode([
            $sheet->setup->toArray(),
            $sheet->file->runs(),
            ...($conditions === null ? [] : [$conditions]),
            ...($guard === [] ? [] : [$guard]),
            ...$sheet->aspect(PageSetup::class)->touches(),
        ]));
    }
}
