<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Change as ChangeRow;
use App\Models\Sheet as SheetRow;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Rilvet\Act\Act;
use Rilvet\Act\Change;
use Rilvet\Act\Patch;
use Rilvet\Act\ReviseStylebook;
use Rilvet\Act\Settle;
use Rilvet\Look\LookBook;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\NoSuchSheet;
use Rilvet\Work\Workbook;

/** The one way through: loads what an act needs, does it, and saves the change, its inverse and the new revision as one. */
final class Bench
{
    /**
     * A workbook with some of its sheets loaded.
     *
     * @param  list<int>  $numbers  of the sheets
     */
    public function load(WorkbookRow $row, array $numbers): Workbook
    {
        $sheets = [];
        foreach ($row->sheets()->whereIn('number', $numbers)->get() as $sheet) {
            $sheets[$sheet->number] = Documents::load($sheet);
        }
        foreach ($numbers as $number) {
            $sheets[$number] ?? throw NoSuchSheet::number($number);
        }
        /** @var list<array<string, bool|int|float|string>> $looks */
        $looks = json_decode($row->looks, true, 8, JSON_THROW_ON_ERROR);
        /** @var array<string, string> $names */
        $names = json_decode($row->names, true, 8, JSON_THROW_ON_ERROR);

        return new Workbook($row->name, $sheets, LookBook::fromArray($looks), $row->from1904, $names);
    }

    public function whole(WorkbookRow $row): Workbook
    {
        /** @var list<int> $numbers */
        $numbers = $row->sheets()->pluck('number')->all();

        return $this->load($row, $numbers);
    }

    /**
     * Does an act and saves it.
     *
     * @param  list<int>  $numbers  of the sheets that the act touches
     * @param  int  $revision  the one that the person saw
     *
     * @throws StaleRevision when someone else changed the workbook meanwhile
     */
    public function act(WorkbookRow $row, Act $act, array $numbers, int $revision): Workbook
    {
        return DB::transaction(function () use ($row, $act, $numbers, $revision) {
            $this->lock($row, $revision);
            $before = $this->load($row, $numbers);
            $after = Settle::after($act, $before, Recalculation::settle($before, $act->on($before)));
            $change = Change::of($act, $before, $after);
            if (! $change->isEmpty()) {
                $this->record($row, $change);
                $this->keepLooks($row, $after);
            }

            return $after;
        });
    }

    /**
     * Changes a stylebook on every sheet of every workbook that wears it, as one step that is undone as one.
     *
     * @throws StaleRevision
     */
    public function everywhere(WorkbookRow $row, int $revision, ReviseStylebook $act): void
    {
        $stylebook = $act->stylebook;
        DB::transaction(function () use ($row, $revision, $act, $stylebook) {
            $this->lock($row, $revision);
            $group = (string) Str::uuid();
            $wearers = SheetRow::query()->where('wears', $stylebook->name)->get()->groupBy('workbook_id');
            $kept = StylebookRow::query()->where('name', $stylebook->name)->first();
            foreach ($wearers as $id => $sheets) {
                $workbook = $id === $row->id ? $row : WorkbookRow::query()->findOrFail($id);
                $before = $this->load($workbook, array_values($sheets->map(fn (SheetRow $sheet) => $sheet->number)->all()));
                $after = $act->on($before);
                $change = Change::of($act, $before, $after);
                if ($id === $row->id) {
                    // The shelf's own copy goes along, so that what is dressed from now on looks the same.
                    $from = json_encode($kept?->data, JSON_THROW_ON_ERROR);
                    $change = new Change($change->words, [...$change->patches, new Patch(0, 'stylebook:'.$stylebook->name, $from, json_encode($stylebook->toJson(), JSON_THROW_ON_ERROR))]);
                }
                $this->record($workbook, $change, $group);
                $this->keepLooks($workbook, $after);
            }
        });
    }

    /** @throws StaleRevision */
    public function undo(WorkbookRow $row, int $revision): ?ChangeRow
    {
        return DB::transaction(function () use ($row, $revision) {
            $this->lock($row, $revision);
            $change = $row->changes()->where('undone', false)->latest('id')->first();
            if ($change === null) {
                return null;
            }
            foreach ($this->together($row, $change, false) as [$workbook, $part]) {
                $this->apply($workbook, self::unpack($part)->inverse());
                $part->update(['undone' => true]);
            }

            return $change;
        });
    }

    /** @throws StaleRevision */
    public function redo(WorkbookRow $row, int $revision): ?ChangeRow
    {
        return DB::transaction(function () use ($row, $revision) {
            $this->lock($row, $revision);
            $change = $row->changes()->where('undone', true)->oldest('id')->first();
            if ($change === null) {
                return null;
            }
            foreach ($this->together($row, $change, true) as [$workbook, $part]) {
                $this->apply($workbook, self::unpack($part));
                $part->update(['undone' => false]);
            }

            return $change;
        });
    }

    /**
     * Goes back, or forward, to the state right after a change; 0 is before the first.
     *
     * @throws StaleRevision
     */
    public function goTo(WorkbookRow $row, int $change, int $revision): void
    {
        DB::transaction(function () use ($row, $change, $revision) {
            $this->lock($row, $revision);
            while ($row->changes()->where('undone', false)->where('id', '>', $change)->exists()) {
                $this->undo($row, $row->revision);
            }
            while ($row->changes()->where('undone', true)->where('id', '<=', $change)->exists()) {
                $this->redo($row, $row->revision);
            }
        });
    }

    /**
     * The same step in other workbooks, as far as it is the next one to go there too. A workbook that went on since
     * keeps what it has.
     *
     * @return list<array{WorkbookRow, ChangeRow}>
     */
    private function together(WorkbookRow $row, ChangeRow $change, bool $undone): array
    {
        $parts = [[$row, $change]];
        if ($change->group === null) {
            return $parts;
        }
        foreach (ChangeRow::query()->where('group', $change->group)->where('id', '!=', $change->id)->where('undone', $undone)->get() as $other) {
            $newer = ChangeRow::query()->where('workbook_id', $other->workbook_id)->where('undone', $undone)->where('id', $undone ? '<' : '>', $other->id)->exists();
            if (! $newer) {
                $parts[] = [WorkbookRow::query()->findOrFail($other->workbook_id), $other];
            }
        }

        return $parts;
    }

    /** @return list<int> numbers of the sheets in which cells are other than they came */
    public function edited(WorkbookRow $row): array
    {
        $numbers = [];
        foreach ($row->changes()->where('undone', false)->lazyById(100) as $change) {
            foreach (self::unpack($change)->patches as $patch) {
                if ($patch->document === 'cells' || $patch->document === 'shift') {
                    $numbers[$patch->sheet] = $patch->sheet;
                }
            }
        }

        return array_values($numbers);
    }

    private function record(WorkbookRow $row, Change $change, ?string $group = null): void
    {
        $row->changes()->where('undone', true)->delete();
        $row->changes()->create(['words' => mb_substr($change->words, 0, 250), 'patches' => self::pack($change->patches), 'undone' => false, 'group' => $group]);
        $this->apply($row, $change);
    }

    private function lock(WorkbookRow $row, int $revision): void
    {
        $row->refresh();
        if ($row->revision !== $revision) {
            throw StaleRevision::now($row->revision);
        }
    }

    private function apply(WorkbookRow $row, Change $change): void
    {
        $ids = $row->sheets()->pluck('id', 'number');
        foreach ($change->patches as $patch) {
            if ($patch->sheet === 0 && str_starts_with($patch->document, 'stylebook:')) {
                self::keepStylebook(substr($patch->document, 10), $patch->after);

                continue;
            }
            if ($patch->sheet === 0 && $patch->document === 'names') {
                $row->names = $patch->after;

                continue;
            }
            if ($patch->sheet === 0 && $patch->document === 'order') {
                /** @var list<int> $order */
                $order = json_decode($patch->after, true, 4, JSON_THROW_ON_ERROR);
                foreach ($order as $place => $number) {
                    $row->sheets()->where('number', $number)->update(['place' => $place + 1]);
                }

                continue;
            }
            if ($patch->sheet === 0) {
                /** @var string $name */
                $name = json_decode($patch->after, true, 4, JSON_THROW_ON_ERROR);
                $row->name = $name;

                continue;
            }
            $id = $ids[$patch->sheet];
            assert(is_int($id));
            if ($patch->document === 'shift') {
                CellEdits::shift($id, $patch->after);

                continue;
            }
            if ($patch->document === 'cells') {
                CellEdits::apply($id, $patch->after);

                continue;
            }
            Documents::put($id, $patch->document, $patch->after);
            if ($patch->document === 'name') {
                SheetRow::query()->whereKey($id)->update(['name' => json_decode($patch->after, true, 4, JSON_THROW_ON_ERROR)]);
            }
            if ($patch->document === 'setup') {
                /** @var array{state: string, colour: string|null} $setup */
                $setup = json_decode($patch->after, true, 64, JSON_THROW_ON_ERROR);
                SheetRow::query()->whereKey($id)->update(['state' => $setup['state'], 'tab' => $setup['colour']]);
            }
            if ($patch->document === 'dress') {
                /** @var array{stylebook: array{name: string}}|null $dress */
                $dress = json_decode($patch->after, true, 64, JSON_THROW_ON_ERROR);
                SheetRow::query()->whereKey($id)->update(['wears' => $dress['stylebook']['name'] ?? null]);
            }
        }
        $row->revision++;
        $row->save();
    }

    private static function keepStylebook(string $name, string $json): void
    {
        /** @var string|null $data */
        $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        $data === null
            ? StylebookRow::query()->where('name', $name)->delete()
            : StylebookRow::query()->updateOrCreate(['name' => $name], ['data' => $data]);
    }

    private function keepLooks(WorkbookRow $row, Workbook $workbook): void
    {
        $json = json_encode($workbook->looks->all(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        if ($json !== $row->looks) {
            $row->looks = $json;
            $row->save();
        }
    }

    /** @param  list<Patch>  $patches */
    private static function pack(array $patches): string
    {
        return (string) gzdeflate(json_encode(array_map(fn (Patch $patch) => $patch->toArray(), $patches), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 1);
    }

    private static function unpack(ChangeRow $row): Change
    {
        /** @var list<array{int, string, string, string}> $patches */
        $patches = json_decode((string) gzinflate($row->patches), true, 8, JSON_THROW_ON_ERROR);

        return new Change($row->words, array_map(fn (array $patch) => new Patch(...$patch), $patches));
    }
}
