<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Look\Edge;
use Rilvet\Work\Merges;
use Rilvet\Work\Worksheet;

/** The lines of a window: edges of its cells, each drawn once. */
final class Lines
{
    private readonly Edges $edges;

    public function __construct(
        private readonly Worksheet $sheet,
        private readonly DressedSheet $dressed,
        private readonly Merges $merges,
    ) {
        $this->edges = new Edges($dressed);
    }

    /**
     * Edges inside and around the range, each drawn once, neighbours of one kind joined to one line.
     *
     * @return list<WindowLine>
     */
    public function of(Range $range): array
    {
        $lines = [];
        $isMerged =
            array_filter(
                $this->sheet->setup->merges,
                fn (Range $merge) => $merge->meetsRows($range->top, $range->bottom + 1) &&
                    $merge->meetsColumns($range->left, $range->right + 1),
            ) !== [];
        $across = $along = $upright = [];
        [$aboveKey, $above] = $range->top > 1 ? $this->edged($range->top - 1, $range) : ['', []];
        for ($row = $range->top; $row <= $range->bottom + 1; $row++) {
            [$key, $worn] = $this->edged($row, $range);
            // Rows that wear the same beneath rows that wear the same have the same edges.
            $pair = $key === null || $aboveKey === null ? null : "$aboveKey/$key";
            $edges = ($pair === null ? null : $across[$pair] ?? null) ?? $this->edgesOver($above, $worn, $range);
            if ($pair !== null) {
                $across[$pair] = $edges;
            }
            array_push($lines, ...self::joined('top', $row, $isMerged ? $this->outside($edges, $row, true) : $edges));
            if ($row <= $range->bottom) {
                $beside = ($key === null ? null : $along[$key] ?? null) ?? $this->edgesBeside($worn, $range);
                if ($key !== null) {
                    $along[$key] = $beside;
                }
                foreach ($isMerged ? $this->outside($beside, $row, false) : $beside as $column => $edge) {
                    $upright[$column][$row] = $edge;
                }
            }
            [$aboveKey, $above] = [$key, $worn];
        }
        foreach ($upright as $column => $edges) {
            array_push($lines, ...self::joined('left', $column, $edges));
        }

        return $lines;
    }

    /**
     * What a row wears as far as its edges go: by what its cells hold only where a condition says anything of edges.
     *
     * @return array{string|null, array<int, ResolvedLook>}
     */
    private function edged(int $row, Range $range): array
    {
        [$key, $worn] = $this->dressed->stretch($row, max(1, $range->left - 1), $range->right + 1);
        if ($this->dressed->judges()?->haveEdges !== true) {
            return [$key, $worn];
        }
        $cells = [];
        foreach ($this->sheet->cells->read($row, $row, max(1, $range->left - 1), $range->right + 1) as $cells) {
            break;
        }
        foreach ($worn as $column => $look) {
            $worn[$column] = $this->dressed->holding($look, $row, $column, $cells[$column - 1] ?? Cell::blank());
        }

        return [null, $worn];
    }

    /**
     * @param  array<int, ResolvedLook>  $above  by column
     * @param  array<int, ResolvedLook>  $below
     * @return array<int, Edge|null> by column
     */
    private function edgesOver(array $above, array $below, Range $range): array
    {
        $edges = [];
        for ($column = $range->left; $column <= $range->right; $column++) {
            $edges[$column] = $this->edges->over($above[$column] ?? null, $below[$column]);
        }

        return $edges;
    }

    /**
     * @param  array<int, ResolvedLook>  $worn  by column
     * @return array<int, Edge|null> at the left of each cell, by column
     */
    private function edgesBeside(array $worn, Range $range): array
    {
        $edges = [];
        for ($column = $range->left; $column <= $range->right + 1; $column++) {
            $edges[$column] = $this->edges->beside($worn[$column - 1] ?? null, $worn[$column]);
        }

        return $edges;
    }

    /**
     * Edges without those inside of merged cells.
     *
     * @param  array<int, Edge|null>  $edges  by column
     * @return array<int, Edge|null>
     */
    private function outside(array $edges, int $row, bool $above): array
    {
        foreach ($edges as $column => $edge) {
            $merge = $edge === null ? null : $this->merges->at($row, $column);
            if ($merge !== null && ($above ? $row > $merge->top : $column > $merge->left)) {
                $edges[$column] = null;
            }
        }

        return $edges;
    }

    /**
     * @param  array<int, Edge|null>  $edges  by cell along the line
     * @return list<WindowLine>
     */
    private static function joined(string $side, int $at, array $edges): array
    {
        $lines = [];
        $from = null;
        $kind = null;
        $last = 0;
        foreach ($edges + [PHP_INT_MAX => null] as $cell => $edge) {
            if ($kind !== null && $from !== null && ((string) $edge !== (string) $kind)) {
                $lines[] = new WindowLine($side, $at, $from, $last, $kind->line->width(), $kind->line->value, $kind->colour);
                $kind = null;
            }
            if ($edge !== null && $kind === null) {
                $kind = $edge;
                $from = $cell;
            }
            $last = $cell;
        }

        return $lines;
    }
}
