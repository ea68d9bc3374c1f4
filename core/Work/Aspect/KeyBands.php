<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;

/** The rows at which what a key column holds changes, so that stripes that follow it are known without reading it again. */
final readonly class KeyBands implements Aspect
{
    /** @param  array<string, list<int>>  $starts  rows in their order, by the place of a table, such as "4.1" for row 4, column 1 */
    public function __construct(public array $starts = [])
    {
    }

    public static function name(): string
    {
        return 'bands';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var array<string, string> $tables */
        $tables = $data ?? [];

        return new self(array_map(function (string $steps) {
            $rows = [];
            $row = 0;
            foreach ($steps === '' ? [] : explode(',', $steps) as $step) {
                $rows[] = $row += (int) $step;
            }

            return $rows;
        }, $tables));
    }

    public function toJson(): mixed
    {
        return $this->starts === [] ? null : array_map(function (array $rows) {
            $steps = [];
            $before = 0;
            foreach ($rows as $row) {
                $steps[] = $row - $before;
                $before = $row;
            }

            return implode(',', $steps);
        }, $this->starts);
    }

    /** They are looked for anew whenever rows go elsewhere. */
    public function moved(Shift|RowOrder $move): static
    {
        return $this;
    }

    /** How many changes stand above a row of a table, or at it. */
    public function count(string $table, int $row): int
    {
        $starts = $this->starts[$table] ?? [];
        [$low, $high] = [0, count($starts)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $starts[$middle] <= $row ? $low = $middle + 1 : $high = $middle;
        }

        return $low;
    }
}
