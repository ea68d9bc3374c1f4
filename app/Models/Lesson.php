<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a person corrected in a table, for tables with the same headings.
 *
 * @property int $id
 * @property string $print
 * @property int|null $workbook_id
 * @property string $from
 * @property string $data
 */
final class Lesson extends Model
{
    protected $table = 'lessons';

    protected $guarded = [];
}
