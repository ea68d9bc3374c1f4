<?php

declare(strict_types=1);

namespace App\Bench;

use App\Jobs\LearnReading;
use App\Models\Sheet as SheetRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;
use Rilvet\Change\Applies;
use Rilvet\Change\AspectPatch;
use Rilvet\Change\BlocksPatch;
use Rilvet\Change\CellsPatch;
use Rilvet\Change\Change;
use Rilvet\Change\Json;
use Rilvet\Change\SheetsPatch;
use Rilvet\Change\StylebookPatch;
use Rilvet\Change\WorkbookPatch;
use RuntimeException;

/** A workbook in the database, to which the patches of a change are put. Inside of a transaction of the caller's. */
final class StoredWorkbook implements Applies
{
    /** @var array<int, int> ids of its sheets, those that are gone too, by their numbers */
    private array $ids;

    /** @var array<int, int> ids of the sheets that were changed */
    private array $seen = [];

    /** @var array<int, true> ids of the sheets whose cells were all replaced, as keys */
    private array $replaced = [];

    public function __construct(private readonly WorkbookRow $row)
    {
        /** @var array<int, int> $ids */
        $ids = SheetRow::query()->where('workbook_id', $row->id)->pluck('id', 'number')->all();
        $this->ids = $ids;
    }

    /** Puts what a new change brings along: sheets, and row blocks. */
    public function bring(Change $change): void
    {
        foreach ($change->added as $number => $sheet) {
            $this->ids[$number] = NewSheet::keep($this->row, $number, $sheet);
        }
        foreach ($change->blocks as $number => $blocks) {
            $store = new DatabaseBlockStore($this->id($number));
            foreach ($blocks as $block => [$data, $formulas]) {
                $store->put($block, $data, $formulas);
            }
            $store->flush();
        }
    }

    public function apply(Change $change): void
    {
        foreach ($change->patches as $patch) {
            $patch->applyTo($this);
        }
        SheetRow::query()->whereKey(array_values($this->seen))->update(['seen_revision' => $this->row->revision]);
        $this->row->save();
    }

    public function cells(CellsPatch $patch): void
    {
        $id = $this->touched($patch->sheet);
        CellEdits::apply($id, $patch->after);
        $before = SheetRow::query()->findOrFail($id)->data_revision;
        $now = $this->row->revision;
        $columns = array_values(array_unique(array_column([...$patch->before['cells'], ...$patch->after['cells']], 1)));
        // Where the same change replaces rows, too, no column is as it was.
        DB::afterCommit(fn () => isset($this->replaced[$id]) ? null : ColumnStamps::changed($id, $before, $now, $columns));
        $this->update($patch->sheet, ['data_revision' => $this->row->revision]);
    }

    public function blocks(BlocksPatch $patch): void
    {
        $now = $patch->after;
        $this->replaced[$this->touched($patch->sheet)] = true;
        $this->update($patch->sheet, [
            'rows' => $now['rows'], 'columns' => $now['columns'],
            'blocks' => $now['blocks'] === null ? null : json_encode($now['blocks'], JSON_THROW_ON_ERROR),
            'data_revision' => $this->row->revision,
        ]);
    }

    public function aspect(AspectPatch $patch): void
    {
        $id = $this->touched($patch->sheet);
        Documents::put($id, $patch->aspect, $patch->after);
        $patch->aspect === 'typing' && $this->replaced[$id] = true;
        $says = Json::read($patch->after);
        $columns = match ($patch->aspect) {
            'name' => ['name' => $says],
            'typing' => ['data_revision' => $this->row->revision],
            'setup' => is_array($says) ? ['state' => $says['state'], 'tab' => $says['colour'], 'protected' => $says['protected']] : [],
            'dress' => is_array($says)
                ? ['stylebook_id' => $says['stylebook'], 'held' => $says['held']]
                : ['stylebook_id' => null, 'held' => null],
            'fitted' => ['measure' => is_array($says) ? $says['measure'] ?? null : null],
            default => [],
        };
        $columns === [] || $this->update($patch->sheet, $columns);
        if ($patch->aspect === 'corrections') {
            [$workbook, $sheet] = [$this->row->id, $patch->sheet];
            DB::afterCommit(fn () => LearnReading::dispatch($workbook, $sheet));
        }
    }

    public function workbook(WorkbookPatch $patch): void
    {
        match ($patch->what) {
            'name' => $this->name(Json::read($patch->after)),
            'names' => $this->row->names = $patch->after,
            'own' => $this->own($patch->after),
            'tables' => $this->tables($patch->after),
            'guard' => $this->row->guard = $patch->after === 'null' ? null : $patch->after,
        };
    }

    public function sheets(SheetsPatch $patch): void
    {
        foreach ($patch->after as $place => $number) {
            $this->update($number, ['place' => $place + 1, 'gone' => false]);
        }
        foreach (array_diff($patch->before, $patch->after) as $number) {
            $this->update($number, ['gone' => true]);
        }
    }

    public function stylebook(StylebookPatch $patch): void
    {
        Versions::step($patch);
    }

    private function name(mixed $name): void
    {
        $this->row->name = is_string($name) ? $name : $this->row->name;
    }

    private function own(string $json): void
    {
        $this->row->own = $json === 'null' ? null : $json;
        $this->row->sheets()->update(['seen_revision' => $this->row->revision]);
    }

    private function tables(string $json): void
    {
        /** @var array{tables?: array<string, mixed>, results?: bool, calculated?: list<int>} $now */
        $now = json_decode($this->row->calculation ?? '{}', true, 8, JSON_THROW_ON_ERROR);
        $this->row->calculation = Json::of([
            'tables' => json_decode($json, false, 8, JSON_THROW_ON_ERROR),
            'results' => $now['results'] ?? true,
            'calculated' => $now['calculated'] ?? [],
        ]);
    }

    private function touched(int $number): int
    {
        $id = $this->id($number);
        $this->seen[$id] = $id;

        return $id;
    }

    private function id(int $number): int
    {
        return $this->ids[$number] ?? throw new RuntimeException("The workbook has no sheet $number.");
    }

    /** @param  array<string, mixed>  $columns */
    private function update(int $number, array $columns): void
    {
        SheetRow::query()->whereKey($this->id($number))->update($columns);
    }
}
