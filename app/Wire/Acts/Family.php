<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\FormatPart;
use Rilvet\Act\Together;
use Rilvet\Colour\Colour;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\ColourFamily;

/** Gives headings, data and totals the colours of one family. */
final readonly class Family implements WiredAct
{
    public const NAME = 'family';

    public const ARGUMENTS = 'OnSheets & { hex: string }';

    public function act(Arguments $given): Act
    {
        [$sheets, $hex] = [$given->sheets(), $given->text('hex')];
        $acts = [];
        foreach (ColourFamily::of(Colour::hex($hex))->looks() as $part => $look) {
            $acts[] = new FormatPart($sheets, Part::from($part), null, $look);
        }

        return new Together($acts, "Colour family of $hex".(count($sheets) > 1 ? ', '.count($sheets).' sheets' : ''));
    }
}
