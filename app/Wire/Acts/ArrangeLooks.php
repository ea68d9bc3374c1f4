<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\ArrangeConditions;

/** Takes conditional looks out, turns them on or off, or moves one in their order. */
final readonly class ArrangeLooks implements WiredAct
{
    public const NAME = 'arrangeConditions';

    public const ARGUMENTS = "{ ids: string[]; what: 'drop' | 'on' | 'off' | 'move'; to?: number }";

    public function act(Arguments $given): Act
    {
        $ids = $given->texts('ids');
        if ($ids === [] || count($ids) > ArrangeConditions::MOST) {
            throw ActIsWrong::argument('ids', 'names of conditional looks');
        }
        $to = $given->wholeOrNull('to') ?? 0;

        return new ArrangeConditions(
            $given->sheet, $ids, $given->oneOf('what', ['drop', 'on', 'off', 'move']),
            $to >= 0 ? $to : throw ActIsWrong::argument('to', 'a place from 0'),
        );
    }
}
