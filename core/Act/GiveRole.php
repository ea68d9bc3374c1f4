<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Guard\Role;
use Rilvet\Guard\SheetRole;
use Rilvet\Work\Workbook;

/** Says what sheets are for; without a role that is read again. */
final readonly class GiveRole implements Act
{
    /**
     * @param  non-empty-list<int>  $sheets
     * @param  string|null  $purpose  in a person's own words; null leaves it
     */
    public function __construct(private array $sheets, private ?Role $role, private ?string $purpose = null)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        foreach ($this->sheets as $number) {
            $sheet = $workbook->sheet($number);
            $now = $sheet->aspect(SheetRole::class);
            $role = new SheetRole($this->role, trim($this->purpose ?? $now->purpose), $now->isMade);
            $workbook = $workbook->withSheet($number, $sheet->withAspects($role));
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

        return ($this->role === null ? 'Role read from what the sheet holds' : "Role: {$this->role->words()}").", $where";
    }
}
