<?php

declare(strict_types=1);

namespace App\Models;

use App\Bench\KeptFile;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * One workbook or file of a batch. Status: waiting (its plan is not known), planned, queued, running, done, failed, cancelled.
 *
 * @property string $id
 * @property string $batch_id
 * @property int $place
 * @property string $name
 * @property int|null $workbook_id  of the shelf; null for a file that came for the batch alone
 * @property string $status
 * @property string|null $server  where it is worked on
 * @property int $bytes
 * @property int $progress  rows done
 * @property string|null $plan  what would be done, as JSON
 * @property string|null $report  what was done, as JSON
 */
final class BatchItem extends Model
{
    use HasUuids;

    public const UNDER_WAY = ['queued', 'running'];

    protected $table = 'batch_items';

    protected $guarded = [];

    public function file(): KeptFile
    {
        return new KeptFile("batches/{$this->batch_id}/{$this->id}.in");
    }

    /** What was written of it. */
    public function output(): KeptFile
    {
        return new KeptFile("batches/{$this->batch_id}/{$this->id}.out");
    }

    public function batch(): Batch
    {
        return Batch::query()->findOrFail($this->batch_id);
    }
}
