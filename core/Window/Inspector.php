<?php

declare(strict_types=1);

namespace Rilvet\Window;

use Rilvet\Colour\Colour;
use Rilvet\Colour\Difference;
use Rilvet\Condition\Around;
use Rilvet\Dressed\DressedSheet;
use Rilvet\Dressed\Layer;
use Rilvet\Dressed\LayerEntry;
use Rilvet\Dressed\ResolvedLook;
use Rilvet\Grid\Cell;
use Rilvet\Grid\Range;
use Rilvet\Grid\RangeSet;
use Rilvet\Look\Attribute;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookWords;
use Rilvet\Reading\ColumnKind;
use Rilvet\Reading\Part;
use Rilvet\Stylebook\Palette;
use Rilvet\Work\Worksheet;

/** Looks at a selection: values, mixed or not, their layers, the part it is. Cells that wear the same are looked at once. */
final class Inspector
{
    /** Rows that are looked at in one range; beyond them the edges of runs and of the table's parts stand for the rest. */
    private const ROWS = 300;

    private const COLUMNS = 60;

    private readonly DressedSheet $dressed;

    public function __construct(private readonly Worksheet $sheet, private readonly LookBook $looks, ?Around $around = null)
    {
        $this->dressed = new DressedSheet($sheet, $looks, $around);
    }

    public function inspect(RangeSet $ranges, int $row, int $column): Inspection
    {
        $plain = $this->dressed->at($row, $column);
        $active = $this->dressed->holding($plain, $row, $column, $this->cell($row, $column));
        $worn = [];
        $parts = [];
        $kinds = [];
        foreach ($this->stretches($ranges, $row) as [$at, $looks]) {
            foreach ($looks as $cell => $look) {
                $look = $at === $row && $cell === $column ? $active : $look;
                $worn[$look->number] = $look;
                $table = $this->sheet->reading->tableAt($at, $cell);
                $part = $table?->partAt($at, $cell);
                $parts[$part->value ?? ''] = $part;
                $kinds[$table?->readingOf($at, $cell)->kind->value ?? ''] = true;
            }
        }
        $part = count($parts) === 1 ? array_values($parts)[0] : null;
        $kind = $part === Part::Body && count($kinds) === 1 ? ColumnKind::tryFrom((string) array_key_first($kinds)) : null;
        $fill = $active->look->text(Attribute::Fill, 'none');
        [$paper, $ink] = [$active->look->paper(), $active->look->ink()];
        $mixed =
            count(
                array_unique(
                    array_map(fn (ResolvedLook $look) => $look->look->text(Attribute::Fill).$look->look->text(Attribute::Ink), $worn),
                ),
            ) > 1;
        $merges = array_values(array_filter($this->sheet->setup->merges, fn (Range $merge) => count($ranges->clip($merge)) > 0));

        return new Inspection(
            array_map(
                fn (Attribute $attribute) => $this->attribute($attribute, $active, array_values($worn), $part, $kind),
                Attribute::cases(),
            ),
            array_map(
                fn (LayerEntry $entry) => new LayerView(
                    $entry->layer->value,
                    $entry->name ?? $this->from($entry->layer, $part),
                    LookWords::of($entry->look),
                ),
                $active->entries,
            ),
            $part?->value,
            $kind?->value,
            $mixed ? null : round($paper->contrast($ink), 2),
            ($this->sheet->stylebook->palette ?? Palette::of([]))->readableInk($paper)->toHex(),
            $fill === 'none' ? [] : $this->near($fill),
            array_map(strval(...), $merges),
        );
    }

    private function cell(int $row, int $column): Cell
    {
        foreach ($this->sheet->cells->read($row, $row, $column, $column) as $cells) {
            return $cells[$column - 1] ?? Cell::blank();
        }

        return Cell::blank();
    }

    /**
     * What the cells of a selection agree on, the look that a person would keep under a name: more than the file's or the
     * ground's own where the sheet wears a stylebook, else all that is said of them.
     */
    public function own(RangeSet $ranges): Look
    {
        $above = $this->sheet->stylebook === null ? 0 : Layer::Ground->value;
        $own = null;
        $seen = [];
        foreach ($this->stretches($ranges, 0) as [, $looks]) {
            foreach ($looks as $worn) {
                if (isset($seen[$worn->number])) {
                    continue;
                }
                $seen[$worn->number] = true;
                $said = array_filter($worn->look->toArray(),
                    fn (string $name) => ($worn->from(Attribute::from($name))->value ?? 0) > $above, ARRAY_FILTER_USE_KEY);
                $own = $own === null ? $said
                    : array_filter($own, fn (mixed $value, string $name) => ($said[$name] ?? null) === $value, ARRAY_FILTER_USE_BOTH);
            }
        }

        return Look::of($own ?? []);
    }

    /**
     * Rows that stand for a selection; of those that wear the same, and are of the same parts, one, and beside it that of the
     * active cell, whose look may depend on what it holds.
     *
     * @param  int  $active  row of that cell; 0 for none
     * @return iterable<array{int, array<int, ResolvedLook>}> the row and what its cells wear, by column
     */
    private function stretches(RangeSet $ranges, int $active): iterable
    {
        foreach ($ranges as $range) {
            $right = min($range->right, $range->left + self::COLUMNS);
            $seen = [];
            foreach ($this->rows($range) as $row) {
                [$key, $looks] = $this->dressed->stretch($row, $range->left, $right);
                if ($key === null || $row === $active) {
                    yield [$row, $looks];
                } elseif (! isset($seen[$key])) {
                    $seen[$key] = true;
                    yield [$row, $looks];
                }
            }
        }
    }

    /** @param  list<ResolvedLook>  $worn */
    private function attribute(Attribute $attribute, ResolvedLook $active, array $worn, ?Part $part, ?ColumnKind $kind): AttributeState
    {
        $values = array_unique(array_map(fn (ResolvedLook $look) => json_encode($look->look->get($attribute)), $worn));
        $layers = array_unique(array_map(fn (ResolvedLook $look) => $look->from($attribute)->value ?? 0, $worn));
        $layer = count($layers) === 1 ? $active->from($attribute) : null;
        $value = $active->look->get($attribute);

        return new AttributeState(
            $attribute->value,
            $value === null ? null
                : (is_bool($value)
                ? ($value ? 'true' : 'false')
                : (string) $value),
            count($values) > 1,
            count($layers) > 1 ? 'several layers'
                : ($layer === null ? 'nothing says it' : $active->entry($attribute)->name ?? $this->from($layer, $part, $kind)),
            $layer->value ?? 0,
        );
    }

    private function from(Layer $layer, ?Part $part, ?ColumnKind $kind = null): string
    {
        $name = $this->sheet->stylebook->name ?? '';

        return match ($layer) {
            Layer::File, Layer::Named, Layer::Hand, Layer::Conditional => $layer->words(),
            Layer::Ground => "ground · $name",
            Layer::Part => ($part === null ? 'part' : $part->words())." · $name",
            Layer::Kind => 'kind'.($kind === null ? '' : ": {$kind->value}")." · $name",
            Layer::Stripes => $name === '' ? 'stripes by hand' : "stripes · $name",
        };
    }

    /** @return list<int> */
    private function rows(Range $range): array
    {
        if ($range->rows() <= self::ROWS) {
            return range($range->top, $range->bottom);
        }
        $rows = array_fill_keys([...range($range->top, $range->top + 40), ...range($range->bottom - 10, $range->bottom)], true);
        foreach ($this->sheet->reading->tables as $table) {
            foreach (array_slice($table->runs, 0, 200) as $run) {
                $rows += [$run->first => true, $run->last => true, $run->first + 1 => true];
            }
        }
        foreach ([$this->sheet->hand, $this->sheet->named, $this->sheet->file] as $map) {
            foreach ($map->runs() as $column => $runs) {
                if ($range->hasColumn($column)) {
                    foreach (array_slice($runs, 0, 100) as [$first, $last]) {
                        $rows += [$first => true, $last + 1 => true];
                    }
                }
            }
        }

        return array_values(array_filter(array_keys($rows), $range->hasRow(...)));
    }

    /**
     * Fills in use that are nearly this one, but not it: most likely meant to be the same.
     *
     * @return list<string>
     */
    private function near(string $fill): array
    {
        $used = [];
        foreach ([...$this->looks->all(), ...($this->sheet->stylebook?->stripes->looks ?? [])] as $look) {
            $used[$look->text(Attribute::Fill, 'none')] = true;
        }
        unset($used['none'], $used[$fill]);
        $colour = Colour::hex($fill);

        return array_slice(
            array_values(
                array_filter(
                    array_map(strval(...), array_keys($used)),
                    fn (string $other) => Difference::ciede2000($colour, Colour::hex($other)) < 3.0,
                ),
            ),
            0,
            4,
        );
    }
}
