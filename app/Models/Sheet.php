<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

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
 * @property int|null $stylebook_id  that it wears
 * @property int|null $held  the version that it keeps; null where it follows the newest
 * @property string|null $measure  what the stylebook said of sizes when it was fitted
 * @property-read Stylebook|null $stylebook
 * @property-read Workbook $workbook
 * @property string|null $blocks  which blocks hold which rows; null for a sheet as it came
 * @property int $data_revision  of the workbook when cells of the sheet were changed last
 * @property int $seen_revision  of the workbook when anything of the sheet was changed last
 */
final class Sheet extends Model
{
    public $timestamps = false;

    protected $table = 'sheets';

    protected $guarded = [];

    /** @return Builder<self> those that wear a stylebook, in whatever workbook */
    public static function wearing(int $stylebook): Builder
    {
        return self::query()->where('gone', false)->where('stylebook_id', $stylebook);
    }

    /** @return BelongsTo<Workbook, $this> */
    public function workbook(): BelongsTo
    {
        return $this->belongsTo(Workbook::class);
    }

    /** @return BelongsTo<Stylebook, $this> */
    public function stylebook(): BelongsTo
    {
        return $this->belongsTo(Stylebook::class);
    }

    protected $casts = ['protected' => 'boolean', 'gone' => 'boolean'];

    /**
     * What it is known by as it is seen now: another one whenever anything of it, or of the stylebook that it follows, was
     * changed, and never one that it had before. Whoever keeps something under it asks for it before reading the rest: what is
     * changed in between is then kept under what nobody asks for again.
     */
    public function seen(): string
    {
        return match (true) {
            $this->stylebook_id === null => (string) $this->seen_revision,
            $this->held !== null => "$this->seen_revision.$this->stylebook_id.$this->held",
            // A step back leads to a version that was the newest before.
            default => "$this->seen_revision.$this->stylebook_id.{$this->stylebook?->version}-{$this->stylebook?->turns}",
        };
    }
}
