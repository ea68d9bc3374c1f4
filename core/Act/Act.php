<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Refusal;
use Rilvet\Work\Workbook;

/** One change that a person can make. Pure: it takes a workbook and gives the changed one. */
interface Act
{
    /** @throws Refusal when it cannot be done; the workbook stays as it was */
    public function on(Workbook $workbook): Workbook;

    public function reach(): Reach;

    /** In the words of the history: "Dressed in River ledger, 5 sheets". */
    public function words(Workbook $workbook): string;
}
