<?php

declare(strict_types=1);

namespace Rilvet\Act;

use Rilvet\Entry\EntryChecks;
use Rilvet\Entry\Exception\EntryIsWrong;
use Rilvet\Work\Workbook;

/** Takes checks on entry out. */
final readonly class DropEntries implements Act
{
    /** @param  non-empty-list<string>  $ids */
    public function __construct(private int $sheet, private array $ids)
    {
    }

    public function on(Workbook $workbook): Workbook
    {
        $sheet = $workbook->sheet($this->sheet);
        Targets::open($sheet);
        $all = $sheet->aspect(EntryChecks::class);
        foreach ($this->ids as $id) {
            $all->one($id) ?? throw EntryIsWrong::noSuch($id);
        }

        return $workbook->withSheet($this->sheet, $sheet->withAspects($all->without(...$this->ids)));
    }

    public function reach(): Reach
    {
        return Reach::on($this->sheet)->sizing();
    }

    public function words(Workbook $workbook): string
    {
        $count = count($this->ids);

        return ($count === 1 ? 'Check on entry taken out, ' : "$count checks on entry taken out, ").$workbook->sheet($this->sheet)->name;
    }
}
