<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Summarise;
use Rilvet\Summary\Summary;

/** Puts a sheet in that sums up the table in view, or makes the summary in view anew. */
final readonly class SumUp implements WiredAct
{
    public const NAME = 'summarise';

    public const ARGUMENTS = '{ anew?: boolean; of?: GivenSummary | null }';

    /** How it is typed for the browser. */
    public const TYPE = <<<'TS'

        /** Rows are put together by value, month, quarter, year or band; figures are sums, counts, means, least or greatest. */
        export type GivenField = { heading: string; by?: string; size?: number };
        export type GivenSummary = {
          sheet: number;
          rows: GivenField[];
          across?: GivenField | null;
          values: { heading: string | null; figure?: string; share?: string }[];
          live?: boolean;
        };

        TS;

    public function act(Arguments $given): Act
    {
        $of = $given->mapOrNull('of');

        return new Summarise($given->flagOrNull('anew') === true ? $given->sheet : null,
            $of === null ? null : Summary::of($of));
    }
}
