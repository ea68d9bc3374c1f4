<?php

declare(strict_types=1);

namespace App\Bench;

use App\Jobs\CalculateWaiting;
use App\Jobs\SettleSizes;
use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Rilvet\Act\Act;
use Rilvet\Act\Covering;
use Rilvet\Act\Dress;
use Rilvet\Act\Exception\LooksStay;
use Rilvet\Act\Exception\NoSuchLook;
use Rilvet\Act\Exception\VersionIsHeld;
use Rilvet\Act\Outcome;
use Rilvet\Act\Pipeline;
use Rilvet\Act\Recalculate;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Act\Settle;
use Rilvet\Change\Change;
use Rilvet\Change\StylebookPatch;
use Rilvet\Formula\TableRange;
use Rilvet\Guard\OrderGuard;
use Rilvet\Look\LookBook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\NoSuchSheet;
use Rilvet\Work\PartRule;
use Rilvet\Work\Workbook;
use Rilvet\Work\Worksheet;

/**
 * The one way through: loads what an act needs, does it, and saves the change, its inverse and the new revision as one.
 * Computing stands outside of the transaction; what was computed on a state that is no longer the newest is done again.
 */
final class Bench
{
    /** @var array<string, Workbook>|null what was loaded, while it is only looked at */
    private ?array $loaded = null;

    public function __construct(
        private readonly Saving $saving,
        private readonly Turns $turns,
        private readonly Pipeline $pipeline,
        private readonly Recalculate $recalculate,
    ) {
    }

    /**
     * A workbook with some of its sheets loaded.
     *
     * @param  list<int>  $numbers  of the sheets
     */
    public function load(WorkbookRow $row, array $numbers): Workbook
    {
        $key = "$row->id ".implode(',', $numbers);
        $workbook = $this->loaded[$key] ?? $this->read($row, $numbers);
        if ($this->loaded !== null) {
            $this->loaded[$key] = $workbook;
        }

        return $workbook;
    }

    /**
     * Several looks at one state: what is loaded for one of them is loaded for all.
     *
     * @param  Closure(): void  $looks
     */
    public function looking(Closure $looks): void
    {
        $this->loaded = [];
        try {
            $looks();
        } finally {
            $this->loaded = null;
        }
    }

    /** @param  list<int>  $numbers  of the sheets */
    private function read(WorkbookRow $row, array $numbers): Workbook
    {
        $sheets = [];
        foreach ($row->sheets()->whereIn('number', $numbers)->get() as $sheet) {
            $sheets[$sheet->number] = Documents::load($sheet);
        }
        foreach ($numbers as $number) {
            $sheets[$number] ?? throw NoSuchSheet::number($number);
        }

        return $this->around($row, $sheets, $row->own, $row->names);
    }

    /**
     * The workbook around some sheets.
     *
     * @param  array<int, Worksheet>  $sheets
     * @param  string|null  $ownJson  its own named looks
     * @param  string  $namesJson  defined names
     */
    public function around(WorkbookRow $row, array $sheets, ?string $ownJson, string $namesJson): Workbook
    {
        /** @var list<array<string, bool|int|float|string>> $looks */
        $looks = json_decode($row->looks, true, 8, JSON_THROW_ON_ERROR);
        /** @var array<string, string> $names */
        $names = json_decode($namesJson, true, 8, JSON_THROW_ON_ERROR);

        /**
         * @var array{tables: array<string, array{sheet: int, range: string, heads: int, totals: int, columns: list<string>}>,
         *     results: bool}
         *     $calculation
         */
        $calculation = json_decode($row->calculation ?? '{"tables":{},"results":true}', true, 8, JSON_THROW_ON_ERROR);

        $own = $ownJson === null ? null : Stylebook::fromJson($ownJson);
        $tables = array_map(TableRange::fromArray(...), $calculation['tables']);

        return new Workbook(
            $row->name,
            $own === null ? $sheets : array_map(fn (Worksheet $sheet) => $sheet->knowing($own), $sheets),
            LookBook::fromArray($looks), $row->from1904, $names, $tables, $calculation['results'], $own,
            self::beside($row, $sheets, $names),
            OrderGuard::fromJson($row->guard === null ? null : json_decode($row->guard, true, 4, JSON_THROW_ON_ERROR)),
            self::next($row),
        );
    }

    /** The number of the next sheet that is made: those that are gone keep theirs. */
    private static function next(WorkbookRow $row): int
    {
        $last = SheetRow::query()->where('workbook_id', $row->id)->max('number');

        return is_numeric($last) ? (int) $last + 1 : 1;
    }

    /**
     * Sheets that conditional looks and checks of others look at.
     *
     * @param  array<int, Worksheet>  $sheets
     * @param  array<string, string>  $names
     * @return array<int, Worksheet>
     */
    private static function beside(WorkbookRow $row, array $sheets, array $names): array
    {
        $looksAway = false;
        foreach ($sheets as $sheet) {
            $looksAway = $looksAway || $sheet->aspects->looksAway($names);
        }
        $beside = [];
        foreach ($looksAway ? $row->sheets()->whereNotIn('number', array_keys($sheets))->get() : [] as $other) {
            $beside[$other->number] = Documents::load($other);
        }

        return $beside;
    }

    public function whole(WorkbookRow $row): Workbook
    {
        /** @var list<int> $numbers */
        $numbers = $row->sheets()->pluck('number')->all();

        return $this->load($row, $numbers);
    }

    /**
     * Numbers of the sheets that have to be at hand for an act, and for the person who looks at one.
     *
     * @return list<int>
     */
    public function reached(WorkbookRow $row, Act $act, int $seen): array
    {
        $reach = $act->reach();
        /** @var list<int> $all */
        $all = $reach->needsAll ? $row->sheets()->pluck('number')->all() : [];

        return array_values(array_unique([...$reach->sheets, ...$all, ...($seen > 0 ? [$seen] : [])]));
    }

    /**
     * A workbook with some of its sheets loaded and their sizes settled: what a newer version of their stylebook says of sizes
     * is kept when a sheet is opened, or handed over.
     *
     * @param  list<int>  $numbers  of the sheets
     */
    public function settled(WorkbookRow $row, array $numbers): Workbook
    {
        $before = $this->load($row, $numbers);
        $after = $before;
        foreach ($numbers as $number) {
            $after = Settle::unsettled($after, $number);
        }
        $change = Change::between($before, $after, '');
        if (! $change->isEmpty()) {
            try {
                DB::transaction(fn () => $this->saving->settle($row, $change));
            } catch (Outrun) {
                // Somebody changed it meanwhile, and the next who opens it settles what is left.
            }
        }

        return $after;
    }

    /** A sheet as it would look in a stylebook; nothing is saved. */
    public function wearing(WorkbookRow $row, int $number, Stylebook $stylebook): Workbook
    {
        $workbook = $this->load($row, [$number]);

        return $this->pipeline->run(new Dress([$number], $stylebook, $workbook->sheet($number)->clean), $workbook)->after;
    }

    /** What an act would come to; nothing is saved. */
    public function preview(WorkbookRow $row, Act $act, int $seen): Outcome
    {
        return $this->pipeline->run($act, $this->load($row, $this->reached($row, $act, $seen)));
    }

    /**
     * Does an act and saves it.
     *
     * @param  int  $revision  the one that the person saw
     * @param  int  $seen  number of the sheet that the person looks at, which is loaded too; 0 for none
     * @param  Closure(Workbook): ?string|null  $step  what it would be as a step of a routine, as JSON; from the workbook as it was
     * @param  string|null  $group  of changes that belong together
     *
     * @throws StaleRevision when someone else changed meanwhile what the act goes to
     */
    public function act(WorkbookRow $row, Act $act, int $revision, int $seen = 0, ?Closure $step = null,
        ?string $group = null): Outcome
    {
        $outcome = $this->turns->until($row, function () use ($row, $act, $revision, $seen, $step, $group) {
            Step::isNew($row);
            $reach = $act->reach();
            if (Touches::collide($row->id, $revision, $row->revision, $reach)) {
                throw StaleRevision::now($row->revision);
            }
            $outcome = $this->preview($row, $act, $seen);
            $change = $outcome->change();
            $looks = $change->isEmpty() ? [] : $outcome->after->looks->all();
            $says = $change->isEmpty() || $step === null ? null : $step($outcome->before);

            return [$outcome, fn () => $change->isEmpty()
                ?: $this->saving->record($row, $change, Touches::of($reach), $looks, $group, $says)];
        });
        self::wait($row, $outcome->after);

        return $outcome;
    }

    /**
     * Calculates formulas that wait, for some seconds, and saves what they give as part of what was done last.
     *
     * @return int how many are left
     */
    public function calculateWaiting(WorkbookRow $row, float $seconds): int
    {
        return $this->unsettled($row, fn (Workbook $before) => $this->recalculate->taking($seconds)->waiting($before));
    }

    /** What still waits keeps its value, and is marked as not calculated here. */
    public function giveUpWaiting(WorkbookRow $row): void
    {
        $this->unsettled($row, function (Workbook $before) {
            foreach ($before->sheets as $number => $sheet) {
                $before = $before->withSheet($number, $sheet->withUnsettled($sheet->unsettled->givenUp()));
            }

            return $before;
        });
    }

    /** @param  Closure(Workbook): Workbook  $settle */
    private function unsettled(WorkbookRow $row, Closure $settle): int
    {
        return $this->turns->until($row, function () use ($row, $settle) {
            $before = $this->whole($row);
            if (self::countWaiting($before) === 0) {
                return [0, fn () => null];
            }
            $after = $settle($before);
            $change = Change::between($before, $after, '');

            return [self::countWaiting($after), fn () => $change->isEmpty() ?: $this->saving->amend($row, $change)];
        });
    }

    private static function countWaiting(Workbook $workbook): int
    {
        return array_sum(array_map(fn (Worksheet $sheet) => $sheet->unsettled->countWaiting(), $workbook->sheets));
    }

    /** Formulas that an act had no time for are calculated behind the screen. */
    private static function wait(WorkbookRow $row, Workbook $after): void
    {
        self::countWaiting($after) === 0 || CalculateWaiting::dispatch($row->id);
    }

    /**
     * Changes a stylebook for all sheets that follow it, in whatever workbook: a version more. Only workbooks in which the
     * step also changes what their cells say themselves take part in it; it is undone as one.
     *
     * @param  Closure(Workbook): ReviseStylebook  $make  from the sheet in view, as it is then
     * @param  int  $sheet  the sheet in view
     * @param  PartRule|null  $asking  a look for a part, which is refused where cells of wearers say otherwise
     *
     * @throws StaleRevision
     */
    public function everywhere(WorkbookRow $row, int $sheet, Closure $make, ?PartRule $asking = null): ReviseStylebook
    {
        return $this->turns->until($row, function () use ($row, $sheet, $make, $asking) {
            Step::isNew($row);
            $seen = $row->sheets()->where('number', $sheet)->first() ?? throw NoSuchSheet::number($sheet);
            $id = $seen->stylebook_id ?? throw NoSuchLook::noStylebook();
            $seen->held === null || throw VersionIsHeld::by($seen->name, $seen->held);
            [, $newest] = Versions::of($id);
            $act = $make($this->load($row, [$sheet]));
            $changes = [];
            $covered = 0;
            foreach ($this->concerned($id, $act, $asking !== null, $seen) as $workbook => $numbers) {
                $other = $workbook === $row->id ? $row : WorkbookRow::query()->findOrFail($workbook);
                $before = $this->load($other, $numbers);
                $covered += $asking === null ? 0 : self::countCovered($before, $asking);
                // It will be asked about: nothing is done until that is answered.
                if ($covered === 0) {
                    $outcome = $this->pipeline->run($act, $before);
                    $changes[] = [$other, $outcome->change(), $outcome->after->looks->all()];
                }
            }
            if ($covered > 0) {
                throw LooksStay::on($covered);
            }

            return [$act, function () use ($row, $changes, $act, $id, $newest) {
                $number = Versions::keep($id, $newest, $act->stylebook, $act->said);
                $group = (string) Str::uuid();
                foreach ($changes as [$workbook, $change, $looks]) {
                    $change = $workbook === $row ? $change->with(new StylebookPatch($id, $newest, $number), true) : $change;
                    $change->isEmpty() || $this->saving->record($workbook, $change, Touches::of($act->reach()), $looks, $group);
                }
                SettleSizes::needed($id);
            }];
        });
    }

    /**
     * Sheets of which more has to change than the stylebook that they follow, and the one in view.
     *
     * @param  bool  $asked  cells that say otherwise are asked about
     * @return array<int, list<int>> numbers of sheets by the id of their workbook, the one in view first
     */
    private function concerned(int $stylebook, ReviseStylebook $act, bool $asked, SheetRow $seen): array
    {
        $numbers = [$seen->workbook_id => [$seen->number]];
        $says = [...($asked || $act->overrides() ? ['hand', 'rules'] : []),
            ...($act->wearers === null ? [] : ['wears'])];
        if ($says === []) {
            return $numbers;
        }
        $sheets = SheetRow::wearing($stylebook)->whereNull('held')
            ->whereIn('id', DB::table('documents')->select('sheet_id')->whereIn('name', $says))
            ->orderBy('workbook_id')->orderBy('number')->get(['id', 'workbook_id', 'number']);
        foreach ($sheets as $sheet) {
            $sheet->id === $seen->id || $numbers[$sheet->workbook_id][] = $sheet->number;
        }

        return array_map(array_values(...), $numbers);
    }

    /** Cells of a workbook in which something else is seen than a look that a part would be given. */
    private static function countCovered(Workbook $workbook, PartRule $target): int
    {
        $cells = 0;
        foreach ($workbook->sheets as $sheet) {
            $cells += Covering::on($sheet, $workbook->looks, $target, true)->cells($sheet);
        }

        return $cells;
    }

    /** @return list<int> numbers of the sheets in which cells are other than they came */
    public function edited(WorkbookRow $row): array
    {
        return $this->saving->edited($row);
    }
}
