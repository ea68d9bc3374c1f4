<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Bench\Looking;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Check\Finding;
use Rilvet\Check\FindingIsGone;
use Rilvet\Check\MendFindings;

/** Puts findings right, as one step. */
final readonly class Mend implements WiredAct
{
    public const NAME = 'mend';

    public const ARGUMENTS = '{ keys: string[]; beside?: number[] }';

    public function act(Arguments $given): Act
    {
        $found = array_values(array_filter(app(Looking::class)->named($given->workbook(), $given->keys(), $given->beside()),
            fn (Finding $finding) => $finding->mend !== null));

        return $found === [] ? throw FindingIsGone::notMended() : new MendFindings($found);
    }
}
