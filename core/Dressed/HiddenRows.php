<?php

declare(strict_types=1);

namespace Rilvet\Dressed;

use Rilvet\Work\Worksheet;

/** Rows that are not seen, and that stripes do not count. */
final readonly class HiddenRows
{
    /** @param  list<int>  $rows  in their order */
    private function __construct(private array $rows)
    {
    }

    public static function of(Worksheet $sheet): self
    {
        $rows = $sheet->setup->sizes->hiddenRows;
        sort($rows);

        return new self($rows);
    }

    public function between(int $first, int $last): int
    {
        return $this->rows === [] ? 0 : $this->upTo($last) - $this->upTo($first - 1);
    }

    private function upTo(int $row): int
    {
        [$low, $high] = [0, count($this->rows)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->rows[$middle] <= $row ? $low = $middle + 1 : $high = $middle;
        }

        return $low;
    }
}
