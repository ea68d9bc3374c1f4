<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\Bench;
use App\Models\Sheet;
use App\Models\Workbook;
use Rilvet\Act\LookWords;
use Rilvet\Grid\Range;
use Rilvet\Stylebook\Stylebook;

/** A named look, what it says, and where it is worn. */
final readonly class NamedLookRecord
{
    /** @param  list<WornRecord>  $worn */
    public function __construct(public string $name, public string $says, public array $worn)
    {
    }

    /** @return list<self> */
    public static function list(Stylebook $stylebook, Bench $bench): array
    {
        $worn = [];
        foreach (Sheet::query()->where('wears', $stylebook->name)->orderBy('workbook_id')->orderBy('number')->get() as $row) {
            $workbook = Workbook::query()->findOrFail($row->workbook_id);
            $sheet = $bench->load($workbook, [$row->number])->sheet($row->number);
            foreach ($sheet->wears as $index => $name) {
                $ranges = $sheet->named->ranges($index + 1);
                if ($ranges !== []) {
                    $worn[$name][] = new WornRecord($workbook->id, $workbook->name, $row->number, $row->name, implode(',', array_slice(array_map(strval(...), $ranges), 0, 100)), array_sum(array_map(fn (Range $range) => $range->cells(), $ranges)));
                }
            }
        }
        $list = [];
        foreach ($stylebook->looks as $name => $look) {
            $list[] = new self((string) $name, LookWords::of($look), $worn[(string) $name] ?? []);
        }

        return $list;
    }
}
