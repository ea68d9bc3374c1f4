<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Bench\Versions;
use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Dress;
use Rilvet\Act\TouchesOver;
use Rilvet\Stylebook\StylebookReference;

/** Puts sheets into a stylebook, or takes it off. */
final readonly class DressSheets implements WiredAct
{
    public const NAME = 'dress';

    public const ARGUMENTS = 'OnSheets & { stylebook: string | null; clean: boolean; version?: number | null; touches?: TouchesOver }';

    public function act(Arguments $given): Act
    {
        $name = $given->textOrNull('stylebook');
        if ($name === null) {
            return new Dress($given->sheets(), null, $given->flag('clean'), touches: self::touches($given));
        }
        $reference = new StylebookReference(Versions::named($name)->id, $given->wholeOrNull('version'));

        return new Dress($given->sheets(), Versions::referred($reference), $given->flag('clean'), null, $reference, self::touches($given));
    }

    private static function touches(Arguments $given): TouchesOver
    {
        $facets = $given->facetsOrNull('touches');
        if ($facets !== null) {
            return TouchesOver::drop(...$facets);
        }

        return match ($given->textOrNull('touches') ?? 'keep') {
            'keep' => TouchesOver::keep(),
            'said' => TouchesOver::dropSaid(),
            'all' => TouchesOver::dropAll(),
            default => throw ActIsWrong::argument('touches', 'keep, said, all or a list of facets'),
        };
    }
}
