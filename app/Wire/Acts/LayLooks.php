<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\Lay;
use Rilvet\Condition\Condition;
use Rilvet\Grid\Range;

/** Lays lifted looks over cells. */
final readonly class LayLooks implements WiredAct
{
    public const NAME = 'lay';

    public const ARGUMENTS = 'OnCells & { block: GivenLook[][]; widths?: number[]; conditions?: string[]; from?: string }';

    /** Conditional looks that are laid at once, and bytes of one. */
    private const MOST = 200;

    private const LONGEST = 100_000;

    public function act(Arguments $given): Act
    {
        $from = $given->textOrNull('from');
        $conditions = [];
        foreach ($given->listOrNull('conditions') ?? [] as $json) {
            $data = is_string($json) && strlen($json) <= self::LONGEST ? json_decode($json, true, 12) : null;
            $conditions[] = Condition::of(is_array($data) ? $data : throw ActIsWrong::argument('conditions',
                'conditional looks as they were lifted'));
        }
        if ($conditions !== [] && ($from === null || count($conditions) > self::MOST)) {
            throw ActIsWrong::argument('from', 'the block that they were lifted from, with at most '.self::MOST.' conditional looks');
        }

        return new Lay($given->targets(), $given->looks('block'), $given->widths(), $conditions, $from === null ? null
            : Range::parse($from));
    }
}
