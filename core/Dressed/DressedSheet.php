<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Condition\Around;
use Rilvet\Condition\Judges;
use Rilvet\Condition\Verdict;
use Rilvet\Dressed\Layers\CellLayer;
use Rilvet\Dressed\Layers\FileLayer;
use Rilvet\Dressed\Layers\HandLayer;
use Rilvet\Dressed\Layers\LaidLayer;
use Rilvet\Dressed\Layers\NamedLayer;
use Rilvet\Dressed\Layers\RuleLayer;
use Rilvet\Dressed\Layers\StylebookLayer;
use Rilvet\Grid\Cell;
use Rilvet\Look\Attribute;
use Rilvet\Look\LookBook;
use Rilvet\Reading\ColumnRole;
use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\Worksheet;

/**
 * How each cell of a sheet looks, and why: the one answer that windows, fit, the tray and all writers ask for. Layers lie
 * over each other in their order; cells of which they say the same resolve once, and a sheet of any size has a few dozen
 * different ones.
 */
final class DressedSheet
{
    /** Whole rows that are kept in mind. */
    private const ROWS = 4_000;

    /** Looks with what cells hold that are kept in mind. */
    private const HELD = 20_000;

    /** @var array<string, ResolvedLook> by what is known of a place */
    private array $places = [];

    /** @var array<string, ResolvedLook> by what is known of a place without its column */
    private array $alike = [];

    /** @var array<string, int> */
    private array $numbers = [];

    /** @var array<string, array<int, ResolvedLook>> */
    private array $wholeRows = [];

    /** @var array<int, array<string, ResolvedLook>> by the number of a look without them, and by what conditions say */
    private array $conditioned = [];

    /** How many of those were kept. */
    private int $kept = 0;

    private readonly RowTables $tables;

    private ?RowStretches $stretches = null;

    private readonly OddFormats $odd;

    private readonly FileLayer $file;

    private readonly RuleLayer $rules;

    private readonly ?StylebookLayer $dress;

    private readonly ?Bands $bands;

    private readonly ?LaidBands $laid;

    private readonly ?Frames $frames;

    /** Entry, choice and formula cells, where anything depends on them. */
    private readonly ?CellParts $cellParts;

    /** Headings that are shown in other letters than they are written. */
    private readonly ?ShownHeads $heads;

    /** @var list<LayerSource> lowest first */
    private readonly array $layers;

    /** What conditions say; false until it is asked for. */
    private Judges|false|null $judges = false;

    /** @var array{int, int, Verdict|null} the cell that was asked last, and what its conditions say */
    private array $last = [0, 0, null];

    /** @param  Around|null  $around  what conditions look at beside the sheet; without it they know nothing but the sheet */
    public function __construct(private readonly Worksheet $sheet, LookBook $looks, private readonly ?Around $around = null)
    {
        $this->tables = new RowTables($sheet->reading->tables);
        $this->odd = new OddFormats($sheet, $looks);
        $this->file = new FileLayer($sheet, $looks);
        $this->rules = new RuleLayer($sheet->rules);
        $this->dress = $sheet->stylebook === null ? null : new StylebookLayer($sheet->stylebook, $looks);
        $stripes = $sheet->stylebook?->stripes;
        $this->bands = $stripes === null ? null : new Bands($sheet, $stripes);
        $this->frames = $sheet->stylebook?->frame->isEmpty() === false ? new Frames : null;
        $laid = $sheet->aspect(LaidStripes::class)->all;
        $this->laid = $laid === [] ? null : new LaidBands($laid, $sheet);
        $cases = $sheet->stylebook->cases ?? [];
        $this->heads = $cases === [] ? null : new ShownHeads($sheet->cells, $cases);
        $this->cellParts = CellParts::areSeen($sheet) ? new CellParts($sheet, $looks) : null;
        $own = [$this->file, ...($laid === [] ? [] : [new LaidLayer]),
            ...($this->dress === null ? [] : [$this->dress]),
            ...($this->cellParts === null ? [] : [new CellLayer($sheet)]), new NamedLayer($sheet), $this->rules, new HandLayer($looks)];
        $brought = array_values($sheet->aspects->held);
        $layers = [...$own, ...array_filter($brought, fn (object $aspect) => $aspect instanceof LayerSource)];
        usort($layers, fn (LayerSource $one, LayerSource $other) => $one->layer()->value <=> $other->layer()->value);
        $this->layers = $layers;
    }

    /** The look of a cell, whatever it holds. */
    public function at(int $row, int $column): ResolvedLook
    {
        $sheet = $this->sheet;
        $own = $sheet->file->at($row, $column);
        $file = $sheet->clean ? 0 : $own;
        $own = $own === 0 || $this->dress === null ? 0 : $this->odd->number($own);
        $named = $sheet->named->at($row, $column);
        $hand = $sheet->hand->at($row, $column);
        [$stripe, $laid] = $this->laid?->at($row, $column) ?? ['', null];
        $cell = $this->cellParts?->at($row, $column);
        $knowsParts = $this->dress !== null || $sheet->rules !== [] || $this->cellParts !== null;
        [$table, $part, $position] = $knowsParts ? $this->tableAt($row, $column) : [null, null, 0];
        if ($table === null || $part === null) {
            $key = "$file|$named|$hand|$stripe|".($sheet->typing === null ? '' : $column)
                .($cell === null ? '' : $cell->letter());

            return $this->places[$key] ??= $this->resolved(new Place($column, $file, 0, $named, $hand, laid: $laid, cell: $cell));
        }
        // A total column crosses body rows, and their stripes run through it.
        $isAcross = $part === Part::Total && $table->runAt($row)?->part === Part::Body;
        $isBody = $part === Part::Body || $part === Part::RowLabel || $isAcross;
        $isSum = $part === Part::Total || $part === Part::Subtotal;
        $sides = $this->frames?->at($table, $row, $column) ?? '';
        $bands = $isBody ? $this->bands : null;
        $band = match (true) {
            $bands === null => null,
            $bands->isOfRows() => $bands->ofRow($table, $row, $position),
            default => $bands->ofColumn($table, $column),
        };
        $isSigned = ($part === Part::Total && ! $isAcross) || $row === $table->firstBodyRow();
        $isGrouped = $part === Part::ColumnGroup && self::inGroup($table, $row, $column);
        $isLowest = $part === Part::Heading && $row === $table->lastHeadRow();
        $below = $isLowest && ($this->sheet->stylebook->heads ?? []) !== [] ? $this->cellParts?->ofColumn($table, $column) : null;
        $shows = $this->heads?->shown($part, $row, $column);
        $isCoded = $isSum && ($table->runAt($row)->coded ?? false);
        $isAtLeft = $part === Part::Heading && $table->column($column)?->role === ColumnRole::Heading
            && $table->runAt($row)?->part === Part::Body;
        // Of a turned table each row may be of another kind.
        $line = isset($table->lines[$row]) && $table->isTurned() ? $row : 0;
        $key =
            "$file|$named|$hand|$stripe|{$part->value}|{$table->range->left}.{$table->range->top}.$column|".
            ($band === null ? '' : "s$band").
            ($isSigned ? 'i' : '').
            ($isGrouped ? 'g' : '').
            ($isAcross ? 'a' : '').
            ($isLowest ? 'l' : '').
            ($isCoded ? 'c' : '').
            $sides.
            ($isAtLeft ? 'h' : '').
            ($line === 0 ? '' : "r$line").
            ($cell === null ? '' : "*{$cell->value}").
            ($below === null ? '' : "_{$below->value}").
            ($shows === null ? '' : "'$shows'").
            ($own === 0 ? '' : "#$own");
        if (isset($this->places[$key])) {
            return $this->places[$key];
        }
        $place = fn (int $odd) => new Place(
            $column, $file, $odd, $named, $hand, $table, $part, $table->readingOf($row, $column),
            $band, $isSigned || $line > 0, $isGrouped, $isAcross, $isLowest, $isCoded, $isAtLeft, $laid, $sides, $cell, $below, $shows,
        );
        $dress = $this->dress;
        $isOdd = $own !== 0 && $dress !== null && $this->odd->keeps($own, $table, $part, $column, fn () => $dress->dress($part, $place(0)));

        return $this->places[$key] = $this->alike($place($isOdd ? $own : 0));
    }

    /** Whether a cell is an entry, a choice or a formula cell; null for none, and where nothing depends on it. */
    public function cellPart(int $row, int $column): ?Part
    {
        return $this->cellParts?->at($row, $column);
    }

    /** The look of a cell with what it holds. */
    public function holding(ResolvedLook $look, int $row, int $column, Cell $cell): ResolvedLook
    {
        $verdict = $this->verdict($row, $column, $cell);

        return $verdict === null ? $look : $this->wearing($look, $verdict);
    }

    /** The same where what the conditions say is known. */
    public function wearing(ResolvedLook $look, Verdict $verdict): ResolvedLook
    {
        if ($verdict->key === '') {
            return $look;
        }
        if (isset($this->conditioned[$look->number][$verdict->key])) {
            return $this->conditioned[$look->number][$verdict->key];
        }
        if (++$this->kept > self::HELD) {
            [$this->conditioned, $this->kept] = [[], 0];
        }
        // Of one look and what conditions say of it each pair is another one: a scale makes hundreds, so they are not written out.
        $key = "{$look->number}|c|$verdict->key";
        $this->numbers[$key] ??= count($this->numbers);

        return $this->conditioned[$look->number][$verdict->key] = $look->with($this->numbers[$key], $this->conditional($verdict));
    }

    /** What the conditions of the sheet and of its stylebook say of a cell: looks, a bar, a mark. */
    public function verdict(int $row, int $column, Cell $cell): ?Verdict
    {
        if ($this->last[0] !== $row || $this->last[1] !== $column) {
            $judges = $this->judges === false ? $this->judges() : $this->judges;
            $this->last = [$row, $column, $judges?->at($row, $column, $cell)];
        }

        return $this->last[2];
    }

    /**
     * Rows on their way to somebody who asks of each cell what it wears with what it holds: conditions are asked of whole
     * columns, of some rows at a time.
     *
     * @param  iterable<int, list<Cell>>  $rows  whole ones, by their number
     * @return iterable<int, list<Cell>>
     */
    public function held(iterable $rows): iterable
    {
        $judges = $this->judges();
        if ($judges === null) {
            yield from $rows;

            return;
        }
        foreach (Judges::stretches($rows) as $lines) {
            $judges->hold($lines);
            yield from $lines;
        }
    }

    /** All conditions that hold somewhere; null where there are none. */
    public function judges(): ?Judges
    {
        if ($this->judges === false) {
            $conditions = $this->sheet->conditions();
            $judges = $conditions === [] ? null : new Judges(
                $conditions, $this->sheet->reading, $this->sheet->cells, $this->around ?? Around::alone($this->sheet->cells),
            );
            $this->judges = $judges?->isEmpty() === false ? $judges : null;
        }

        return $this->judges;
    }

    /** @return list<LayerEntry> lowest first */
    private function conditional(Verdict $verdict): array
    {
        $entries = [];
        foreach (array_reverse($verdict->looks) as [, $look, $number]) {
            $entries[] = new LayerEntry(Layer::Conditional, $look, "conditional look $number");
        }

        return $entries;
    }

    /**
     * What the cells of a row wear, from column A on. Rows of one part, one place in the stripes and one stretch of looks
     * of their own wear the same, and are resolved once.
     *
     * @return list<ResolvedLook>
     */
    public function row(int $row, int $columns): array
    {
        return array_values($this->stretch($row, 1, $columns)[1]);
    }

    /** What the rows that wear the same as one have in common; null where a row may look like no other. */
    public function key(int $row): ?string
    {
        $this->stretches ??= new RowStretches($this->sheet, $this->tables, $this->bands, $this->laid, $this->frames,
            $this->cellParts, $this->heads !== null);

        return $this->stretches->key($row);
    }

    /** The last row, from one on, of those that certainly wear the same as it. */
    public function sameUntil(int $row): int
    {
        $this->key($row);

        return $this->stretches?->last($row) ?? $row;
    }

    /**
     * What the cells of a row wear between two columns.
     *
     * @return array{string|null, array<int, ResolvedLook>} what the rows that wear the same have in common, null where nothing is known
     *     of it; looks by column
     */
    public function stretch(int $row, int $left, int $right): array
    {
        $key = $this->key($row);
        if ($key !== null && isset($this->wholeRows["$left.$right.$key"])) {
            return [$key, $this->wholeRows["$left.$right.$key"]];
        }
        $looks = [];
        for ($column = $left; $column <= $right; $column++) {
            $looks[$column] = $this->at($row, $column);
        }
        if ($key !== null) {
            if (count($this->wholeRows) > self::ROWS) {
                $this->wholeRows = [];
            }
            $this->wholeRows["$left.$right.$key"] = $looks;
        }

        return [$key, $looks];
    }

    /** Columns of one kind, unit and so many places wear the same; a sheet of thousands of columns has a few such. */
    private function alike(Place $place): ResolvedLook
    {
        $key =
            $place->alike().
            '|'.
            $this->file->typed($place->column)->text(Attribute::Number).
            '|'.
            implode('.', $this->rules->matching($place));

        return $this->alike[$key] ??= $this->resolved($place);
    }

    private function resolved(Place $place): ResolvedLook
    {
        return $this->numbered(array_merge(...array_map(fn (LayerSource $layer) => $layer->entries($place), $this->layers)), $place->part);
    }

    /** @param  list<LayerEntry>  $entries */
    private function numbered(array $entries, ?Part $part): ResolvedLook
    {
        $says = array_map(fn (LayerEntry $entry) => [$entry->layer->value, $entry->look->key(), $entry->name], $entries);
        $key = ($part->value ?? '').json_encode($says, JSON_THROW_ON_ERROR);

        return new ResolvedLook($this->numbers[$key] ??= count($this->numbers), $entries, $part);
    }

    /** @return array{TableReading|null, Part|null, int} the table that a cell belongs to, its part there, its row's position in its run */
    private function tableAt(int $row, int $column): array
    {
        $part = null;
        foreach ($this->tables->at($row) as [$table, $rowPart, $position]) {
            $isWithin = $table->range->hasColumn($column);
            $part = $rowPart === Part::Body || ! $isWithin ? $table->partAt($row, $column) : $rowPart;
            if ($part !== null || $table->range->contains($row, $column)) {
                return [$table, $part, $position];
            }
        }

        return [null, null, 0];
    }

    private static function inGroup(TableReading $table, int $row, int $column): bool
    {
        foreach ($table->groups as $group) {
            if ($group->contains($row, $column)) {
                return true;
            }
        }

        return false;
    }
}
