<?php

declare(strict_types=1);

namespace App\Wire\Acts;

use App\Wire\ActIsWrong;
use App\Wire\Arguments;
use App\Wire\WiredAct;
use Rilvet\Act\Act;
use Rilvet\Act\DrawBorders;
use Rilvet\Look\Edge;

/** Draws edges around cells and lines between them. */
final readonly class Borders implements WiredAct
{
    public const NAME = 'borders';

    public const ARGUMENTS = 'OnCells & { sides: Record<string, string> }';

    public function act(Arguments $given): Act
    {
        return new DrawBorders($given->targets(), self::sides($given->map('sides')));
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, Edge>
     */
    private static function sides(array $given): array
    {
        $sides = [];
        foreach ($given as $side => $pen) {
            if (! in_array($side, DrawBorders::SIDES, true) || ! is_string($pen)) {
                throw ActIsWrong::argument('sides', 'edges by side: '.implode(', ', DrawBorders::SIDES));
            }
            $sides[$side] = Edge::parse($pen);
        }

        return $sides === [] ? throw ActIsWrong::argument('sides', 'at least one edge') : $sides;
    }
}
