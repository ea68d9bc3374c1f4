<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\Bench;
use App\Models\Sheet;
use App\Models\Workbook;
use Illuminate\Database\Eloquent\Builder;
use Rilvet\Grid\Range;
use Rilvet\Look\LookWords;
use Rilvet\Work\Worksheet;

/** A named look, what it says, and where it is worn. */
final readonly class NamedLookRecord
{
    /** Stretches that are named of each sheet. */
    private const STRETCHES = 100;

    /**
     * @param  bool  $own  the workbook's, and not the stylebook's
     * @param  list<WornRecord>  $worn
     */
    public function __construct(public string $name, public string $says, public bool $own, public array $worn)
    {
    }

    /** @return list<self> */
    public static function list(Workbook $workbook, Worksheet $seen, Bench $bench): array
    {
        $worn = [];
        $wears = $seen->reference?->stylebook;
        $here = fn (Builder $sheets) => $sheets
            ->where('workbook_id', $workbook->id)
            ->when($wears !== null, fn (Builder $or) => $or->orWhere('stylebook_id', $wears));
        $rows = Sheet::query()->where('gone', false)->where($here);
        foreach ($rows->orderBy('workbook_id')->orderBy('number')->get() as $row) {
            $holder = $row->workbook_id === $workbook->id ? $workbook : Workbook::query()->findOrFail($row->workbook_id);
            $sheet = $bench->load($holder, [$row->number])->sheet($row->number);
            foreach ($sheet->wears as $index => $name) {
                $ranges = $sheet->named->ranges($index + 1);
                // A look of the same name in another book is another look.
                if ($ranges !== [] && $sheet->isOwn($name) === $seen->isOwn($name)) {
                    $worn[$name][] = self::worn($holder, $row, $ranges);
                }
            }
        }
        $list = [];
        foreach ($seen->namedLooks() as $name => $look) {
            $list[] = new self((string) $name, LookWords::of($look), $seen->isOwn((string) $name), $worn[(string) $name] ?? []);
        }

        return $list;
    }

    /** @param  list<Range>  $ranges */
    private static function worn(Workbook $workbook, Sheet $sheet, array $ranges): WornRecord
    {
        $said = implode(',', array_slice(array_map(strval(...), $ranges), 0, self::STRETCHES));

        $cells = array_sum(array_map(fn (Range $range) => $range->cells(), $ranges));

        return new WornRecord($workbook->id, $workbook->name, $sheet->number, $sheet->name, $said, $cells);
    }
}
