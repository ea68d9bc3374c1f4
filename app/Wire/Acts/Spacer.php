<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\MoveCells;
use Rilvet\Act\Resize;
use Rilvet\Act\Together;
use Rilvet\Grid\Address;

/** Puts a row or column in that holds nothing and only gives room. */
final readonly class Spacer implements WiredAct
{
    public const NAME = 'spacer';

    public const ARGUMENTS = '{ axis: Axis; at: number; count?: number; in: true }';

    /** Sizes in px. */
    private const ROW = 8;

    private const COLUMN = 16;

    public function act(Arguments $given): Act
    {
        $shift = $given->shift();
        $size = $shift->rows ? self::ROW : self::COLUMN;
        $what = $shift->rows ? "Spacer row $shift->at" : 'Spacer column '.Address::columnName($shift->at);
        $sized = new Resize([$given->sheet], ! $shift->rows, [[$shift->at, $shift->at]], $size);

        return new Together([new MoveCells($given->sheet, $shift), $sized], "$what put in");
    }
}
