<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\Bench;
use App\Models\Sheet;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook;
use Illuminate\Support\Facades\DB;
use Rilvet\Change\Json;
use Rilvet\Grid\Range;
use Rilvet\Stylebook\Stylebook;

/** A named look or a number format that a stylebook keeps, and where it is worn, over all workbooks. */
final readonly class KeptRecord
{
    /** Workbooks that are named of each. */
    private const NAMED = 20;

    /** @param  list<string>  $where  "Nursery year, Stock: 12 cells", or the workbooks that use a format */
    public function __construct(public string $name, public array $where)
    {
    }

    /** @return list<self> of the looks, then of the number formats */
    public static function list(StylebookRow $row, Stylebook $stylebook, Bench $bench): array
    {
        $worn = [];
        $sheets = Sheet::wearing($row->id)->whereIn('id', DB::table('documents')->select('sheet_id')->where('name', 'wears'));
        foreach ($sheets->with('workbook')->orderBy('workbook_id')->orderBy('place')->get() as $sheet) {
            $there = $bench->load($sheet->workbook, [$sheet->number])->sheet($sheet->number);
            foreach ($there->wears as $index => $name) {
                $count = array_sum(array_map(fn (Range $range) => $range->cells(), $there->named->ranges($index + 1)));
                if ($count > 0 && ! $there->isOwn($name)) {
                    $worn[$name][] = "{$sheet->workbook->name}, $sheet->name: ".number_format($count).($count === 1 ? ' cell' : ' cells');
                }
            }
        }
        $list = array_map(fn (string|int $name) => new self((string) $name, $worn[$name] ?? []), array_keys($stylebook->looks));
        foreach ($stylebook->numbers as $name => $code) {
            $list[] = new self((string) $name, self::using($row, $code));
        }

        return $list;
    }

    /** @return list<string> names of the workbooks that wear the stylebook and have the format in a look of their own */
    private static function using(StylebookRow $row, string $code): array
    {
        $names = [];
        $workbooks = Workbook::query()->whereIn('id', Sheet::wearing($row->id)->select('workbook_id'))->orderBy('name');
        foreach ($workbooks->lazy(100) as $workbook) {
            foreach ((array) Json::read($workbook->looks) as $look) {
                if (is_array($look) && ($look['number'] ?? null) === $code) {
                    $names[] = $workbook->name;
                    break;
                }
            }
            if (count($names) >= self::NAMED) {
                break;
            }
        }

        return $names;
    }
}
