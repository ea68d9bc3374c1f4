<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Closure;
use Rilvet\Stylebook\Stylebook;
use Rilvet\Work\Workbook;

/** Changes the named looks and colours of a workbook itself; sheets that wear a look follow. */
final readonly class ReviseOwn implements Act, ChangesSizes
{
    /** @param  Closure(Stylebook): ReviseStylebook  $make  from what the workbook has now */
    public function __construct(private Closure $make, private string $said)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $own = $workbook->own ?? Stylebook::own();
        $revised = ($this->make)($own);
        $wearers = $revised->wearers;
        foreach ($workbook->sheets as $number => $sheet) {
            // A look of the same name in a stylebook is another one.
            if ($wearers !== null && $sheet->isOwn($wearers->name)) {
                $workbook = $workbook->withSheet($number, $wearers->on($sheet, $workbook->looks));
            }
        }

        return $workbook->owning($revised->stylebook);
    }

    public function changesSizes(): bool
    {
        return true;
    }

    public function words(Workbook $workbook): string
    {
        return "{$this->said}, in this workbook";
    }
}
