<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A stylebook on the shelf, or a draft of one.
 *
 * @property int $id
 * @property string $name  of its newest version; a draft has one that nobody sees
 * @property int $version  number of the newest
 * @property int $turns  how often another version became the newest: steps back lead to numbers that were there before
 * @property int|null $draft_of  the stylebook that it is to be kept in
 * @property bool $gone  taken off the shelf; a step back may have sheets wear it again
 * @property int|null $base  the version of that one which it began with
 */
final class Stylebook extends Model
{
    protected $table = 'stylebooks';

    protected $guarded = [];

    protected $casts = ['gone' => 'boolean'];

    /** @return HasMany<StylebookVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(StylebookVersion::class);
    }

    /** @return Builder<self> those that anybody can dress sheets in */
    public static function onShelf(): Builder
    {
        return self::query()->whereNull('draft_of')->where('gone', false);
    }
}
