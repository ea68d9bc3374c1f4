<?php

declare(strict_types=1);

namespace App\Models;

use App\Database\Bytes;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $workbook_id
 * @property string $words
 * @property string $patches
 * @property string|null $touches
 * @property bool $undone
 * @property bool $is_data  it changed what cells hold or where they stand
 * @property string|null $step  what it would be as a step of a routine, as JSON
 * @property string|null $group changes of several workbooks that are undone together
 * @property Carbon|null $created_at
 */
final class Change extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'changes';

    protected $guarded = [];

    protected $casts = ['undone' => 'boolean', 'is_data' => 'boolean', 'patches' => Bytes::class];
}
