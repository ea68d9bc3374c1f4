<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Closure;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;

/** Changes the named looks and colours of a workbook itself; sheets that wear a look follow. */
final readonly class ReviseOwn implements Act
{
    /**
     * @param  Closure(Stylebook): ReviseStylebook  $make  from what the workbook has now
     * @param  list<int>  $sheets  all of the workbook; none for what changes no cell
     */
    public function __construct(private Closure $make, private string $said, private array $sheets)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $revised = ($this->make)($workbook->own ?? Stylebook::own());
        $wearers = $revised->wearers;
        $sheets = [];
        foreach ($workbook->sheets as $number => $was) {
            // A look of the same name in a stylebook is another one.
            $isWearer = $wearers !== null && $was->isOwn($wearers->name);
            $sheet = ($isWearer ? $wearers->on($was, $workbook->looks) : $was)->knowing($revised->stylebook);
            // What wears nothing that says something else now stays the sheet that it was, and nothing of it is fitted again.
            $sheets[$number] = ! $isWearer && $sheet->saysNamed($was) ? $was : $sheet;
        }

        return $workbook->owning($revised->stylebook, $sheets);
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        return "{$this->said}, in this workbook";
    }
}
