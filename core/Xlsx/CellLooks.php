<?php

declare(strict_types=1);

namespace Rilvet\Xlsx;

use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\NamedStyle;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Measure\Ruler;
use Rilvet\Text\Fonts;
use Rilvet\Work\Worksheet;

/** Which cell format a cell gets for what it wears on one sheet: kept in mind by what it had and what it wears now. */
final class CellLooks
{
    /** @var array<int, array<int, int>> by the format that a cell had, then by the number of what it wears */
    private array $targets = [];

    private readonly Ruler $ruler;

    public function __construct(private readonly Worksheet $sheet, private readonly StylesWriting $styles)
    {
        $this->ruler = new Ruler(Fonts::shipped());
    }

    /**
     * @param  int  $had  the number of its format; that of its row or column, or RowReader::NONE, where no cell was there
     * @param  (callable(): Cell)|null  $cell  asked only where a text may be cut off
     * @return int|null null where no cell was there and none is needed
     */
    public function format(int $had, ResolvedLook $worn, int $column, ?callable $cell = null, bool $isAbsent = false): ?int
    {
        $number = $worn->number;
        if ($cell !== null && $worn->look->is(Attribute::Clip) && $this->spills($cell(), $worn->look, $column)) {
            $number = -1 - $number;
        }
        $target = $this->targets[$isAbsent ? -2 - $had : $had][$number] ??= $this->target($had, $worn, $number < 0, $isAbsent);

        return $target === RowReader::NONE ? null : $target;
    }

    private function target(int $had, ResolvedLook $worn, bool $clipped, bool $isAbsent): int
    {
        // The stylebook's ground alone makes no cell where none is: it is how the sheet looks, not how a cell does.
        if ($isAbsent && array_filter($worn->entries, fn (LayerEntry $entry) => $entry->layer !== Layer::Ground) === []) {
            return $had === RowReader::NONE || ! $this->sheet->clean ? $had : 0;
        }
        // The format has no word for a text that is cut off at the edge, but "fill" shows it just so where it is longer than its cell
        // (18.18.40).
        $look = $clipped ? $worn->look->under(Look::of(['horizontal' => 'fill'])) : $worn->look;
        $base = max(0, $had);
        if (StylesWriting::plain($look)->key() === $this->styles->look($base)->key()) {
            return $had;
        }
        // What says nothing of itself any more looks as the workbook does.
        if ($worn->entries === []) {
            return 0;
        }

        $named = NamedStyle::of($this->sheet, $worn);

        return $this->styles->format($base, $look, $named === null ? null : $this->styles->name($named->name, $named->look));
    }

    private function spills(Cell $cell, Look $look, int $column): bool
    {
        return $cell->isText() &&
            ! $look->is(Attribute::Wrap) &&
            $this->ruler->width($cell->text(), $look) > $this->sheet->setup->sizes->widthOf($column) - Ruler::PADDING;
    }
}
