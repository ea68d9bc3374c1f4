<?php

declare(strict_types=1);

namespace App\Models;

use App\Bench\KeptFile;
use App\Jobs\Server;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property string $name
 * @property string|null $server  where it is worked on
 * @property string $source
 * @property int $revision
 * @property bool $from1904
 * @property string $looks
 * @property string $names
 * @property string $notices
 * @property string|null $calculation  tables, and what the file says of its results
 * @property string|null $guard  how the order of its sheets is protected
 * @property string|null $own  its own named looks and colours, written as a stylebook is
 * @property int|null $specimen_of  the draft of a stylebook that it is there to show
 * @property int|null $data_for  the workbook that its data came for; it is no workbook of its own
 * @property Carbon $updated_at
 */
final class Workbook extends Model
{
    protected $table = 'workbooks';

    protected $guarded = [];

    protected static function booted(): void
    {
        self::creating(function (self $new) {
            $new->server = Server::name();
        });
    }

    protected $casts = ['from1904' => 'boolean'];

    /** One that is whole; others are still on their way in. */
    public static function onShelf(int $id): self
    {
        return self::query()->where('revision', '>', 0)->findOrFail($id);
    }

    /** Where the xlsx package stands that the workbook came in; only workbooks that came as xlsx have one. */
    public function package(): KeptFile
    {
        return new KeptFile("packages/{$this->id}.xlsx");
    }

    /** @return HasMany<Sheet, $this> those that are there, in their order; one that was taken out may come back by undo */
    public function sheets(): HasMany
    {
        return $this->hasMany(Sheet::class)->where('gone', false)->orderBy('place')->orderBy('number');
    }

    /** @return HasMany<Change, $this> */
    public function changes(): HasMany
    {
        return $this->hasMany(Change::class);
    }
}
