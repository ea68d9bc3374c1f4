<?php

declare(strict_types=1);

namespace App\Models;

use App\Bench\KeptFile;
use App\Jobs\Server;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * A file on its way out. Status: queued, running, done, failed, cancelled.
 *
 * @property string $id
 * @property int $workbook_id
 * @property string $format
 * @property string|null $server  where it is worked on
 * @property string $status
 * @property bool $defuse
 * @property bool $conditions  stripes are written as conditional formats
 * @property bool $tables  dressed tables are written as tables of the format
 * @property int|null $sheet
 * @property int $progress rows done
 * @property string|null $proof
 * @property string|null $message
 * @property string|null $wore  the stylebooks and their versions that its sheets wore
 */
final class Handover extends Model
{
    use HasUuids;

    protected $table = 'handovers';

    protected $guarded = [];

    protected static function booted(): void
    {
        self::creating(function (self $new) {
            $new->server = Server::name();
        });
    }

    protected $casts = ['defuse' => 'boolean', 'conditions' => 'boolean', 'tables' => 'boolean'];

    public function file(): KeptFile
    {
        return new KeptFile("handovers/{$this->id}.{$this->format}");
    }
}
