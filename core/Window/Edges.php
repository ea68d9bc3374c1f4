<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Look\Attribute;
use Rilvet\Look\Edge;

/**
 * Two cells share one edge, and it is drawn once: the stronger border wins (wider first, then double, solid, dashed,
 * dotted; then the one of the higher layer).
 *
 * Where CSS 2.2, 17.6.2.1 speaks of the same things, the rules agree: wider first, then double, solid, dashed, dotted.
 * They differ in three: there is no "hidden" that beats all; "none" is wiping by hand and is stored on both sides of the
 * edge; and where all else is equal the higher layer wins, not the cell at the left and above. Thin kinds of ISO/IEC 29500
 * that CSS lacks rank with the stroke they are drawn with, a hairline below the dotted line.
 */
final class Edges
{
    /** @var array<string, Edge|null> */
    private array $memo = [];

    public function __construct(private readonly DressedSheet $dressed)
    {
    }

    public function above(int $row, int $column): ?Edge
    {
        return $this->over($row > 1 ? $this->dressed->at($row - 1, $column) : null, $this->dressed->at($row, $column));
    }

    public function before(int $row, int $column): ?Edge
    {
        return $this->beside($column > 1 ? $this->dressed->at($row, $column - 1) : null, $this->dressed->at($row, $column));
    }

    /** The edge between two cells that stand over each other. */
    public function over(?ResolvedLook $above, ResolvedLook $below): ?Edge
    {
        return $this->between($above, Attribute::Bottom, $below, Attribute::Top);
    }

    /** The edge between two cells that stand beside each other. */
    public function beside(?ResolvedLook $left, ResolvedLook $right): ?Edge
    {
        return $this->between($left, Attribute::Right, $right, Attribute::Left);
    }

    private function between(?ResolvedLook $first, Attribute $firstSide, ResolvedLook $second, Attribute $secondSide): ?Edge
    {
        $key = ($first->number ?? '').$firstSide->value.$second->number;
        if (! array_key_exists($key, $this->memo)) {
            $this->memo[$key] = self::stronger(
                $first?->look->edge($firstSide), $first?->from($firstSide)->value ?? 0,
                $second->look->edge($secondSide), $second->from($secondSide)->value ?? 0,
            );
        }

        return $this->memo[$key];
    }

    private static function stronger(?Edge $a, int $layerA, ?Edge $b, int $layerB): ?Edge
    {
        $strengthA = $a === null ? 0 : $a->line->strength() * 10 + $layerA;
        $strengthB = $b === null ? 0 : $b->line->strength() * 10 + $layerB;
        $winner = $strengthA >= $strengthB ? $a : $b;

        return $winner === null || $winner->isNone() ? null : $winner;
    }
}
