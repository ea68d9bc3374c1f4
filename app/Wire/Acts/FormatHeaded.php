<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\FormatPart;
use Rilvet\Act\Together;
use Rilvet\Look\LookWords;
use Rilvet\Reading\Part;

/** Gives a look to body and totals of the columns of one heading; one that is there before is kept under it. */
final readonly class FormatHeaded implements WiredAct
{
    public const NAME = 'formatHeaded';

    public const ARGUMENTS = 'OnSheets & { heading: string; look: GivenLook }';

    public function act(Arguments $given): Act
    {
        [$sheets, $look, $heading] = [$given->sheets(), $given->lookGiven(), $given->text('heading')];
        $parts = [Part::Body, Part::Subtotal, Part::Total];
        $acts = array_map(fn (Part $part) => new FormatPart($sheets, $part, null, $look, $heading), $parts);

        return new Together(
            $acts,
            LookWords::of($look).", columns headed \"$heading\"".(count($sheets) > 1 ? ', '.count($sheets).' sheets' : ''),
        );
    }
}
