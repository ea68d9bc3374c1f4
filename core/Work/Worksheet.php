<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Closure;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Formula\Unsettled;
use Rilvet\Grid\Aspect;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Sheet;
use Rilvet\Grid\Shift;
use Rilvet\Guard\Protection;
use Rilvet\Guard\SaidCells;
use Rilvet\Intake\SheetTyping;
use Rilvet\Look\Look;
use Rilvet\Look\LookBook;
use Rilvet\Look\LookMap;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Stylebook\Measure;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\StylebookReference;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspect\HandTouches;
use Rilvet\Work\Aspect\JoinedTexts;
use Rilvet\Work\Aspect\Moves;
use Rilvet\Work\Aspect\NamedLooks;
use Rilvet\Work\Aspect\Origin;
use Rilvet\Work\Aspect\PartRules;
use Rilvet\Work\Aspect\WornNames;

/**
 * A sheet at work: its cells, what was read in them, what it wears, and its aspects, kept apart. Flattening happens only
 * where something is painted or written.
 */
final readonly class Worksheet
{
    public Reading $reading;

    /** The set-up in force: what came with the file, overlaid by what a dress has fitted. */
    public Setup $setup;

    public LookMap $file;

    public LookMap $named;

    public LookMap $hand;

    /** @var list<PartRule> what a person said of whole parts of this sheet */
    public array $rules;

    /** @var list<string> names of the looks that the layer of named looks counts from 1 */
    public array $wears;

    /** @var list<Shift|RowOrder> rows and columns put in, taken out or sorted since the sheet came with a package */
    public array $moves;

    /** Formulas whose value may not be what they give now. */
    public Unsettled $unsettled;

    /**
     * @param  list<Correction>  $corrections  laid over what was found, in order
     * @param  bool  $clean  dressed with "start clean": what came with the file is not seen
     * @param  Setup|null  $fitted  sizes and opening as the dress fitted them
     * @param  Stylebook|null  $own  the named looks of the workbook itself, which it holds and the sheet only knows
     * @param  StylebookReference|null  $reference  where the stylebook stands on a shelf; without, the sheet carries it itself
     * @param  string|null  $measure  what the stylebook said of sizes when it was fitted; null where that is not known
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
        public ?Stylebook $own = null,
        public Aspects $aspects = new Aspects,
        public ?StylebookReference $reference = null,
        public ?string $measure = null,
    ) {
        $this->reading = array_reduce($corrections, fn (Reading $reading, Correction $correction) => $correction->on($reading), $found);
        $this->setup = $fitted ?? $came;
        $this->file = $aspects->get(FileLooks::class)->looks;
        $this->named = $aspects->get(NamedLooks::class)->looks;
        $this->hand = $aspects->get(HandTouches::class)->looks;
        $this->rules = $aspects->get(PartRules::class)->rules;
        $this->wears = $aspects->get(WornNames::class)->names;
        $this->moves = $aspects->get(Moves::class)->moves;
        $this->unsettled = $aspects->get(Unsettled::class);
    }

    /**
     * @template TAspect of Aspect
     *
     * @param  class-string<TAspect>  $class
     * @return TAspect
     */
    public function aspect(string $class): Aspect
    {
        return $this->aspects->get($class);
    }

    public function withAspects(Aspect ...$aspects): self
    {
        return $this->with(['aspects' => $this->aspects->with(...$aspects)]);
    }

    public function wearing(?Stylebook $stylebook, bool $clean, ?StylebookReference $reference = null): self
    {
        return $this->with(['stylebook' => $stylebook, 'clean' => $clean, 'fitted' => null, 'reference' => $reference, 'measure' => null]);
    }

    /** The same in a stylebook that says the same of sizes. */
    public function restyled(Stylebook $stylebook): self
    {
        return $this->with(['stylebook' => $stylebook]);
    }

    /** Whether its sizes are those that its stylebook wants: a newer version of it may say otherwise of them. */
    public function isSettled(): bool
    {
        return $this->stylebook === null || $this->measure === null || $this->measure === Measure::of($this->stylebook);
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

    /** Whether the look of entry, choice or formula cells is seen on this sheet. */
    public function isMarked(Part $part): bool
    {
        return in_array($part, $this->aspect(SaidCells::class)->marked, true) || in_array($part, $this->stylebook->marks ?? [], true);
    }

    /** What entry, choice or formula cells wear where that is seen. */
    public function cellLook(Part $part): Look
    {
        return $this->stylebook?->cell($part) ?? Stylebook::usual($part);
    }

    /** @return list<Condition> conditional looks: those of the sheet, then those of its stylebook; the first goes before the others */
    public function conditions(): array
    {
        return [...$this->aspect(Conditions::class)->all, ...$this->stylebook->conditions ?? []];
    }

    /** @return list<EntryCheck> checks on entry: those of the sheet, then those of its stylebook; the first goes before the others */
    public function entries(): array
    {
        return [...$this->aspect(EntryChecks::class)->all(), ...$this->stylebook->entries ?? []];
    }

    /**
     * Checks on entry that may hold on one of some cells.
     *
     * @param  list<array{int, int}>  $cells  rows and columns
     * @return list<EntryCheck>
     */
    public function entriesNear(array $cells): array
    {
        return [...$this->aspect(EntryChecks::class)->near($cells), ...$this->stylebook->entries ?? []];
    }

    /** @param  list<Condition>  $conditions  of the sheet itself */
    public function conditioned(array $conditions): self
    {
        return $this->withAspects($this->aspect(Conditions::class)->holding($conditions));
    }

    /**
     * What of its aspects names other sheets, after those have moved or are called otherwise.
     *
     * @param  callable(string): string  $change  of a formula that names a sheet
     */
    public function following(callable $change): self
    {
        $aspects = $this->aspects->following($change);

        return $aspects === $this->aspects ? $this : $this->with(['aspects' => $aspects]);
    }

    public function protecting(bool $is, Protection $protection): self
    {
        return $this->withAspects($is ? $protection : new Protection)
            ->setUp(fn (Setup $setup) => $setup->withTab(new Tab($setup->tab->colour, $setup->tab->state, $is)));
    }

    /** Whether a named look is the workbook's own. */
    public function isOwn(string $name): bool
    {
        return $this->stylebook?->named($name) === null && $this->own?->named($name) !== null;
    }

    public function fittedTo(?Setup $setup): self
    {
        $measure = $setup === null || $this->stylebook === null ? null : Measure::of($this->stylebook);

        return $this->with(['fitted' => $setup, 'measure' => $measure]);
    }

    public function corrected(Correction $correction): self
    {
        return $this->withCorrections([...$this->corrections, $correction]);
    }

    /** @param  list<Correction>  $corrections */
    public function withCorrections(array $corrections): self
    {
        return $this->with(['corrections' => $corrections]);
    }

    public function readAs(Reading $found, Sheet $cells, ?SheetTyping $typing): self
    {
        return $this->with(['found' => $found, 'cells' => $cells, 'typing' => $typing]);
    }

    public function withUnsettled(Unsettled $unsettled): self
    {
        return $this->withAspects($unsettled);
    }

    public function touched(LookMap $hand): self
    {
        return $this->withAspects(new HandTouches($hand));
    }

    public function withoutFileLooks(LookMap $left): self
    {
        return $this->withAspects(new FileLooks($left));
    }

    /** @param  list<string>  $wears */
    public function laid(LookMap $named, array $wears): self
    {
        return $this->withAspects(new NamedLooks($named), new WornNames($wears));
    }

    /** @param  list<PartRule>  $rules */
    public function ruled(array $rules): self
    {
        return $this->withAspects(new PartRules($rules));
    }

    /**
     * @param  list<Range>  $merges
     * @param  array<string, string>  $joins  by merged range: the first text as it was before the texts were joined
     */
    public function merged(array $merges, array $joins): self
    {
        return $this->setUp(fn (Setup $setup) => $setup->withMerges($merges))->withAspects(new JoinedTexts($joins));
    }

    /**
     * @param  array<int, int>  $sizes  in px
     * @param  list<int>  $indexes  of columns or rows
     */
    public function sized(bool $columns, array $sizes, array $indexes, bool $held): self
    {
        return $this->setUp(fn (Setup $setup) => $setup->withSizes($setup->sizes->sized($columns, $sizes, $indexes, $held)));
    }

    /** @param  array<int, int>  $heights  px by row, of those that are as high as what they hold wants, of which its file says nothing */
    public function grown(array $heights): self
    {
        return $heights === $this->came->sizes->grown
            ? $this
            : $this->with(['came' => $this->came->withSizes($this->came->sizes->grown($heights))]);
    }

    /**
     * Rows in another order: their cells, hand touches, named looks and heights go along. Of what came with the file, fills
     * and borders stay.
     */
    public function ordered(RowOrder $order, Sheet $cells, LookBook $looks): self
    {
        $aspects = $this->followed($order)->with($this->aspect(FileLooks::class)->ordered($order, $looks));

        return $this->with(['cells' => $cells, 'aspects' => $aspects])
            ->setUp(fn (Setup $setup) => $setup->withSizes($setup->sizes->ordered($order->from)));
    }

    /** @param  list<int>  $hidden */
    public function hiding(bool $columns, array $hidden): self
    {
        return $this->setUp(fn (Setup $setup) => $setup->withSizes($setup->sizes->hiding($columns, $hidden)));
    }

    public function arranged(string $name, string $state, ?string $tab): self
    {
        return $this->with(['name' => $name])->setUp(fn (Setup $setup) => $setup->withTab(new Tab($tab, $state, $setup->tab->protected)));
    }

    public function opening(Opening $opening): self
    {
        return $this->setUp(fn (Setup $setup) => $setup->withOpening($opening));
    }

    /** Everything at its new place after rows or columns were put in or taken out. */
    public function moved(Shift $shift, Sheet $cells): self
    {
        $typing = $this->typing?->moved($shift);

        return $this->with([
            // The columns of a text file are read as before, at their new places.
            'cells' => $cells instanceof BlockSheet ? $cells->withTyping($typing) : $cells,
            'found' => $this->found->moved($shift),
            'corrections' => array_values(
                array_filter(array_map(fn (Correction $correction) => $correction->moved($shift), $this->corrections)),
            ),
            'typing' => $typing,
            'aspects' => $this->followed($shift),
        ])->setUp(fn (Setup $setup) => $setup->moved($shift));
    }

    /** Aspects after a move, which is remembered only where the other parts of a package have to follow. */
    private function followed(Shift|RowOrder $move): Aspects
    {
        $aspects = $this->aspects->with($this->aspect(Moves::class))->moved($move);

        return $this->aspect(Origin::class)->fingerprint === null ? $aspects->with(new Moves) : $aspects;
    }

    /**
     * What came and what the dress has fitted, both set up otherwise.
     *
     * @param  Closure(Setup): Setup  $change
     */
    private function setUp(Closure $change): self
    {
        return $this->with(['came' => $change($this->came), 'fitted' => $this->fitted === null ? null : $change($this->fitted)]);
    }

    /** @param  array<string, mixed>  $parts by the names of the constructor's arguments */
    private function with(array $parts): self
    {
        $now = [
            'cells' => $this->cells,
            'name' => $this->name,
            'found' => $this->found,
            'corrections' => $this->corrections,
            'typing' => $this->typing,
            'stylebook' => $this->stylebook,
            'clean' => $this->clean,
            'came' => $this->came,
            'fitted' => $this->fitted,
            'own' => $this->own,
            'aspects' => $this->aspects,
            'reference' => $this->reference,
            'measure' => $this->measure,
        ];

        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + $now));
    }
}
