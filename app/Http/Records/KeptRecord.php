<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Sheet;
use App\Models\Stylebook as StylebookRow;
use App\Models\Workbook;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Rilvet\Change\Json;
use Rilvet\Grid\Range;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Aspect\NamedLooks;
use Rilvet\Work\Aspect\WornNames;

/** A named look or a number format that a stylebook keeps, and where it is worn, over all workbooks. */
final readonly class KeptRecord
{
    /** Sheets, or workbooks, that are named of each. */
    private const NAMED = 20;

    /** Sheets whose documents are read at once. */
    private const ONCE = 200;

    /** @param  list<string>  $where  "Nursery year, Stock: 12 cells", or the workbooks that use a format */
    public function __construct(public string $name, public array $where)
    {
    }

    /** @return list<self> of the looks, then of the number formats */
    public static function list(StylebookRow $row, Stylebook $stylebook): array
    {
        $worn = $stylebook->looks === [] ? [] : self::worn($row);
        $list = array_map(fn (string|int $name) => new self((string) $name, $worn[$name] ?? []), array_keys($stylebook->looks));
        foreach ($stylebook->numbers as $name => $code) {
            $list[] = new self((string) $name, self::using($row, $code));
        }

        return $list;
    }

    /**
     * Places by the name of a look: from the names that sheets wear and the cells that wear them, whatever else they hold.
     *
     * @return array<string, list<string>>
     */
    private static function worn(StylebookRow $row): array
    {
        [$worn, $more] = [[], []];
        $sheets = Sheet::wearing($row->id)->whereIn('id', DB::table('documents')->select('sheet_id')->where('name', 'wears'))
            ->with('workbook:id,name')->orderBy('workbook_id')->orderBy('place')->get(['id', 'workbook_id', 'name']);
        foreach ($sheets->chunk(self::ONCE) as $chunk) {
            $stored = DB::table('documents')->whereIn('sheet_id', $chunk->pluck('id'))->whereIn('name', ['wears', 'named'])
                ->get(['sheet_id', 'name', 'data'])->groupBy('sheet_id');
            foreach ($chunk as $sheet) {
                $data = $stored->get($sheet->id, new Collection)->pluck('data', 'name')
                    ->map(fn (mixed $json) => Json::read(is_string($json) ? $json : 'null'));
                $looks = NamedLooks::fromJson($data['named'] ?? null)->looks;
                foreach (WornNames::fromJson($data['wears'] ?? null)->names as $at => $name) {
                    $wearing = array_sum(array_map(fn (Range $range) => $range->cells(), $looks->ranges($at + 1)));
                    if ($wearing === 0) {
                        continue;
                    }
                    if (count($worn[$name] ?? []) < self::NAMED) {
                        $worn[$name][] = "{$sheet->workbook->name}, $sheet->name: ".number_format($wearing)
                            .($wearing === 1 ? ' cell' : ' cells');
                    } else {
                        $more[$name] = ($more[$name] ?? 0) + 1;
                    }
                }
            }
        }
        foreach ($more as $name => $count) {
            $worn[$name][] = 'and '.number_format($count).($count === 1 ? ' sheet more' : ' sheets more');
        }

        return $worn;
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
