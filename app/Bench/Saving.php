<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Change as ChangeRow;
use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Rilvet\Change\BlocksPatch;
use Rilvet\Change\CellsPatch;
use Rilvet\Change\Change;
use Rilvet\Change\Json;
use Rilvet\Change\Patch;
use Rilvet\Change\Patches;
use Rilvet\Look\Look;

/**
 * Writes changes: the patches of a change into the documents and blocks of its workbook, the change itself into the
 * history. All of it inside a transaction of the caller's, which holds no more than this.
 */
final class Saving
{
    /**
     * Saves a new change.
     *
     * @param  list<Look>  $looks  all looks of the workbook
     * @param  string|null  $step  what it would be as a step of a routine, as JSON
     *
     * @throws Outrun
     */
    public function record(WorkbookRow $row, Change $change, Touches $touches, array $looks, ?string $group = null,
        ?string $step = null): void
    {
        $this->advance($row, $touches, json_encode($looks, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
        $undone = $row->changes()->where('undone', true)->get();
        foreach ($undone as $gone) {
            $this->drop($row, self::unpack($gone));
            $gone->delete();
        }
        $row->changes()->create([
            'words' => mb_substr($change->words, 0, 250), 'patches' => self::pack($change->patches), 'touches' => $touches->json(),
            'undone' => false, 'group' => $group, 'is_data' => $change->isOfData, 'step' => $step,
        ]);
        $this->apply($row, $change);
    }

    /**
     * Saves what belongs to the change that was done last, and is undone with it.
     *
     * @throws Outrun
     */
    public function amend(WorkbookRow $row, Change $change): void
    {
        $this->advance($row, Touches::none(), $row->looks);
        $last = $row->changes()->where('undone', false)->latest('id')->first();
        if ($last === null) {
            // Results of formulas that came without any belong to the coming in, and are no step that somebody took.
            self::calculated($row, array_map(fn (Patch $patch) => $patch->toArray()[0], $change->patches));
        } else {
            $last->update(['patches' => self::pack([...self::unpack($last)->patches, ...$change->patches])]);
        }
        $this->apply($row, $change);
    }

    /**
     * Saves sizes that a newer version of a stylebook wants. They belong to no step that somebody took.
     *
     * @throws Outrun where the workbook is another one by now
     */
    public function settle(WorkbookRow $row, Change $change): void
    {
        if (WorkbookRow::query()->whereKey($row->id)->lockForUpdate()->value('revision') !== $row->revision) {
            throw new Outrun;
        }
        (new StoredWorkbook($row))->apply($change);
    }

    /** @param  list<int>  $sheets  in which formulas got their first results here */
    private static function calculated(WorkbookRow $row, array $sheets): void
    {
        /** @var array{tables?: object, results?: bool, calculated?: list<int>} $now */
        $now = (array) json_decode($row->calculation ?? '{}', false, 8, JSON_THROW_ON_ERROR);
        $now['calculated'] = array_values(array_unique([...$now['calculated'] ?? [], ...$sheets]));
        $row->calculation = json_encode((object) $now, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * Applies a change that is in the history, or its inverse.
     *
     * @throws Outrun
     */
    public function replay(WorkbookRow $row, ChangeRow $part, bool $undo): void
    {
        $change = self::unpack($part);
        $this->advance($row, Touches::fromJson($part->touches), $row->looks);
        $this->apply($row, $undo ? $change->inverse() : $change);
        $part->update(['undone' => $undo]);
    }

    /** @return list<int> numbers of the sheets in which cells are other than they came */
    public function edited(WorkbookRow $row): array
    {
        /** @var array{calculated?: list<int>} $calculation */
        $calculation = json_decode($row->calculation ?? '{}', true, 8, JSON_THROW_ON_ERROR);
        $numbers = array_combine($calculation['calculated'] ?? [], $calculation['calculated'] ?? []);
        foreach ($row->changes()->where('undone', false)->lazyById(100) as $change) {
            foreach (self::unpack($change)->patches as $patch) {
                if ($patch instanceof CellsPatch || $patch instanceof BlocksPatch) {
                    $numbers[$patch->sheet] = $patch->sheet;
                }
            }
        }

        return array_values($numbers);
    }

    public static function unpack(ChangeRow $row): Change
    {
        /** @var list<array{int, string, string, string}> $patches */
        $patches = json_decode((string) gzinflate($row->patches), true, 8, JSON_THROW_ON_ERROR);

        return new Change($row->words, array_map(Patches::of(...), $patches));
    }

    /**
     * The next revision, if nobody was quicker.
     *
     * @throws Outrun
     */
    private function advance(WorkbookRow $row, Touches $touches, string $looks): void
    {
        // The row is held until the transaction ends: whoever else would change the workbook waits here, whatever the database.
        if (WorkbookRow::query()->whereKey($row->id)->lockForUpdate()->value('revision') !== $row->revision) {
            throw new Outrun;
        }
        WorkbookRow::query()->whereKey($row->id)->update(['revision' => $row->revision + 1, 'looks' => $looks]);
        $row->revision++;
        $row->looks = $looks;
        $row->syncOriginal();
        $touches->keep($row->id, $row->revision);
    }

    private function apply(WorkbookRow $row, Change $change): void
    {
        $stored = new StoredWorkbook($row);
        $stored->bring($change);
        $stored->apply($change);
    }

    /** Takes away the blocks of a change that nobody can go to any more. */
    private function drop(WorkbookRow $row, Change $change): void
    {
        foreach ($change->patches as $patch) {
            if (! $patch instanceof BlocksPatch) {
                continue;
            }
            $id = SheetRow::query()->where('workbook_id', $row->id)->where('number', $patch->sheet)->value('id');
            foreach (array_chunk($patch->made(), 500) as $some) {
                DB::table('blocks')->where('sheet_id', $id)->whereIn('number', $some)->delete();
            }
        }
    }

    /** @param  list<Patch>  $patches */
    private static function pack(array $patches): string
    {
        return (string) gzdeflate(Json::of(array_map(fn (Patch $patch) => $patch->toArray(), $patches)), 1);
    }
}
