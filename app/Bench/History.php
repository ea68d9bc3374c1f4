<?php

declare(strict_types=1);

namespace App\Bench;

use App\Jobs\CalculateWaiting;
use App\Models\Change as ChangeRow;
use App\Models\Workbook as WorkbookRow;
use Illuminate\Support\Facades\DB;

/**
 * Steps back and forward along what was done. What a person takes back is what that person saw last, so it is never done on a newer
 * state.
 */
final class History
{
    public function __construct(private readonly Saving $saving)
    {
    }

    /** @throws StaleRevision */
    public function undo(WorkbookRow $row, int $revision): ?ChangeRow
    {
        return $this->held($row, $revision, fn () => $this->step($row, true));
    }

    /** @throws StaleRevision */
    public function redo(WorkbookRow $row, int $revision): ?ChangeRow
    {
        return $this->held($row, $revision, fn () => $this->step($row, false));
    }

    /**
     * Goes back, or forward, to the state right after a change; 0 is before the first.
     *
     * @throws StaleRevision
     */
    public function goTo(WorkbookRow $row, int $change, int $revision): void
    {
        $this->held($row, $revision, function () use ($row, $change) {
            while ($row->changes()->where('undone', false)->where('id', '>', $change)->exists()) {
                $this->step($row, true);
            }
            while ($row->changes()->where('undone', true)->where('id', '<=', $change)->exists()) {
                $this->step($row, false);
            }
        });
    }

    /**
     * @template TResult
     *
     * @param  callable(): TResult  $do
     * @return TResult
     */
    private function held(WorkbookRow $row, int $revision, callable $do): mixed
    {
        try {
            $done = DB::transaction(function () use ($row, $revision, $do) {
                $row->refresh();
                Step::isNew($row, false);
                if ($row->revision !== $revision) {
                    throw StaleRevision::now($row->revision);
                }

                return $do();
            });
            // A step may lead to a state in which formulas had not been calculated yet.
            $waits = DB::table('documents')
                ->whereIn('sheet_id', $row->sheets()->select('id'))
                ->where('name', 'results')
                ->where('data', 'like', '%"waiting":["%')
                ->exists();
            $waits && CalculateWaiting::dispatch($row->id);

            return $done;
        } catch (Outrun) {
            throw StaleRevision::now($row->refresh()->revision);
        }
    }

    private function step(WorkbookRow $row, bool $undo): ?ChangeRow
    {
        $change = $undo
            ? $row->changes()->where('undone', false)->latest('id')->first()
            : $row->changes()->where('undone', true)->oldest('id')->first();
        foreach ($change === null ? [] : $this->together($row, $change, ! $undo) as [$workbook, $part]) {
            $this->saving->replay($workbook, $part, $undo);
        }

        return $change;
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
        foreach (
            ChangeRow::query()->where('group', $change->group)->where('id', '!=', $change->id)->where('undone', $undone)->get() as $other
        ) {
            $newer = ChangeRow::query()
                ->where('workbook_id', $other->workbook_id)
                ->where('undone', $undone)
                ->where('id', $undone ? '<' : '>', $other->id)
                ->exists();
            if (! $newer) {
                $parts[] = [WorkbookRow::query()->findOrFail($other->workbook_id), $other];
            }
        }

        return $parts;
    }
}
