<?php

declare(strict_types=1);

namespace Rilvet\Feature;

use Rilvet\Condition\Conditions;
use Rilvet\Entry\EntryChecks;
use Rilvet\Formula\Unsettled;
use Rilvet\Grid\Aspect;
use Rilvet\Guard\Protection;
use Rilvet\Guard\SaidCells;
use Rilvet\Guard\SheetRole;
use Rilvet\Page\PageSetup;
use Rilvet\Summary\Summary;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspect\Filter;
use Rilvet\Work\Aspect\HandTouches;
use Rilvet\Work\Aspect\JoinedTexts;
use Rilvet\Work\Aspect\KeyBands;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\Aspect\LeftFindings;
use Rilvet\Work\Aspect\Moves;
use Rilvet\Work\Aspect\NamedLooks;
use Rilvet\Work\Aspect\Origin;
use Rilvet\Work\Aspect\PartRules;
use Rilvet\Work\Aspect\PivotRows;
use Rilvet\Work\Aspect\WornNames;

/**
 * The one list of what capabilities bring to a sheet. To add a capability is to write its folder here, to name its aspects
 * in this list and its acts in the wiring; an aspect that is a {@see \Rilvet\Dressed\LayerSource} too adds to looks.
 */
final class Features
{
    /** @var list<class-string<Aspect>> */
    public const ASPECTS = [
        FileLooks::class, NamedLooks::class, WornNames::class, HandTouches::class, PartRules::class,
        JoinedTexts::class, Origin::class, Moves::class, Unsettled::class, Filter::class, KeyBands::class, LaidStripes::class,
        Conditions::class, EntryChecks::class, SaidCells::class, Protection::class, SheetRole::class, LeftFindings::class,
        PageSetup::class, Summary::class, PivotRows::class,
    ];

    /** @return class-string<Aspect>|null the aspect that is stored under a name */
    public static function named(string $name): ?string
    {
        foreach (self::ASPECTS as $class) {
            if ($class::name() === $name) {
                return $class;
            }
        }

        return null;
    }
}
