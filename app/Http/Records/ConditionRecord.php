<?php

declare(strict_types=1);

namespace App\Http\Records;

use Rilvet\Look\Look;
use Rilvet\Window\WindowMark;

/** A conditional look as a list shows it, and as a sentence completes it. */
final readonly class ConditionRecord
{
    /**
     * @param  int  $place  in the order of its sheet, from 1
     * @param  string  $subject  of what the sentence says something
     * @param  string  $where  where it holds, in words and addresses
     * @param  string  $cells  its cells, as they are now
     * @param  bool  $onCells  it holds on those cells, and on nothing else
     * @param  string|null  $column  a cell of its column, where it holds on one
     * @param  list<string>  $values  as people write them
     * @param  list<ScalePointRecord>  $scale
     * @param  list<WindowMark>  $marks  of each step, the lowest first
     * @param  int  $worn  cells that wear it now
     * @param  bool  $counted  all of them were asked; else there may be more
     * @param  string  $cost  what it takes to know it
     * @param  string|null  $trouble  what is wrong with it
     * @param  bool  $idle  taking it out changes nothing that is seen
     * @param  string|null  $told  by what it is told apart without its colour
     * @param  bool  $ofStylebook  it is a rule of the stylebook that the sheet wears
     */
    public function __construct(
        public string $id,
        public int $sheet,
        public string $name,
        public int $place,
        public string $sentence,
        public string $subject,
        public string $where,
        public string $cells,
        public bool $onCells,
        public ?string $column,
        public ?string $part,
        public ?string $kind,
        public ?string $heading,
        public string $is,
        public array $values,
        public int $count,
        public bool $percent,
        public int $deviations,
        public bool $orEqual,
        public ?string $period,
        public Look $look,
        public array $scale,
        public ?string $bar,
        public ?string $below,
        public ?string $set,
        public array $marks,
        public bool $stops,
        public bool $on,
        public int $worn,
        public bool $counted,
        public string $cost,
        public ?string $trouble,
        public bool $idle,
        public ?string $told,
        public bool $ofStylebook,
    ) {
    }
}
