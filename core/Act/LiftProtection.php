<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Guard\Exception\GuardIsWrong;
use Rilvet\Guard\Protection;
use Rilvet\Work\Workbook;

/** Lifts the protection of a sheet, with its password where it has one. */
final readonly class LiftProtection implements Act
{
    public function __construct(private int $sheet, private string $password)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        $sheet->setup->tab->protected || throw GuardIsWrong::notProtected($sheet->name);
        $what = "the sheet \"$sheet->name\"";
        $own = $sheet->aspect(Protection::class)->password;
        $own === null || $own->isVerifiedBy($this->password, $what) || throw GuardIsWrong::wrongPassword($what);

        return $workbook->withSheet($this->sheet, $sheet->protecting(false, new Protection));
    }

    public function reach(): Reach
    {
        return Reach::whole($this->sheet);
    }

    public function words(Workbook $workbook): string
    {
        return 'Protection lifted, '.$workbook->sheet($this->sheet)->name;
    }
}
