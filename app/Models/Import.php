<?php

declare(strict_types=1);

namespace App\Models;

use App\Bench\KeptFile;
use App\Jobs\Server;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * A file on its way in. Status: proposed, queued, running, done, failed, cancelled.
 *
 * @property string $id
 * @property string $name
 * @property string|null $server  where it is worked on
 * @property string $kind
 * @property string $status
 * @property int $bytes
 * @property int $progress rows done
 * @property string|null $dialect
 * @property string|null $message
 * @property int|null $workbook_id
 * @property int|null $data_for  the workbook that its data comes for
 * @property CarbonInterface $updated_at
 */
final class Import extends Model
{
    use HasUuids;

    protected $table = 'imports';

    protected $guarded = [];

    protected static function booted(): void
    {
        self::creating(function (self $new) {
            $new->server = Server::name();
        });
    }

    public function file(): KeptFile
    {
        return new KeptFile("imports/{$this->id}");
    }
}
