<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Dressed\DressedSheet;
use Rilvet\Reading\ColumnReading;
use Rilvet\Reading\TableReading;
use Rilvet\Renew\NewData;
use Rilvet\Renew\Pair;
use Rilvet\Renew\Plan;

/** What new data would do to a table. */
final readonly class RenewalRecord
{
    /**
     * @param  list<RenewalColumnRecord>  $columns
     * @param  list<int>  $places  columns of the table
     * @param  list<string>  $headings  of them
     * @param  list<string>  $key  headings of the columns that tell rows apart; none for rows as a whole
     * @param  string|null  $why  why no column does
     * @param  int  $new  rows
     * @param  int  $missing  rows that the new data does not have
     * @param  int  $gone  of them, those that are taken out
     * @param  int  $differing  rows that both have and that differ
     * @param  int  $changed  of them, those that are changed
     * @param  int  $same  rows that both have
     * @param  int  $unkeyed  rows of the new data that nothing tells apart; they are left out
     * @param  int  $formulas  formulas that values come in the place of
     * @param  bool  $isReordered  the rows stand in another order here, which stays
     * @param  list<RenewalChangeRecord>  $changes  the first of them
     * @param  list<RenewalRowRecord>  $news  the first rows that are new
     * @param  list<RenewalRowRecord>  $lost  the first rows that are missing
     * @param  string  $words  all of it in a few words
     * @param  bool  $isNothing  nothing would change
     */
    public function __construct(
        public array $columns,
        public array $places,
        public array $headings,
        public array $key,
        public ?string $why,
        public int $new,
        public int $missing,
        public int $gone,
        public int $differing,
        public int $changed,
        public int $same,
        public int $unkeyed,
        public int $formulas,
        public bool $isReordered,
        public array $changes,
        public array $news,
        public array $lost,
        public string $words,
        public bool $isNothing,
    ) {
    }

    public static function of(Plan $plan, TableReading $table, DressedSheet $dressed, bool $from1904): self
    {
        $there = NewData::columnsOf($table);

        return new self(
            array_map(RenewalColumnRecord::of(...), $plan->pairs),
            array_map(fn (ColumnReading $one) => $one->column, $there),
            array_map(fn (ColumnReading $one) => (string) $one->heading, $there),
            array_map(fn (Pair $pair) => $pair->heading, $plan->key), $plan->why,
            $plan->countNew(), $plan->missing, count($plan->gone), $plan->differing, count($plan->changed), count($plan->same),
            $plan->unkeyed, $plan->formulas, $plan->isReordered,
            array_map(fn (array $one) => RenewalChangeRecord::of($one, $dressed, $from1904), $plan->changes),
            self::rows($plan->news), self::rows($plan->lost), $plan->words(), $plan->isNothing(),
        );
    }

    /**
     * @param  list<array{row: int, key: string}>  $rows
     * @return list<RenewalRowRecord>
     */
    private static function rows(array $rows): array
    {
        return array_map(fn (array $one) => new RenewalRowRecord($one['row'], $one['key']), $rows);
    }
}
