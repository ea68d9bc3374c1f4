<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Refusal;
use Rilvet\Work\Workbook;

/**
 * The one way through: the act, then the formulas that follow, then the sizes that settle. Acts, previews, changes of
 * stylebooks, jobs and the command line all go it; only what is done with the outcome differs.
 */
final readonly class Pipeline
{
    public function __construct(private Recalculate $recalculate)
    {
    }

    /**
     * @param  Workbook  $before  with the sheets that the act reaches
     *
     * @throws Refusal when it cannot be done
     */
    public function run(Act $act, Workbook $before): Outcome
    {
        $reach = $act->reach();
        if ($reach->isSettled) {
            return new Outcome($act, $before, $act->on($before));
        }
        $calculated = $this->recalculate->after($reach, $before, $act->on($before));

        return new Outcome($act, $before, Settle::after($reach, $before, $calculated));
    }
}
