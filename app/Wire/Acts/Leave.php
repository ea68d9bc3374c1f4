<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Bench\Looking;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\LeaveFindings;
use Rilvet\Work\Aspect\LeftFinding;

/** Lets findings be, with a reason; without one they are looked for again. */
final readonly class Leave implements WiredAct
{
    public const NAME = 'leave';

    public const ARGUMENTS = '{ keys: string[]; reason: string | null; beside?: number[] }';

    public function act(Arguments $given): Act
    {
        $reason = $given->textOrNull('reason');
        $findings = [];
        foreach (app(Looking::class)->named($given->workbook(), $given->keys(), $given->beside()) as $one) {
            $findings[$one->number][] = new LeftFinding($one->check, $one->range, $one->words, trim($reason ?? ''));
        }

        return new LeaveFindings($findings, $reason === null);
    }
}
