<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Change as ChangeRow;
use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Rilvet\Act\Act;
use Rilvet\Act\Change;
use Rilvet\Act\Patch;
use Rilvet\Look\LookBook;
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
            $after = $act->on($before);
            $change = Change::of($act, $before, $after);
            if (! $change->isEmpty()) {
                $row->changes()->where('undone', true)->delete();
                $row->changes()->create(['words' => mb_substr($change->words, 0, 250), 'patches' => self::pack($change->patches)]);
                $this->apply($row, $change);
                $this->keepLooks($row, $after);
            }

            return $after;
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
            $this->apply($row, self::unpack($change)->inverse());
            $change->update(['undone' => true]);

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
            $this->apply($row, self::unpack($change));
            $change->update(['undone' => false]);

            return $change;
        });
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
            if ($patch->sheet === 0) {
                /** @var string $name */
                $name = json_decode($patch->after, true, 4, JSON_THROW_ON_ERROR);
                $row->name = $name;

                continue;
            }
            $id = $ids[$patch->sheet];
            assert(is_int($id));
            Documents::put($id, $patch->document, $patch->after);
            if ($patch->document === 'dress') {
                /** @var array{stylebook: array{name: string}}|null $dress */
                $dress = json_decode($patch->after, true, 64, JSON_THROW_ON_ERROR);
                SheetRow::query()->whereKey($id)->update(['wears' => $dress['stylebook']['name'] ?? null]);
            }
        }
        $row->revision++;
        $row->save();
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
