<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property string $data
 */
final class Stylebook extends Model
{
    protected $guarded = [];
}
