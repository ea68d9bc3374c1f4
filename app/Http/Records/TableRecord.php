<?php

declare(strict_types=1);

namespace App\Http\Records;

/** One table of the reading. */
final readonly class TableRecord
{
    /**
     * @param  list<PartRecord>  $parts
     * @param  list<ColumnRecord>  $columns
     * @param  list<RunRecord>  $runs
     * @param  string|null  $learned  the workbook whose corrections it is read by
     * @param  list<ColumnRecord>  $lines  of a turned table: what each row of its body holds, numbered by the row
     */
    public function __construct(
        public string $range,
        public int $top,
        public int $left,
        public int $bottom,
        public int $right,
        public float $confidence,
        public array $parts,
        public array $columns,
        public array $runs,
        public ?QuestionRecord $question,
        public array $lines,
        public ?string $learned,
    ) {
    }
}
