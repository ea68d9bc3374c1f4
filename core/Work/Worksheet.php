<?php

declare(strict_types=1);

namespace Rilvet\Work;

use Closure;
use Rilvet\Condition\Condition;
use Rilvet\Condition\Conditions;
use Rilvet\Entry\EntryCheck;
use Rilvet\Entry\EntryChecks;
use Rilvet\Formula\Unsettled;
use Rilvet\Grid\Address;
use Rilvet\Grid\Aspect;
use Rilvet\Grid\BlockSheet;
use Rilvet\Grid\FollowsNames;
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
use Rilvet\Page\PageSetup;
use Rilvet\Reading\Correction\Correction;
use Rilvet\Reading\Part;
use Rilvet\Reading\Reading;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\Measure;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Stylebook\Worn;
use Rilvet\Work\Aspect\FileLooks;
use Rilvet\Work\Aspect\HandTouches;
use Rilvet\Work\Aspect\JoinedTexts;
use Rilvet\Work\Aspect\LaidStripe;
use Rilvet\Work\Aspect\LaidStripes;
use Rilvet\Work\Aspect\Moves;
use Rilvet\Work\Aspect\NamedLooks;
use Rilvet\Work\Aspect\Origin;
use Rilvet\Work\Aspect\PartRules;
use Rilvet\Work\Aspect\WornNames;

/**
 * A sheet at work: its cells, what was read in them, what it wears, and its aspects, kept apart. Flattening happens only
 * where something is painted or written.
 *
 * All but the cells is held in named documents (JSON), which is what a change stores and undoes.
 */
final readonly class Worksheet
{
    /** Documents that are no aspects, and what of a sheet is in them. */
    private const OWN = [
        'name' => ['name'], 'found' => ['found'], 'corrections' => ['corrections'], 'typing' => ['typing'],
        'dress' => ['stylebook', 'clean', 'worn'], 'setup' => ['came'], 'fitted' => ['fitted', 'measure'],
    ];

    /** Cells up to which blank ones are written for the looks that they wear. */
    private const WRITTEN = 1_000_000;

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
     * @param  Worn|null  $worn  where the stylebook stands on a shelf; without, the sheet carries it itself
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
        public ?Worn $worn = null,
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

    /** The sheet as part of a package: what came with it is remembered, so that it is known whether an act said otherwise. */
    public function fromPackage(): self
    {
        return $this->withAspects(new Origin($this->fingerprint()));
    }

    /** No act has said anything of looks and sizes since the sheet came; its cells are another matter. */
    public function isAsItCame(): bool
    {
        return $this->stylebook === null &&
            ! $this->clean &&
            $this->rules === [] &&
            $this->aspect(LaidStripes::class)->all === [] &&
            $this->named->isEmpty() &&
            $this->hand->isEmpty() &&
            $this->moves === [] &&
            $this->isOf($this->fingerprint());
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
        $laid = array_map(fn (LaidStripe $one) => [$one->range->bottom, $one->range->right], $this->aspect(LaidStripes::class)->all);
        foreach ([$this->hand->reach(), $this->named->reach(), ...$laid, ...$this->toBeFilledIn()] as [$down, $across]) {
            // A look over millions of blank cells is not worth a cell for each of them.
            if (max($row, $down) * max($column, $across) <= max(self::WRITTEN, $row * $column)) {
                [$row, $column] = [max($row, $down), max($column, $across)];
            }
        }

        return [$row, $column];
    }

    /** @return list<array{int, int}> last row and column of cells that are there to be filled in, where that shows or is guarded */
    private function toBeFilledIn(): array
    {
        $shows = fn (Part $part) => $this->isMarked($part) || $this->stylebook?->part($part)->isEmpty() === false
            || array_filter($this->rules, fn (PartRule $rule) => $rule->part === $part) !== [];
        $ranges = $shows(Part::EntryCell) ? $this->aspect(SaidCells::class)->entries : [];
        foreach ($shows(Part::ChoiceCell) ? $this->entries() : [] as $check) {
            $check->isChoice() && array_push($ranges, ...$check->where->ranges($this->reading));
        }

        return array_map(fn (Range $range) => [$range->bottom, $range->right], $ranges);
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
        return $this->fitted === null
            ? array_diff_key(array_flip($this->setup->sizes->autoRows), array_flip($this->setup->sizes->heldRows))
            : [];
    }

    /** No act has said anything but by hand touches since the sheet came. */
    public function isTouchedAlone(): bool
    {
        return $this->stylebook === null &&
            ! $this->clean &&
            $this->rules === [] &&
            $this->aspect(LaidStripes::class)->all === [] &&
            $this->named->isEmpty() &&
            $this->moves === [] &&
            $this->isOf($this->fingerprint());
    }

    private function isOf(string $fingerprint): bool
    {
        return $this->aspect(Origin::class)->fingerprint === $fingerprint;
    }

    private function fingerprint(): string
    {
        $conditions = $this->aspect(Conditions::class)->toJson();

        $guard = array_filter(array_map(fn (string $class) => $this->aspect($class)->toJson(),
            [EntryChecks::class, Protection::class, SaidCells::class]), fn (mixed $says) => $says !== null);

        return hash('xxh128', (string) json_encode([$this->setup->toArray(), $this->file->runs(), ...($conditions === null ? []
            : [$conditions]), ...($guard === [] ? [] : [$guard]), ...$this->aspect(PageSetup::class)->touches()]));
    }

    public function wearing(?Stylebook $stylebook, bool $clean, ?Worn $worn = null): self
    {
        return $this->with(['stylebook' => $stylebook, 'clean' => $clean, 'fitted' => null, 'worn' => $worn, 'measure' => null]);
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
        $changed = [];
        foreach ($this->aspects->held as $aspect) {
            $now = $aspect instanceof FollowsNames ? $aspect->following($change) : $aspect;
            $now === $aspect || $changed[] = $now;
        }

        return $changed === [] ? $this : $this->withAspects(...$changed);
    }

    /**
     * Whether any of its aspects may look at another sheet.
     *
     * @param  array<string, string>  $names  defined names
     */
    public function looksAway(array $names): bool
    {
        foreach ($this->aspects->held as $aspect) {
            if ($aspect instanceof FollowsNames && $aspect->looksAway($names)) {
                return true;
            }
        }

        return false;
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
            'worn' => $this->worn,
            'measure' => $this->measure,
        ];

        /** @phpstan-ignore argument.type (every caller names parts of the right type, a few lines above) */
        return new self(...($parts + $now));
    }

    /**
     * Names of the documents that may be others on another state of this sheet: most acts touch one or two of them.
     *
     * @return list<string>
     */
    public function differsIn(self $other): array
    {
        $names = [];
        foreach (self::OWN as $name => $parts) {
            foreach ($parts as $part) {
                if ($this->$part !== $other->$part) {
                    $names[$name] = $name;
                }
            }
        }
        foreach ($this->aspects->held + $other->aspects->held as $class => $held) {
            if (($this->aspects->held[$class] ?? null) !== ($other->aspects->held[$class] ?? null)) {
                $names[$held::name()] = $held::name();
            }
        }

        return array_values($names);
    }

    /** @return array<string, mixed> what is stored of it beside its cells, ready for JSON, by the names of documents */
    public function documents(): array
    {
        $names = [...array_keys(self::OWN), ...array_map(fn (Aspect $aspect) => $aspect::name(), array_values($this->aspects->held))];

        return array_filter(array_combine($names, array_map($this->document(...), $names)), fn (mixed $document) => $document !== null);
    }

    /** The document of a name, ready for JSON; null where there is nothing to say. */
    public function document(string $name): mixed
    {
        foreach ($this->aspects->held as $held) {
            if ($held::name() === $name) {
                return $held->toJson();
            }
        }

        return match ($name) {
            'name' => $this->name,
            'found' => $this->found->toArray(),
            'corrections' => $this->corrections === []
                ? null
                : array_map(fn (Correction $correction) => $correction->toArray(), $this->corrections),
            'typing' => $this->typing?->toArray(),
            'dress' => $this->stylebook === null
                ? null
                : [...($this->worn?->toArray() ?? ['stylebook' => $this->stylebook->toArray()]), 'clean' => $this->clean],
            'setup' => $this->came->toArray(),
            'fitted' => $this->fitted === null
                ? null
                : $this->fitted->toArray() + ($this->measure === null ? [] : ['measure' => $this->measure]),
            default => null,
        };
    }
}
