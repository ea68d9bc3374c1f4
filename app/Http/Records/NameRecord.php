<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Models\Sheet;
use App\Models\Workbook;
use Rilvet\Grid\RangeSet;
use Rilvet\Refusal;

/** A named range, as far as it names cells of one sheet. */
final readonly class NameRecord
{
    public function __construct(
        public string $name,
        public int $sheet,
        public string $ranges,
    ) {
    }

    /** @return list<self> */
    public static function list(Workbook $row): array
    {
        /** @var array<string, string> $names */
        $names = json_decode($row->names, true, 8, JSON_THROW_ON_ERROR);
        $numbers = $names === [] ? [] : $row->sheets()->get()->mapWithKeys(fn (Sheet $sheet) => [$sheet->name => $sheet->number])->all();
        $records = [];
        foreach ($names as $name => $refers) {
            if (
                preg_match_all(
                    "/(?:'((?:[^']|'')+)'|([\\p{L}\\p{N}_.]+))!([$]?[A-Za-z]{1,3}[$]?[0-9]+(?::[$]?[A-Za-z]{1,3}[$]?[0-9]+)?)/u",
                    $refers,
                    $found,
                ) === 0
            ) {
                continue;
            }
            $sheets = array_unique(
                array_map(
                    fn (string $quoted, string $plain) => $quoted !== '' ? str_replace("''", "'", $quoted) : $plain,
                    $found[1],
                    $found[2],
                ),
            );
            $number = count($sheets) === 1 ? $numbers[$sheets[0]] ?? null : null;
            try {
                $ranges = (string) RangeSet::parse(implode(',', $found[3]));
            } catch (Refusal) {
                continue;
            }
            if ($number !== null) {
                $records[] = new self((string) $name, $number, $ranges);
            }
        }

        return $records;
    }
}
