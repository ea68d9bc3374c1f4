<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\ShareWidth;

/** Shares a width among the columns of a table. */
final readonly class Share implements WiredAct
{
    public const NAME = 'share';

    public const ARGUMENTS = "{ axis: 'columns'; row: number; column: number; size: string }";

    public function act(Arguments $given): Act
    {
        $place = $given->place();

        return new ShareWidth($given->sheet, $place->row, $place->column, $given->size() ?? throw ActIsWrong::argument('size', 'a width'));
    }
}
