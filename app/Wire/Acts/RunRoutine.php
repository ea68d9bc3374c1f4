<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Bench\Bench;
use App\Bench\Routines;
use App\Models\Routine;
use App\Models\Workbook;
use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\Repeat\Replayer;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Pipeline;
use Rilvet\Renew\NewData;

/** Does a routine of the shelf to the workbook; what does not find its place is named, and the rest is done. */
final readonly class RunRoutine implements WiredAct
{
    public const NAME = 'replay';

    public const ARGUMENTS = '{ routine: number; from?: number | null }';

    public function act(Arguments $given): Act
    {
        $row = Routine::query()->find($given->wholeOrNull('routine') ?? 0) ?? throw ActIsWrong::argument('routine', 'the id of a routine');
        /** @var list<int> $sheets */
        $sheets = $given->workbook()->sheets()->pluck('number')->all();
        $from = $given->wholeOrNull('from');
        $newer = $from === null ? null : Workbook::query()->where('revision', '>', 0)->find($from)
            ?? throw ActIsWrong::argument('from', 'the id of the workbook that the new data came in');
        $data = $newer === null ? null : NewData::first(app(Bench::class)->whole($newer));

        return Replayer::of(Routines::of($row), $sheets, app(Pipeline::class), Routines::shelf(), $data);
    }
}
