<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * Workbooks and files that go through one routine. Status: open (files are chosen), running, paused, done, cancelled.
 *
 * @property string $id
 * @property string $name
 * @property string $status
 * @property string|null $routine  as JSON, as it was when the batch was begun
 * @property string $format
 * @property int|null $data_id  the workbook that newer data came in, for a routine that brings some in
 * @property string|null $across  what was found beside each other, as JSON
 * @property Carbon $updated_at
 */
final class Batch extends Model
{
    use HasUuids;

    protected $table = 'batches';

    protected $guarded = [];

    /** @return HasMany<BatchItem, $this> in the order in which they came */
    public function items(): HasMany
    {
        return $this->hasMany(BatchItem::class)->orderBy('place');
    }
}
