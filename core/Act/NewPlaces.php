<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Reading\Part;
use Rilvet\Reading\TableReading;
use Rilvet\Renew\Plan;

/** Where the rows of a table stand once new data has come into it. */
final readonly class NewPlaces
{
    /**
     * @param  array<int, int>  $byNew  the row of the table by the row of the new data
     * @param  array<int, true>  $isNew  rows of the new data that are new, as keys
     * @param  array<int, int>  $oldOf  the row of the table as it was, by the row of the new data
     */
    private function __construct(public array $byNew, public array $isNew, public array $oldOf)
    {
    }

    /** Where a row of the table as it was stands now; null where it is gone. */
    public function where(int $row, Plan $plan): ?int
    {
        $from = $plan->same[$row] ?? null;

        return $from !== null ? $this->byNew[$from]
            : (in_array($row, $plan->gone, true) ? null : $row + count($plan->put[0] ?? []));
    }

    public static function of(TableReading $table, Plan $plan): self
    {
        $byNew = $isNew = [];
        $gone = array_flip($plan->gone);
        $first = (int) $table->firstBodyRow();
        $offset = 0;
        $put = function (int $below, int $after) use ($plan, &$byNew, &$isNew, &$offset) {
            foreach ($plan->put[$below] ?? [] as $row) {
                $offset++;
                $byNew[$row] = $after + $offset;
                $isNew[$row] = true;
            }
        };
        $put(0, $first - 1);
        foreach ($table->runs as $run) {
            for ($row = $run->first; $run->part === Part::Body && $row <= $run->last; $row++) {
                if (isset($gone[$row])) {
                    $offset--;
                } elseif (isset($plan->same[$row])) {
                    $byNew[$plan->same[$row]] = $row + $offset;
                }
                $put($row, $row);
            }
        }

        return new self($byNew, $isNew, array_flip($plan->same));
    }
}
