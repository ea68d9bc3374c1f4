<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Change as ChangeRow;
use App\Models\Sheet as SheetRow;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Rilvet\Act\Change;
use Rilvet\Act\Patch;
use Rilvet\Grid\BlockIndex;
use Rilvet\Look\Look;
use RuntimeException;

/**
 * Writes changes: the patches of a change into the documents and blocks of its workbook, the change itself into the
 * history. All of it inside a transaction of the caller's, which holds no more than this.
 *
 * @phpstan-import-type BlockRun from BlockIndex
 */
final class Saving
{
    /**
     * Saves a new change.
     *
     * @param  list<Look>  $looks  all looks of the workbook
     *
     * @throws Outrun
     */
    public function record(WorkbookRow $row, Change $change, Touches $touches, array $looks, ?string $group = null): void
    {
        $this->advance($row, $touches, json_encode($looks, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
        $undone = $row->changes()->where('undone', true)->get();
        foreach ($undone as $gone) {
            $this->drop($row, self::unpack($gone));
            $gone->delete();
        }
        $row->changes()->create(['words' => mb_substr($change->words, 0, 250), 'patches' => self::pack($change->patches), 'touches' => $touches->json(), 'undone' => false, 'group' => $group]);
        $this->put($row, $change);
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
            self::calculated($row, array_map(fn (Patch $patch) => $patch->sheet, $change->patches));
        } else {
            $last->update(['patches' => self::pack([...self::unpack($last)->patches, ...$change->patches])]);
        }
        $this->put($row, $change);
        $this->apply($row, $change);
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
                if ($patch->document === 'cells' || $patch->document === 'blocks') {
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

        return new Change($row->words, array_map(fn (array $patch) => new Patch(...$patch), $patches));
    }

    /**
     * The next revision, if nobody was quicker.
     *
     * @throws Outrun
     */
    private function advance(WorkbookRow $row, Touches $touches, string $looks): void
    {
        $moved = WorkbookRow::query()->whereKey($row->id)->where('revision', $row->revision)->update(['revision' => $row->revision + 1, 'looks' => $looks]);
        if ($moved !== 1) {
            throw new Outrun;
        }
        $row->revision++;
        $row->looks = $looks;
        $row->syncOriginal();
        $touches->keep($row->id, $row->revision);
    }

    private function apply(WorkbookRow $row, Change $change): void
    {
        $ids = $row->sheets()->pluck('id', 'number');
        $seen = [];
        foreach ($change->patches as $patch) {
            if ($patch->sheet === 0) {
                $this->applyToWorkbook($row, $patch);

                continue;
            }
            $id = $ids[$patch->sheet];
            assert(is_int($id));
            $seen[$id] = $id;
            if ($patch->document === 'cells') {
                CellEdits::apply($id, $patch->after);
                SheetRow::query()->whereKey($id)->update(['data_revision' => $row->revision]);
            } elseif ($patch->document === 'blocks') {
                self::index($id, $patch->after, $row->revision);
            } elseif ($patch->document === 'shift') {
                throw HistoryIsOld::shift();
            } else {
                $this->applyDocument($id, $patch, $row->revision);
            }
        }
        SheetRow::query()->whereKey(array_values($seen))->update(['seen_revision' => $row->revision]);
        $row->save();
    }

    private function applyToWorkbook(WorkbookRow $row, Patch $patch): void
    {
        if (str_starts_with($patch->document, 'stylebook:')) {
            self::keepStylebook(substr($patch->document, 10), $patch->after);
        } elseif ($patch->document === 'own') {
            $row->own = $patch->after === 'null' ? null : $patch->after;
            $row->sheets()->update(['seen_revision' => $row->revision]);
        } elseif ($patch->document === 'names') {
            $row->names = $patch->after;
        } elseif ($patch->document === 'tables') {
            /** @var array{tables?: array<string, mixed>, results?: bool, calculated?: list<int>} $now */
            $now = json_decode($row->calculation ?? '{}', true, 8, JSON_THROW_ON_ERROR);
            $row->calculation = json_encode(['tables' => json_decode($patch->after, false, 8, JSON_THROW_ON_ERROR), 'results' => $now['results'] ?? true, 'calculated' => $now['calculated'] ?? []], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        } elseif ($patch->document === 'order') {
            /** @var list<int> $order */
            $order = json_decode($patch->after, true, 4, JSON_THROW_ON_ERROR);
            foreach ($order as $place => $number) {
                $row->sheets()->where('number', $number)->update(['place' => $place + 1]);
            }
        } else {
            /** @var string $name */
            $name = json_decode($patch->after, true, 4, JSON_THROW_ON_ERROR);
            $row->name = $name;
        }
    }

    private function applyDocument(int $id, Patch $patch, int $revision): void
    {
        Documents::put($id, $patch->document, $patch->after);
        if ($patch->document === 'name') {
            SheetRow::query()->whereKey($id)->update(['name' => json_decode($patch->after, true, 4, JSON_THROW_ON_ERROR)]);
        }
        if ($patch->document === 'typing') {
            SheetRow::query()->whereKey($id)->update(['data_revision' => $revision]);
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

    /** @param  string  $json  the size of the sheet and which blocks it has */
    private static function index(int $sheet, string $json, int $revision): void
    {
        $now = self::layout($json);
        SheetRow::query()->whereKey($sheet)->update([
            'rows' => $now['rows'], 'columns' => $now['columns'],
            'blocks' => $now['blocks'] === null ? null : json_encode($now['blocks'], JSON_THROW_ON_ERROR),
            'data_revision' => $revision,
        ]);
    }

    /** Puts the blocks that a change brings along. */
    private function put(WorkbookRow $row, Change $change): void
    {
        foreach ($change->blocks as $number => $blocks) {
            $id = $row->sheets()->where('number', $number)->value('id');
            if (! is_int($id)) {
                throw new RuntimeException("The workbook has no sheet $number.");
            }
            $store = new DatabaseBlockStore($id);
            foreach ($blocks as $block => [$data, $formulas]) {
                $store->put($block, $data, $formulas);
            }
            $store->flush();
        }
    }

    /** Takes away the blocks of a change that nobody can go to any more. */
    private function drop(WorkbookRow $row, Change $change): void
    {
        foreach ($change->patches as $patch) {
            if ($patch->document !== 'blocks') {
                continue;
            }
            $numbers = fn (string $json) => array_merge(...array_map(fn (array $run) => $run[1] > 4_096 ? [] : range($run[0], $run[0] + $run[1] - 1), self::layout($json)['blocks'] ?? BlockIndex::even()->runs));
            $gone = array_diff($numbers($patch->after), $numbers($patch->before));
            $id = $row->sheets()->where('number', $patch->sheet)->value('id');
            foreach (array_chunk($gone, 500) as $some) {
                DB::table('blocks')->where('sheet_id', $id)->whereIn('number', $some)->delete();
            }
        }
    }

    /** @return array{rows: int, columns: int, blocks: non-empty-list<BlockRun>|null} */
    private static function layout(string $json): array
    {
        /** @var array{rows: int, columns: int, blocks: non-empty-list<BlockRun>|null} */
        return json_decode($json, true, 8, JSON_THROW_ON_ERROR);
    }

    private static function keepStylebook(string $name, string $json): void
    {
        /** @var string|null $data */
        $data = json_decode($json, true, 64, JSON_THROW_ON_ERROR);
        $data === null
            ? StylebookRow::query()->where('name', $name)->delete()
            : StylebookRow::query()->updateOrCreate(['name' => $name], ['data' => $data]);
    }

    /** @param  list<Patch>  $patches */
    private static function pack(array $patches): string
    {
        return (string) gzdeflate(json_encode(array_map(fn (Patch $patch) => $patch->toArray(), $patches), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 1);
    }
}
