<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $workbook_id
 * @property int $number
 * @property int $place among the sheets of its workbook
 * @property bool $gone  taken out; it comes back when that is undone
 * @property string $name
 * @property int $rows
 * @property int $columns
 * @property string $state
 * @property string|null $tab
 * @property bool $protected
 * @property string|null $wears
 * @property string|null $blocks  which blocks hold which rows; null for a sheet as it came
 * @property int $data_revision  of the workbook when cells of the sheet were changed last
 * @property int $seen_revision  of the workbook when anything of the sheet was changed last
 */
final class Sheet extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return Builder<self> those that wear a stylebook, in whatever workbook */
    public static function wearing(string $stylebook): Builder
    {
        return self::query()->where('gone', false)->where('wears', $stylebook);
    }

    protected $casts = ['protected' => 'boolean', 'gone' => 'boolean'];
}
