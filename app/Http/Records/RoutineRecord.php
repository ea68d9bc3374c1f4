<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Bench\Routines;
use App\Models\Routine as RoutineRow;

/** A routine of the shelf. */
final readonly class RoutineRecord
{
    /**
     * @param  bool  $wantsData  it brings newer data in
     * @param  list<StepRecord>  $steps
     */
    public function __construct(public int $id, public string $name, public bool $wantsData, public array $steps)
    {
    }

    public static function of(RoutineRow $row): self
    {
        $routine = Routines::of($row);

        return new self($row->id, $row->name, $routine->wantsData(), array_map(StepRecord::of(...), $routine->steps));
    }
}
