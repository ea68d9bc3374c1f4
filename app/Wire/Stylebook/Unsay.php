<?php

declare(strict_types=1);

namespace App\Wire\Stylebook;

use App\Wire\Arguments;
use App\Wire\WiredRevision;
use Closure;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Look\Attribute;
use Rilvet\Stylebook\Edit;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Worksheet;

/** Takes attributes out of what is said of a part or kind, so that the layer below shows. */
final readonly class Unsay implements WiredRevision
{
    public const NAME = 'unsay';

    public const ARGUMENTS = '{ part: string; kind: string | null; attributes: string[] }';

    public function isOwn(Worksheet $sheet, Arguments $given): bool
    {
        return false;
    }

    public function revise(Stylebook $stylebook, Arguments $given, Closure $selected): ReviseStylebook
    {
        [$part, $kind] = [$given->part(), $given->kind()];
        $names = array_intersect(
            $given->texts('attributes'),
            [...array_map(fn (Attribute $one) => $one->value, Attribute::cases()), 'sign', 'least', 'most', 'scale', 'accounting',
                'totals'],
        );
        foreach ($names as $name) {
            $stylebook = Edit::put($stylebook, $kind === null ? ['parts', $part->value, $name] : ['kinds', $kind->value, $name], null);
        }
        $of = $kind === null ? mb_strtolower($part->words()) : mb_strtolower($kind->ofMany());

        return new ReviseStylebook($stylebook, ucfirst(implode(', ', $names))." left unsaid, $of", true);
    }
}
