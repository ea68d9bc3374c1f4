<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A stylebook as it was kept at one time.
 *
 * @property int $id
 * @property int $stylebook_id
 * @property int $number
 * @property string $data  as its file says it
 * @property string $words  what changed
 * @property bool $gone  taken back; it comes again when that is undone
 * @property Carbon|null $created_at
 */
final class StylebookVersion extends Model
{
    public const UPDATED_AT = null;

    protected $table = 'stylebook_versions';

    protected $guarded = [];

    protected $casts = ['gone' => 'boolean'];
}
