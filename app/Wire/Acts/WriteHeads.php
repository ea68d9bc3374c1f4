<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\RewriteHeads;
use Rilvet\Reading\Part;

/** Changes the texts of headings: into capitals or sentence case, or with a second line that says what is below them. */
final readonly class WriteHeads implements WiredAct
{
    public const NAME = 'rewriteHeads';

    public const ARGUMENTS = "{ part: 'heading' | 'column_group'; to: 'capitals' | 'sentence' | 'says'; says?: string; "
        ."below?: 'entry_cell' | 'choice_cell' | 'formula_cell'; sheets?: number[] | 'all' }";

    public function act(Arguments $given): Act
    {
        $part = $given->part();
        in_array($part, [Part::Heading, Part::ColumnGroup], true) || throw ActIsWrong::argument('part', 'heading or column_group');
        $to = $given->oneOf('to', ['capitals', 'sentence', 'says']);
        $says = trim($given->textOrNull('says') ?? '');
        $below = Part::tryFrom($given->textOrNull('below') ?? '');
        if ($to === 'says' && ($says === '' || mb_strlen($says) > 40 || $below?->isOfCells() !== true)) {
            throw ActIsWrong::argument('says', 'up to 40 characters, and what they are said of');
        }

        return new RewriteHeads($given->sheets(), $part, $to, $says, $to === 'says' ? $below : null);
    }
}
