<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * A file on its way out. Status: queued, running, done, failed, cancelled.
 *
 * @property string $id
 * @property int $workbook_id
 * @property string $format
 * @property string $status
 * @property bool $defuse
 * @property int|null $sheet
 * @property int $progress rows done
 * @property string|null $proof
 * @property string|null $message
 */
final class Handover extends Model
{
    use HasUuids;

    protected $guarded = [];

    protected $casts = ['defuse' => 'boolean'];

    public function path(): string
    {
        return storage_path("app/handovers/{$this->id}.{$this->format}");
    }
}
