<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Stylebook\Stripes;
use Rilvet\Stylebook\StripesBy;
use Rilvet\Work\Aspect\KeyBands;
use Rilvet\Work\Worksheet;

/** Which band of the stripes a cell of a table's body stands in, as a person would count them. */
final class Bands
{
    private readonly KeyBands $keys;

    private readonly HiddenRows $hidden;

    /**
     * @var array<string, array<int, int>> rows of the body, those in sight, above each of its runs, by table, then by the run's
     * first row
     */
    private array $above = [];

    public function __construct(private readonly Worksheet $sheet, private readonly Stripes $stripes)
    {
        $this->keys = $sheet->aspect(KeyBands::class);
        $this->hidden = HiddenRows::of($sheet);
    }

    public function isOfRows(): bool
    {
        return $this->stripes->by !== StripesBy::Columns;
    }

    /** @param  int  $position  of the row in its run, from 0 */
    public function ofRow(TableReading $table, int $row, int $position): int
    {
        $first = $row - $position;
        if ($this->stripes->by === StripesBy::Key) {
            $changes = $this->keys->count(self::place($table), $row);
            $before = $this->stripes->anew ? $this->keys->count(self::place($table), $first) : min(1, $changes);

            return $this->stripes->band($changes - $before);
        }
        $seen = $position - $this->hidden->between($first, $row - 1);

        return $this->stripes->band($this->stripes->anew ? $seen : $seen + ($this->above($table)[$first] ?? 0));
    }

    public function ofColumn(TableReading $table, int $column): int
    {
        return $this->stripes->band($column - $table->range->left);
    }

    public static function place(TableReading $table): string
    {
        return "{$table->range->top}.{$table->range->left}";
    }

    /** @return array<int, int> */
    private function above(TableReading $table): array
    {
        $place = self::place($table);
        if (! isset($this->above[$place])) {
            $this->above[$place] = [];
            $rows = 0;
            foreach ($table->runs as $run) {
                if ($run->part === Part::Body) {
                    $this->above[$place][$run->first] = $rows;
                    $rows += $run->last - $run->first + 1 - $this->hidden->between($run->first, $run->last);
                }
            }
        }

        return $this->above[$place];
    }
}
