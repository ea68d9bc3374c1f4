<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $name
 * @property string $data  the routine as JSON
 * @property Carbon $updated_at
 */
final class Routine extends Model
{
    protected $table = 'routines';

    protected $guarded = [];
}
