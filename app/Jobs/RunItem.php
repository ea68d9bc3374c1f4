<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Batch\Batches;
use App\Batch\FileRun;
use App\Batch\Reported;
use App\Bench\Bench;
use App\Bench\Routines;
use App\Files\Writing\NotWritten;
use App\Files\Writing\Writers;
use App\Models\Batch;
use App\Models\BatchItem;
use App\Models\Workbook;
use App\Wire\Repeat\Replayer;
use Closure;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Rilvet\Act\Pipeline;
use Rilvet\Intake\Exception\FileIsWrong;
use Rilvet\Refusal;
use Rilvet\Renew\NewData;
use Rilvet\Routine\Note;
use Rilvet\Routine\Routine;
use Throwable;

/** One workbook or file of a batch: what would be done with it, or all of it done. */
final class RunItem implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    /** @param  bool  $isPlan  only look what would be done */
    public function __construct(private readonly string $item, private readonly bool $isPlan)
    {
    }

    public function handle(Bench $bench, Pipeline $pipeline): void
    {
        $item = BatchItem::query()->find($this->item);
        $batch = $item === null ? null : Batch::query()->find($item->batch_id);
        if ($item === null || $batch === null || ! $this->begins($item, $batch)) {
            return;
        }
        try {
            $reported = $this->reported($item, $batch, $bench, $pipeline);
            $this->keep($item, $reported->fault === null ? 'done' : 'failed', $reported);
        } catch (Cancelled) {
            $item->output()->delete();
        } catch (Throwable $fault) {
            $item->output()->delete();
            $fault instanceof Refusal || report($fault);
            $this->keep($item, 'failed', Reported::failed($item->name,
                Trouble::words($fault, 'it failed for a reason of our own; the file is unchanged.')));
        }
        $this->isPlan || Batches::settle($batch->refresh());
    }

    /** Only one worker takes it, and only while it is wanted. */
    private function begins(BatchItem $item, Batch $batch): bool
    {
        if ($this->isPlan) {
            return $item->status === 'waiting';
        }

        return $batch->status === 'running' && BatchItem::query()->whereKey($item->id)->where('status', 'queued')
            ->update(['status' => 'running', 'server' => Server::name(), 'progress' => 0]) === 1 && $item->refresh()->exists;
    }

    private function reported(BatchItem $item, Batch $batch, Bench $bench, Pipeline $pipeline): Reported
    {
        $routine = $batch->routine === null ? null : Routine::fromJson($batch->routine);
        $data = $batch->data_id === null ? null : NewData::first($bench->whole(Workbook::query()->findOrFail($batch->data_id)));
        $target = $this->isPlan ? null : $item->output()->draft();
        if ($item->workbook_id !== null) {
            return $this->onShelf($item, $batch, $routine, $data, $target, $bench, $pipeline);
        }
        $path = $item->file()->local() ?? throw FileIsWrong::package('the file is not there any more; drop it again.');
        $run = new FileRun($routine ?? new Routine('Nothing', []), Routines::shelf(), $data, $this->isPlan ? null : self::progress($item));
        $reported = $run->on($path, $item->name, $target, $batch->format);
        if ($target !== null && $reported->fault === null) {
            $item->output()->publish($target);
            $reported = $reported->writtenAs(basename(FileRun::target('', $item->name, $batch->format, [])));
        }

        return $reported;
    }

    /** A workbook of the shelf is changed itself, as a step of its history, and once only, however often this is begun. */
    private function onShelf(BatchItem $item, Batch $batch, ?Routine $routine, ?NewData $data, ?string $target, Bench $bench,
        Pipeline $pipeline): Reported
    {
        $start = microtime(true);
        $row = Workbook::query()->where('revision', '>', 0)->find($item->workbook_id)
            ?? throw FileIsWrong::package('the workbook is not on the shelf any more.');
        /** @var list<int> $numbers */
        $numbers = $row->sheets()->pluck('number')->all();
        $replay = Replayer::of($routine ?? new Routine('Nothing', []), $numbers, $pipeline, Routines::shelf(), $data);
        $workbook = $bench->whole($row);
        [$parts, $doubts] = FileRun::read($workbook);
        $isDone = $row->changes()->where('group', $item->id)->where('undone', false)->exists();
        if ($target === null) {
            $routine === null || $bench->preview($row, $replay, 0);
        } elseif ($routine !== null && ! $isDone) {
            $bench->act($row, $replay, $row->revision, group: $item->id);
        }
        $left = array_map(fn (Note $note) => $note->line(), $replay->notes);
        if ($target === null) {
            return new Reported($item->name, null, null, $parts, $doubts, $replay->done, $left);
        }
        $after = $bench->whole($row->refresh());
        $writer = Writers::for($batch->format, source: $row->package()->local(), edited: $bench->edited($row), file: $row->source)
            ?? throw NotWritten::format($batch->format);
        $proof = Writers::proven($writer, $after, $target, self::progress($item));
        $item->output()->publish($target);

        return (new Reported($item->name, basename(FileRun::target('', "$item->name.x", $batch->format, [])), null, $parts, $doubts,
            $replay->done,
            $left, FileRun::findings($after), $proof->cells, $proof->values, $proof->formulas))->taking(microtime(true) - $start);
    }

    /** What a person stopped meanwhile stays stopped; what was only looked at is planned, whatever it came to. */
    private function keep(BatchItem $item, string $status, Reported $reported): void
    {
        $json = json_encode($reported->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
        BatchItem::query()->whereKey($item->id)->whereIn('status', $this->isPlan ? ['waiting'] : ['running'])
            ->update(['status' => $this->isPlan ? 'planned' : $status,
                $this->isPlan ? 'plan' : 'report' => $json]);
    }

    /** @return Closure(int): void */
    private static function progress(BatchItem $item): Closure
    {
        $last = microtime(true);

        return function (int $rows) use ($item, &$last): void {
            if (microtime(true) - $last < 0.3) {
                return;
            }
            $last = microtime(true);
            if (BatchItem::query()->whereKey($item->id)->value('status') !== 'running') {
                throw new Cancelled;
            }
            BatchItem::query()->whereKey($item->id)->update(['progress' => $rows]);
        };
    }
}
