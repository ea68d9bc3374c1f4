<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Rilvet\Formula\Unsettled;
use Rilvet\Grid\Address;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Intake\SheetTyping;
use Rilvet\Look\Facet;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Reading;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\Stylebook;

/**
 * A sheet at work: its cells, what was read in them, and the layers of its looks, kept apart. Flattening happens only
 * where something is painted or written.
 *
 * All but the cells is held in named documents (JSON), which is what a Change stores and undoes.
 */
final readonly class Worksheet
{
    /** Cells up to which blank ones are written for the looks that they wear. */
    private const WRITTEN = 1_000_000;

    public const DOCUMENTS = ['name', 'found', 'corrections', 'typing', 'dress', 'setup', 'fitted', 'file', 'named', 'hand', 'rules', 'wears', 'joins', 'origin', 'moves', 'results'];

    public Reading $reading;

    /** The set-up in force: what came with the file, overlaid by what a dress has fitted. */
    public Setup $setup;

    /**
     * @param  list<Correction>  $corrections  laid over what was found, in order
     * @param  bool  $clean  dressed with "start clean": what came with the file is not seen
     * @param  Setup|null  $fitted  sizes and opening as the dress fitted them
     * @param  list<PartRule>  $rules  what a person said of whole parts of this sheet
     * @param  list<string>  $wears  names of the looks that the layer of named looks counts from 1
     * @param  string|null  $origin  fingerprint of what came with the package that the sheet is part of; null where there is none
     * @param  list<Shift|RowOrder>  $moves  rows and columns put in, taken out or sorted since the sheet came with a package
     * @param  Unsettled  $unsettled  formulas whose value may not be what they give now
     * @param  Stylebook|null  $own  the named looks of the workbook itself, which it holds and the sheet only knows
     * @param  array<string, string>  $joins  by merged range: the first text as it was before the texts were joined
     */
    public function __construct(
        public Sheet $cells,
        public string $name,
        public Reading $found,
        public array $corrections = [],
        public ?SheetTyping $typing = null,
        public ?Stylebook $stylebook = null,
        public bool $clean = false,
        public Setup $came = new Setup,
        public ?Setup $fitted = null,
        public LookMap $file = new LookMap,
        public LookMap $named = new LookMap,
        public LookMap $hand = new LookMap,
        public array $rules = [],
        public array $wears = [],
        public array $joins = [],
        public ?string $origin = null,
        public array $moves = [],
        public Unsettled $unsettled = new Unsettled,
        public ?Stylebook $own = null,
    ) {
        $this->reading = array_reduce($corrections, fn (Reading $reading, Correction $correction) => $correction->on($reading), $found);
        $this->setup = $fitted ?? $came;
    }

    /** The sheet as part of a package: what came with it is remembered, so that it is known whether an act said otherwise. */
    public function fromPackage(): self
    {
        return $this->with(['origin' => $this->fingerprint()]);
    }

    /** No act has said anything of looks and sizes since the sheet came; its cells are another matter. */
    public function isAsItCame(): bool
    {
        return $this->stylebook === null && ! $this->clean && $this->rules === [] && $this->named->isEmpty() && $this->hand->isEmpty() && $this->moves === [] && $this->origin === $this->fingerprint();
    }

    /**
     * The last row and column that hold a cell, a table, a merge, or a look that somebody gave them: what has to be written.
     *
     * @return array{int, int}
     */
    public function reach(): array
    {
        [$row, $column] = [$this->cells->rows(), $this->cells->columns()];
        foreach ([...array_map(fn (TableReading $table) => $table->range, $this->reading->tables), ...$this->setup->merges] as $range) {
            [$row, $column] = [max($row, $range->bottom), max($column, $range->right)];
        }
        foreach ([$this->hand, $this->named] as $looks) {
            [$down, $across] = $looks->reach();
            // A look over millions of blank cells is not worth a cell for each of them.
            if (max($row, $down) * max($column, $across) <= max(self::WRITTEN, $row * $column)) {
                [$row, $column] = [max($row, $down), max($column, $across)];
            }
        }

        return [$row, $column];
    }

    /** Whether a whole column has a look, down to the last row of a worksheet: rows that come will have it. */
    public function looksWhole(int $column): bool
    {
        return $this->hand->at(Address::ROWS, $column) !== 0 || $this->named->at(Address::ROWS, $column) !== 0
            || (! $this->clean && $this->file->at(Address::ROWS, $column) !== 0);
    }

    /** @return array<int, int> rows that are as high as what they hold wants and are to stay so, as keys */
    public function followingRows(): array
    {
        return $this->fitted === null ? array_diff_key(array_flip($this->setup->autoRows), array_flip($this->setup->heldRows)) : [];
    }

    /** No act has said anything but by hand touches since the sheet came. */
    public function isTouchedAlone(): bool
    {
        return $this->stylebook === null && ! $this->clean && $this->rules === [] && $this->named->isEmpty() && $this->moves === [] && $this->origin === $this->fingerprint();
    }

    private function fingerprint(): string
    {
        return hash('xxh128', (string) json_encode([$this->setup->toArray(), $this->file->runs()]));
    }

    public function wearing(?Stylebook $stylebook, bool $clean): self
    {
        return $this->with(['stylebook' => $stylebook, 'clean' => $clean, 'fitted' => null]);
    }

    public function knowing(Stylebook $own): self
    {
        return $this->with(['own' => $own]);
    }

    /** @return array<string, Look> the named looks at hand: those of the stylebook, then those of the workbook that it has no other of */
    public function namedLooks(): array
    {
        return ($this->stylebook->looks ?? []) + ($this->own->looks ?? []);
    }

    public function lookNamed(string $name): ?Look
    {
        return $this->stylebook?->named($name) ?? $this->own?->named($name);
    }

    /** Whether the named looks that are worn say what they say on another state of the sheet. */
    public function saysNamed(self $other): bool
    {
        foreach ($this->wears as $name) {
            if ($this->lookNamed($name)?->key() !== $other->lookNamed($name)?->key()) {
                return false;
            }
        }

        return true;
    }

    /** Whether a named look is the workbook's own. */
    public function isOwn(string $name): bool
    {
        return $this->stylebook?->named($name) === null && $this->own?->named($name) !== null;
    }

    public function fittedTo(?Setup $setup): self
    {
        return $this->with(['fitted' => $setup]);
    }

    public function corrected(Correction $correction): self
    {
        return $this->with(['corrections' => [...$this->corrections, $correction]]);
    }

    public function readAs(Reading $found, Sheet $cells, ?SheetTyping $typing): self
    {
        return $this->with(['found' => $found, 'cells' => $cells, 'typing' => $typing]);
    }

    public function withUnsettled(Unsettled $unsettled): self
    {
        return $this->with(['unsettled' => $unsettled]);
    }

    public function touched(LookMap $hand): self
    {
        return $this->with(['hand' => $hand]);
    }

    public function withoutFileLooks(LookMap $left): self
    {
        return $this->with(['file' => $left]);
    }

    /** @param  list<string>  $wears */
    public function laid(LookMap $named, array $wears): self
    {
        return $this->with(['named' => $named, 'wears' => $wears]);
    }

    /** @param  list<PartRule>  $rules */
    public function ruled(array $rules): self
    {
        return $this->with(['rules' => $rules]);
    }

    /**
     * @param  list<Range>  $merges
     * @param  array<string, string>  $joins
     */
    public function merged(array $merges, array $joins): self
    {
        return $this->with(['came' => $this->came->withMerges($merges), 'fitted' => $this->fitted?->withMerges($merges), 'joins' => $joins]);
    }

    /**
     * @param  array<int, int>  $sizes  in px
     * @param  list<int>  $indexes  of columns or rows
     */
    public function sized(bool $columns, array $sizes, array $indexes, bool $held): self
    {
        return $this->with(['came' => $this->came->sized($columns, $sizes, $indexes, $held), 'fitted' => $this->fitted?->sized($columns, $sizes, $indexes, $held)]);
    }

    /**
     * Rows of a range in another order: their cells, hand touches, named looks and heights go along. Of what came with the
     * file, fills and borders stay, since they belong to the place: a stripe is no part of a row.
     *
     * @param  Range  $range  the rows, as far as the columns go
     */
    public function ordered(Range $range, RowOrder $order, Sheet $cells, LookBook $looks): self
    {
        $rows = $order->from;
        $file = $this->file->ordered($range, $rows, fn (int $comes, int $there) => $looks->number(
            $looks->look($there)->facet(Facet::Fill, Facet::Borders)->under($looks->look($comes)->facet(Facet::Type, Facet::Number, Facet::Place, Facet::Guard)),
        ));

        return $this->with([
            'cells' => $cells, 'file' => $file, 'named' => $this->named->ordered($range, $rows), 'hand' => $this->hand->ordered($range, $rows),
            'came' => $this->came->ordered($rows), 'fitted' => $this->fitted?->ordered($rows),
            'moves' => $this->origin === null ? [] : [...$this->moves, $order],
            'unsettled' => $this->unsettled->moved($order),
        ]);
    }

    /** @param  list<int>  $hidden */
    public function hiding(bool $columns, array $hidden): self
    {
        return $this->with(['came' => $this->came->hiding($columns, $hidden), 'fitted' => $this->fitted?->hiding($columns, $hidden)]);
    }

    public function arranged(string $name, string $state, ?string $tab): self
    {
        return $this->with(['name' => $name, 'came' => $this->came->shown($state, $tab), 'fitted' => $this->fitted?->shown($state, $tab)]);
    }

    public function opening(int $freezeRow, int $freezeColumn, bool $gridlines, int $zoom, int $firstRow, int $firstColumn): self
    {
        $open = fn (Setup $setup) => $setup->withOpening($freezeRow, $freezeColumn, $gridlines, $zoom)->openingAt($firstRow, $firstColumn);

        return $this->with(['came' => $open($this->came), 'fitted' => $this->fitted === null ? null : $open($this->fitted)]);
    }

    /** Everything at its new place after rows or columns were put in or taken out. */
    public function moved(Shift $shift, Sheet $cells): self
    {
        $joins = [];
        foreach ($this->joins as $range => $text) {
            $to = $shift->range(Range::parse($range));
            if ($to !== null) {
                $joins[(string) $to] = $text;
            }
        }

        $typing = $this->typing?->moved($shift);

        return $this->with([
            // The columns of a text file are read as before, at their new places.
            'cells' => $cells instanceof BlockSheet ? $cells->withTyping($typing) : $cells,
            'found' => $this->found->moved($shift),
            'corrections' => array_values(array_filter(array_map(fn (Correction $correction) => $correction->moved($shift), $this->corrections))),
            'typing' => $typing,
            'came' => $this->came->moved($shift),
            'fitted' => $this->fitted?->moved($shift),
            'file' => $this->file->moved($shift),
            'named' => $this->named->moved($shift),
            'hand' => $this->hand->moved($shift),
            'joins' => $joins,
            'moves' => $this->origin === null ? [] : [...$this->moves, $shift],
            'unsettled' => $this->unsettled->moved($shift),
        ]);
    }

    /** @param  array<string, mixed>  $parts by the names of the constructor's arguments */
    private function with(array $parts): self
    {
        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + [
            'cells' => $this->cells, 'name' => $this->name, 'found' => $this->found, 'corrections' => $this->corrections, 'typing' => $this->typing, 'stylebook' => $this->stylebook,
            'clean' => $this->clean, 'came' => $this->came, 'fitted' => $this->fitted, 'file' => $this->file, 'named' => $this->named, 'hand' => $this->hand,
            'rules' => $this->rules, 'wears' => $this->wears, 'joins' => $this->joins, 'origin' => $this->origin, 'moves' => $this->moves, 'unsettled' => $this->unsettled,
            'own' => $this->own,
        ]));
    }

    /** Whether another state of this sheet holds the very same document: most acts touch one or two of them. */
    public function keeps(string $document, self $other): bool
    {
        return match ($document) {
            'dress' => $this->stylebook === $other->stylebook && $this->clean === $other->clean,
            'setup' => $this->came === $other->came,
            'found' => $this->found === $other->found,
            'fitted' => $this->fitted === $other->fitted,
            'file' => $this->file === $other->file,
            'typing' => $this->typing === $other->typing,
            'moves' => $this->moves === $other->moves,
            'results' => $this->unsettled === $other->unsettled,
            'corrections' => $this->corrections === $other->corrections,
            default => false,
        };
    }

    /** @return array<array-key, mixed>|string|null the document of a name, ready for JSON */
    public function document(string $name): array|string|null
    {
        return match ($name) {
            'name' => $this->name,
            'found' => $this->found->toArray(),
            'corrections' => array_map(fn (Correction $correction) => $correction->toArray(), $this->corrections),
            'typing' => $this->typing?->toArray(),
            'dress' => $this->stylebook === null ? null : ['stylebook' => $this->stylebook->toArray(), 'clean' => $this->clean],
            'setup' => $this->came->toArray(),
            'fitted' => $this->fitted?->toArray(),
            'file' => $this->file->runs(),
            'named' => $this->named->runs(),
            'hand' => $this->hand->runs(),
            'rules' => array_map(fn (PartRule $rule) => $rule->toArray(), $this->rules),
            'wears' => $this->wears,
            'joins' => $this->joins === [] ? null : $this->joins,
            'origin' => $this->origin,
            'moves' => $this->moves === [] ? null : array_map(fn (Shift|RowOrder $move) => $move->toArray(), $this->moves),
            'results' => $this->unsettled->toArray(),
            default => null,
        };
    }
}
