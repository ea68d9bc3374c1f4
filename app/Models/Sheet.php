<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $workbook_id
 * @property int $number
 * @property int $place among the sheets of its workbook
 * @property string $name
 * @property int $rows
 * @property int $columns
 * @property string $state
 * @property string|null $tab
 * @property bool $protected
 * @property string|null $wears
 */
final class Sheet extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['protected' => 'boolean'];
}
