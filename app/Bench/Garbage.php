<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Change;
use App\Models\Sheet;
use Illuminate\Support\Facades\DB;
use Rilvet\Change\BlocksPatch;
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
                if ($patch instanceof BlocksPatch && $patch->sheet === $row->number) {
                    array_push($indexes, ...$patch->indexes());
                }
            }
        }
        foreach (
            DB::table('blocks')
                ->where('sheet_id', $sheet)
                ->where('number', '>=', 1 << 24)
                ->pluck('number') as $number
        ) {
            $isUsed =
                array_filter(
                    $indexes,
                    fn (BlockIndex $index) => array_filter(
                        $index->runs,
                        fn (array $run) => $number >= $run[0] && $number < $run[0] + $run[1],
                    ) !== [],
                ) !== [];
            $isUsed || DB::table('blocks')->where('sheet_id', $sheet)->where('number', $number)->delete();
        }
    }
}
