<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Change;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Rilvet\Grid\BlockIndex;

/** Row blocks that no state of a sheet, past or present, stands on: what a stop in the middle of a change leaves. */
final class Garbage
{
    public static function collect(int $sheet): void
    {
        $row = Sheet::query()->findOrFail($sheet);
        $indexes = [Documents::index($row)];
        foreach (Change::query()->where('workbook_id', $row->workbook_id)->lazyById(50) as $change) {
            foreach (Saving::unpack($change)->patches as $patch) {
                if ($patch->sheet === $row->number && $patch->document === 'blocks') {
                    foreach ([$patch->before, $patch->after] as $json) {
                        /** @var array{blocks: list<array{int, int, int}>|null} $layout */
                        $layout = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
                        $indexes[] = BlockIndex::fromArray($layout['blocks']);
                    }
                }
            }
        }
        foreach (DB::table('blocks')->where('sheet_id', $sheet)->where('number', '>=', 1 << 24)->pluck('number') as $number) {
            $isUsed = array_filter($indexes, fn (BlockIndex $index) => array_filter($index->runs, fn (array $run) => $number >= $run[0] && $number < $run[0] + $run[1]) !== []) !== [];
            $isUsed || DB::table('blocks')->where('sheet_id', $sheet)->where('number', $number)->delete();
        }
    }
}
