<?php

declare(strict_types=1);

namespace Rilvet\Work\Aspect;

use Rilvet\Grid\Aspect;
use Rilvet\Grid\Range;
use Rilvet\Grid\RowOrder;
use Rilvet\Grid\Shift;
use Rilvet\Reading\Reading;
use Rilvet\Reading\RowRun;

/**
 * Where the pivot tables of a sheet stand, and what their definitions say of their rows (ISO/IEC 29500-1 18.10): it goes
 * before what the rows look like, whenever the sheet is read.
 */
final readonly class PivotRows implements Aspect
{
    /** @param  list<array{Range, list<RowRun>}>  $pivots  each with its rows from the top */
    public function __construct(public array $pivots = [])
    {
    }

    public static function name(): string
    {
        return 'pivots';
    }

    public static function fromJson(mixed $data): static
    {
        /** @var list<array{string, list<array{int, int, string|null, float, string}>}> $data */
        $data = is_array($data) ? $data : [];

        return new self(array_map(fn (array $one) => [Range::parse($one[0]), array_map(RowRun::fromArray(...), $one[1])], $data));
    }

    /** @return list<array{string, list<array<int, mixed>>}>|null */
    public function toJson(): ?array
    {
        return $this->pivots === [] ? null
            : array_map(fn (array $one) => [(string) $one[0], array_map(fn (RowRun $run) => $run->toArray(), $one[1])], $this->pivots);
    }

    /** A sort reaches no pivot table: its rows are in the order of its definition. */
    public function moved(Shift|RowOrder $move): static
    {
        if ($move instanceof RowOrder) {
            return $this;
        }
        $moved = [];
        foreach ($this->pivots as [$range, $runs]) {
            $there = $move->range($range);
            if ($there !== null) {
                $moved[] = [$there, $move->rows ? self::along($runs, $move) : $runs];
            }
        }

        return new self($moved);
    }

    /**
     * @param  list<RowRun>  $runs
     * @return list<RowRun>
     */
    private static function along(array $runs, Shift $move): array
    {
        $moved = [];
        foreach ($runs as $run) {
            $at = $move->stretch($run->first, $run->last);
            $at === null || $moved[] = $run->over(...$at);
        }

        return $moved;
    }

    public function over(Reading $found): Reading
    {
        foreach ($this->pivots as [$range, $runs]) {
            $table = $found->tableAt($range->top, $range->left);
            $found = $table === null ? $found : $found->replace($table, $table->overlaid($runs));
        }

        return $found;
    }
}
