<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Act\Exception\SheetIsClosed;
use Rilvet\Guard\Allowance;
use Rilvet\Guard\Password;
use Rilvet\Guard\Protection;
use Rilvet\Work\Workbook;

/** Protects sheets: what is locked stays as it is until the protection is lifted. */
final readonly class ProtectSheet implements Act
{
    /**
     * @param  non-empty-list<int>  $sheets
     * @param  list<Allowance>  $allowed
     * @param  Password|null  $password  hashed already: it is worked out once, and is never kept itself
     */
    public function __construct(private array $sheets, private array $allowed, private ?Password $password)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            // What somebody protected by a password is not protected anew without it.
            if ($sheet->setup->tab->protected && $sheet->aspect(Protection::class)->password !== null) {
                throw SheetIsClosed::byPassword($sheet->name);
            }
            $workbook = $workbook->withSheet($number, $sheet->protecting(true, new Protection($this->allowed, $this->password, true)));
        }

        return $workbook;
    }

    public function reach(): Reach
    {
        return Reach::whole(...$this->sheets);
    }

    public function words(Workbook $workbook): string
    {
        $where = count($this->sheets) === 1 ? $workbook->sheet($this->sheets[0])->name : count($this->sheets).' sheets';

        return "Protected, $where";
    }
}
